// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "core/tangle/tangle.h"
#include "core/value/time.h"

namespace jolly::test
{

inline constexpr Time kMs = std::chrono::milliseconds(1);

inline constexpr ControlCode kX{EventType::Abs, 0x00};
inline constexpr ControlCode kY{EventType::Abs, 0x01};
inline constexpr ControlCode kThrottle{EventType::Abs, 0x06};
inline constexpr ControlCode kHat{EventType::Abs, 0x10};
inline constexpr ControlCode kTrigger{EventType::Key, 0x120};
inline constexpr ControlCode kThumb{EventType::Key, 0x121};
inline constexpr ControlCode kToggle{EventType::Key, 0x122};
inline constexpr ControlCode kDial{EventType::Rel, 0x07};

[[nodiscard]] inline VirtualControl axis(std::uint16_t n)
{
    return {ControlKind::Axis, n};
}
[[nodiscard]] inline VirtualControl button(std::uint16_t n)
{
    return {ControlKind::Button, n};
}
[[nodiscard]] inline VirtualControl hat(std::uint16_t n)
{
    return {ControlKind::Hat, n};
}

/// One stick as the rig knows it: X and Y two-sided, throttle one-sided, all -1000..1000 or
/// 0..1000, two pushes, one switch, a hat and a dial.
[[nodiscard]] RigController smallStick(const std::string& id = "stick");

/// The same stick as a world describes it.
[[nodiscard]] ControllerDescription describe(const RigController& controller);

/// The small stick, one virtual joystick "jolly" (4 axes, axis 3 one-sided; 8 buttons; a hat) and
/// no strand.
[[nodiscard]] Tangle smallTangle();

/// A strand of the small tangle, named after its place in the list.
Strand& addStrand(Tangle& tangle, ControlCode from, VirtualControl to,
                  std::vector<Stage> stages = {});

}  // namespace jolly::test
