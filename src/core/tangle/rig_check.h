// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "core/tangle/problem.h"
#include "core/tangle/tangle.h"

namespace jolly
{

/// What is wrong with what a tangle says of its rig: calibrations and notches out of order are
/// errors, switches that name buttons which are not there a warning.
[[nodiscard]] Problems findRigProblems(const Tangle& tangle);

}  // namespace jolly
