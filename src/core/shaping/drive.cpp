// SPDX-License-Identifier: GPL-3.0-or-later
#include "core/shaping/drive.h"

#include "core/value/percent.h"

#include <algorithm>
#include <cmath>

namespace jolly
{

Sentence Drive::complaint() const
{
    if (lowest < highest) return {};
    return say("\"lowest\" %1 is not below \"highest\" %2; nothing is left between them",
               percent(lowest), percent(highest));
}

Sentence Drive::summary() const
{
    return say("end to end in %1 ms", std::lround(1000.0 * (highest - lowest) / speed));
}

Drive::Runner::Runner(const Drive& drive, const StageInput& input)
    : m_speed(drive.speed),
      m_low(std::max(drive.lowest, input.low())),
      m_high(std::max(drive.highest, m_low)),
      m_rest(std::clamp(0.0, m_low, m_high)),
      m_reset(input.find(drive.reset)),
      m_past{m_rest}
{
}

bool Drive::Runner::isMoving() const noexcept
{
    return (m_past.speedNow > 0.0 && m_past.value < m_high) ||
           (m_past.speedNow < 0.0 && m_past.value > m_low);
}

Value Drive::Runner::apply(Value in, const Moment& moment) noexcept
{
    const double seconds =
        m_past.hasStarted ? std::max(inSeconds(moment.now - m_past.last), 0.0) : 0.0;
    m_past.value = std::clamp(m_past.value + m_past.speedNow * seconds, m_low, m_high);
    if (moment.of(m_reset).isPressed()) m_past.value = m_rest;
    m_past.speedNow = m_speed * in.x;
    m_past.last = moment.now;
    m_past.hasStarted = true;
    return {m_past.value, in.y};
}

}  // namespace jolly
