// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "core/shaping/stage_info.h"

#include <QColor>
#include <QString>
#include <vector>

/// What lies beneath the curve in the plot of an axis.
namespace jolly::app
{

/// A curve that lies under the one that is shaped: of another craft or axis, or the old one.
struct UnderCurve {
    QString name;
    QColor colour;
    Qt::PenStyle dash = Qt::DashLine;
    std::vector<CurvePoint> line;
};

/// Where the hand spent its time: a share of the time for each part of the travel.
struct DwellPart {
    double from = 0.0;  ///< value
    double to = 0.0;
    double share = 0.0;
};

/// A place on the travel with a name: a notch.
struct NamedPlace {
    QString name;
    double at = 0.0;  ///< value
};

}  // namespace jolly::app
