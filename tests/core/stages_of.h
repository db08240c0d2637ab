// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "core/tangle/stage_run.h"

#include <utility>
#include <vector>

namespace jolly
{

/// Stages of any kinds in a list. (Compilers take minutes for an initialiser list of them.)
template <class... Kind>
std::vector<StageParameters> stagesOf(Kind... kind)
{
    std::vector<StageParameters> stages;
    (stages.emplace_back(std::move(kind)), ...);
    return stages;
}

}  // namespace jolly
