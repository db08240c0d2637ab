// SPDX-License-Identifier: GPL-3.0-or-later
#include "core/digital/tap.h"

#include <cmath>

namespace jolly
{

Sentence Tap::summary() const
{
    return say("within %1 ms", std::lround(within));
}

Value Tap::Runner::apply(Value in, const Moment& moment) noexcept
{
    auto& past = m_past;
    const bool isPressed = in.isPressed();
    if (isPressed && !past.wasPressed) {
        past.due = moment.now + m_within;
        past.uses = moment.uses;
        past.mayCount = moment.isNews;
    }
    const bool isAlone = past.uses == moment.uses;
    if (!isPressed && past.wasPressed && past.mayCount && isAlone && moment.now <= past.due)
        past.pulses.add(1);
    past.wasPressed = isPressed;
    past.pulses.run(moment.said);
    return {past.pulses.pressed() > 0 ? 1.0 : 0.0, 0.0};
}

void Tap::Runner::continueFrom(const Runner& before) noexcept
{
    m_past = before.m_past;
    m_past.pulses = Pulses(m_pulse);
    m_past.pulses.continueFrom(before.m_past.pulses);
}

}  // namespace jolly
