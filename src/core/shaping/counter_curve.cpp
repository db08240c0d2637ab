// SPDX-License-Identifier: GPL-3.0-or-later
#include "core/shaping/counter_curve.h"

#include "core/value/percent.h"

namespace jolly
{

Sentence CounterCurve::complaint() const
{
    if (auto wrong = answer().complaint(); !wrong.empty()) return wrong;
    for (std::size_t i = 1; i < points.size(); ++i) {
        if (points[i].out > points[i - 1].out) continue;
        return say(
            "a bend can only be undone where it rises, and the sim's answer at point %1, %2, is "
            "not above the one before; measure that point again or take it out",
            i + 1, percent(points[i].out));
    }
    return {};
}

Sentence CounterCurve::summary() const
{
    return say("undoes %1 points", points.size());
}

void CounterCurve::mirror(Sides sides)
{
    auto bend = answer();
    bend.mirror(sides);
    points = bend.points;
}

}  // namespace jolly
