// SPDX-License-Identifier: GPL-3.0-or-later
#include "app/models/axis_curve.h"

#include "app/models/axis_trace.h"

namespace jolly::app
{

std::vector<CurvePoint> sampled(Chain chain, Sides sides, int parts)
{
    const double low = sides == Sides::Two ? -1.0 : 0.0;
    std::vector<CurvePoint> line;
    for (int i = 0; i <= parts; ++i) {
        const double in = low + (1.0 - low) * i / parts;
        line.push_back({in, chain.through(in)});
    }
    return line;
}

AxisCurve curveOf(const Tangle& tangle, const std::string& strand, int parts)
{
    const Rehearsal rehearsal(rehearsed(tangle, strand), strand);
    if (!rehearsal.isThere()) return {};
    return {sampled(rehearsal.chain(), rehearsal.sides(), parts), rehearsal.sides(),
            rehearsal.outSides()};
}

}  // namespace jolly::app
