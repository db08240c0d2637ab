// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "core/tangle/stage.h"

/// What can be done to a stage in a plot of it, whatever its kind; kinds that have nothing of it
/// are left as they are.
namespace jolly
{

/// What can be taken hold of in a stage that gets values like `input`; nothing while it has a
/// complaint.
[[nodiscard]] std::vector<PlotHandle> handlesOf(const StageParameters& stage,
                                                const StageInput& input);

/// Moves a handle towards `to`, in the stage's own terms, as far as the stage allows.
void moveHandle(StageParameters& stage, std::size_t part, CurvePoint to, const StageInput& input);

/// Whether points can be added to it and taken out in its plot.
[[nodiscard]] bool takesPoints(const StageParameters& stage);

/// @return whether there is room for it.
bool addPoint(StageParameters& stage, CurvePoint at);

/// @return whether enough are left.
bool removePoint(StageParameters& stage, std::size_t point);

/// Makes a stage one for an axis of such sides, before it is put there.
void fit(StageParameters& stage, Sides sides);

/// Lets what is pressed by an axis be let go no nearer than `amount` beyond where it is pressed.
void holdBeyond(StageParameters& stage, double amount);

/// Whether both halves are shaped alike was changed: what it is shaped by follows.
void mirror(StageParameters& stage, Sides sides);

}  // namespace jolly
