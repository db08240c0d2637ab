// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "core/plan/chain.h"
#include "core/tangle/tangle.h"

#include <QMetaType>
#include <vector>

namespace jolly::app
{

/// What comes out of an axis's strand for what goes in, over the whole travel.
struct AxisCurve {
    std::vector<CurvePoint> points{};  ///< none where the strand cannot be compiled
    Sides in = Sides::Two;
    Sides out = Sides::Two;
};

/// Points of a strand's curve, from the low end of the travel to the high one, as far apart each.
///
/// @param parts  how many pieces they bound.
[[nodiscard]] std::vector<CurvePoint> sampled(Chain chain, Sides sides, int parts = 500);

/// The curve of one strand; also of one that is switched off.
[[nodiscard]] AxisCurve curveOf(const Tangle& tangle, const std::string& strand, int parts = 500);

}  // namespace jolly::app

Q_DECLARE_METATYPE(jolly::app::AxisCurve)
