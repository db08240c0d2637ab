// SPDX-License-Identifier: GPL-3.0-or-later
#include "core/plan/machine.h"

#include <algorithm>
#include <optional>

namespace jolly
{

/// Lets a machine go on where the one before it stands.
class Handover
{
 public:
    Handover(Machine& mine, const Machine& previous, Instant now) noexcept
        : m_mine(mine), m_previous(previous), m_now(now)
    {
    }

    void run() noexcept
    {
        m_mine.m_inputs.goOnCounting(m_previous.m_inputs);
        takeOverLayers();
        takeOverInputs();
        takeOverStrands();
        takeOverOutputs();
    }

 private:
    void takeOverInputs() noexcept;
    void takeOverLayers() noexcept;
    void takeOverPress(std::uint32_t input, std::uint32_t old) noexcept;
    void takeOverStrands() noexcept;
    void takeOverStrand(std::uint32_t strand, std::uint32_t old) noexcept;
    void takeOverMask(std::uint32_t strand, std::uint32_t old) noexcept;
    [[nodiscard]] std::optional<std::uint32_t> oldOf(const std::string& id) const noexcept;
    void leave(std::uint32_t strand, bool hasBegun) noexcept;
    template <class Visit>
    void forEachPair(const PlanStrand& mine, const PlanStrand& theirs,
                     Visit&& visit) const noexcept;
    [[nodiscard]] bool isKept(std::uint32_t strand, std::uint32_t link,
                              std::uint32_t old) const noexcept;
    void takeOverPerformers(const PlanStrand& mine, const PlanStrand& theirs) noexcept;
    void takeOverOutputs() noexcept;
    [[nodiscard]] bool isSame(const PlanPress& mine, const PlanPress& theirs) const noexcept;
    [[nodiscard]] bool isSame(std::uint32_t input, std::uint32_t old) const noexcept;

