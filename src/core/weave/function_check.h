// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "core/tangle/problem.h"
#include "core/tangle/tangle.h"

namespace jolly
{

/// Virtual controls, strands and craft that name a function which the tangle does not have.
[[nodiscard]] Problems findLostFunctions(const Tangle& tangle);

}  // namespace jolly
