// SPDX-License-Identifier: GPL-3.0-or-later
#include "core/turning/turn_pulses.h"

#include <algorithm>
#include <cmath>

namespace jolly
{

Sentence TurnPulses::complaint() const
{
    return counts == std::floor(counts) ? Words() : words("its counts must be whole");
}

Sentence TurnPulses::summary() const
{
    return counts == 1.0 ? words("each count") : say("every %1 counts", std::lround(counts));
}

TurnPulses::Runner::Runner(const TurnPulses& pulses)
    : m_counts(pulses.counts), m_length(milliseconds(pulses.pulse)), m_past{Pulses(m_length)}
{
}

void TurnPulses::Runner::apply(Value in, const Moment& moment, std::span<Value> outlets) noexcept
{
    if (!m_past.hasStarted && !moment.isNews) m_past.anchor = in.x;
    m_past.hasStarted = true;
    constexpr double kMost = 1e6;  // a whole number in any case
    const double steps = std::clamp(std::trunc((in.x - m_past.anchor) / m_counts), -kMost, kMost);
    m_past.anchor = std::abs(steps) == kMost ? in.x : m_past.anchor + steps * m_counts;
    m_past.pulses.add(static_cast<int>(steps));
    m_past.pulses.run(moment.said);
    if (outlets.size() < 2) return;
    outlets[0] = {m_past.pulses.pressed() > 0 ? 1.0 : 0.0, 0.0};
    outlets[1] = {m_past.pulses.pressed() < 0 ? 1.0 : 0.0, 0.0};
}

}  // namespace jolly
