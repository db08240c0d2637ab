// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "core/tangle/tangle.h"

#include <string>
#include <vector>

namespace jolly
{

/// Whether a stage is how an axis feels, and can be given to another axis. The others say what the
/// axis is for, or name other controls: they stay with their strand.
[[nodiscard]] bool isFeel(const Stage& stage);

/// The stages of a strand that are its feel, in order.
[[nodiscard]] std::vector<Stage> feelOf(const Strand& strand);

/// Gives a strand another feel: those stages take the place of its own that are feel, where the
/// first of them stands, or come last when it has none.
void giveFeel(Strand& strand, const std::vector<Stage>& feel);

/// Makes each strand in `strands` (ids) feel like the first one and share its shape from now on: an
/// edit of one changes all. A strand that shared another shape leaves that.
void shareShape(Tangle& tangle, const std::vector<std::string>& strands);

/// Lets a strand have a shape of its own again; the shape of a last one alone is no more.
void ownShape(Tangle& tangle, const std::string& strand);

/// The names of the other strands with which a strand shares its shape.
[[nodiscard]] std::vector<std::string> sharersOf(const Tangle& tangle, const Strand& strand);

/// Keeps shared shapes alike: what an edit did to the feel of one strand is done to all that share
/// its shape. @param before  the tangle before the edit.
void keepShapes(const Tangle& before, Tangle& tangle);

/// The strand that begins at the other axis of a stage for a pair of axes, in the same layer and
/// craft; null when there is none.
[[nodiscard]] const Strand* partnerOf(const Tangle& tangle, const Strand& strand,
                                      const StageParameters& stage);

/// What the partner of a strand needs to be judged together with it: the same stage, with the
/// strand's own axis as the other one.
[[nodiscard]] StageParameters turnedRound(StageParameters stage, const Strand& strand);

[[nodiscard]] bool hasStage(const Strand& strand, const StageParameters& stage);

/// Gives a strand a stage for a pair of axes in place of the one with the same other axis, or first
/// of its stages.
void giveTwin(Strand& strand, const StageParameters& stage);

/// Keeps the feel of a strand in the library under a name, in place of one that had it.
void keepFeel(Tangle& tangle, const Strand& strand, const std::string& name);

}  // namespace jolly
