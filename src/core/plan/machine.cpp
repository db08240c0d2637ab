// SPDX-License-Identifier: GPL-3.0-or-later
#include "core/plan/machine.h"

#include <algorithm>

namespace jolly
{

Machine::Machine(Plan plan)
    : m_plan(std::make_unique<const Plan>(std::move(plan))),
      m_inputs(*m_plan),
      m_stages(*m_plan),
      m_strands(m_plan->strands.size()),
      m_haveMasked(m_plan->inputs.size()),
      m_areGiven(m_plan->orders.size()),
      m_ends(*m_plan),
      m_performers(*m_plan),
      m_meetings(*m_plan),
      m_motion(m_plan->strands.size()),
      m_layers(*m_plan),
      m_routing(*m_plan)
{
    for (std::uint32_t input = 0; input < m_plan->inputs.size(); ++input) countOnly(input);
}

void Machine::reset() noexcept
{
    m_inputs.reset();
    m_layers.reset();
    m_routing.begin(m_layers.engaged());
    m_stages.reset();
    std::ranges::fill(m_strands, StrandState{});
    for (std::uint32_t input = 0; input < m_plan->inputs.size(); ++input) countOnly(input);
    std::fill(m_haveMasked.begin(), m_haveMasked.end(), false);
    std::fill(m_areGiven.begin(), m_areGiven.end(), false);
    m_wantsStandDown = m_wantsKeep = false;
    m_ends.reset();
    m_performers.reset();
    m_meetings.reset();
    m_motion.clear();
}

Moment Machine::momentOf(const PlanStrand& strand, Instant now, bool isNews) const noexcept
{
    return {now.heard, m_inputs.values(), isNews, m_inputs.usesBeside(strand.input), now.said};
}

void Machine::prime(std::uint32_t input, Counts raw) noexcept
{
    const bool isHeldPush = m_inputs.prime(input, raw);
    maskAll(input, isHeldPush);
}

/// Its strands wait for its release, of whatever layer, or wait no longer.
void Machine::maskAll(std::uint32_t input, bool areMasked) noexcept
{
    const auto& strands = m_plan->inputs[input].strands;
    for (auto s = strands.first; s < strands.first + strands.count; ++s)
        m_strands[s].isMasked = areMasked;
    m_haveMasked[input] = areMasked;
}

void Machine::begin(Instant now) noexcept
{
    for (std::uint32_t input = 0; input < m_plan->inputs.size(); ++input) {
        if (!m_inputs.isPrimed(input)) continue;
        for (const auto strand : m_routing.strandsNow(input)) {
            lookAround(strand, now, Cause::Priming);
            runAgain(strand, now, Cause::Priming);
        }
        const auto& watchers = m_plan->inputs[input].watchers;
        for (std::uint32_t i = 0; i < watchers.count; ++i) {
            const auto strand = m_plan->watchers[watchers.first + i];
            if (m_inputs.isPrimed(m_plan->strands[strand].input)) continue;
            lookAround(strand, now, Cause::Priming);
            runAgain(strand, now, Cause::Priming);
        }
        if (m_inputs.isPush(input)) notePress(input, now);
    }
    m_inputs.endPriming();
    tellFlips(now, Cause::Priming);
    settle(now);
}

void Machine::move(std::uint32_t input, bool isHatY, std::int32_t raw, Instant now) noexcept
{
    if (m_routing.isTaken(input) && m_inputs.isSwitch(input) && m_inputs.wouldMove(input, raw))
        hearAnew(input, now);
    if (!m_inputs.move(input, isHatY, raw)) return;
    const auto value = m_inputs.value(input);
    if (m_haveMasked[input] && !value.isPressed()) maskAll(input, false);
    for (const auto strand : m_routing.strandsNow(input)) {
        if (!m_strands[strand].isMasked) run(strand, value, now, Cause::Move);
    }
    if (m_inputs.isPush(input)) notePress(input, now);
    if (m_plan->inputs[input].watchers.count > 0) tellLookers(input, now, Cause::Move);
    if (!m_meetings.flips().empty()) tellFlips(now, Cause::Move);
}

void Machine::run(std::uint32_t strand, Value in, Instant now, Cause cause) noexcept
{
    const auto& flat = m_plan->strands[strand];
    m_strands[strand].in = in;
    const auto outlets = m_stages.run(flat, in, momentOf(flat, now, isNews(cause)), around());
    if (m_ends.say(flat, outlets, cause, m_meetings)) dropLeft(flat.input);
    if (flat.presses.count > 0) m_performers.hear(flat, outlets, now, cause, m_meetings);
    if (flat.orders.count > 0) giveOrders(flat, outlets, now, cause);
    if (flat.canMove) noteMotion(strand, now);
}

/// An order is given once for each press.
void Machine::giveOrders(const PlanStrand& strand, std::span<const Value> outlets, Instant now,
                         Cause cause) noexcept
{
    for (auto o = strand.orders.first; o < strand.orders.first + strand.orders.count; ++o) {
        const auto& order = m_plan->orders[o];
        const bool isPressed = outlets[order.outlet].isPressed();
        const bool isGiven = isPressed && !m_areGiven[o] && isNews(cause);
        m_areGiven[o] = isPressed;
        if (isGiven) carryOut(order, now);
    }
}

void Machine::carryOut(const PlanOrder& order, Instant now) noexcept
{
    const auto crafts = static_cast<std::uint32_t>(m_plan->views.size());
    switch (order.deed) {
        case Deed::StandDown:
            m_wantsStandDown = true;
            break;
        case Deed::Keep:
            m_wantsKeep = true;
            break;
        case Deed::Recentre:
            recentre(order.what, now);
            break;
        case Deed::Reverse:
            m_meetings.reverse(order.what);
            break;
        case Deed::FlipLayer:
            m_layers.flip(order.what);
            break;
        case Deed::NextLayer:
            m_layers.step(order.what, 1);
            break;
        case Deed::PreviousLayer:
            m_layers.step(order.what, -1);
            break;
        case Deed::ThisCraft:
            m_wantedCraft = order.what;
            break;
        case Deed::NextCraft:
            m_wantedCraft = (m_wantedCraft + 1) % crafts;
            break;
        case Deed::PreviousCraft:
            m_wantedCraft = (m_wantedCraft + crafts - 1) % crafts;
            break;
    }
}

/// What strands to an axis keep begins anew.
void Machine::recentre(std::uint32_t output, Instant now) noexcept
{
    for (const auto link : m_plan->outputs[output].links) {
        const auto strand = m_plan->links[link].strand;
        m_stages.forget(m_plan->strands[strand]);
        runAgain(strand, now, Cause::Priming);
    }
}

int Machine::dropped(std::uint32_t strand) const noexcept
{
    const auto& flat = m_plan->strands[strand];
    return m_performers.dropped(flat) + m_stages.dropped(flat);
}

/// Runs a strand with what its own control says, since something else changed.
void Machine::runAgain(std::uint32_t strand, Instant now, Cause cause) noexcept
{
    const auto input = m_plan->strands[strand].input;
    const auto& state = m_strands[strand];
    if (m_inputs.isThere(input) && !state.isMasked && state.counts())
        run(strand, m_inputs.value(input), now, cause);
}

void Machine::lookAround(std::uint32_t strand, Instant now, Cause cause) noexcept
{
    const auto& flat = m_plan->strands[strand];
    if (counts(strand)) m_stages.look(flat, momentOf(flat, now, isNews(cause)), around());
}

/// Runs the strands with stages that look at a control that changed.
void Machine::tellLookers(std::uint32_t input, Instant now, Cause cause) noexcept
{
    const auto& run = m_plan->inputs[input].watchers;
    for (std::uint32_t w = run.first; w < run.first + run.count; ++w) {
        lookAround(m_plan->watchers[w], now, cause);
        runAgain(m_plan->watchers[w], now, cause);
    }
}

/// Runs the strands whose stages look at virtual controls that were pressed or let go. Each of
/// those is told once for one cause, so that strands that look at each other come to an end.
void Machine::tellFlips(Instant now, Cause cause) noexcept
{
    const auto& flips = m_meetings.flips();
    for (std::size_t i = 0; i < flips.size(); ++i) {  // which grow meanwhile
        const auto& watchers = m_plan->outputs[flips[i]].watchers;
        for (std::uint32_t w = 0; w < watchers.count; ++w) {
            const auto strand = m_plan->watchers[watchers.first + w];
            lookAround(strand, now, cause);
            runAgain(strand, now, cause);
        }
    }
    m_meetings.clearFlips();
}

void Machine::holdByHand(std::uint32_t output, Counts counts, Instant now) noexcept
{
    m_meetings.holdByHand(output, counts);
    if (!m_meetings.flips().empty()) tellFlips(now, Cause::Move);
}

void Machine::letGo(std::uint32_t output, Instant now) noexcept
{
    m_meetings.letGo(output);
    if (!m_meetings.flips().empty()) tellFlips(now, Cause::Move);
}

void Machine::noteMotion(std::uint32_t strand, Instant now) noexcept
{
    const auto& flat = m_plan->strands[strand];
    const auto next = m_stages.nextAt(flat, now.heard);
    m_motion.set(strand, next == Time::max() ? next : std::max(next, now.heard + Time(1)));
}

Time Machine::nextTick() const noexcept
{
    return std::min(m_motion.next(), m_performers.nextTick());
}

void Machine::tick(Instant now) noexcept
{
    while (nextTick() <= now.heard) {
        if (m_motion.next() <= m_performers.nextTick()) {
            tickStrand(m_motion.pop(), now);
        } else {
            m_performers.tick(now, m_meetings);
        }
        if (!m_meetings.flips().empty()) tellFlips(now, Cause::Motion);
    }
}

void Machine::tickStrand(std::uint32_t strand, Instant now) noexcept
{
    if (!m_strands[strand].isFinishing()) return runAgain(strand, now, Cause::Motion);
    finish(strand, now);
    dropLeft(m_plan->strands[strand].input);
}

void Machine::lose(std::span<const std::uint32_t> inputs, Instant now) noexcept
{
    for (const auto input : inputs) {
        m_inputs.lose(input);
        m_routing.letGo(input);
        maskAll(input, false);
    }
    for (const auto input : inputs) {
        const auto& strands = m_plan->inputs[input].strands;
        for (auto s = strands.first; s < strands.first + strands.count; ++s) {
            m_stages.forget(m_plan->strands[s]);
            m_motion.set(s, Time::max());
            m_performers.stop(m_plan->strands[s], m_meetings);
            m_ends.lose(m_plan->strands[s], m_meetings);
            forgetOrders(s);
        }
        countOnly(input);
    }
    for (const auto input : inputs) tellLookers(input, now, Cause::Aside);
    tellFlips(now, Cause::Aside);
}

}  // namespace jolly
