// SPDX-License-Identifier: GPL-3.0-or-later
#include "core/plan/strand_ends.h"

#include <algorithm>

namespace jolly
{

StrandEnds::StrandEnds(const Plan& plan) : m_plan(plan), m_links(plan.links.size())
{
    reset();
}

void StrandEnds::reset() noexcept
{
    for (std::uint32_t link = 0; link < m_links.size(); ++link)
        m_links[link] = {Pulses(m_plan.links[link].pulse)};
}

void StrandEnds::say(const PlanStrand& strand, std::span<const Value> outlets, Time now,
                     Cause cause, Meetings& meetings) noexcept
{
    if (strand.hasChord) return sayKeys(strand, outlets, now, cause, meetings);
    for (auto l = strand.links.first; l < strand.links.first + strand.links.count; ++l) {
        const auto& link = m_plan.links[l];
        const auto value = outlets[link.outlet];
        meetings.feed(l, link.how == How::Held ? value : pass(l, value, now, cause), cause);
    }
}

void StrandEnds::sayKeys(const PlanStrand& strand, std::span<const Value> outlets, Time now,
                         Cause cause, Meetings& meetings) noexcept
{
    const auto first = strand.links.first;
    const auto end = first + strand.links.count;
    for (auto l = end; l-- > first;) {
        const auto& link = m_plan.links[l];
        if (link.how != How::Held) pass(l, outlets[link.outlet], now, cause);
        if (!said(l, outlets).isPressed()) meetings.feed(l, said(l, outlets), cause);
    }
    for (auto l = first; l < end; ++l) {
        if (said(l, outlets).isPressed()) meetings.feed(l, said(l, outlets), cause);
    }
}

Value StrandEnds::pass(std::uint32_t link, Value value, Time now, Cause cause) noexcept
{
    const auto how = m_plan.links[link].how;
    auto& state = m_links[link];
    const bool isPressed = value.isPressed();
    const bool isEdge = isPressed != state.wasPressed && cause != Cause::Priming;
    state.wasPressed = isPressed;
    if (isEdge && how != (isPressed ? How::PulseAtRelease : How::Pulse)) state.pulses.add(1);
    state.pulses.run(now);
    return {state.pulses.pressed() != 0 ? 1.0 : 0.0, 0.0};
}

Value StrandEnds::said(std::uint32_t link, std::span<const Value> outlets) const noexcept
{
    const auto& flat = m_plan.links[link];
    if (flat.how == How::Held) return outlets[flat.outlet];
    return {m_links[link].pulses.pressed() != 0 ? 1.0 : 0.0, 0.0};
}

Time StrandEnds::nextAt(const PlanStrand& strand) const noexcept
{
    auto next = Time::max();
    for (auto l = strand.links.first; l < strand.links.first + strand.links.count; ++l)
        next = std::min(next, m_links[l].pulses.nextAt());
    return next;
}

int StrandEnds::dropped(const PlanStrand& strand) const noexcept
{
    int count = 0;
    for (auto l = strand.links.first; l < strand.links.first + strand.links.count; ++l)
        count += m_links[l].pulses.dropped();
    return count;
}

void StrandEnds::lose(const PlanStrand& strand, Meetings& meetings) noexcept
{
    for (auto l = strand.links.first + strand.links.count; l-- > strand.links.first;) {
        m_links[l] = {Pulses(m_plan.links[l].pulse)};
        meetings.lose(l, strand.whenAway);
    }
}

void StrandEnds::keep(std::uint32_t link, const StrandEnds& previous, std::uint32_t old) noexcept
{
    const auto how = m_plan.links[link].how;
    if (how == How::Held || how != previous.m_plan.links[old].how) return;
    m_links[link].pulses.continueFrom(previous.m_links[old].pulses);
    m_links[link].wasPressed = previous.m_links[old].wasPressed;
}

}  // namespace jolly
