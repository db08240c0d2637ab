// SPDX-License-Identifier: GPL-3.0-or-later
#include "core/digital/equal_slices.h"

#include "core/value/percent.h"

#include <algorithm>
#include <cmath>

namespace jolly
{

Sentence EqualSlices::complaint() const
{
    if (count != std::floor(count))
        return words("there is no such number of zones; it must be whole");
    if (2.0 * edge * count >= 1.0)
        return say("the zones are narrower than what is held beyond their edges, %1",
                   percent(edge));
    return {};
}

Sentence EqualSlices::summary() const
{
    return say("%1 zones", std::lround(count));
}

std::vector<std::string> EqualSlices::outlets() const
{
    std::vector<std::string> names;
    const auto most = std::isfinite(count) ? std::clamp(count, 1.0, kMost) : 1.0;
    for (int i = 1; i <= static_cast<int>(most); ++i) names.push_back("zone " + std::to_string(i));
    return names;
}

Sentence EqualSlices::rangeOf(const std::string& outlet) const
{
    const auto zones = outlets();
    const auto found = std::ranges::find(zones, outlet);
    if (found == zones.end() && !outlet.empty()) return {};
    const auto zone = outlet.empty() ? 0.0 : static_cast<double>(found - zones.begin());
    return say("%1 to %2 of the travel", percent(zone / count), percent((zone + 1.0) / count));
}

void EqualSlices::Runner::apply(Value in, const Moment&, std::span<Value> outlets) noexcept
{
    const double at = (in.x - m_low) / (1.0 - m_low);
    const double width = 1.0 / m_count;
    const bool isHeld =
        m_zone != kNone && at >= m_zone * width - m_edge && at < (m_zone + 1.0) * width + m_edge;
    if (!isHeld) m_zone = std::clamp(std::floor(at * m_count), 0.0, m_count - 1.0);
    for (std::size_t i = 0; i < outlets.size(); ++i)
        outlets[i] = {static_cast<double>(i) == m_zone ? 1.0 : 0.0, 0.0};
}

}  // namespace jolly
