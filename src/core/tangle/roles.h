// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "core/tangle/rig.h"

#include <span>
#include <string>
#include <string_view>

namespace jolly
{

/// What a control may be for. The pilot may write any other role; these are offered.
struct Role {
    Words name;
    ControlKind kind;
    Words more;  ///< of an axis: the hand's way to a higher value, as most hardware is
};

[[nodiscard]] std::span<const Role> knownRoles();

/// The role of that name; null when it is the pilot's own.
[[nodiscard]] const Role* findRole(std::string_view name);

/// The word for the other way: "back" for "forward"; empty when there is none.
[[nodiscard]] std::string_view oppositeOf(std::string_view way);

/// The ways that are offered for an axis.
[[nodiscard]] std::span<const Words> knownWays();

/// What a control is for and which way is more, for reading: "left power lever, forward is more";
/// empty when neither is known, and without the role where that is its name anyway.
[[nodiscard]] Sentence natureOf(const RigControl& control);

/// Where the hand is, in the control's own words: "forward", "left"; empty at rest and where no
/// word is known.
[[nodiscard]] std::string_view wayOf(const RigControl& control, double value);

}  // namespace jolly
