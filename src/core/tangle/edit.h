// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "core/tangle/tangle.h"
#include "core/value/result.h"

#include <functional>
#include <string>

namespace jolly
{

/// A tangle to begin with: one virtual joystick, nothing woven.
[[nodiscard]] Tangle newTangle();

/// A name that nothing in the tangle has: `stem` and the next free number.
[[nodiscard]] std::string freshId(const Tangle& tangle, const std::string& stem);

/// A name as an id: "Skerry Stick" as "skerry-stick".
/// @param none  the id of a name without letters and digits.
[[nodiscard]] std::string slugOf(const std::string& name, const std::string& none);

/// slugOf() a name, with a number behind it when that is taken.
[[nodiscard]] std::string freshIdFor(const Tangle& tangle, const std::string& name,
                                     const std::string& none);

/// What the rig will know of a controller that it does not know yet: id and alias are free, kinds
/// and sides are guessed from the codes.
[[nodiscard]] RigController adopt(const ControllerDescription& description, const Tangle& tangle);

/// Makes the rig's entry of a controller what is given; adds it when the rig does not know it.
void putIntoRig(Tangle& tangle, const RigController& controller);

/// The part of a side around rest that the strand's first dead zone covers; 0 when it has none.
[[nodiscard]] double coverOfRest(const Strand& strand);

/// Gives every strand that begins at an axis a dead zone of at least `amount`, a part of a side in
/// [0, DeadZone::kMost], around the axis' rest: the first dead zone it has grows, else one comes
/// before its other stages.
void coverRest(Tangle& tangle, const Source& axis, double amount);

/// Weaves a strand from a control to a virtual control, taking the controller into the rig when it
/// is not there. The first strand that ends at a virtual axis lets it rest where its control does.
/// Between controls of two kinds comes the first kind of stage that makes the one of the other;
/// what that has more outlets leads to the next free controls. Fails with a sentence when the two
/// do not fit; the tangle is as it was then.
/// @return the id of the new strand.
[[nodiscard]] Result<std::string> connect(Tangle& tangle, const RigController& controller,
                                          ControlCode control, const Target& target);

/// connect(), in the place of all strands that end there: their ends go, and with them a strand
/// that leads nowhere else. @param mayGo  whether that is to be asked of a strand; empty for all.
[[nodiscard]] Result<std::string> connectInstead(
    Tangle& tangle, const RigController& controller, ControlCode control, const Target& target,
    const std::function<bool(const Strand&)>& mayGo = {});

/// Whether a strand goes one way only, as a pedal, a trigger or a key does, so that two of its like
/// can be one axis: one each way.
[[nodiscard]] bool goesOneWay(const Tangle& tangle, const Strand& strand, const Target& axis);

/// connect(), as the other way of a strand that leads to that axis: the first one moves its lower
/// half from now on, the new one the upper. The axis rests in the middle. Fails with a sentence
/// when one of them goes both ways; the tangle is as it was then.
[[nodiscard]] Result<std::string> connectOtherWay(Tangle& tangle, const std::string& first,
                                                  const RigController& controller,
                                                  ControlCode control, const Target& axis);

/// Lets a strand begin at another control of the same kind, taking the controller into the rig when
/// it is not there. Fails with a sentence when the kinds differ or the strand is gone; the tangle
/// is as it was then.
[[nodiscard]] Fallible beginAt(Tangle& tangle, const std::string& strand,
                               const RigController& controller, ControlCode control);

/// A copy of a strand under its own id, after it. @return the new id; empty when there is no such
/// strand.
std::string duplicate(Tangle& tangle, const std::string& strand);

/// A slice is let go no less than this beyond its edge.
inline constexpr double kLeastHeld = 0.01;

/// How far beyond its edge a slice of an axis is let go, so that it never flickers: three times the
/// jitter that the calibration measured, at least kLeastHeld; in parts of the axis' value.
[[nodiscard]] double heldBeyond(const RigControl& axis);

}  // namespace jolly
