// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include <QPolygonF>
#include <QRectF>
#include <vector>

namespace jolly::app
{

/// A control on a faceplate as a thread sees it, in one system of pixels.
struct ThreadPlace {
    QRectF control;
    QPointF anchor;  ///< where a thread belongs to; in its middle, or beside what it shows
    std::vector<QRectF> others{};  ///< the other controls of the faceplate, with their labels
    double gutter = 0.0;           ///< x beside the faceplate
};

/// The way from a control to the gutter beside its faceplate: between the other controls wherever
/// there is room, and never over what the control itself shows.
[[nodiscard]] QPolygonF routeToGutter(const ThreadPlace& place);

}  // namespace jolly::app
