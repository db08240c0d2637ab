// SPDX-License-Identifier: GPL-3.0-or-later
#include "core/shaping/spring.h"

#include <algorithm>
#include <cmath>

namespace jolly
{

Sentence Spring::summary() const
{
    return say("full to rest in %1 ms", std::lround(1000.0 / speed));
}

Value Spring::Runner::apply(Value in, const Moment& moment) noexcept
{
    const double back = m_speed * std::max(inSeconds(moment.now - m_past.last), 0.0);
    if (m_past.hasStarted) {
        m_past.value = m_past.value > 0.0 ? std::max(m_past.value - back, 0.0)
                                          : std::min(m_past.value + back, 0.0);
        m_past.value = std::clamp(m_past.value + in.x - m_past.before, m_low, 1.0);
    }
    m_past.before = in.x;
    m_past.last = moment.now;
    m_past.hasStarted = true;
    return {m_past.value, in.y};
}

}  // namespace jolly
