// SPDX-License-Identifier: GPL-3.0-or-later
#include "core/shaping/round_dead_zone.h"

#include "core/value/percent.h"

#include <algorithm>
#include <cmath>

namespace jolly
{

std::string RoundDeadZone::complaint() const
{
    if (size + end < 1.0) return {};
    return "\"size\" and \"end\" together leave nothing of the travel; make them less than 100 % "
           "together";
}

std::string RoundDeadZone::summary() const
{
    return percent(size) + (shape == ZoneShape::Round ? " around rest" : " about rest, square") +
           (reachesCorners ? ", corners too" : "");
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
    return {{"round dead zone around rest", 0, {size, 0.0}},
            {"round dead zone at the end", 1, {1.0 - end, 1.0}}};
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
