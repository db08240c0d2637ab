// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "core/layers/meanings.h"
#include "core/value/result.h"

/// Edits of craft and of what they inherit. A refusal is a sentence, and changes nothing.
namespace jolly
{

/// After an edit in a craft: what it changed of strands that the craft inherits becomes the craft's
/// own, standing instead of those, which are as they were before. What it took away is silenced
/// for this craft by a strand of its own that leads to nothing. Strands that are new in
/// Everywhere's Base are of the footing. A feel that an own strand shared is its own from then on.
/// @param after  the tangle after the edit, which is changed.
void keepInherited(const Tangle& before, Tangle& after, const Footing& footing);

/// What a craft has instead of an inherited strand is for all who inherit that one: it becomes like
/// the craft's own, which goes. A craft's own that stands instead of none moves to the parent.
/// @return the id of the strand that counts now.
[[nodiscard]] Result<std::string> giveToFamily(Tangle& tangle, const std::string& strand);

/// Takes a craft's own strand away, so that what it inherits counts again. Refuses in Everywhere.
[[nodiscard]] Fallible setBack(Tangle& tangle, const std::string& strand);

/// Lets a strand be of another craft. It stands instead of none there.
[[nodiscard]] Fallible moveToCraft(Tangle& tangle, const std::string& strand,
                                   const std::string& craft);

/// A new craft of a family, after its last. @return its id.
[[nodiscard]] Result<std::string> addCraft(Tangle& tangle, const std::string& name,
                                           const std::string& parent);

/// A copy of a craft with all that is its own, under another name. @return its id.
[[nodiscard]] Result<std::string> copyCraft(Tangle& tangle, const std::string& craft);

/// Takes a craft away with all that is its own; its children go to its parent, and what chose it is
/// silent. Refuses for Everywhere.
[[nodiscard]] Fallible removeCraft(Tangle& tangle, const std::string& craft);

/// Gives a craft another name, which no other craft has.
[[nodiscard]] Fallible renameCraft(Tangle& tangle, const std::string& craft,
                                   const std::string& name);

/// Lets a craft belong to another one; refuses what would go round in a ring.
[[nodiscard]] Fallible setParent(Tangle& tangle, const std::string& craft,
                                 const std::string& parent);

/// Chooses the sim that a craft is flown in; of Everywhere that is the tangle's own. None: as its
/// family has it, or no limit.
void setSheet(Tangle& tangle, const std::string& craft, const std::optional<SimSheet>& sheet);

}  // namespace jolly
