// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "core/value/extra.h"

#include <cstdint>
#include <optional>
#include <string>
#include <vector>

namespace jolly
{

/// What one sim can take of the virtual devices, and how one binds controls in it. A limit that is
/// not told is none.
struct SimSheet {
    std::string name{};
    std::string note{};                         ///< for binding in it
    std::optional<std::uint16_t> devices{};     ///< that it sees
    std::optional<std::uint16_t> axes{};        ///< of each device
    std::optional<std::uint16_t> buttons{};     ///< of each device
    std::optional<std::uint16_t> hats{};        ///< of each device
    std::optional<std::uint16_t> allButtons{};  ///< of all devices together
    bool isGamepadOnly = false;                 ///< it sees gamepads, no joystick
    bool bendsAxes = false;                     ///< it bends axes by a curve of its own
    std::vector<std::string> keyOnly{};         ///< functions that it takes from a keyboard alone
    Extra extra{};

    friend bool operator==(const SimSheet&, const SimSheet&) = default;
};

}  // namespace jolly
