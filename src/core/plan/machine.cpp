// SPDX-License-Identifier: GPL-3.0-or-later
#include "core/plan/machine.h"

#include <algorithm>
#include <cstdlib>

namespace jolly
{

Machine::Machine(Plan plan)
    : m_plan(std::make_unique<const Plan>(std::move(plan))),
      m_inputs(*m_plan),
      m_areAsleep(m_plan->stages.size()),
      m_areMasked(m_plan->strands.size()),
      m_haveMasked(m_plan->inputs.size()),
      m_stageValues(m_plan->stages.size()),
      m_outs(m_plan->outlets),
      m_areGiven(m_plan->orders.size()),
      m_ends(*m_plan),
      m_meetings(*m_plan),
      m_motion(m_plan->strands.size()),
      m_layers(*m_plan),
      m_routing(*m_plan),
      m_pickUps(m_plan->strands.size())
{
    m_runners.reserve(m_plan->stages.size());
    for (const auto& stage : m_plan->stages) m_runners.push_back(stage.runner);
}

void Machine::reset() noexcept
{
    m_inputs.reset();
    m_layers.reset();
    m_routing.begin(m_layers.engaged());
    std::ranges::fill(m_pickUps, std::int8_t{0});
    for (auto& runner : m_runners) jolly::reset(runner);
    std::fill(m_areAsleep.begin(), m_areAsleep.end(), false);
    std::fill(m_areMasked.begin(), m_areMasked.end(), false);
    std::fill(m_haveMasked.begin(), m_haveMasked.end(), false);
    std::ranges::fill(m_stageValues, Value{});
    std::ranges::fill(m_outs, Value{});
    std::fill(m_areGiven.begin(), m_areGiven.end(), false);
    m_wantsStandDown = m_wantsKeep = false;
    m_ends.reset();
    m_meetings.reset();
    m_motion.clear();
}

Moment Machine::momentOf(Time now, Cause cause) const noexcept
{
    return {now, m_inputs.values(), cause != Cause::Priming, m_inputs.uses()};
}

bool Machine::doesWork(const PlanStage& stage) const noexcept
{
    if (!stage.when) return true;
    const auto& when = *stage.when;
    switch (when.waits) {
        case Waits::Input:
            return m_inputs.value(when.place).isPressed() != when.isOff;
        case Waits::Output:
            return m_meetings.value(when.place).isPressed() != when.isOff;
        case Waits::Layer:
            return m_layers.isEngaged(when.place) != when.isOff;
    }
    return true;
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
    for (std::uint32_t i = 0; i < strands.count; ++i) m_areMasked[strands.first + i] = areMasked;
    m_haveMasked[input] = areMasked;
}

void Machine::begin(Time now) noexcept
{
    m_now = now;
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
        notePress(input, now);
    }
    m_inputs.endPriming();
    tellFlips(now, Cause::Priming);
    settle(now);
}

void Machine::move(std::uint32_t input, bool isHatY, std::int32_t raw, Time now) noexcept
{
    m_now = now;
    if (!m_inputs.move(input, isHatY, raw)) return;
    const auto value = m_inputs.value(input);
    if (m_haveMasked[input] && !value.isPressed()) maskAll(input, false);
    for (const auto strand : m_routing.strandsNow(input)) {
        if (!m_areMasked[strand]) run(strand, value, now, Cause::Move);
    }
    notePress(input, now);
    if (m_plan->inputs[input].watchers.count > 0) tellLookers(input, now, Cause::Move);
    if (!m_meetings.flips().empty()) tellFlips(now, Cause::Move);
}

void Machine::run(std::uint32_t strand, Value in, Time now, Cause cause) noexcept
{
    const auto& flat = m_plan->strands[strand];
    auto* const outlets = m_outs.data() + flat.outlets.first;
    if (flat.stages.count == 0) {
        outlets[0] = in;
    } else {
        runStages(flat, in, now, cause, {outlets, flat.outlets.count});
    }
    if (m_pickUps[strand] != 0 && !hasMet(strand, {outlets, flat.outlets.count})) return;
    m_ends.say(flat, {outlets, flat.outlets.count}, now, cause, m_meetings);
    if (flat.orders.count > 0) giveOrders(flat, {outlets, flat.outlets.count}, now, cause);
    if (flat.canMove) noteMotion(strand, now);
}

void Machine::runStages(const PlanStrand& strand, Value in, Time now, Cause cause,
                        std::span<Value> outlets) noexcept
{
    const auto moment = momentOf(now, cause);
    const auto last = strand.stages.first + strand.stages.count - 1;
    for (auto i = strand.stages.first; i <= last; ++i) {
        const auto& stage = m_plan->stages[i];
        if ((stage.when || m_areAsleep[i]) && !rouse(i, in, now)) {
            if (stage.counts) return;  // it is the last one that says anything, and stands still
            if (stage.turns) in = {};
            if (i == last) std::ranges::fill(outlets, in);
        } else {
            in = apply(m_runners[i], in, moment, outlets);
        }
        m_stageValues[i] = in;
    }
    outlets.front() = in;
}

