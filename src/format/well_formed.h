// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "core/tangle/problem.h"

#include <string_view>

namespace jolly::format
{

/// Whether a text is JSON that can be read without losing anything: well-formed, no name twice in
/// one object, no deeper than any of our files. Each problem has its line and column.
[[nodiscard]] Problems findJsonProblems(std::string_view text);

}  // namespace jolly::format
