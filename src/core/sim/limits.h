// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "core/tangle/tangle.h"

#include <cstdint>
#include <vector>

namespace jolly
{

/// Whether a sim with this sheet looks at devices of this kind at all.
[[nodiscard]] bool looksAt(const SimSheet& sheet, const VirtualDevice& device) noexcept;

/// The highest number of a control that a device of this kind can have and the sheet's sim takes.
[[nodiscard]] std::uint16_t mostOf(const SimSheet& sheet, VirtualKind device,
                                   ControlKind control) noexcept;

/// The virtual controls of joysticks and gamepads at which strands end, each once, by device and
/// number.
[[nodiscard]] std::vector<Target> usedPlaces(const Tangle& tangle);

}  // namespace jolly
