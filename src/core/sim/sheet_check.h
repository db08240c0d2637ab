// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "core/tangle/problem.h"
#include "core/tangle/tangle.h"

namespace jolly
{

/// Limits of a sheet that no tangle can meet, such as one that sees no device.
[[nodiscard]] Problems findImpossibleLimits(const SimSheet& sheet, const std::string& path);

/// What of the tangle its sim will not take, by the sheet that is chosen for it; nothing when none
/// is. Places of one kind on one device are one problem.
[[nodiscard]] Problems findSheetProblems(const Tangle& tangle);

}  // namespace jolly
