// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "core/shaping/stage_info.h"

#include <QColor>
#include <QList>
#include <QString>
#include <vector>

/// What lies beneath the curve in the plot of an axis.
namespace jolly::app
{

/// How a curve is told from the others without its colour.
struct Dash {
    QList<qreal> pattern;  ///< as of QPen; empty for a solid line
    QString sign;          ///< the same in a text
};

/// A curve that lies under the one that is shaped: of another craft or axis, or the old one.
struct UnderCurve {
    QString name;
    QColor colour;
    Dash dash;
    std::vector<CurvePoint> line;
};

/// Where the hand spent its time: a share of the time for each part of the travel.
struct DwellPart {
    double from = 0.0;  ///< value
    double to = 0.0;
    double share = 0.0;

    friend bool operator==(const DwellPart&, const DwellPart&) = default;
};

/// A place on the travel with a name: a notch.
struct NamedPlace {
    QString name;
    double at = 0.0;  ///< value

    friend bool operator==(const NamedPlace&, const NamedPlace&) = default;
};

}  // namespace jolly::app
