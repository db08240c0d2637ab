// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "core/tangle/stage.h"

#include <string>

namespace jolly
{

/// What is wrong with a stage's parameters, each alone or taken together, as the end of a sentence;
/// empty when nothing is. Such a stage cannot run.
[[nodiscard]] Sentence complaintOf(const StageParameters& parameters);

}  // namespace jolly
