// SPDX-License-Identifier: GPL-3.0-or-later
#include "core/hats/hat_turn.h"

#include <cmath>

namespace jolly
{

std::string HatTurn::complaint() const
{
    return steps == std::floor(steps) ? std::string() : "it turns by whole steps only";
}

std::string HatTurn::summary() const
{
    return "by " + std::to_string(std::lround(steps * 45.0)) + "°";
}

}  // namespace jolly
