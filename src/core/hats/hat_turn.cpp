// SPDX-License-Identifier: GPL-3.0-or-later
#include "core/hats/hat_turn.h"

#include <cmath>

namespace jolly
{

Sentence HatTurn::complaint() const
{
    return steps == std::floor(steps) ? Words() : words("it turns by whole steps only");
}

Sentence HatTurn::summary() const
{
    return say("by %1°", std::lround(steps * 45.0));
}

}  // namespace jolly
