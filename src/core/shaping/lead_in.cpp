// SPDX-License-Identifier: GPL-3.0-or-later
#include "core/shaping/lead_in.h"

#include "core/value/percent.h"

#include <algorithm>

namespace jolly
{

Sentence LeadIn::summary() const
{
    return say("begins at %1", percent(start));
}

std::vector<PlotHandle> LeadIn::handles(const StageInput&) const
{
    return {{words("lead-in"), 0, {0.0, start}, PlotHandle::Way::Up}};
}

void LeadIn::moveHandle(std::size_t, CurvePoint to, const StageInput&)
{
    start = std::clamp(to.out, 0.0, kMost);
}

}  // namespace jolly
