// SPDX-License-Identifier: GPL-3.0-or-later
#include "core/digital/repeat.h"

#include <algorithm>
#include <cmath>

namespace jolly
{

Sentence Repeat::summary() const
{
    return say("every %1 ms", std::lround(every));
}

void Repeat::Runner::press(Time now, Time until) noexcept
{
    m_isPressed = true;
    m_end = now + std::min(m_every, until) / 2;
    m_next = now + until;
}

Value Repeat::Runner::apply(Value in, const Moment& moment) noexcept
{
    const bool isHeld = in.isPressed();
    if (m_isPressed && moment.said >= m_end) m_isPressed = false;
    if (!isHeld) {
        m_next = Time::max();
    } else if (!m_wasHeld && moment.isNews) {
        if (m_isPressed) {
            m_next = m_end + m_every / 2;  // after the gap behind the press that still goes on
        } else {
            press(moment.said, m_after);
        }
    } else if (!m_isPressed && moment.said >= m_next) {
        press(moment.said, m_every);
    }
    m_wasHeld = isHeld;
    return {m_isPressed ? 1.0 : 0.0, 0.0};
}

}  // namespace jolly
