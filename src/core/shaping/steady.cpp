// SPDX-License-Identifier: GPL-3.0-or-later
#include "core/shaping/steady.h"

#include <algorithm>
#include <cmath>
#include <numbers>

namespace jolly
{

namespace
{

constexpr double kSpeedCutoff = 1.0;
/// Nearer than this it has arrived: a sixteenth of a count of 16 bits.
constexpr double kArrived = 2e-6;
constexpr double kShortest = 1e-6;

/// The smoothing factor for a cut-off in Hz and a spacing in seconds (algorithm 2).
double alphaOf(double cutoff, double spacing) noexcept
{
    const double tau = 1.0 / (2.0 * std::numbers::pi * cutoff);
    return 1.0 / (1.0 + tau / spacing);
}

}  // namespace

std::string Steady::summary() const
{
    const auto ms = inSeconds(delayAt(0.0)) * 1000.0;
    return "adds " + std::to_string(std::lround(ms)) + " ms at rest";
}

Time Steady::delayAt(double speed) const
{
    const std::chrono::duration<double> tau(
        1.0 / (2.0 * std::numbers::pi * (cutoff + quickness * std::abs(speed))));
    return std::chrono::duration_cast<Time>(tau);
}

/// After a silence the value has arrived: a new event is taken as one tick after that.
Value Steady::Runner::apply(Value in, const Moment& moment) noexcept
{
    const auto since = moment.now - m_last;
    m_last = moment.now;
    if (!m_hasStarted) {
        m_hasStarted = true;
        m_value = in.x;
        m_speed = 0.0;
        return in;
    }
    const double spacing = std::max(inSeconds(std::min(since, kTick)), kShortest);
    m_speed += alphaOf(kSpeedCutoff, spacing) * ((in.x - m_value) / spacing - m_speed);
    m_value += alphaOf(m_cutoff + m_quickness * std::abs(m_speed), spacing) * (in.x - m_value);
    m_isMoving = std::abs(in.x - m_value) > kArrived;
    if (!m_isMoving) {
        m_value = in.x;
        m_speed = 0.0;
    }
    return {m_value, in.y};
}

void Steady::Runner::continueFrom(const Runner& before) noexcept
{
    m_value = before.m_value;
    m_speed = before.m_speed;
    m_last = before.m_last;
    m_hasStarted = before.m_hasStarted;
    m_isMoving = before.m_hasStarted;  // it may have another way to go now
}

}  // namespace jolly
