// SPDX-License-Identifier: GPL-3.0-or-later
#include "app/pages/thread_route.h"

#include <algorithm>
#include <cmath>

namespace jolly::app
{

namespace
{

constexpr double kInside = 2.5;     ///< a control's margin, through which a thread may run
constexpr double kFurthest = 140;   ///< from the control, a channel
constexpr double kCrossing = 1000;  ///< what running over a control costs, in pixels of detour
constexpr double kCorner = 6;

/// How many of the controls a straight line runs over.
int crossings(const std::vector<QRectF>& others, QPointF from, QPointF to)
{
    const auto [left, right] = std::minmax({from.x(), to.x()});
    const auto [top, bottom] = std::minmax({from.y(), to.y()});
    return static_cast<int>(std::ranges::count_if(others, [&, l = left, r = right, t = top,
                                                           b = bottom](const QRectF& other) {
        const auto inside = other.adjusted(kInside, kInside, -kInside, -kInside);
        return l < inside.right() && r > inside.left() && t < inside.bottom() && b > inside.top();
    }));
}

struct Channel {
    QPolygonF points;
    double cost = 0.0;
};

/// The way along a channel at this height.
Channel channelAt(const ThreadPlace& place, double y)
{
    const auto& control = place.control;
    const bool isBeside = std::abs(place.anchor.x() - control.center().x()) > control.width() / 8;
    const bool isLevel = std::abs(y - place.anchor.y()) < 1.0;
    QPointF start = place.anchor;
    if (!isBeside && isLevel)
        start.setX(place.gutter > control.center().x() ? control.right() : control.left());
    if (!isBeside && !isLevel) start.setY(y < place.anchor.y() ? control.top() : control.bottom());
    const QPointF corner(start.x(), y);
    const QPointF end(place.gutter, y);
    Channel way{{start}, std::abs(y - place.anchor.y())};
    if ((corner - start).manhattanLength() > 0.5) {
        way.points << corner;
        way.cost += kCorner;
    }
    way.points << end;
    way.cost +=
        kCrossing * (crossings(place.others, start, corner) + crossings(place.others, corner, end));
    return way;
}

}  // namespace

QPolygonF routeToGutter(const ThreadPlace& place)
{
    auto best = channelAt(place, place.anchor.y());
    const auto consider = [&](double y) {
        if (std::abs(y - place.anchor.y()) > kFurthest) return;
        auto way = channelAt(place, y);
        if (way.cost < best.cost) best = std::move(way);
    };
    consider(place.control.top());
    consider(place.control.bottom());
    for (const auto& other : place.others) {
        consider(other.top());
        consider(other.bottom());
    }
    return best.points;
}

}  // namespace jolly::app
