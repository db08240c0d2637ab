// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "core/weave/weave.h"

namespace jolly
{

/// Strands that lead an axis to one which rests elsewhere than it does, so that a hand off the
/// controls is no rest for the game.
[[nodiscard]] Problems findSidesProblems(const StrandFindings& strands);

/// Strands whose axis, through all their stages, covers no more than a little over half of the
/// travel of the axis at which they end.
[[nodiscard]] Problems findHalfReaches(const StrandFindings& strands);

/// Virtual controls that have a function, but no strand.
[[nodiscard]] Problems findUnfed(const Tangle& tangle);

}  // namespace jolly
