// SPDX-License-Identifier: GPL-3.0-or-later
#include "core/shaping/spikes.h"

#include <algorithm>

namespace jolly
{

Value Spikes::Runner::apply(Value in, const Moment&) noexcept
{
    m_longBefore = m_hasStarted ? m_before : in.x;
    m_before = m_hasStarted ? m_now : in.x;
    m_now = in.x;
    m_hasStarted = true;
    const auto [low, high] = std::minmax(m_longBefore, m_before);
    return {std::clamp(m_now, low, high), in.y};
}

}  // namespace jolly
