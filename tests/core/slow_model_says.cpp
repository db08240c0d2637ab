// SPDX-License-Identifier: GPL-3.0-or-later
#include "slow_model.h"

#include <algorithm>
#include <cmath>

/// What strands say at virtual controls in the slow model, and what comes of it.
namespace jolly::test
{

namespace
{

constexpr double kMeets = 0.02;

bool isPressedThere(Value value)
{
    return value.x >= 0.5;
}

}  // namespace

Value SlowModel::at(const Target& target) const
{
    const auto hand = m_hands.find(nameOf(target));
    return hand == m_hands.end() ? said(target) : hand->second;
}

/// What the strands say there, whatever a hand does.
Value SlowModel::said(const Target& target) const
{
    std::vector<Value> all;  // in the order of the strands
    for (const auto* strand : inOrder()) {
        const auto running = m_running.find(strand->id);
        if (running == m_running.end()) continue;
        for (const auto& end : strand->ends) {
            if (placeOf(end) != target) continue;
            const auto says = running->second.says.find(nameOf(end));
            if (says != running->second.says.end()) all.push_back(says->second);
        }
    }
    if (all.empty()) return {};
    if (target.control.kind == ControlKind::Button)
        return {std::ranges::any_of(all, isPressedThere) ? 1.0 : 0.0, 0.0};
    if (isFollowed(target)) {
        const auto owner = m_owners.find(nameOf(target));
        if (owner == m_owners.end()) return {};
        const auto& [strand, end] = owner->second;
        return m_running.at(strand).says.at(end);
    }
    double sum = 0.0;
    double larger = 0.0;
    for (const auto value : all) {
        sum += value.x;
        if (std::abs(value.x) > std::abs(larger)) larger = value.x;
    }
    const auto meeting = settings(target).meeting;
    if (meeting == Meeting::Larger) return {larger};
    if (meeting == Meeting::Average) return {sum / static_cast<double>(all.size())};
    return {std::clamp(sum, -1.0, 1.0)};
}

/// The hand comes to where the axis is, or past it. Where several meet it comes to what was left by
/// a strand of the same control.
bool SlowModel::hasMet(const Strand& strand, const End& end, Value value)
{
    const auto place = *placeOf(end);
    double axis = said(place).x;
    bool isFound = isFollowed(place);
    for (const auto* other : inOrder()) {
        if (other->source != strand.source) continue;
        for (const auto& its : other->ends) {
            if (isFound || placeOf(its) != place) continue;
            if (!running(*other).left.contains(nameOf(its))) continue;
            axis = running(*other).says.at(nameOf(its)).x;
            isFound = true;
        }
    }
    auto& waits = running(strand).waits[nameOf(end)];
    const auto is = value.x - axis < 0.0 ? Waits::IsBelow : Waits::IsAbove;
    const bool isPast = waits != Waits::Begins && waits != is;
    const bool isNear = std::abs(value.x - axis) < kMeets;
    waits = isPast || isNear ? Waits::No : is;
    return isPast || isNear;
}

/// Whether an end comes before another one that leads to the same place.
bool SlowModel::isFirst(const Strand& strand, const End& end, const Owner& other) const
{
    for (const auto* each : inOrder()) {
        for (const auto& its : each->ends) {
            if (!placeOf(its)) continue;
            const Owner owner{each->id, nameOf(its)};
            if (owner == Owner{strand.id, nameOf(end)}) return true;
            if (owner == other) return false;
        }
    }
    return false;
}

void SlowModel::say(const Strand& strand, const End& end, Value value, Why why)
{
    auto& state = running(strand);
    const auto name = nameOf(end);
    const auto said = state.says.find(name);
    const bool isSame = said != state.says.end() && !state.left.contains(name) &&
                        std::abs(said->second.x - value.x) <= 1e-12 && said->second.y == value.y;
    if (isSame && (why == Why::Moved || why == Why::Gone)) return;
    state.says[name] = value;
    state.left.erase(name);
    const auto target = nameOf(*placeOf(end));
    const auto owner = m_owners.find(target);
    const Owner me{strand.id, name};
    if (why == Why::Moved) {
        m_owners[target] = me;
        m_moved.insert(target);
    } else if (owner == m_owners.end()) {
        m_owners[target] = me;
    } else if (why == Why::Brought &&
               m_running[owner->second.first].left.contains(owner->second.second)) {
        owner->second = me;
    } else if (!m_moved.contains(target) && isFirst(strand, end, owner->second)) {
        owner->second = me;
    }
    noteFlips();
}

void SlowModel::unsay(const Strand& strand, const End& end)
{
    auto& state = running(strand);
    const auto name = nameOf(end);
    state.left.erase(name);
    if (state.says.erase(name) == 0) return;
    const auto target = nameOf(*placeOf(end));
    if (m_owners.contains(target) && m_owners[target] == Owner{strand.id, name}) {
        m_owners.erase(target);
        m_moved.erase(target);
    }
    findOwners();
    noteFlips();
}

void SlowModel::noteFlips()
{
    for (const auto& target : waitedFor()) {
        const bool isPressed = isPressedThere(at(target));
        auto& was = m_werePressed[nameOf(target)];
        if (was == isPressed) continue;
        was = isPressed;
        if (std::ranges::find(m_flips, target) == m_flips.end()) m_flips.push_back(target);
    }
}

void SlowModel::runFlips(Why why, Time now)
{
    for (std::size_t i = 0; i < m_flips.size(); ++i) {
        const auto target = m_flips[i];
        for (const auto* strand : inOrder()) {
            if (!waitsFor(*strand, target)) continue;
            look(*strand, why == Why::Moved);
            runIfKnown(*strand, why, now);
        }
    }
    m_flips.clear();
}

void SlowModel::hold(const Target& target, Value value, Time now)
{
    m_hands[nameOf(target)] = value;
    noteFlips();
    runFlips(Why::Moved, now);
}

void SlowModel::letGo(const Target& target, Time now)
{
    m_hands.erase(nameOf(target));
    noteFlips();
    runFlips(Why::Moved, now);
}

/// What nobody moved last is the first's that says anything there.
void SlowModel::findOwners()
{
    for (const auto* strand : inOrder()) {
        for (const auto& end : strand->ends) {
            if (placeOf(end) && running(*strand).says.contains(nameOf(end)))
                m_owners.try_emplace(nameOf(*placeOf(end)), strand->id, nameOf(end));
        }
    }
}

void SlowModel::giveOrders(const Strand& strand, const std::vector<Value>& out, Why why)
{
    auto& given = running(strand).given;
    for (std::size_t e = 0; e < strand.ends.size(); ++e) {
        const auto& end = strand.ends[e];
        if (placeOf(end)) continue;
        const bool isPress = isPressedThere(outOf(strand, end, out));
        const bool isGiven = isPress && !given.contains(e) && why == Why::Moved;
        if (isPress) given.insert(e);
        if (!isPress) given.erase(e);
        if (!isGiven) continue;
        if (const auto* layer = std::get_if<LayerGoal>(&end.goal)) {
            if (layer->engage == Engage::Flip) m_stack.flip(layer->layer);
            if (layer->engage == Engage::Next) m_stack.step(layer->layer, 1);
            if (layer->engage == Engage::Previous) m_stack.step(layer->layer, -1);
        }
        if (const auto* craft = std::get_if<CraftGoal>(&end.goal)) {
            const auto count = m_tangle.craft.size();
            const auto place = static_cast<std::size_t>(
                std::ranges::find(m_tangle.craft, m_wantedCraft, &Craft::id) -
                m_tangle.craft.begin());
            if (craft->choose == Choose::This) m_wantedCraft = craft->craft;
            if (craft->choose == Choose::Next)
                m_wantedCraft = m_tangle.craft[(place + 1) % count].id;
            if (craft->choose == Choose::Previous)
                m_wantedCraft = m_tangle.craft[(place + count - 1) % count].id;
        }
    }
}

}  // namespace jolly::test
