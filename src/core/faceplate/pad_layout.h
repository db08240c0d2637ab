// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "core/faceplate/plate.h"

#include <vector>

/// A gamepad is drawn as hands know it: triggers and shoulders on top, the left stick above the
/// cross, the right one below the four face buttons, the small buttons between them.
namespace jolly
{

/// Whether it tells its buttons by the kernel's codes for gamepads.
[[nodiscard]] bool hasPadButtons(const Plate& plate);

/// What stands on a button: "S" for the south one, "L1" and the like; empty for all others.
[[nodiscard]] Sentence padLetter(ControlCode button);

/// The drawings of all that has a place on a gamepad of that width, in pixels from `top`.
[[nodiscard]] std::vector<PlateItem> padItems(const Plate& plate, int width, int top);

/// Likewise of buttons and cross alone, where its axes are drawn otherwise.
[[nodiscard]] std::vector<PlateItem> padButtonItems(const Plate& plate, int width, int top);

}  // namespace jolly
