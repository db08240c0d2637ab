// SPDX-License-Identifier: GPL-3.0-or-later
#include "core/shaping/spring.h"

#include <algorithm>
#include <cmath>

namespace jolly
{

std::string Spring::summary() const
{
    return "full to rest in " + std::to_string(std::lround(1000.0 / speed)) + " ms";
}

Value Spring::Runner::apply(Value in, const Moment& moment) noexcept
{
    const double back = m_speed * std::max(inSeconds(moment.now - m_last), 0.0);
    if (m_hasStarted) {
        m_value = m_value > 0.0 ? std::max(m_value - back, 0.0) : std::min(m_value + back, 0.0);
        m_value = std::clamp(m_value + in.x - m_before, m_low, 1.0);
    }
    m_before = in.x;
    m_last = moment.now;
    m_hasStarted = true;
    return {m_value, in.y};
}

void Spring::Runner::continueFrom(const Runner& before) noexcept
{
    m_value = before.m_value;
    m_before = before.m_before;
    m_last = before.m_last;
    m_hasStarted = before.m_hasStarted;
}

}  // namespace jolly
