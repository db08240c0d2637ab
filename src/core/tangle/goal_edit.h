// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "core/tangle/tangle.h"
#include "core/value/result.h"

#include <optional>
#include <string>

/// Edits of where the outlets of a strand lead.
namespace jolly
{

/// Leads an end of an outlet to a goal, or gives the outlet an end that leads there. Refuses with a
/// sentence, and changes nothing, when what leaves the outlet cannot lead there.
/// @param end  place of an end of that outlet; empty for one more. @return its place.
[[nodiscard]] Result<std::size_t> leadOutlet(Tangle& tangle, const std::string& strand,
                                             const std::string& outlet,
                                             std::optional<std::size_t> end, const Goal& goal);

/// How a strand presses a goal that it is led to, unless the pilot says otherwise. Keys of a switch
/// that stays where it is are pulses: held, they would be down in whatever window has the focus.
[[nodiscard]] How usualHow(const Tangle& tangle, const Strand& strand, const Goal& goal);

/// Takes an end away; what it led to is free then.
void removeEnd(Tangle& tangle, const std::string& strand, std::size_t end);

/// Lets an end move all of its axis, or a half. An axis of which halves are moved rests in the
/// middle; strands that meet on its halves add up there, unless it says otherwise already. Refuses
/// with a sentence, and changes nothing, where it cannot rest there.
[[nodiscard]] Fallible setPart(Tangle& tangle, const std::string& strand, std::size_t end,
                               Part part);

/// The id of a virtual keyboard; one is added where there is none.
[[nodiscard]] std::string keyboardOf(Tangle& tangle);

}  // namespace jolly
