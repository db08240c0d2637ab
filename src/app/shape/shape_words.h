// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "app/models/studio.h"
#include "app/shape/shape_plot.h"
#include "core/calibration/axis_survey.h"
#include "core/weave/feel_check.h"

#include <QString>
#include <utility>
#include <vector>

/// What the Shape page says in words, and what it takes from measurements.
namespace jolly::app
{

/// Slopes, and the smallest step that comes out. @param axis  may be null.
[[nodiscard]] QString travelText(const Travel& travel, const RigControl* axis);

/// What "steady" adds, at rest and in motion.
[[nodiscard]] QString delayText(const Steady& steady);

/// Whether a dead zone covers how far the axis rests away from its centre.
[[nodiscard]] QString driftText(const DeadZone& zone, std::pair<double, double> drift, Sides sides);

/// From where to where the axis came to rest, as values; equal when it never did.
[[nodiscard]] std::pair<double, double> driftOf(const AxisFindings& findings,
                                                const RigControl& axis);

[[nodiscard]] std::vector<DwellPart> dwellOf(const AxisFindings& findings, const AxisRange& range,
                                             const RigControl& axis);

/// What bends a strand's axis outside of the strand.
[[nodiscard]] OtherBends otherBends(Studio& studio, const Strand& strand);

/// A dash as a sign in a text.
[[nodiscard]] QString dashSign(Qt::PenStyle dash);

}  // namespace jolly::app
