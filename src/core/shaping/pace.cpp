// SPDX-License-Identifier: GPL-3.0-or-later
#include "core/shaping/pace.h"

#include <algorithm>
#include <cmath>

namespace jolly
{

std::string Pace::summary() const
{
    const auto least = std::min(rising, falling);
    return "rest to full in " + std::to_string(std::lround(1000.0 / least)) + " ms or more";
}

Value Pace::Runner::apply(Value in, const Moment& moment) noexcept
{
    const double seconds = std::max(inSeconds(moment.now - m_last), 0.0);
    m_value = m_hasStarted
                  ? std::clamp(m_goal, m_value - m_falling * seconds, m_value + m_rising * seconds)
                  : in.x;
    m_hasStarted = true;
    m_last = moment.now;
    m_goal = in.x;
    return {m_value, in.y};
}

void Pace::Runner::continueFrom(const Runner& before) noexcept
{
    m_value = before.m_value;
    m_goal = before.m_goal;
    m_last = before.m_last;
    m_hasStarted = before.m_hasStarted;
}

}  // namespace jolly
