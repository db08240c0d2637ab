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
    Handover(Machine& mine, const Machine& previous) noexcept : m_mine(mine), m_previous(previous)
    {
    }

    void run() noexcept
    {
        m_mine.m_inputs.goOnCounting(m_previous.m_inputs);
        takeOverLayers();
        takeOverInputs();
        takeOverStrands();
        takeOverReversed();
    }

 private:
    void takeOverInputs() noexcept;
    void takeOverLayers() noexcept;
    void takeOverPress(std::uint32_t input, std::uint32_t old) noexcept;
    void takeOverStrands() noexcept;
    void takeOverStrand(std::uint32_t strand, std::uint32_t old) noexcept;
    void takeOverMask(std::uint32_t strand, std::uint32_t old) noexcept;
    [[nodiscard]] std::optional<std::uint32_t> oldOf(const std::string& id) const noexcept;
    void takeOverStages(const PlanStrand& mine, const PlanStrand& theirs) noexcept;
    void takeOverEnds(std::uint32_t strand, std::uint32_t old) noexcept;
    void takeOverReversed() noexcept;
    [[nodiscard]] bool isSame(std::uint32_t input, std::uint32_t old) const noexcept;

    Machine& m_mine;
    const Machine& m_previous;
};

void Machine::takeOver(const Machine& previous, Time now) noexcept
{
    Handover(*this, previous).run();
    m_meetings.goOn();
    begin(now);
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
        for (const auto strand : routing.strandsOf(routing.route(input)))
            routing.setCounts(strand, false);
        for (const auto strand : routing.strandsOf(route)) routing.setCounts(strand, true);
        routing.take(input, route);
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

/// Axes that were turned round for this flight stay so.
void Handover::takeOverReversed() noexcept
{
    const auto& mine = m_mine.m_plan->outputs;
    const auto& old = m_previous.m_plan->outputs;
    for (std::uint32_t o = 0; o < old.size(); ++o) {
        if (!m_previous.m_meetings.isReversed(o)) continue;
        for (std::uint32_t m = 0; m < mine.size(); ++m) {
            if (mine[m].place == old[o].place) m_mine.m_meetings.keepReversed(m);
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
    const bool missedIt = isHeld && !m_previous.m_routing.counts(old);
    const bool isMasked = m_mine.m_areMasked[strand] && m_previous.m_areMasked[old];
    m_mine.m_areMasked[strand] = isMasked || missedIt;
    if (missedIt) m_mine.m_haveMasked[m_mine.m_plan->strands[strand].input] = true;
}

void Handover::takeOverStrand(std::uint32_t strand, std::uint32_t old) noexcept
{
    const auto& mine = m_mine.m_plan->strands[strand];
    const auto& theirs = m_previous.m_plan->strands[old];
    if (!isSame(mine.input, theirs.input)) return;
    if (m_previous.m_inputs.isThere(theirs.input)) takeOverMask(strand, old);
    m_mine.m_pickUps[strand] = m_previous.m_pickUps[old];
    takeOverStages(mine, theirs);
    if (m_mine.m_routing.counts(strand)) takeOverEnds(strand, old);  // else it lets go
}

/// The first stage of a kind goes on from the first of that kind, the second from the second: so an
/// edit in flight makes nothing jump, and a stage that is added makes no other forget.
void Handover::takeOverStages(const PlanStrand& mine, const PlanStrand& theirs) noexcept
{
    const auto countBefore = [](const std::vector<StageRunner>& runners, std::uint32_t first,
                                std::uint32_t place) {
        std::uint32_t count = 0;
        for (auto i = first; i < place; ++i)
            count += runners[i].index() == runners[place].index() ? 1U : 0U;
        return count;
    };
    for (auto i = mine.stages.first; i < mine.stages.first + mine.stages.count; ++i) {
        auto skipped = countBefore(m_mine.m_runners, mine.stages.first, i);
        for (auto old = theirs.stages.first; old < theirs.stages.first + theirs.stages.count;
             ++old) {
            if (m_previous.m_runners[old].index() != m_mine.m_runners[i].index() || skipped-- > 0)
                continue;
            continueFrom(m_mine.m_runners[i], m_previous.m_runners[old]);
            m_mine.m_areAsleep[i] = m_previous.m_areAsleep[old];
            break;
        }
    }
}

/// StrandEnds that lead where they led say what they said: so whoever waits for a virtual control
/// finds it as it was, an axis stays with the one that moved it last, and one that is kept without
/// its controller is kept on.
void Handover::takeOverEnds(std::uint32_t strand, std::uint32_t old) noexcept
{
    const auto& mine = m_mine.m_plan->strands[strand];
    const auto& theirs = m_previous.m_plan->strands[old].links;
    for (auto m = mine.links.first; m < mine.links.first + mine.links.count; ++m) {
        const auto& end = m_mine.m_plan->links[m];
        const bool isKept = end.isAxis && mine.whenAway == WhenAway::Keep;
        if (!m_mine.m_inputs.isThere(mine.input) && !isKept) continue;
        for (auto t = theirs.first; t < theirs.first + theirs.count; ++t) {
            const auto& before = m_previous.m_plan->links[t];
            if (end.outlet != before.outlet || m_mine.m_plan->outputs[end.output].place !=
                                                   m_previous.m_plan->outputs[before.output].place)
                continue;
            m_mine.m_meetings.keep(m, m_previous.m_meetings, t);
            m_mine.m_ends.keep(m, m_previous.m_ends, t);
            break;
        }
    }
}

}  // namespace jolly
