// SPDX-License-Identifier: GPL-3.0-or-later
#include "core/shaping/spikes.h"

#include <algorithm>

namespace jolly
{

Value Spikes::Runner::apply(Value in, const Moment& moment) noexcept
{
    if (!m_hasStarted) m_now = in.x;
    if (!m_hasStarted || moment.now - m_since >= kLongestSpacing) m_longBefore = m_before = m_now;
    m_hasStarted = true;
    if (in.x != m_now) {
        m_longBefore = m_before;
        m_before = m_now;
        m_now = in.x;
        m_since = moment.now;
    }
    const auto [low, high] = std::minmax(m_longBefore, m_before);
    return {std::clamp(m_now, low, high), in.y};
}

}  // namespace jolly
