// SPDX-License-Identifier: GPL-3.0-or-later
#include "core/shaping/round_dead_zone.h"

#include "core/value/percent.h"

#include <algorithm>
#include <cmath>

namespace jolly
{

Sentence RoundDeadZone::complaint() const
{
    if (size + end < 1.0) return {};
    return words(
        "\"size\" and \"end\" together leave nothing of the travel; make them less than 100 % "
        "together");
}

Sentence RoundDeadZone::summary() const
{
    const auto text = shape == ZoneShape::Round ? say("%1 around rest", percent(size))
                                                : say("%1 about rest, square", percent(size));
    return reachesCorners ? say("%1, corners too", text) : text;
}

Value RoundDeadZone::Runner::apply(Value in, const Moment& moment) const noexcept
{
    const double x = in.x;
    const double y = other ? convertSides(moment.of(other).x, other->sides, sides) : 0.0;
    const double larger = std::max(std::abs(x), std::abs(y));
    const double length = shape == ZoneShape::Round ? std::hypot(x, y) : larger;
    if (length <= size) return {0.0, in.y};
    const double wanted = length >= 1.0 - end ? 1.0 : (length - size) / (1.0 - size - end);
    const double full = reachesCorners ? larger : length;  // of what becomes the end
    return {std::clamp(x / full * wanted, -1.0, 1.0), in.y};
}

std::vector<PlotHandle> RoundDeadZone::handles(const StageInput&) const
{
    return {{words("round dead zone around rest"), 0, {size, 0.0}},
            {words("round dead zone at the end"), 1, {1.0 - end, 1.0}}};
}

void RoundDeadZone::moveHandle(std::size_t part, CurvePoint to, const StageInput&)
{
    const auto fit = [](double amount, double opposite) {
        return std::clamp(amount, 0.0, std::min(kMost, 1.0 - opposite - kLeft));
    };
    if (part == 0) size = fit(std::abs(to.in), end);
    if (part == 1) end = fit(1.0 - to.in, size);
}

}  // namespace jolly
