// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "core/shaping/stage_info.h"

#include <algorithm>
#include <initializer_list>
#include <string>

/// What stages share that make an axis of something else.
namespace jolly
{

/// The parameter that says where the axis rests: in the middle or at its low end.
[[nodiscard]] inline ChoiceField restField()
{
    return {"rests",
            words("the axis rests"),
            {words("rests in the middle"), words("rests at its low end")}};
}

/// Takes the lower limit along when an axis rests elsewhere: one that rests at its low end goes no
/// lower, and one that went down to there goes down to its end again.
inline void fitLimits(Sides before, Sides now, double& lowest)
{
    if (now == Sides::One) lowest = std::max(lowest, 0.0);
    if (before == Sides::One && now == Sides::Two && lowest == 0.0) lowest = -1.0;
}

/// What is wrong with values of an axis that rests there; empty when nothing is.
[[nodiscard]] inline Sentence complaintBelowRest(Sides rests, std::initializer_list<double> values)
{
    const bool isBelow = std::ranges::any_of(values, [](double value) { return value < 0.0; });
    if (rests == Sides::Two || !isBelow) return {};
    return words("an axis that rests at its low end has no values below 0");
}

}  // namespace jolly
