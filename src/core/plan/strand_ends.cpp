// SPDX-License-Identifier: GPL-3.0-or-later
#include "core/plan/strand_ends.h"

#include <algorithm>
#include <utility>

namespace jolly
{

namespace
{

constexpr double kMeets = 0.02;  ///< an axis that is as near has been met by the hand

}  // namespace

StrandEnds::StrandEnds(const Plan& plan) : m_plan(plan), m_waits(plan.links.size()) {}

void StrandEnds::reset() noexcept
{
    std::ranges::fill(m_waits, Waiting::No);
}

bool StrandEnds::say(const PlanStrand& strand, std::span<const Value> outlets, Cause cause,
                     Meetings& meetings) noexcept
{
    if (strand.hasChord) {
        sayKeys(strand, outlets, cause, meetings);
        return false;
    }
    bool isMet = false;
    for (auto l = strand.links.first; l < strand.links.first + strand.links.count; ++l) {
        const auto& link = m_plan.links[l];
        if (!link.isHeld()) continue;
        const auto value = outlets[link.outlet];
        if (isWaiting(l)) {
            if (!hasMet(l, value, meetings)) continue;
            isMet = true;
        }
        meetings.feed(l, value, cause);
    }
    return isMet;
}

/// The hand comes to where the axis is, or past it.
bool StrandEnds::hasMet(std::uint32_t link, Value value, const Meetings& meetings) noexcept
{
    const auto& flat = m_plan.links[link];
    const double off = value.x * flat.scale + flat.offset - meetings.awaited(link);
    const auto now = off < 0.0 ? Waiting::IsBelow : Waiting::IsAbove;
    const auto before = std::exchange(m_waits[link], now);
    const bool isPast = before != Waiting::Begins && before != now;
    const bool isNear = off < kMeets && off > -kMeets;
    if (isPast || isNear) m_waits[link] = Waiting::No;
    return isPast || isNear;
}

void StrandEnds::finish(const PlanStrand& strand, std::span<const Value> outlets,
                        Meetings& meetings) const noexcept
{
    for (auto l = strand.links.first + strand.links.count; l-- > strand.links.first;) {
        const auto& link = m_plan.links[l];
        if (link.isHeld()) meetings.feed(l, outlets[link.outlet], Cause::Motion);
    }
}

void StrandEnds::pickUp(const PlanStrand& strand) noexcept
{
    for (auto l = strand.links.first; l < strand.links.first + strand.links.count; ++l) {
        if (m_plan.links[l].isAxis) m_waits[l] = Waiting::Begins;
    }
}

void StrandEnds::stopWaiting(const PlanStrand& strand) noexcept
{
    for (auto l = strand.links.first; l < strand.links.first + strand.links.count; ++l)
        m_waits[l] = Waiting::No;
}

void StrandEnds::sayKeys(const PlanStrand& strand, std::span<const Value> outlets, Cause cause,
                         Meetings& meetings) const noexcept
{
    const auto first = strand.links.first;
    const auto end = first + strand.links.count;
    const auto feedIf = [&](std::uint32_t l, bool isPressed) {
        const auto& link = m_plan.links[l];
        if (link.isHeld() && outlets[link.outlet].isPressed() == isPressed)
            meetings.feed(l, outlets[link.outlet], cause);
    };
    for (auto l = end; l-- > first;) feedIf(l, false);
    for (auto l = first; l < end; ++l) feedIf(l, true);
}

void StrandEnds::lose(const PlanStrand& strand, Meetings& meetings) noexcept
{
    for (auto l = strand.links.first + strand.links.count; l-- > strand.links.first;) {
        m_waits[l] = Waiting::No;
        if (m_plan.links[l].isHeld()) meetings.lose(l, strand.whenAway);
    }
}

void StrandEnds::leave(const PlanStrand& strand, Meetings& meetings) noexcept
{
    for (auto l = strand.links.first + strand.links.count; l-- > strand.links.first;) {
        const auto& link = m_plan.links[l];
        m_waits[l] = Waiting::No;
        if (link.isAxis) {
            meetings.leave(l);
        } else if (link.isHeld()) {
            meetings.lose(l, WhenAway::Rest);
        }
    }
}

void StrandEnds::keep(std::uint32_t link, const StrandEnds& previous, std::uint32_t old) noexcept
{
    if (m_plan.links[link].isAxis) m_waits[link] = previous.m_waits[old];
}

}  // namespace jolly
