// SPDX-License-Identifier: GPL-3.0-or-later
#include "core/plan/strand_ends.h"

#include <algorithm>
#include <utility>

namespace jolly
{

namespace
{

constexpr double kMeets = 0.02;  ///< an axis that is as near has been met by the hand

Value pressedIf(const Pulses& pulses) noexcept
{
    return {pulses.pressed() != 0 ? 1.0 : 0.0, 0.0};
}

}  // namespace

StrandEnds::StrandEnds(const Plan& plan) : m_plan(plan), m_links(plan.links.size())
{
    reset();
}

void StrandEnds::reset() noexcept
{
    for (std::uint32_t link = 0; link < m_links.size(); ++link)
        m_links[link] = {Pulses(m_plan.links[link].pulse)};
}

bool StrandEnds::say(const PlanStrand& strand, std::span<const Value> outlets, Instant now,
                     Cause cause, Meetings& meetings) noexcept
{
    if (strand.hasChord) {
        sayKeys(strand, outlets, now, cause, meetings);
        return false;
    }
    bool isMet = false;
    for (auto l = strand.links.first; l < strand.links.first + strand.links.count; ++l) {
        const auto& link = m_plan.links[l];
        const auto value = outlets[link.outlet];
        if (isWaiting(l)) {
            if (!hasMet(l, value, meetings)) continue;
            isMet = true;
        }
        meetings.feed(l, link.how == How::Held ? value : pass(l, value, now, cause), cause);
    }
    return isMet;
}

/// The hand comes to where the axis is, or past it.
bool StrandEnds::hasMet(std::uint32_t link, Value value, const Meetings& meetings) noexcept
{
    const auto& flat = m_plan.links[link];
    auto& waits = m_links[link].waits;
    const double off = value.x * flat.scale + flat.offset - meetings.awaited(link);
    const auto now = off < 0.0 ? Waiting::IsBelow : Waiting::IsAbove;
    const auto before = std::exchange(waits, now);
    const bool isPast = before != Waiting::Begins && before != now;
    const bool isNear = off < kMeets && off > -kMeets;
    if (isPast || isNear) waits = Waiting::No;
    return isPast || isNear;
}

void StrandEnds::finish(const PlanStrand& strand, std::span<const Value> outlets, Instant now,
                        Meetings& meetings) noexcept
{
    for (auto l = strand.links.first + strand.links.count; l-- > strand.links.first;) {
        const auto& link = m_plan.links[l];
        if (!outlets.empty()) {
            const auto value = outlets[link.outlet];
            meetings.feed(l, link.how == How::Held ? value : pass(l, value, now, Cause::Motion),
                          Cause::Motion);
        } else if (link.how == How::Held) {
            letGo(l, meetings);
        } else {
            m_links[l].pulses.run(now.said);
            meetings.feed(l, pressedIf(m_links[l].pulses), Cause::Motion);
        }
    }
}

void StrandEnds::pickUp(const PlanStrand& strand) noexcept
{
    for (auto l = strand.links.first; l < strand.links.first + strand.links.count; ++l) {
        if (m_plan.links[l].isAxis) m_links[l].waits = Waiting::Begins;
    }
}

void StrandEnds::stopWaiting(const PlanStrand& strand) noexcept
{
    for (auto l = strand.links.first; l < strand.links.first + strand.links.count; ++l)
        m_links[l].waits = Waiting::No;
}

void StrandEnds::sayKeys(const PlanStrand& strand, std::span<const Value> outlets, Instant now,
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

Value StrandEnds::pass(std::uint32_t link, Value value, Instant now, Cause cause) noexcept
{
    const auto how = m_plan.links[link].how;
    auto& state = m_links[link];
    const bool isPressed = value.isPressed();
    const bool isEdge = isPressed != state.wasPressed && isNews(cause);
    state.wasPressed = isPressed;
    if (isEdge && how != (isPressed ? How::PulseAtRelease : How::Pulse)) state.pulses.add(1);
    state.pulses.run(now.said);
    return pressedIf(state.pulses);
}

Value StrandEnds::said(std::uint32_t link, std::span<const Value> outlets) const noexcept
{
    const auto& flat = m_plan.links[link];
    return flat.how == How::Held ? outlets[flat.outlet] : pressedIf(m_links[link].pulses);
}

Time StrandEnds::nextAt(const PlanStrand& strand) const noexcept
{
    auto next = Time::max();
    for (auto l = strand.links.first; l < strand.links.first + strand.links.count; ++l)
        next = std::min(next, m_links[l].pulses.nextAt());
    return next;
}

bool StrandEnds::arePending(const PlanStrand& strand) const noexcept
{
    for (auto l = strand.links.first; l < strand.links.first + strand.links.count; ++l) {
        if (m_links[l].pulses.arePending()) return true;
    }
    return false;
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

void StrandEnds::leave(const PlanStrand& strand, Meetings& meetings) noexcept
{
    for (auto l = strand.links.first + strand.links.count; l-- > strand.links.first;) {
        m_links[l] = {Pulses(m_plan.links[l].pulse)};
        letGo(l, meetings);
    }
}

/// An axis is left where it is.
void StrandEnds::letGo(std::uint32_t link, Meetings& meetings) const noexcept
{
    if (m_plan.links[link].isAxis) return meetings.leave(link);
    meetings.lose(link, WhenAway::Rest);
}

void StrandEnds::keep(std::uint32_t link, const StrandEnds& previous, std::uint32_t old) noexcept
{
    const auto how = m_plan.links[link].how;
    if (m_plan.links[link].isAxis) m_links[link].waits = previous.m_links[old].waits;
    if (how == How::Held || how != previous.m_plan.links[old].how) return;
    m_links[link].pulses.continueFrom(previous.m_links[old].pulses);
    m_links[link].wasPressed = previous.m_links[old].wasPressed;
}

}  // namespace jolly