    Machine& m_mine;
    const Machine& m_previous;
    Instant m_now;
};

void Machine::takeOver(const Machine& previous, Instant now) noexcept
{
    Handover(*this, previous, now).run();
    for (std::uint32_t input = 0; input < m_plan->inputs.size(); ++input) dropLeft(input);
    m_meetings.goOn();
    begin(now);
    for (std::uint32_t strand = 0; strand < m_strands.size(); ++strand) {
        if (!m_strands[strand].isFinishing()) continue;
        finish(strand, now);
        dropLeft(m_plan->strands[strand].input);
    }
    tellFlips(now, Cause::Motion);
}

/// Layers stay engaged and the craft is flown on where the tangle still has them.
void Handover::takeOverLayers() noexcept
{
    const auto& mine = m_mine.m_plan->layers;
    const auto& old = m_previous.m_plan->layers;
    for (std::uint32_t layer = 1; layer < mine.size(); ++layer) {
        for (std::uint32_t o = 1; o < old.size(); ++o) {
            if (old[o].id == mine[layer].id) m_mine.m_layers.keep(layer, m_previous.m_layers, o);
        }
    }
    const auto& views = m_mine.m_plan->views;
    const auto& before = m_previous.m_plan->views;
    if (m_previous.m_routing.craft() < before.size()) {
        const auto& craft = before[m_previous.m_routing.craft()].craft;
        const auto found = std::ranges::find(views, craft, &PlanView::craft);
        const auto place = static_cast<std::uint32_t>(found - views.begin());
        m_mine.m_wantedCraft = place < views.size() ? place : 0;
        m_mine.m_routing.setCraft(m_mine.m_wantedCraft);
    }
    m_mine.m_routing.begin(m_mine.m_layers.engaged());
    for (std::uint32_t input = 0; input < m_mine.m_plan->inputs.size(); ++input)
        m_mine.countOnly(input);
}

/// A press that is under way stays with the strands of the layer that took it.
void Handover::takeOverPress(std::uint32_t input, std::uint32_t old) noexcept
{
    const auto taken = m_previous.m_routing.taken(old);
    if (!m_previous.m_routing.isTaken(old) || taken == Routing::kNone) return;
    const auto& layer = m_previous.m_plan->layers[m_previous.m_plan->routes[taken].layer].id;
    auto& routing = m_mine.m_routing;
    const auto& run = m_mine.m_plan->views[routing.craft()].routes[input];
    for (auto route = run.first; route < run.first + run.count; ++route) {
        if (m_mine.m_plan->layers[m_mine.m_plan->routes[route].layer].id != layer) continue;
        routing.take(input, route);
        m_mine.countOnly(input);
        return;
    }
}

void Handover::takeOverStrands() noexcept
{
    for (const auto strand : m_mine.m_plan->strandsById) {
        const auto& mine = m_mine.m_plan->strands[strand];
        auto old = oldOf(mine.id);
        if (!old && !mine.insteadOf.empty()) old = oldOf(mine.insteadOf);
        if (old) takeOverStrand(strand, *old);
    }
}

/// The place of a strand in the plan before.
std::optional<std::uint32_t> Handover::oldOf(const std::string& id) const noexcept
{
    const auto& strands = m_previous.m_plan->strands;
    const auto& byId = m_previous.m_plan->strandsById;
    const auto found = std::ranges::lower_bound(
        byId, id, {}, [&](std::uint32_t s) -> const std::string& { return strands[s].id; });
    if (found == byId.end() || strands[*found].id != id) return std::nullopt;
    return *found;
}

/// Axes that were turned round for this flight stay so, and what a hand holds is held on.
void Handover::takeOverOutputs() noexcept
{
    const auto& mine = m_mine.m_plan->outputs;
    const auto& old = m_previous.m_plan->outputs;
    for (std::uint32_t o = 0; o < old.size(); ++o) {
        const auto& before = m_previous.m_meetings;
        if (!before.isReversed(o) && !before.isByHand(o)) continue;
        for (std::uint32_t m = 0; m < mine.size(); ++m) {
            if (mine[m].place != old[o].place) continue;
            if (before.isReversed(o)) m_mine.m_meetings.keepReversed(m);
            if (before.isByHand(o)) m_mine.m_meetings.holdByHand(m, before.raw(o));
        }
    }
}

bool Handover::isSame(std::uint32_t input, std::uint32_t old) const noexcept
{
    const auto& mine = m_mine.m_plan->inputs[input];
    const auto& theirs = m_previous.m_plan->inputs[old];
    return mine.controller == theirs.controller && mine.control.code == theirs.control.code;
}

/// Of both rigs the order is nearly always the same, so each control is looked for behind the one
/// that was found before it.
void Handover::takeOverInputs() noexcept
{
    const auto count = static_cast<std::uint32_t>(m_previous.m_plan->inputs.size());
    std::uint32_t next = 0;
    for (std::uint32_t input = 0; input < m_mine.m_plan->inputs.size(); ++input) {
        if (!m_mine.m_inputs.isPrimed(input)) continue;
        for (std::uint32_t i = 0; i < count; ++i) {
            const auto old = next + i < count ? next + i : next + i - count;
            if (!isSame(input, old)) continue;
            m_mine.m_inputs.goOn(input, m_previous.m_inputs, old);
            takeOverPress(input, old);
            next = old + 1;
            break;
        }
    }
}

/// A push that is held does not run a strand that did not count when it was pressed.
void Handover::takeOverMask(std::uint32_t strand, std::uint32_t old) noexcept
{
    const auto input = m_previous.m_plan->strands[old].input;
    const bool isHeld = m_previous.m_inputs.isPressed(input) && m_previous.m_routing.isTaken(input);
    const bool missedIt = isHeld && !m_previous.counts(old);
    auto& isMasked = m_mine.m_strands[strand].isMasked;
    isMasked = (isMasked && m_previous.m_strands[old].isMasked) || missedIt;
    if (missedIt) m_mine.m_haveMasked[m_mine.m_plan->strands[strand].input] = true;
}

/// Ends of a strand that lead from the outlet and to the place where ends of the old one led.
template <class Visit>
void Handover::forEachPair(const PlanStrand& mine, const PlanStrand& theirs,
                           Visit&& visit) const noexcept
{
    for (auto m = mine.links.first; m < mine.links.first + mine.links.count; ++m) {
        const auto& end = m_mine.m_plan->links[m];
        for (auto t = theirs.links.first; t < theirs.links.first + theirs.links.count; ++t) {
            const auto& before = m_previous.m_plan->links[t];
            if (end.outlet != before.outlet || m_mine.m_plan->outputs[end.output].place !=
                                                   m_previous.m_plan->outputs[before.output].place)
                continue;
            visit(m, t);
            break;
        }
    }
}

void Handover::takeOverStrand(std::uint32_t strand, std::uint32_t old) noexcept
{
    const auto& mine = m_mine.m_plan->strands[strand];
    const auto& theirs = m_previous.m_plan->strands[old];
    const auto& before = m_previous.m_strands[old];
    auto& state = m_mine.m_strands[strand];
    if (!isSame(mine.input, theirs.input)) return;
    if (m_previous.m_inputs.isThere(theirs.input)) takeOverMask(strand, old);
    state.in = before.in;
    m_mine.m_stages.goOn(mine, m_previous.m_stages, theirs);
    forEachPair(mine, theirs, [this](std::uint32_t link, std::uint32_t was) {
        m_mine.m_ends.keep(link, m_previous.m_ends, was);
    });
    takeOverPerformers(mine, theirs);
    if (!state.counts()) leave(strand, before.counts() || before.isFinishing());
    forEachPair(mine, theirs, [&](std::uint32_t link, std::uint32_t was) {
        if (!isKept(strand, link, was)) return;
        m_mine.m_meetings.keep(link, m_previous.m_meetings, was);
        if (!state.counts() && m_mine.m_plan->links[link].isAxis) m_mine.m_meetings.leave(link);
    });
}

/// A performer goes on for an end that presses the same, in the same way.
void Handover::takeOverPerformers(const PlanStrand& mine, const PlanStrand& theirs) noexcept
{
    for (auto m = mine.presses.first; m < mine.presses.first + mine.presses.count; ++m) {
        for (auto t = theirs.presses.first; t < theirs.presses.first + theirs.presses.count; ++t) {
            if (!isSame(m_mine.m_plan->presses[m], m_previous.m_plan->presses[t])) continue;
            m_mine.m_performers.keep(m, m_previous.m_performers, t, m_now);
            break;
        }
    }
}

bool Handover::isSame(const PlanPress& mine, const PlanPress& theirs) const noexcept
{
    if (mine.outlet != theirs.outlet || mine.how != theirs.how ||
        mine.links.count != theirs.links.count)
        return false;
    const auto placeOf = [](const Plan& plan, std::uint32_t link) -> const Target& {
        return plan.outputs[plan.links[link].output].place;
    };
    for (std::uint32_t i = 0; i < mine.links.count; ++i) {
        if (placeOf(*m_mine.m_plan, mine.links.first + i) !=
            placeOf(*m_previous.m_plan, theirs.links.first + i))
            return false;
    }
    return true;
}

/// A strand does not count now. What its presses began goes on; else its stages sleep, or forget.
void Handover::leave(std::uint32_t strand, bool hasBegun) noexcept
{
    const auto& flat = m_mine.m_plan->strands[strand];
    m_mine.m_ends.stopWaiting(flat);
    if (hasBegun && m_mine.m_stages.arePerforming(flat)) {
        m_mine.m_strands[strand].part = StrandState::Part::Finishing;
        return;
    }
    m_mine.m_performers.leave(flat, m_mine.m_meetings);
    if (m_mine.m_plan->layers[flat.layer].remembers) {
        m_mine.m_stages.sleep(flat);
    } else {
        m_mine.m_stages.forget(flat);
    }
}

/// Whether an end goes on saying what it said: so whoever waits for a virtual control finds it as
/// it was, and an axis stays with the one that moved it last. Of a strand that does not count now,
/// or whose controller is away, an axis stays that is kept, or that was left for another strand.
bool Handover::isKept(std::uint32_t strand, std::uint32_t link, std::uint32_t old) const noexcept
{
    const auto& flat = m_mine.m_plan->strands[strand];
    const auto& state = m_mine.m_strands[strand];
    if (state.counts() && m_mine.m_inputs.isThere(flat.input)) return true;
    const auto& end = m_mine.m_plan->links[link];
    if (!end.isHeld()) return m_mine.m_performers.isPerforming(end.press);
    if (!end.isAxis) return state.isFinishing();
    return flat.whenAway == WhenAway::Keep || m_previous.m_meetings.isLeft(old);
}

}  // namespace jolly
