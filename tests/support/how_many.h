// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include <cstdlib>

namespace jolly::test
{

/// How much of something a test does: what an environment variable asks for, else the usual.
[[nodiscard]] inline long howMany(const char* variable, long usual)
{
    const char* wanted = std::getenv(variable);
    return wanted ? std::atol(wanted) : usual;
}

}  // namespace jolly::test
