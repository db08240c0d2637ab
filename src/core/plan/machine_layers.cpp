// SPDX-License-Identifier: GPL-3.0-or-later
#include "core/plan/machine.h"

#include <algorithm>

/// How layers and craft change which strands count.
namespace jolly
{

namespace
{

/// Layers that engage each other round and round are left as they are after so many turns.
constexpr int kMostRounds = 8;

}  // namespace

/// A press stays with the strands that took it until its release, also where there are none; then
/// the control goes the way that it should have gone meanwhile.
void Machine::notePress(std::uint32_t input, Instant now) noexcept
{
    const auto route = m_routing.route(input);
    if (m_inputs.isPressed(input)) {
        if (!m_routing.isTaken(input)) m_routing.take(input, route);
        return;
    }
    if (!m_routing.isTaken(input)) return;
    m_routing.letGo(input);
    changeRoute(input, m_routing.taken(input), route, now);
}

/// A switch that a layer did not want to hear of moves: from now on it goes its way.
void Machine::hearAnew(std::uint32_t input, Instant now) noexcept
{
    m_routing.letGo(input);
    changeRoute(input, m_routing.taken(input), m_routing.route(input), now);
}

/// Layers that were pressed or let go in the frame count now, and the controls that they have
/// strands for go another way.
void Machine::settle(Instant now) noexcept
{
    const bool isOtherCraft = m_wantedCraft != m_routing.craft();
    if (isOtherCraft) {
        m_routing.setCraft(m_wantedCraft);
        reroute(~std::uint64_t{0}, now);
    }
    for (int round = 0; round < kMostRounds; ++round) {
        const bool isPressed = m_meetings.takeLayerNews();
        if (!isPressed && !m_layers.hasNews()) return;
        const auto changed = m_layers.settle(m_meetings);
        if (changed != 0) reroute(changed, now);
    }
}

/// Controls that any of these layers has strands for go where they should go now.
void Machine::reroute(std::uint64_t layers, Instant now) noexcept
{
    for (std::uint32_t input = 0; input < m_plan->inputs.size(); ++input) {
        if ((m_plan->inputs[input].layers & layers) != 0) rerouteInput(input, now);
    }
    for (std::uint32_t layer = 0; layer < m_plan->layers.size(); ++layer) {
        if (((layers >> layer) & 1U) == 0) continue;
        const auto& watchers = m_plan->layers[layer].watchers;
        for (auto w = watchers.first; w < watchers.first + watchers.count; ++w) {
            lookAround(m_plan->watchers[w], now, Cause::Move);
            runAgain(m_plan->watchers[w], now, Cause::Move);
        }
    }
    if (!m_meetings.flips().empty()) tellFlips(now, Cause::Move);
}

/// A press stays where it is until its release. A switch stays where it is until it moves, if the
/// layer that comes or goes does not want to hear of it; else it says where it stands.
void Machine::rerouteInput(std::uint32_t input, Instant now) noexcept
{
    const auto to = m_routing.wanted(input, m_layers.engaged());
    const auto from = m_routing.present(input);
    const bool isSame = to == m_routing.route(input);
    m_routing.setRoute(input, to);
    if (isSame) return;
    if (!m_inputs.isSwitch(input)) {
        if (!m_routing.isTaken(input)) changeRoute(input, from, to, now);
        return;
    }
    if (from != to && !m_routing.layerBetween(from, to).tellsSwitches) {
        m_routing.take(input, from);
        return;
    }
    m_routing.letGo(input);
    changeRoute(input, from, to, now);
}

/// Strands of both routes do not notice. An axis that is picked up stays where it is meanwhile.
void Machine::changeRoute(std::uint32_t input, std::uint32_t from, std::uint32_t to,
                          Instant now) noexcept
{
    if (from == to) return;
    const auto isAxis = m_plan->inputs[input].control.kind == ControlKind::Axis;
    const bool waits = isAxis && m_routing.layerBetween(from, to).crossing == Crossing::PickUp;
    for (const auto strand : m_routing.strandsOf(from)) {
        if (!m_routing.has(to, strand)) takeOut(strand, now);
    }
    for (const auto strand : m_routing.strandsOf(to)) {
        if (!counts(strand)) bringIn(strand, waits, now);
    }
    dropLeft(input);
}

/// What it remembers it goes on from; what happened meanwhile it has not seen.
void Machine::bringIn(std::uint32_t strand, bool picksUp, Instant now) noexcept
{
    const auto& flat = m_plan->strands[strand];
    auto& state = m_strands[strand];
    const bool goesOn = state.isFinishing();
    state.part = StrandState::Part::Counts;
    if (picksUp) m_ends.pickUp(flat);
    if (goesOn)
        m_stages.resume(flat, m_inputs.value(flat.input), momentOf(flat, now, false), around());
    lookAround(strand, now, Cause::Brought);
    runAgain(strand, now, Cause::Brought);
}

/// A strand counts no longer. It lets go of what it pressed, but what its presses began in stages
/// goes on to its end. Its axes stay until dropLeft().
void Machine::takeOut(std::uint32_t strand, Instant now) noexcept
{
    const auto& flat = m_plan->strands[strand];
    m_ends.stopWaiting(flat);
    if (flat.canMove && m_stages.arePerforming(flat)) {
        m_strands[strand].part = StrandState::Part::Finishing;
        return finish(strand, now);
    }
    endStrand(strand);
}

/// The stages of a strand that counts no longer see nothing new.
void Machine::finish(std::uint32_t strand, Instant now) noexcept
{
    const auto& flat = m_plan->strands[strand];
    const auto outlets =
        m_stages.run(flat, m_strands[strand].in, momentOf(flat, now, false), around());
    giveOrders(flat, outlets, now, Cause::Motion);
    m_ends.finish(flat, outlets, m_meetings);
    m_performers.hear(flat, outlets, now, Cause::Motion, m_meetings);
    if (!m_stages.arePerforming(flat)) return endStrand(strand);
    noteMotion(strand, now);
}

/// Nothing of it is left but the axes that stay where they are, and what its stages hold, if its
/// layer remembers.
void Machine::endStrand(std::uint32_t strand) noexcept
{
    const auto& flat = m_plan->strands[strand];
    m_strands[strand].part = StrandState::Part::None;
    if (m_plan->layers[flat.layer].remembers) {
        m_stages.sleep(flat);
    } else {
        m_stages.forget(flat);
    }
    m_motion.set(strand, Time::max());
    m_performers.leave(flat, m_meetings);
    m_ends.leave(flat, m_meetings);
    forgetOrders(strand);
}

void Machine::forgetOrders(std::uint32_t strand) noexcept
{
    const auto& flat = m_plan->strands[strand];
    for (auto o = flat.orders.first; o < flat.orders.first + flat.orders.count; ++o)
        m_areGiven[o] = false;
}

/// Axes that strands of a control left rest, unless they are kept or another strand of it waits
/// there for the hand. What is kept is over when another strand of it has the axis.
void Machine::dropLeft(std::uint32_t input) noexcept
{
    const auto& strands = m_plan->inputs[input].strands;
    for (auto s = strands.first; s < strands.first + strands.count; ++s) {
        const auto& flat = m_plan->strands[s];
        if (counts(s)) continue;
        for (auto l = flat.links.first; l < flat.links.first + flat.links.count; ++l) {
            if (!m_meetings.isLeft(l)) continue;
            const auto heir = heirOf(input, m_plan->links[l].output);
            const bool isOver =
                heir == Heir::Has || (heir == Heir::None && flat.whenAway != WhenAway::Keep);
            if (isOver) m_meetings.lose(l, WhenAway::Rest);
        }
    }
}

/// Whether a strand of a control that counts has a virtual control, or waits there for the hand.
Machine::Heir Machine::heirOf(std::uint32_t input, std::uint32_t output) const noexcept
{
    auto heir = Heir::None;
    for (const auto link : m_plan->outputs[output].links) {
        const auto strand = m_plan->links[link].strand;
        if (m_plan->strands[strand].input != input || !counts(strand)) continue;
        if (m_ends.isWaiting(link)) return Heir::Waits;
        heir = Heir::Has;
    }
    return heir;
}

/// Of the strands of a control those count that its way leads to.
void Machine::countOnly(std::uint32_t input) noexcept
{
    const auto& strands = m_plan->inputs[input].strands;
    for (auto s = strands.first; s < strands.first + strands.count; ++s)
        m_strands[s].part = StrandState::Part::None;
    for (const auto strand : m_routing.strandsNow(input))
        m_strands[strand].part = StrandState::Part::Counts;
}

}  // namespace jolly
