// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "core/tangle/tangle.h"

#include <string>
#include <vector>

namespace jolly
{

/// What the second tangle has otherwise than the first, a sentence each: what is new, what is gone,
/// what was changed, by the pilot's own names. Empty when they are the same.
[[nodiscard]] std::vector<Sentence> differenceInWords(const Tangle& first, const Tangle& second);

}  // namespace jolly
