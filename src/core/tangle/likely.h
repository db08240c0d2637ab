// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "core/tangle/controller.h"

namespace jolly
{

/// The likely kind of a controller: from plain words in its name ("pedals", "wheel"), else from
/// what it has. What the world knows already (gamepad, keyboard, pointer) stays.
[[nodiscard]] ControllerKind likelyKind(const ControllerDescription& description);

/// Whether an axis of a controller of that kind likely rests in the middle or at its low end.
[[nodiscard]] Sides likelySides(const ControllerDescription& description, ControllerKind kind,
                                ControlCode axis);

}  // namespace jolly
