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

Sentence Steady::summary() const
{
    const auto ms = inSeconds(delayAt(0.0)) * 1000.0;
    return say("adds %1 ms at rest", std::lround(ms));
}

Time Steady::delayAt(double speed) const
{
    const std::chrono::duration<double> tau(
        1.0 / (2.0 * std::numbers::pi * (cutoff + quickness * std::abs(speed))));
    return std::chrono::round<Time>(tau);
}

double Steady::Runner::cutoffNow() const noexcept
{
    return m_cutoff + m_quickness * std::abs(m_past.speed);
}

/// Where the output is after `since` without a new value: the low-pass goes on in continuous time.
double Steady::Runner::valueAfter(Time since) const noexcept
{
    const double part = std::exp(-2.0 * std::numbers::pi * cutoffNow() * inSeconds(since));
    return m_past.raw + (m_past.value - m_past.raw) * part;
}

/// One step of the paper's filter. After a silence it begins where the output had gone meanwhile,
/// and with the speed that was left.
void Steady::Runner::take(double raw, Time now) noexcept
{
    const auto since = std::max(now - m_past.last, Time{});
    const auto silence = std::max(since - kLongestSpacing, Time{});
    if (silence > Time{}) {
        m_past.value = valueAfter(silence);
        m_past.speed *= std::exp(-2.0 * std::numbers::pi * kSpeedCutoff * inSeconds(silence));
    }
    const double spacing = std::max(inSeconds(since - silence), kShortest);
    m_past.speed += alphaOf(kSpeedCutoff, spacing) * ((raw - m_past.raw) / spacing - m_past.speed);
    m_past.value += alphaOf(cutoffNow(), spacing) * (raw - m_past.value);
    m_past.raw = raw;
    m_past.last = now;
}

Value Steady::Runner::apply(Value in, const Moment& moment) noexcept
{
    if (!m_past.hasStarted) {
        m_past = {in.x, in.x, 0.0, moment.now, true, false};
        return in;
    }
    if (in.x != m_past.raw) take(in.x, moment.now);
    const double out = valueAfter(std::max(moment.now - m_past.last, Time{}));
    m_past.isMoving = std::abs(in.x - out) > kArrived;
    if (!m_past.isMoving) m_past.value = in.x;
    return {m_past.isMoving ? out : in.x, in.y};
}

}  // namespace jolly
