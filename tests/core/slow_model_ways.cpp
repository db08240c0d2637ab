// SPDX-License-Identifier: GPL-3.0-or-later
#include "slow_model.h"

#include <algorithm>
#include <cmath>

/// Which strands count in the slow model: layers, craft, and edits.
namespace jolly::test
{

/// The highest engaged layer that has any strands for it.
SlowModel::Route SlowModel::wanted(const Source& source) const
{
    Route route;
    for (std::size_t place = 0; place < m_tangle.layers.size(); ++place) {
        const auto& layer = m_tangle.layers[place];
        if (!engaged().contains(layer.id)) continue;
        const auto strands = slowView(m_tangle, m_craft, layer.id, source);
        if (strands.empty()) continue;
        route = {static_cast<int>(place), {}};
        for (const auto* strand : strands) route.strands.push_back(strand->id);
    }
    return route;
}

/// A press stays with those that took it.
const SlowModel::Route& SlowModel::present(const Source& source)
{
    const auto taken = m_taken.find(nameOf(source));
    return taken == m_taken.end() ? m_routes[nameOf(source)] : taken->second;
}

/// The layer that came, or went.
const Layer& SlowModel::layerBetween(const Route& from, const Route& to) const
{
    return m_tangle.layers[static_cast<std::size_t>(std::max({from.layer, to.layer, 0}))];
}

void SlowModel::countOnly(const Source& source)
{
    for (const auto* strand : inOrder()) {
        if (strand->source == source) running(*strand).part = Part::None;
    }
    for (const auto& id : present(source).strands) running(strandOf(id)).part = Part::Counts;
}

void SlowModel::notePress(const Source& source, Time now)
{
    const auto name = nameOf(source);
    if (isSwitch(source)) return;
    if (isPressed(source)) {
        m_taken.try_emplace(name, m_routes[name]);
        return;
    }
    if (!m_taken.contains(name)) return;
    const auto taken = m_taken[name];
    m_taken.erase(name);
    changeRoute(source, taken, m_routes[name], now);
}

void SlowModel::settle(Time now)
{
    if (m_craft != m_wantedCraft) {
        m_craft = m_wantedCraft;
        forEachControlOfRig([&](const Source& source) { reroute(source, now); });
        for (const auto& layer : m_tangle.layers) wakeWaiting(layer.id, now);
        runFlips(Why::Moved, now);
    }
    for (int round = 0; round < 8; ++round) {
        std::set<std::string> pressed;
        for (const auto& layer : m_tangle.layers)
            if (said({"layer " + layer.id, button(1)}).x >= 0.5) pressed.insert(layer.id);
        const auto changed = m_stack.settle(pressed);
        if (changed.empty()) return;
        forEachControlOfRig([&](const Source& source) { reroute(source, now); });
        for (const auto& layer : m_tangle.layers)
            if (changed.contains(layer.id)) wakeWaiting(layer.id, now);
        runFlips(Why::Moved, now);
    }
}

/// Strands with stages that wait for a layer.
void SlowModel::wakeWaiting(const Name& layer, Time now)
{
    for (const auto* strand : inOrder()) {
        const bool waits = std::ranges::any_of(stagesOf(*strand), [&](const Stage* stage) {
            return stage->when && stage->when->layer == layer;
        });
        if (!waits) continue;
        look(*strand, true);
        runIfKnown(*strand, Why::Moved, now);
    }
}

/// A press stays where it is until its release; a switch until it moves, if the layer that comes
/// or goes does not want to hear of it.
void SlowModel::reroute(const Source& source, Time now)
{
    const auto name = nameOf(source);
    const auto to = wanted(source);
    const auto from = present(source);
    if (to == m_routes[name]) return;
    m_routes[name] = to;
    if (!isSwitch(source)) {
        if (!m_taken.contains(name)) changeRoute(source, from, to, now);
        return;
    }
    if (from != to && !layerBetween(from, to).tellsSwitches) {
        m_taken[name] = from;
        return;
    }
    m_taken.erase(name);
    changeRoute(source, from, to, now);
}

void SlowModel::changeRoute(const Source& source, const Route& from, const Route& to, Time now)
{
    if (from == to) return;
    const bool picksUp = rigControl(source).kind == ControlKind::Axis &&
                         layerBetween(from, to).crossing == Crossing::PickUp;
    for (const auto& id : from.strands) {
        if (std::ranges::find(to.strands, id) == to.strands.end()) takeOut(strandOf(id), now);
    }
    for (const auto& id : Route(to).strands) {
        if (running(strandOf(id)).part != Part::Counts) bringIn(strandOf(id), picksUp, now);
    }
    dropLeft(source);
}

bool SlowModel::areStagesPerforming(const Strand& strand)
{
    return std::ranges::any_of(running(strand).stages, [](const SlowStage& stage) {
        return !stage.sleeps && stage.isPerforming();
    });
}

void SlowModel::takeOut(const Strand& strand, Time now)
{
    running(strand).waits.clear();
    if (!areStagesPerforming(strand)) return leave(strand);
    running(strand).part = Part::Finishing;
    finish(strand, now);
}

/// It goes on from what it remembers, and has seen nothing meanwhile.
void SlowModel::bringIn(const Strand& strand, bool picksUp, Time now)
{
    auto& state = running(strand);
    const bool goesOn = state.part == Part::Finishing;
    state.part = Part::Counts;
    for (const auto& end : strand.ends) {
        const auto place = placeOf(end);
        if (picksUp && place && place->control.kind == ControlKind::Axis)
            state.waits[nameOf(end)] = Waits::Begins;
    }
    const auto stages = stagesOf(strand);
    auto in = valueOf(strand.source);
    for (std::size_t i = 0; i < stages.size() && goesOn; ++i) {
        if (!state.stages[i].sleeps && works(*stages[i])) state.stages[i].wake(in, now, see());
        in = state.values[i];
    }
    look(strand, false);
    runIfKnown(strand, Why::Brought, now);
}

/// It counts no longer, and what its stages began goes on.
void SlowModel::finish(const Strand& strand, Time now)
{
    auto& state = running(strand);
    const auto out = runStages(strand, state.in, false, now);
    giveOrders(strand, out, Why::Moved);
    for (auto end = strand.ends.rbegin(); end != strand.ends.rend(); ++end)
        if (placeOf(*end) && !pulses(*end)) say(strand, *end, outOf(strand, *end, out), Why::Moved);
    for (const auto& end : strand.ends)
        if (pulses(end)) hear(strand, end, outOf(strand, end, out), Why::Moved, now);
    if (!areStagesPerforming(strand)) return leave(strand);
    state.due = dueOf(strand, now);
}

/// An axis is left where it is.
void SlowModel::letGoOf(const Strand& strand, const End& end)
{
    auto& state = running(strand);
    if (placeOf(end)->control.kind != ControlKind::Axis) return unsay(strand, end);
    if (state.says.contains(nameOf(end))) state.left.insert(nameOf(end));
}

void SlowModel::leave(const Strand& strand)
{
    auto& state = running(strand);
    state.part = Part::None;
    sleepOrForget(strand);
    state.due = Time::max();
    for (auto end = strand.ends.rbegin(); end != strand.ends.rend(); ++end) {
        const bool goesOn = pulses(*end) && state.pulses[nameOf(*end)].isUnderWay();
        if (placeOf(*end) && !goesOn) letGoOf(strand, *end);
    }
    state.wereDown.clear();
    state.waits.clear();
    state.given.clear();
}

void SlowModel::sleepOrForget(const Strand& strand)
{
    if (!layerOf(strand.layer).remembers) return forget(strand);
    for (auto& stage : running(strand).stages) stage.sleeps = true;
}

/// An axis that was left rests, unless it is kept or another strand of the same control waits there
/// for the hand; what is kept is over when another strand of the control has the axis.
void SlowModel::dropLeft(const Source& source)
{
    for (const auto* strand : inOrder()) {
        if (strand->source != source || running(*strand).part == Part::Counts) continue;
        for (const auto& end : strand->ends) {
            if (!placeOf(end) || !running(*strand).left.contains(nameOf(end))) continue;
            bool isAwaited = false;
            bool isTaken = false;
            for (const auto* heir : inOrder()) {
                auto& its = running(*heir);
                if (heir->source != source || its.part != Part::Counts) continue;
                for (const auto& other : heir->ends) {
                    if (placeOf(other) != placeOf(end)) continue;
                    const bool waits = its.waits[nameOf(other)] != Waits::No;
                    isAwaited = isAwaited || waits;
                    isTaken = isTaken || !waits;
                }
            }
            if (isAwaited || (!isTaken && strand->whenAway == WhenAway::Keep)) continue;
            unsay(*strand, end);
        }
    }
}

/// The first of a kind goes on from the first of that kind, the second from the second.
void SlowModel::continueStages(Running& now, const Strand& strand, Running& before,
                               const Strand& was) const
{
    const auto old = stagesOf(was);
    std::set<std::size_t> taken;
    now.stages.clear();
    for (const auto* stage : stagesOf(strand)) {
        now.stages.emplace_back(stage->parameters);
        now.stages.back().sleeps = stage->when.has_value();
        for (std::size_t i = 0; i < std::min(old.size(), before.stages.size()); ++i) {
            if (taken.contains(i) || !before.stages[i].isOfKind(stage->parameters)) continue;
            now.stages.back() = before.stages[i];
            now.stages.back().change(stage->parameters);
            taken.insert(i);
            break;
        }
    }
}

/// One strand goes on from what it was in the tangle before.
void SlowModel::takeOver(const Strand& strand, Running& past, const Strand& was,
                         const std::map<Name, Owner>& owners, const std::set<Name>& moved)
{
    auto& state = running(strand);
    const bool isThere = m_controls.contains(nameOf(strand.source));
    state.in = past.in;
    continueStages(state, strand, past, was);
    const auto forEachPair = [&](const auto& visit) {
        for (const auto& end : strand.ends) {
            if (!placeOf(end)) continue;
            const auto it = std::ranges::find_if(
                was.ends, [&](const End& e) { return placeOf(e) && nameOf(e) == nameOf(end); });
            if (it != was.ends.end()) visit(end, *it);
        }
    };
    forEachPair([&](const End& end, const End& old) {
        const auto name = nameOf(end);
        state.waits[name] = past.waits[name];
        if (old.how != end.how || end.how == How::Held) return;
        state.pulses[name] = past.pulses[name];
        state.wereDown[name] = past.wereDown[name];
    });
    if (state.part != Part::Counts) {
        state.waits.clear();
        if (past.part != Part::None && areStagesPerforming(strand)) {
            state.part = Part::Finishing;
        } else {
            state.wereDown.clear();
            sleepOrForget(strand);
        }
    }
    forEachPair([&](const End& end, const End&) {
        const auto name = nameOf(end);
        const bool counts = state.part == Part::Counts;
        const bool isAxis = placeOf(end)->control.kind == ControlKind::Axis;
        const bool stays = strand.whenAway == WhenAway::Keep || past.left.contains(name);
        const bool goesOn =
            pulses(end) ? state.pulses[name].isUnderWay() : state.part == Part::Finishing;
        const bool isKept = (counts && isThere) || (isAxis ? stays : goesOn);
        if (!isKept || !past.says.contains(name)) return;
        state.says[name] = past.says[name];
        if (past.left.contains(name) || (isAxis && !counts)) state.left.insert(name);
        const auto target = nameOf(*placeOf(end));
        const auto owner = owners.find(target);
        if (owner == owners.end() || owner->second != Owner{was.id, name}) return;
        m_owners[target] = {strand.id, name};
        m_moved.erase(target);
        if (moved.contains(target)) m_moved.insert(target);
    });
}

/// Controls go their ways for the layers and the craft that stay; presses stay where they are.
void SlowModel::takeOverWays(const Tangle& old, const std::map<Name, Route>& taken)
{
    forEachControlOfRig([&](const Source& source) {
        const auto name = nameOf(source);
        m_routes[name] = wanted(source);
        const auto press = taken.find(name);
        const bool isTaken = press != taken.end() && press->second.layer >= 0;
        if (isTaken && m_controls.contains(name)) {
            const auto& id = old.layers[static_cast<std::size_t>(press->second.layer)].id;
            for (std::size_t place = 0; place < m_tangle.layers.size(); ++place) {
                if (m_tangle.layers[place].id != id) continue;
                Route route{static_cast<int>(place), {}};
                for (const auto* strand : slowView(m_tangle, m_craft, id, source))
                    route.strands.push_back(strand->id);
                if (!route.strands.empty()) m_taken[name] = route;
            }
        }
        countOnly(source);
    });
}

void SlowModel::edit(const Tangle& tangle, Time now)
{
    const auto old = std::move(m_tangle);
    auto before = std::move(m_running);
    const auto owners = std::move(m_owners);
    const auto moved = std::move(m_moved);
    const auto taken = std::move(m_taken);
    m_tangle = tangle;
    m_running.clear();
    m_owners.clear();
    m_moved.clear();
    m_taken.clear();
    m_werePressed.clear();
    m_flips.clear();
    order();
    m_stack.take(m_tangle);
    if (std::ranges::find(m_tangle.craft, m_craft, &Craft::id) == m_tangle.craft.end())
        m_craft = kEverywhere;
    m_wantedCraft = m_craft;
    takeOverWays(old, taken);
    std::vector<const Strand*> byId = inOrder();
    std::ranges::sort(byId, {}, [](const Strand* strand) { return strand->id; });
    for (const auto* strand : byId) {
        const auto known = m_controls.find(nameOf(strand->source));
        auto& state = running(*strand);
        state.isMasked = known != m_controls.end() && known->second.raw.x != 0 &&
                         rigControl(strand->source).kind == ControlKind::Button &&
                         springsBack(rigControl(strand->source).buttonKind);
        auto was = std::ranges::find(old.strands, strand->id, &Strand::id);
        if ((was == old.strands.end() || !was->isOn) && !strand->insteadOf.empty())
            was = std::ranges::find(old.strands, strand->insteadOf, &Strand::id);
        if (was == old.strands.end() || !was->isOn || was->source != strand->source) continue;
        auto& past = before[was->id];
        if (known != m_controls.end()) {
            const bool missedIt = isPressed(strand->source) &&
                                  taken.contains(nameOf(strand->source)) &&
                                  past.part != Part::Counts;
            state.isMasked = (state.isMasked && past.isMasked) || missedIt;
        }
        takeOver(*strand, past, *was, owners, moved);
    }
    forEachControlOfRig([&](const Source& source) { dropLeft(source); });
    findOwners();
    m_flips.clear();
    for (const auto& target : waitedFor()) m_werePressed[nameOf(target)] = at(target).x >= 0.5;
    forEachControlOfRig([&](const Source& source) {
        if (m_controls.contains(nameOf(source))) m_primed.insert(nameOf(source));
    });
    begin(now);
    for (const auto* strand : inOrder()) {
        if (running(*strand).part != Part::Finishing) continue;
        finish(*strand, now);
        dropLeft(strand->source);
    }
    runFlips(Why::Moved, now);
}

}  // namespace jolly::test
