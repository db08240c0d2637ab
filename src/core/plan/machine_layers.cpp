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

constexpr double kMeets = 0.02;  ///< an axis that is as near has been met by the hand

/// How a strand waits for the hand to meet its axis.
constexpr std::int8_t kBegins = 1, kIsBelow = 2, kIsAbove = 3;

}  // namespace

/// A press stays with the strands that took it until its release, also where there are none; then
/// the control goes the way that it should have gone meanwhile.
void Machine::notePress(std::uint32_t input, Time now) noexcept
{
    const auto route = m_routing.route(input);
    if (m_inputs.isPressed(input)) {
        if (!m_routing.isTaken(input) && !m_inputs.isSwitch(input)) m_routing.take(input, route);
        return;
    }
    if (!m_routing.isTaken(input)) return;
    m_routing.letGo(input);
    const auto taken = m_routing.taken(input);
    if (taken != route) changeRoute(input, taken, route, now);
}

/// Layers that were pressed or let go in the frame count now, and the controls that they have
/// strands for go another way.
void Machine::settle(Time now) noexcept
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
void Machine::reroute(std::uint64_t layers, Time now) noexcept
{
    for (std::uint32_t input = 0; input < m_plan->inputs.size(); ++input) {
        if ((m_plan->inputs[input].layers & layers) == 0) continue;
        const auto from = m_routing.route(input);
        const auto to = m_routing.wanted(input, m_layers.engaged());
        if (from == to) continue;
        m_routing.setRoute(input, to);
        const bool isTaken = m_routing.isTaken(input);
        const bool staysPressed = !isTaken && from != Routing::kNone && m_inputs.isPressed(input) &&
                                  !m_routing.layerBetween(from, to).tellsSwitches;
        if (staysPressed) m_routing.take(input, from);
        if (!isTaken && !staysPressed) changeRoute(input, from, to, now);
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

/// Strands of both routes do not notice.
void Machine::changeRoute(std::uint32_t input, std::uint32_t from, std::uint32_t to,
                          Time now) noexcept
{
    const auto isAxis = m_plan->inputs[input].control.kind == ControlKind::Axis;
    const bool waits = isAxis && m_routing.layerBetween(from, to).crossing == Crossing::PickUp;
    for (const auto strand : m_routing.strandsOf(from)) {
        if (!m_routing.has(to, strand)) takeOut(strand);
    }
    for (const auto strand : m_routing.strandsOf(to)) {
        if (!m_routing.counts(strand)) bringIn(strand, waits, now);
    }
}

/// What it remembers it goes on from; what happened meanwhile it has not seen.
void Machine::bringIn(std::uint32_t strand, bool picksUp, Time now) noexcept
{
    m_routing.setCounts(strand, true);
    m_pickUps[strand] = picksUp ? kBegins : std::int8_t{0};
    lookAround(strand, now, Cause::Priming);
    runAgain(strand, now, Cause::Priming);
}

/// Lets go of all that a strand pressed. Its stages sleep, or forget, as its layer says.
void Machine::takeOut(std::uint32_t strand) noexcept
{
    const auto& flat = m_plan->strands[strand];
    const bool remembers = m_plan->layers[flat.layer].remembers;
    for (auto i = flat.stages.first; i < flat.stages.first + flat.stages.count; ++i) {
        if (remembers) {
            m_areAsleep[i] = true;
        } else {
            jolly::reset(m_runners[i]);
        }
    }
    endStrand(strand);
    m_routing.setCounts(strand, false);
}

void Machine::endStrand(std::uint32_t strand) noexcept
{
    const auto& flat = m_plan->strands[strand];
    m_pickUps[strand] = 0;
    m_motion.set(strand, Time::max());
    m_ends.lose(flat, m_meetings);
    for (auto o = flat.orders.first; o < flat.orders.first + flat.orders.count; ++o)
        m_areGiven[o] = false;
}

/// An axis that another strand had stays where it is until the hand comes to it, or past it.
bool Machine::hasMet(std::uint32_t strand, std::span<const Value> outlets) noexcept
{
    auto& waits = m_pickUps[strand];
    const auto& links = m_plan->strands[strand].links;
    for (auto l = links.first; l < links.first + links.count; ++l) {
        const auto& link = m_plan->links[l];
        if (!link.isAxis) continue;
        const double mine = outlets[link.outlet].x * link.scale + link.offset;
        const double off = mine - m_meetings.value(link.output).x;
        const auto now = off < 0.0 ? kIsBelow : kIsAbove;
        if (waits == kBegins) waits = now;
        if (now != waits || (off < kMeets && off > -kMeets)) break;
        return false;
    }
    waits = 0;
    return true;
}

}  // namespace jolly
