// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "core/tangle/tangle.h"

#include <cstdint>
#include <string>
#include <string_view>
#include <vector>

namespace jolly
{

/// One control of a virtual device as the kernel will carry it. Counts concern axes only.
struct VirtualSlot {
    VirtualControl control;
    ControlCode code;  ///< a hat: its left-right half
    std::int32_t low = 0;
    std::int32_t high = 1;
    Sides sides = Sides::Two;
};

/// The largest virtual joystick that every reader we know numbers alike: what they count, in which
/// order, is in docs/virtual-devices.md.
inline constexpr std::uint16_t kMostAxes = 8;
inline constexpr std::uint16_t kMostButtons = 126;
inline constexpr std::uint16_t kMostHats = 4;
inline constexpr std::uint16_t kFewestAxes = 2;
inline constexpr std::uint16_t kFewestButtons = 2;

/// Codes and ranges of all controls of a device, axes first, then buttons, then hats, each in the
/// order in which games number them. Numbers beyond the limits are left out.
[[nodiscard]] std::vector<VirtualSlot> layoutOf(const VirtualDevice& device);

/// What games tend to call the axis: "X" .. "Rz", "Throttle", "Rudder"; empty beyond the last.
[[nodiscard]] std::string_view axisName(VirtualKind kind, std::uint16_t number) noexcept;

/// Why readers would take a device of this shape for something else, as a sentence with its cure;
/// empty when they would not.
[[nodiscard]] std::string shapeComplaint(const VirtualDevice& device);

}  // namespace jolly
