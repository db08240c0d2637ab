// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "ports/world.h"

#include <cstdint>
#include <memory>
#include <vector>

namespace jolly
{

/// A virtual device that is read back, and where its controls begin in the live block.
struct GameSeat {
    std::unique_ptr<GameReader> reader;
    std::uint32_t firstSlot = 0;
    std::vector<ControlKind> kinds;  ///< of its controls
};

/// All that can be read back now.
struct GameSeats {
    std::vector<GameSeat> seats;
    bool areAll = true;  ///< false: some device cannot be read, or not yet
};

}  // namespace jolly
