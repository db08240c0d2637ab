// SPDX-License-Identifier: GPL-3.0-or-later
#include "core/shaping/dead_zone.h"

#include "core/value/percent.h"

#include <algorithm>

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

Sentence DeadZone::complaint() const
{
    const auto tooWide = [](double rest, double end) { return rest + end >= 1.0; };
    if (tooWide(below, lowEnd)) {
        return words(
            "\"below\" and \"lowEnd\" together leave nothing of the lower side; make them less "
            "than 100 % together");
    }
    if (tooWide(above, highEnd)) {
        return words(
            "\"above\" and \"highEnd\" together leave nothing of the upper side; make them less "
            "than 100 % together");
    }
    return {};
}

Sentence DeadZone::summary() const
{
    auto text = below == above ? say("%1 around rest", percent(above))
                               : say("%1 below, %2 above", percent(below), percent(above));
    if (lowEnd > 0.0 || highEnd > 0.0) text = say("%1, ends too", text);
    return text;
}

Value DeadZone::Runner::apply(Value in, const Moment&) const noexcept
{
    return {in.x >= 0.0 ? shapeSide(in.x, above, highEnd) : -shapeSide(-in.x, below, lowEnd), in.y};
}

std::vector<PlotHandle> DeadZone::handles(const StageInput& input) const
{
    std::vector<PlotHandle> all;
    const bool isTwoSided = input.sides == Sides::Two;
    if (isTwoSided) all.push_back({words("dead zone below rest"), 0, {-below, 0.0}});
    all.push_back({words("dead zone above rest"), 1, {above, 0.0}});
    if (isTwoSided) all.push_back({words("dead zone at the low end"), 2, {-1.0 + lowEnd, -1.0}});
    all.push_back({words("dead zone at the high end"), 3, {1.0 - highEnd, 1.0}});
    return all;
}

void DeadZone::moveHandle(std::size_t part, CurvePoint to, const StageInput&)
{
    const auto fit = [](double amount, double other) {
        return std::clamp(amount, 0.0, std::min(kMost, 1.0 - other - kLeft));
    };
    if (part == 0) below = fit(-to.in, lowEnd);
    if (part == 1) above = fit(to.in, highEnd);
    if (part == 2) lowEnd = fit(1.0 + to.in, below);
    if (part == 3) highEnd = fit(1.0 - to.in, above);
}

}  // namespace jolly
