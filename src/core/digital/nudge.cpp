// SPDX-License-Identifier: GPL-3.0-or-later
#include "core/digital/nudge.h"

#include "core/value/percent.h"

#include <algorithm>

namespace jolly
{

Sentence Nudge::complaint() const
{
    if (step == 0.0) return words("a step of 0 goes nowhere");
    if (!(lowest < highest))
        return say("\"lowest\" %1 is not below \"highest\" %2; nothing is left between them",
                   percent(lowest), percent(highest));
    if (begins < lowest || begins > highest)
        return say("it begins at %1, beyond its limits", percent(begins));
    return complaintBelowRest(rests, {begins, lowest, highest});
}

Sentence Nudge::summary() const
{
    return say("%1 a press", percent(step));
}

void Nudge::fit(Sides sides)
{
    fitLimits(rests, sides, lowest);
    rests = sides;
    begins = std::max(begins, lowest);
}

Nudge::Runner::Runner(const Nudge& nudge, const StageInput& input)
    : m_step(nudge.step),
      m_begins(nudge.begins),
      m_lowest(nudge.lowest),
      m_highest(nudge.highest),
      m_after(milliseconds(nudge.after)),
      m_every(milliseconds(nudge.every)),
      m_repeats(nudge.repeats),
      m_back(input.find(nudge.back)),
      m_reset(input.find(nudge.reset)),
      m_past{m_begins}
{
}

int Nudge::Runner::wayNow(Value in, const Moment& moment) const noexcept
{
    return (in.isPressed() ? 1 : 0) - (moment.of(m_back).isPressed() ? 1 : 0);
}

void Nudge::Runner::go(int way) noexcept
{
    m_past.value = std::clamp(m_past.value + way * m_step, m_lowest, m_highest);
}

Value Nudge::Runner::apply(Value in, const Moment& moment) noexcept
{
    const int way = wayNow(in, moment);
    if (way != m_past.way) {
        if (way != 0 && m_past.way == 0 && moment.isNews) go(way);
        m_past.way = way;
        m_past.next = m_repeats && way != 0 ? moment.now + m_after : Time::max();
    } else if (moment.now >= m_past.next) {
        go(way);
        m_past.next = moment.now + m_every;
    }
    if (moment.of(m_reset).isPressed()) m_past.value = m_begins;
    return {m_past.value, 0.0};
}

void Nudge::Runner::wake(Value in, const Moment& moment) noexcept
{
    m_past.way = wayNow(in, moment);
    m_past.next = Time::max();
}

void Nudge::Runner::continueFrom(const Runner& before) noexcept
{
    m_past = before.m_past;
    m_past.value = std::clamp(m_past.value, m_lowest, m_highest);
}

}  // namespace jolly
