// SPDX-License-Identifier: GPL-3.0-or-later
#include "core/digital/press_kinds.h"

#include <cmath>

namespace jolly
{

Sentence PressKinds::summary() const
{
    return say("long after %1 ms", std::lround(longAfter));
}

PressKinds::Runner::Runner(const PressKinds& kinds, const StageInput& input)
    : m_longAfter(milliseconds(kinds.longAfter)),
      m_twiceWithin(milliseconds(kinds.twiceWithin)),
      m_pulse(milliseconds(kinds.pulse)),
      m_hasLong(input.isLed("long")),
      m_hasTwice(input.isLed("twice")),
      m_past{Pulses(m_pulse)}
{
}

void PressKinds::Runner::press(Time now) noexcept
{
    if (m_past.phase == Phase::Again) {
        m_past.phase = Phase::Twice;
        m_past.due = Time::max();
    } else {
        m_past.phase = Phase::First;
        m_past.due = m_hasLong ? now + m_longAfter : Time::max();
    }
}

void PressKinds::Runner::release(Time now) noexcept
{
    const bool isFirst = m_past.phase == Phase::First;
    m_past.phase = isFirst && m_hasTwice ? Phase::Again : Phase::Idle;
    m_past.due = m_past.phase == Phase::Again ? now + m_twiceWithin : Time::max();
    if (isFirst && !m_hasTwice && m_hasLong) m_past.pulses.add(1);
}

void PressKinds::Runner::apply(Value in, const Moment& moment, std::span<Value> outlets) noexcept
{
    auto& past = m_past;
    if (moment.now >= past.due) {
        if (past.phase == Phase::Again) past.pulses.add(1);
        past.phase = past.phase == Phase::First ? Phase::Long : Phase::Idle;
        past.due = Time::max();
    }
    if (in.isPressed() && !past.wasPressed && moment.isNews) press(moment.now);
    if (!in.isPressed() && past.wasPressed) release(moment.now);
    past.wasPressed = in.isPressed();
    past.pulses.run(moment.said);
    const bool isAlone = !m_hasLong && !m_hasTwice;
    const bool isShort = past.pulses.pressed() > 0 || (isAlone && past.phase == Phase::First);
    const bool pressed[] = {isShort, past.phase == Phase::Long, past.phase == Phase::Twice};
    for (std::size_t i = 0; i < outlets.size() && i < 3; ++i)
        outlets[i] = {pressed[i] ? 1.0 : 0.0, 0.0};
}

void PressKinds::Runner::continueFrom(const Runner& before) noexcept
{
    m_past = before.m_past;
    m_past.pulses = Pulses(m_pulse);
    m_past.pulses.continueFrom(before.m_past.pulses);
}

}  // namespace jolly
