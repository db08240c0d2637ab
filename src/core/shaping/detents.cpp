// SPDX-License-Identifier: GPL-3.0-or-later
#include "core/shaping/detents.h"

#include "core/value/percent.h"

#include <algorithm>
#include <cmath>

namespace jolly
{

namespace
{

Sentence named(const Detent& detent, std::size_t place)
{
    return detent.name.empty() ? say("notch %1", place + 1) : say("\"%1\"", detent.name);
}

}  // namespace

Sentence Detents::complaint() const
{
    if (detents.empty()) return words("there is no notch in it; add one, or take the stage out");
    for (std::size_t i = 1; i < detents.size(); ++i) {
        const auto& before = detents[i - 1];
        const auto& after = detents[i];
        const auto both = say("%1 at %2 and %3 at %4", named(before, i - 1), percent(before.at),
                              named(after, i), percent(after.at));
        if (after.at <= before.at)
            return say("%1 are in the wrong order; put them in the order of the travel", both);
        if (before.at + before.halfWidth > after.at - after.halfWidth)
            return say("%1 overlap; make one of them narrower", both);
    }
    return {};
}

Sentence Detents::summary() const
{
    return several("%n notch", "%n notches", detents.size());
}

Detents::Runner::Runner(const DetentList& detents, double low)
{
    for (const auto& detent : detents) {
        m_corners.push_back({detent.at - detent.halfWidth, detent.to});
        m_corners.push_back({detent.at + detent.halfWidth, detent.to});
    }
    if (m_corners.empty() || m_corners.front().in > low)
        m_corners.insert(m_corners.begin(), {low, low});
    if (m_corners.back().in < 1.0) m_corners.push_back({1.0, 1.0});
}

Value Detents::Runner::apply(Value in, const Moment&) const noexcept
{
    std::size_t i = 1;
    while (i + 1 < m_corners.size() && in.x > m_corners[i].in) ++i;
    const auto& from = m_corners[i - 1];
    const auto& to = m_corners[i];
    if (in.x <= from.in) return {from.out, in.y};
    if (in.x >= to.in) return {to.out, in.y};
    return {std::lerp(from.out, to.out, (in.x - from.in) / (to.in - from.in)), in.y};
}

std::vector<PlotHandle> Detents::handles(const StageInput&) const
{
    std::vector<PlotHandle> all;
    for (std::size_t i = 0; i < detents.size(); ++i)
        all.push_back({say("notch %1", detents[i].name),
                       i,
                       {detents[i].at, detents[i].to},
                       PlotHandle::Way::Both});
    return all;
}

void Detents::moveHandle(std::size_t part, CurvePoint to, const StageInput& input)
{
    if (part >= detents.size()) return;
    auto moved = *this;
    moved.detents[part].at = std::clamp(to.in, input.low(), 1.0);
    moved.detents[part].to = std::clamp(to.out, input.low(), 1.0);
    if (moved.complaint().empty()) *this = moved;
}

}  // namespace jolly
