// SPDX-License-Identifier: GPL-3.0-or-later
#include "core/shaping/reach.h"

#include "core/value/percent.h"

namespace jolly
{

std::string Reach::complaint() const
{
    if (to - from >= kLeast) return {};
    return "\"from\" " + percent(from) + " and \"to\" " + percent(to) +
           " leave nothing of the travel; put \"to\" " + percent(kLeast) +
           " or more above \"from\"";
}

std::string Reach::summary() const
{
    return percent(from) + " to " + percent(to) + " of the travel";
}

Reach Reach::ofDegrees(double real, double wanted)
{
    if (wanted >= real) return {};
    const double part = wanted / real;
    return {(1.0 - part) / 2.0, (1.0 + part) / 2.0};
}

}  // namespace jolly