/// An order is given once for each press.
void Machine::giveOrders(const PlanStrand& strand, std::span<const Value> outlets, Time now,
                         Cause cause) noexcept
{
    for (auto o = strand.orders.first; o < strand.orders.first + strand.orders.count; ++o) {
        const auto& order = m_plan->orders[o];
        const bool isPressed = outlets[order.outlet].isPressed();
        const bool isGiven = isPressed && !m_areGiven[o] && cause != Cause::Priming;
        m_areGiven[o] = isPressed;
        if (!isGiven) continue;
        carryOut(order, now);
    }
}

void Machine::carryOut(const PlanOrder& order, Time now) noexcept
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
void Machine::recentre(std::uint32_t output, Time now) noexcept
{
    for (const auto link : m_plan->outputs[output].links) {
        const auto strand = m_plan->links[link].strand;
        const auto& stages = m_plan->strands[strand].stages;
        for (auto i = stages.first; i < stages.first + stages.count; ++i)
            jolly::reset(m_runners[i]);
        runAgain(strand, now, Cause::Priming);
    }
}

int Machine::dropped(std::uint32_t strand) const noexcept
{
    const auto& flat = m_plan->strands[strand];
    int count = m_ends.dropped(flat);
    for (auto i = flat.stages.first; i < flat.stages.first + flat.stages.count; ++i)
        count += jolly::dropped(m_runners[i]);
    return count;
}

/// Runs a strand with what its own control says, since something else changed.
void Machine::runAgain(std::uint32_t strand, Time now, Cause cause) noexcept
{
    const auto input = m_plan->strands[strand].input;
    if (m_inputs.isThere(input) && !m_areMasked[strand] && m_routing.counts(strand))
        run(strand, m_inputs.value(input), now, cause);
}

/// Finds out whether a stage works now, and wakes it if it did not.
bool Machine::rouse(std::uint32_t stage, Value in, Time now) noexcept
{
    const bool works = doesWork(m_plan->stages[stage]);
    if (works && m_areAsleep[stage])
        wake(m_runners[stage], in,
             momentOf(now, Cause::Priming));  // what it slept through is no news
    m_areAsleep[stage] = !works;
    return works;
}

/// A strand's stages hear what became of the controls that they look at, although the strand's own
/// source may not have been heard of. One that slept until now has seen nothing of it; it wakes
/// when its strand runs, or at once where that cannot.
void Machine::lookAround(std::uint32_t strand, Time now, Cause cause) noexcept
{
    const auto& flat = m_plan->strands[strand];
    const auto& stages = flat.stages;
    if (!m_routing.counts(strand)) return;
    for (auto i = stages.first; i < stages.first + stages.count; ++i) {
        if (!doesWork(m_plan->stages[i])) {
            m_areAsleep[i] = true;
        } else if (!m_areAsleep[i]) {
            look(m_runners[i], momentOf(now, cause));
        } else if (!m_inputs.isThere(flat.input)) {
            static_cast<void>(rouse(i, {}, now));
        }
    }
}

/// Runs the strands with stages that look at a control that changed.
void Machine::tellLookers(std::uint32_t input, Time now, Cause cause) noexcept
{
    const auto& run = m_plan->inputs[input].watchers;
    for (std::uint32_t w = run.first; w < run.first + run.count; ++w) {
        lookAround(m_plan->watchers[w], now, cause);
        runAgain(m_plan->watchers[w], now, cause);
    }
}

/// Runs the strands whose stages look at virtual controls that were pressed or let go. Each of
/// those is told once for one cause, so that strands that look at each other come to an end.
void Machine::tellFlips(Time now, Cause cause) noexcept
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

void Machine::holdByHand(std::uint32_t output, Counts counts) noexcept
{
    m_meetings.holdByHand(output, counts);
    if (!m_meetings.flips().empty()) tellFlips(m_now, Cause::Move);
}

void Machine::letGo(std::uint32_t output) noexcept
{
    m_meetings.letGo(output);
    if (!m_meetings.flips().empty()) tellFlips(m_now, Cause::Move);
}

void Machine::noteMotion(std::uint32_t strand, Time now) noexcept
{
    const auto& stages = m_plan->strands[strand].stages;
    auto next = m_ends.nextAt(m_plan->strands[strand]);
    for (auto i = stages.first; i < stages.first + stages.count; ++i) {
        if (!m_areAsleep[i]) next = std::min(next, nextAt(m_runners[i], now));
    }
    m_motion.set(strand, next == Time::max() ? next : std::max(next, now + Time(1)));
}

void Machine::tick(Time now) noexcept
{
    m_now = now;
    while (m_motion.next() <= now) {
        runAgain(m_motion.pop(), now, Cause::Motion);
        if (!m_meetings.flips().empty()) tellFlips(now, Cause::Motion);
    }
}

void Machine::lose(std::uint32_t input, Time now) noexcept
{
    m_now = now;
    m_inputs.lose(input);
    m_routing.letGo(input);
    const auto& strands = m_plan->inputs[input].strands;
    maskAll(input, false);
    for (auto s = strands.first; s < strands.first + strands.count; ++s) {
        const auto& stages = m_plan->strands[s].stages;
        for (auto stage = stages.first; stage < stages.first + stages.count; ++stage)
            jolly::reset(m_runners[stage]);
        if (m_routing.counts(s)) endStrand(s);
        m_routing.setCounts(s, m_routing.has(m_routing.route(input), s));
    }
    tellLookers(input, now, Cause::Aside);
    tellFlips(now, Cause::Aside);
}

}  // namespace jolly
