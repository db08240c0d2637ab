// SPDX-License-Identifier: GPL-3.0-or-later
#include "core/shaping/drive.h"

#include "core/value/percent.h"

#include <algorithm>
#include <cmath>

namespace jolly
{

std::string Drive::complaint() const
{
    if (lowest < highest) return {};
    return "\"lowest\" " + percent(lowest) + " is not below \"highest\" " + percent(highest) +
           "; nothing is left between them";
}

std::string Drive::summary() const
{
    return "end to end in " + std::to_string(std::lround(1000.0 * (highest - lowest) / speed)) +
           " ms";
}

Drive::Runner::Runner(const Drive& drive, const StageInput& input)
    : m_speed(drive.speed),
      m_low(std::max(drive.lowest, input.low())),
      m_high(std::max(drive.highest, m_low)),
      m_rest(std::clamp(0.0, m_low, m_high)),
      m_reset(input.find(drive.reset)),
      m_value(m_rest)
{
}

bool Drive::Runner::isMoving() const noexcept
{
    return (m_speedNow > 0.0 && m_value < m_high) || (m_speedNow < 0.0 && m_value > m_low);
}

Value Drive::Runner::apply(Value in, const Moment& moment) noexcept
{
    const double seconds = m_hasStarted ? std::max(inSeconds(moment.now - m_last), 0.0) : 0.0;
    m_value = std::clamp(m_value + m_speedNow * seconds, m_low, m_high);
    if (moment.of(m_reset).isPressed()) m_value = m_rest;
    m_speedNow = m_speed * in.x;
    m_last = moment.now;
    m_hasStarted = true;
    return {m_value, in.y};
}

void Drive::Runner::continueFrom(const Runner& before) noexcept
{
    m_value = std::clamp(before.m_value, m_low, m_high);
    m_speedNow = before.m_speedNow;
    m_last = before.m_last;
    m_hasStarted = before.m_hasStarted;
}

}  // namespace jolly
