// SPDX-License-Identifier: GPL-3.0-or-later
#include "core/digital/delay.h"

#include <algorithm>
#include <cmath>

namespace jolly
{

Sentence Delay::summary() const
{
    return say("%1 ms later", std::lround(by));
}

/// What comes out late pushes its release on.
void Delay::Runner::comeOut(Time said) noexcept
{
    m_last = {at(0).heard, said};
    m_out = !m_out;
    m_first = (m_first + 1) % kMostWaiting;
    --m_count;
    if (m_count == 0) return;
    auto& next = m_turns[m_first];
    if (m_out) next.due = std::max(next.due, said + (next.heard - m_last.heard));
}

void Delay::Runner::goIn(Time heard) noexcept
{
    m_in = !m_in;
    const bool isRelease = !m_in;
    const auto before = m_count > 0 ? at(m_count - 1) : m_last;
    auto due = heard + m_by;
    if (isRelease) due = std::max(due, before.due + (heard - before.heard));
    if (m_count > 0) due = std::max(due, before.due);
    m_turns[(m_first + m_count++) % kMostWaiting] = {heard, due};
}

/// A change for which there is no room waits, together with the one after it, until there is.
Value Delay::Runner::apply(Value in, const Moment& moment) noexcept
{
    if (m_count > 0 && at(0).due <= moment.said) comeOut(moment.said);
    if (in.isPressed() != m_in && m_count < kMostWaiting) goIn(moment.now);
    return {m_out ? 1.0 : 0.0, 0.0};
}

}  // namespace jolly
