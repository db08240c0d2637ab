// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "app/models/live_feed.h"
#include "app/shape/shape_plot.h"
#include "core/calibration/axis_survey.h"
#include "core/weave/feel_check.h"

#include <QString>
#include <utility>
#include <vector>

/// What the Shape page says in words, and what it takes from measurements.
namespace jolly::app
{

/// The slopes at rest and at the ends.
[[nodiscard]] QString slopeText(const Travel& travel);

/// The smallest step that still comes out.
[[nodiscard]] QString stepText(const Travel& travel, const RigControl& axis);

/// From where to where the axis came to rest when it was let go; nowhere when it never was.
[[nodiscard]] Drift driftOf(const AxisFindings& findings, const RigControl& axis);

[[nodiscard]] std::vector<DwellPart> dwellOf(const AxisFindings& findings, const AxisRange& range,
                                             const RigControl& axis);

/// What bends a strand's axis outside of the strand.
[[nodiscard]] OtherBends otherBends(LiveFeed& feed, const Strand& strand);

}  // namespace jolly::app
