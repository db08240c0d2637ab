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
    const auto since = moment.now - m_past.last;
    m_past.last = moment.now;
    if (!m_past.hasStarted) {
        m_past.hasStarted = true;
        m_past.value = in.x;
        m_past.speed = 0.0;
        return in;
    }
    const double spacing = std::max(inSeconds(std::min(since, kTick)), kShortest);
    m_past.speed +=
        alphaOf(kSpeedCutoff, spacing) * ((in.x - m_past.value) / spacing - m_past.speed);
    m_past.value +=
        alphaOf(m_cutoff + m_quickness * std::abs(m_past.speed), spacing) * (in.x - m_past.value);
    m_past.isMoving = std::abs(in.x - m_past.value) > kArrived;
    if (!m_past.isMoving) {
        m_past.value = in.x;
        m_past.speed = 0.0;
    }
    return {m_past.value, in.y};
}

}  // namespace jolly
