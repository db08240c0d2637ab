// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "core/tangle/tangle.h"

#include <string>

/// Edits of a strand's stages. Its ends follow the outlets: an outlet keeps its ends by its name,
/// or by its place where none of the names is left or their number is the same; the ends of one
/// that is gone go with it, and a new one leads to the next free button.
namespace jolly
{

/// The last place of a strand where a stage gets what it takes, before one that forks; of one that
/// takes several kinds of controls, where an axis is.
[[nodiscard]] std::size_t placeFor(const Tangle& tangle, const Strand& strand,
                                   const StageParameters& stage);

/// Whether a stage gets what it takes somewhere along a strand, and gives what goes on there, or
/// what one of the strand's ends is.
[[nodiscard]] bool isUseful(const Tangle& tangle, const Strand& strand,
                            const StageParameters& stage);

/// Adds a stage at that place, made for the sides of what it gets there, or of what the strand
/// leads to where it makes an axis. What does not get what it takes any more goes: a strand has one
/// stage that makes buttons of its axis. A virtual axis that the strand alone leads to follows when
/// the strand rests elsewhere now; so it does with the two below.
void addStage(Tangle& tangle, const std::string& strand, StageParameters parameters);

/// Takes a stage out of a strand.
void removeStage(Tangle& tangle, const std::string& strand, std::size_t stage);

/// Gives a stage of a strand other parameters.
void setStage(Tangle& tangle, const std::string& strand, std::size_t stage,
              const StageParameters& parameters);

/// Lets the stages of a strand that make an axis of something else rest where it leads to: after
/// its ends, or where an axis rests, were changed.
void restWithGoals(Tangle& tangle, const std::string& strand);

}  // namespace jolly
