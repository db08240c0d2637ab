// SPDX-License-Identifier: GPL-3.0-or-later
#include "core/shaping/reach.h"

#include "core/value/percent.h"

#include <algorithm>

namespace jolly
{

Sentence Reach::complaint() const
{
    if (to - from >= kLeast) return {};
    return say(
        "\"from\" %1 and \"to\" %2 leave nothing of the travel; put \"to\" %3 or more above "
        "\"from\"",
        percent(from), percent(to), percent(kLeast));
}

Sentence Reach::summary() const
{
    return say("%1 to %2 of the travel", percent(from), percent(to));
}

Reach Reach::ofDegrees(double real, double wanted)
{
    if (wanted >= real) return {};
    const double part = wanted / real;
    return {(1.0 - part) / 2.0, (1.0 + part) / 2.0};
}

std::vector<PlotHandle> Reach::handles(const StageInput& input) const
{
    const double low = input.low();
    return {{words("reach from"), 0, {low + (1.0 - low) * from, low}},
            {words("reach to"), 1, {low + (1.0 - low) * to, 1.0}}};
}

void Reach::moveHandle(std::size_t part, CurvePoint place, const StageInput& input)
{
    const double at = (place.in - input.low()) / (1.0 - input.low());
    if (part == 0) from = std::clamp(at, 0.0, to - kLeast);
    if (part == 1) to = std::clamp(at, from + kLeast, 1.0);
}

}  // namespace jolly
