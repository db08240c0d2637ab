// SPDX-License-Identifier: GPL-3.0-or-later
#include "core/shaping/pace.h"

#include <algorithm>
#include <cmath>

namespace jolly
{

Sentence Pace::summary() const
{
    const auto least = std::min(rising, falling);
    return say("rest to full in %1 ms or more", std::lround(1000.0 / least));
}

Value Pace::Runner::apply(Value in, const Moment& moment) noexcept
{
    const double seconds = std::max(inSeconds(moment.now - m_past.last), 0.0);
    m_past.value = m_past.hasStarted ? std::clamp(m_past.goal, m_past.value - m_falling * seconds,
                                                  m_past.value + m_rising * seconds)
                                     : in.x;
    m_past.hasStarted = true;
    m_past.last = moment.now;
    m_past.goal = in.x;
    return {m_past.value, in.y};
}

}  // namespace jolly
