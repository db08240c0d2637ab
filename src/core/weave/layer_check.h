// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "core/tangle/problem.h"
#include "core/tangle/tangle.h"

namespace jolly
{

/// What is wrong with the stack of layers and its rules: too many, what is needed and is not there,
/// circles, layers that nothing engages, strands in the place of one that is gone.
void findLayerProblems(const Tangle& tangle, Problems& problems);

}  // namespace jolly
