// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "core/tangle/tangle.h"

#include <cstdint>
#include <optional>
#include <string>
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

    friend bool operator==(const VirtualSlot&, const VirtualSlot&) = default;
};

/// What a virtual joystick can have. Not every reader sees the last of them: shape_check.h says
/// which, and game_numbers.h by which numbers. Why these codes: docs/virtual-devices.md.
inline constexpr std::uint16_t kMostAxes = 11;
inline constexpr std::uint16_t kMostButtons = 128;
inline constexpr std::uint16_t kMostHats = 4;

/// What every known reader sees.
inline constexpr std::uint16_t kSafeAxes = 8;
inline constexpr std::uint16_t kSafeButtons = 126;
inline constexpr std::uint16_t kSafeHats = 1;
inline constexpr std::uint16_t kFewestAxes = 2;
inline constexpr std::uint16_t kFewestButtons = 2;

/// A control of a keyboard is named by the kernel's key code: "button 30" is the key A.
inline constexpr std::uint16_t kLastKey = 248;

/// More controls than this no device has.
inline constexpr std::uint16_t kMostSlots = 256;

/// Codes and ranges of all controls of a device, axes first, then buttons, hats and turners, each
/// in the order in which games number them. Numbers beyond the limits are left out.
[[nodiscard]] std::vector<VirtualSlot> layoutOf(const VirtualDevice& device);

/// Where an axis of a device rests: as its settings say, but for the triggers of a gamepad, which
/// rest at their low end.
[[nodiscard]] Sides sidesOf(const VirtualDevice& device, VirtualControl axis);

/// Whether an axis of a device can rest in the middle.
[[nodiscard]] bool mayRestInMiddle(const VirtualDevice& device, VirtualControl axis);

/// A wheel that has to turn with another, and how many of its counts go with one of that.
struct OtherWheel {
    VirtualControl wheel;
    double scale = 1.0;
};

/// A pointer has each wheel twice, coarse and fine, and whoever reads it may look at either alone:
/// 120 fine counts are a notch (the kernel's Documentation/input/event-codes.rst).
[[nodiscard]] std::optional<OtherWheel> otherWheelOf(VirtualControl wheel,
                                                     const VirtualDevice& device);

/// What a gamepad calls the control of that code, a real one and ours alike: "left trigger"; empty
/// for those that it does not have.
[[nodiscard]] Words gamepadName(ControlCode control) noexcept;

/// What one calls the control: "Rz", "button 21", "key A", "left trigger", "wheel".
[[nodiscard]] Sentence nameOf(const VirtualDevice& device, VirtualControl control);

}  // namespace jolly
