// SPDX-License-Identifier: GPL-3.0-or-later
#include "core/shaping/lead_in.h"

#include "core/value/percent.h"

#include <algorithm>

namespace jolly
{

std::string LeadIn::summary() const
{
    return "begins at " + percent(start);
}

std::vector<PlotHandle> LeadIn::handles(const StageInput&) const
{
    return {{"lead-in", 0, {0.0, start}, PlotHandle::Way::Up}};
}

void LeadIn::moveHandle(std::size_t, CurvePoint to, const StageInput&)
{
    start = std::clamp(to.out, 0.0, kMost);
}

}  // namespace jolly
