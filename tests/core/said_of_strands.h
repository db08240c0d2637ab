// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "core/weave/weave.h"

#include <string>
#include <vector>

namespace jolly::test
{

/// What is wrong with the strands of a tangle, in sentences; not what is of its devices.
[[nodiscard]] inline std::vector<std::string> saidOfStrands(const Tangle& tangle)
{
    std::vector<std::string> sentences;
    for (const auto& problem : findProblems(tangle)) {
        if (problem.path.starts_with("/strands")) sentences.push_back(problem.sentence.english());
    }
    return sentences;
}

}  // namespace jolly::test
