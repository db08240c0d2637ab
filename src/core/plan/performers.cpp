// SPDX-License-Identifier: GPL-3.0-or-later
#include "core/plan/performers.h"

#include <algorithm>

namespace jolly
{

Performers::Performers(const Plan& plan)
    : m_plan(plan), m_states(plan.presses.size()), m_motion(plan.presses.size())
{
    reset();
}

void Performers::reset() noexcept
{
    for (std::uint32_t press = 0; press < m_states.size(); ++press)
        m_states[press] = {Pulses(m_plan.presses[press].pulse)};
    m_motion.clear();
}

void Performers::hear(const PlanStrand& strand, std::span<const Value> outlets, Instant now,
                      Cause cause, Meetings& meetings) noexcept
{
    for (auto p = strand.presses.first; p < strand.presses.first + strand.presses.count; ++p) {
        const auto& press = m_plan.presses[p];
        auto& state = m_states[p];
        const bool isPressed = outlets[press.outlet].isPressed();
        const bool isEdge = isPressed != state.wasPressed && isNews(cause);
        state.wasPressed = isPressed;
        state.isLeft = false;
        if (isEdge && press.how != (isPressed ? How::PulseAtRelease : How::Pulse))
            state.pulses.add(1);
        perform(p, now, cause, meetings);
    }
}

/// Keys that are pressed together are let go in the other order.
void Performers::perform(std::uint32_t press, Instant now, Cause cause, Meetings& meetings) noexcept
{
    auto& pulses = m_states[press].pulses;
    pulses.run(now.said);
    const auto& links = m_plan.presses[press].links;
    if (m_states[press].isLeft && !pulses.arePending()) {
        letGo(press, meetings);
    } else if (pulses.pressed() != 0) {
        for (auto l = links.first; l < links.first + links.count; ++l)
            meetings.feed(l, {1.0, 0.0}, cause);
    } else {
        for (auto l = links.first + links.count; l-- > links.first;) meetings.feed(l, {}, cause);
    }
    const auto next = pulses.nextAt();
    m_motion.set(press, next == Time::max() ? next : std::max(next, now.heard + Time(1)));
}

void Performers::letGo(std::uint32_t press, Meetings& meetings) const noexcept
{
    const auto& links = m_plan.presses[press].links;
    for (auto l = links.first + links.count; l-- > links.first;) meetings.lose(l, WhenAway::Rest);
}

void Performers::leave(const PlanStrand& strand, Meetings& meetings) noexcept
{
    for (auto p = strand.presses.first + strand.presses.count; p-- > strand.presses.first;) {
        m_states[p].wasPressed = false;
        m_states[p].isLeft = true;
        if (!isPerforming(p)) letGo(p, meetings);
    }
}

void Performers::stop(const PlanStrand& strand, Meetings& meetings) noexcept
{
    for (auto p = strand.presses.first + strand.presses.count; p-- > strand.presses.first;) {
        m_states[p] = {Pulses(m_plan.presses[p].pulse)};
        m_motion.set(p, Time::max());
        letGo(p, meetings);
    }
}

void Performers::tick(Instant now, Meetings& meetings) noexcept
{
    perform(m_motion.pop(), now, Cause::Motion, meetings);
}

int Performers::dropped(const PlanStrand& strand) const noexcept
{
    int count = 0;
    for (auto p = strand.presses.first; p < strand.presses.first + strand.presses.count; ++p)
        count += m_states[p].pulses.dropped();
    return count;
}

void Performers::keep(std::uint32_t press, const Performers& previous, std::uint32_t old,
                      Instant now) noexcept
{
    auto& state = m_states[press];
    state.pulses.continueFrom(previous.m_states[old].pulses);
    state.wasPressed = previous.m_states[old].wasPressed;
    state.isLeft = previous.m_states[old].isLeft;
    const auto next = state.pulses.nextAt();
    if (next != Time::max()) m_motion.set(press, std::max(next, now.heard + Time(1)));
}

}  // namespace jolly
