// SPDX-License-Identifier: GPL-3.0-or-later
#include "core/shaping/curve_points.h"

#include "core/shaping/curve.h"

#include <algorithm>
#include <cmath>

namespace jolly
{

void movePoint(CurvePoints& points, bool isMirrored, std::size_t point, CurvePoint to)
{
    if (point >= points.size()) return;
    const double low = point == 0 ? -1.0 : points[point - 1].in + kNearestPoints;
    const double high = point + 1 == points.size() ? 1.0 : points[point + 1].in - kNearestPoints;
    if (isMirrored && point == 0) to = {};
    points[point] = {std::clamp(to.in, std::min(low, high), high), std::clamp(to.out, -1.0, 1.0)};
}

std::optional<std::size_t> addPoint(CurvePoints& points, bool isMirrored, CurvePoint at)
{
    if (isMirrored && at.in < 0.0) at = {-at.in, -at.out};
    const auto after = std::ranges::find_if(points, [&](const auto& p) { return p.in > at.in; });
    const bool isTooClose = std::ranges::any_of(
        points, [&](const auto& p) { return std::abs(p.in - at.in) < kNearestPoints; });
    const bool isBeforeStart = isMirrored && after == points.begin();
    if (points.size() >= Curve::kMostPoints || isTooClose || isBeforeStart) return std::nullopt;
    const auto place = after - points.begin();
    points.insert(after, at);
    return static_cast<std::size_t>(place);
}

bool removePoint(CurvePoints& points, bool isMirrored, std::size_t point)
{
    if (points.size() <= 2 || point >= points.size() || (isMirrored && point == 0)) return false;
    points.erase(points.begin() + static_cast<std::ptrdiff_t>(point));
    return true;
}

}  // namespace jolly
