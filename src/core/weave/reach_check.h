// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "core/tangle/problem.h"
#include "core/tangle/tangle.h"

namespace jolly
{

/// Strands that lead an axis to one which rests elsewhere than it does, so that a hand off the
/// controls is no rest for the game.
[[nodiscard]] Problems findSidesProblems(const Tangle& tangle);

/// Strands whose axis, through all their stages, covers no more than a little over half of the
/// travel of the axis at which they end.
[[nodiscard]] Problems findHalfReaches(const Tangle& tangle);

/// Virtual controls that have a function, but no strand.
[[nodiscard]] Problems findUnfed(const Tangle& tangle);

}  // namespace jolly
