// SPDX-License-Identifier: GPL-3.0-or-later
#include "core/shaping/dead_zone.h"

#include "core/value/percent.h"

namespace jolly
{

namespace
{

/// `v` in [0, 1] from rest to the end of one side.
double shapeSide(double v, double atRest, double atEnd) noexcept
{
    if (v <= atRest) return 0.0;
    if (v >= 1.0 - atEnd) return 1.0;
    return (v - atRest) / (1.0 - atRest - atEnd);
}

}  // namespace

std::string DeadZone::complaint() const
{
    const auto tooWide = [](double rest, double end) { return rest + end >= 1.0; };
    if (tooWide(below, lowEnd)) {
        return "\"below\" and \"lowEnd\" together leave nothing of the lower side; make them less "
               "than 100 % together";
    }
    if (tooWide(above, highEnd)) {
        return "\"above\" and \"highEnd\" together leave nothing of the upper side; make them less "
               "than 100 % together";
    }
    return {};
}

std::string DeadZone::summary() const
{
    std::string text = below == above ? percent(above) + " around rest"
                                      : percent(below) + " below, " + percent(above) + " above";
    if (lowEnd > 0.0 || highEnd > 0.0) text += ", ends too";
    return text;
}

Value DeadZone::Runner::apply(Value in, const Moment&) const noexcept
{
    return {in.x >= 0.0 ? shapeSide(in.x, above, highEnd) : -shapeSide(-in.x, below, lowEnd), in.y};
}

}  // namespace jolly
