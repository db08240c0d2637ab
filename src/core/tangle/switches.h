// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "core/digital/switch_place.h"
#include "core/tangle/tangle.h"
#include "core/value/result.h"

#include <functional>
#include <optional>
#include <vector>

namespace jolly
{

/// The switch that one button makes alone: it reports one side, the other side is no button.
[[nodiscard]] RigSwitch twoPositions(ControlCode button);

/// Up and down report a button each, the middle none. `down` may be chosen later.
[[nodiscard]] RigSwitch threePositions(ControlCode up, std::optional<ControlCode> down);

/// One position for each of the buttons.
[[nodiscard]] RigSwitch selectorOf(const std::vector<ControlCode>& buttons);

/// Makes a switch of a controller what is given, or adds it, and gives its buttons the kind that
/// fits. Refuses with a sentence, and changes nothing: fewer than two positions, a position without
/// a name, two without a button, a button that is not there or belongs to another switch.
/// @param place  of the switch to change; empty to add one. @return its place.
[[nodiscard]] Result<std::size_t> putSwitch(RigController& controller,
                                            std::optional<std::size_t> place,
                                            const RigSwitch& made);

/// Takes a switch apart: its buttons are switches of their own again.
void takeApart(RigController& controller, std::size_t place);

/// The position that a switch is in: that of the pressed button, else the one without a button.
/// Empty when none fits.
[[nodiscard]] std::optional<std::size_t> positionOf(
    const RigSwitch& of, const std::function<bool(ControlCode)>& isPressed);

/// The positions of the switch to which a button belongs; of a button that belongs to none, pressed
/// and not.
[[nodiscard]] SwitchPlaces placesOf(const Tangle& tangle, const Source& button);

}  // namespace jolly
