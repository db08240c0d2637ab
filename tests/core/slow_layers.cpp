// SPDX-License-Identifier: GPL-3.0-or-later
#include "slow_layers.h"

#include <algorithm>

namespace jolly::test
{

void SlowStack::take(const Tangle& tangle)
{
    m_layers = tangle.layers;
    m_led.clear();
    for (const auto& strand : tangle.strands) {
        for (const auto& end : strand.ends) {
            const auto* goal = std::get_if<LayerGoal>(&end.goal);
            if (goal && strand.isOn) m_led.insert(goal->layer);
        }
    }
    const auto isGone = [this](const std::string& id) {
        return std::ranges::find(m_layers, id, &Layer::id) == m_layers.end();
    };
    for (auto* all : {&m_flipped, &m_pressed, &m_wanted, &m_engaged}) std::erase_if(*all, isGone);
    std::erase_if(m_latest, [&](const auto& entry) { return isGone(entry.first); });
    m_count = 0;
    for (const auto& [id, when] : m_latest) m_count = std::max(m_count, when);
}

const Layer& SlowStack::layerOf(const std::string& id) const
{
    return *std::ranges::find(m_layers, id, &Layer::id);
}

std::vector<std::string> SlowStack::groupOf(const std::string& id) const
{
    std::vector<std::string> all;
    for (const auto& layer : m_layers)
        if (!layer.group.empty() && layer.group == layerOf(id).group) all.push_back(layer.id);
    return all;
}

bool SlowStack::isByItself(const Layer& layer) const
{
    return !layer.needs.empty() && !m_led.contains(layer.id);
}

void SlowStack::setFlipped(const std::string& layer, bool isOn)
{
    for (const auto& other : groupOf(layer)) m_flipped.erase(other);
    m_flipped.erase(layer);
    if (!isOn) return;
    m_flipped.insert(layer);
    m_wanted.erase(layer);  // so that it is wanted anew: the latest of its group
}

void SlowStack::step(const std::string& layer, int by)
{
    const auto group = groupOf(layer);
    const auto count = static_cast<int>(group.size());
    auto to = layer;
    for (int i = 0; i < count; ++i) {
        if (m_engaged.contains(group[static_cast<std::size_t>(i)]))
            to = group[static_cast<std::size_t>((i + by + count) % count)];
    }
    setFlipped(to, true);
}

/// Whether it and all that it needs are wanted; not when it is met again on the way.
bool SlowStack::stands(const std::string& id, const std::set<std::string>& wanted,
                       std::set<std::string> met) const
{
    if (!wanted.contains(id) || !met.insert(id).second) return false;
    return std::ranges::all_of(layerOf(id).needs,
                               [&](const auto& need) { return stands(need, wanted, met); });
}

std::set<std::string> SlowStack::standing(const std::set<std::string>& wanted) const
{
    std::set<std::string> all;
    for (const auto& id : wanted)
        if (stands(id, wanted)) all.insert(id);
    return all;
}

std::set<std::string> SlowStack::settle(const std::set<std::string>& pressed)
{
    auto wanted = m_flipped;
    wanted.insert("base");
    for (const auto& layer : m_layers)
        if (pressed.contains(layer.id) || isByItself(layer)) wanted.insert(layer.id);
    for (const auto& layer : m_layers) {
        const bool isNew = (pressed.contains(layer.id) && !m_pressed.contains(layer.id)) ||
                           (wanted.contains(layer.id) && !m_wanted.contains(layer.id));
        if (isNew) m_latest[layer.id] = ++m_count;
    }
    m_pressed = pressed;
    m_wanted = wanted;
    const auto stand = standing(wanted);
    auto one = stand;
    for (const auto& id : stand) {
        for (const auto& other : groupOf(id))
            if (stand.contains(other) && m_latest[other] > m_latest[id]) one.erase(id);
    }
    const auto before = std::exchange(m_engaged, standing(one));
    std::set<std::string> changed;
    std::ranges::set_symmetric_difference(before, m_engaged, std::inserter(changed, changed.end()));
    return changed;
}

std::vector<const Strand*> slowView(const Tangle& tangle, const std::string& craft,
                                    const std::string& layer, const Source& source)
{
    std::vector<std::string> line;
    for (auto id = craft; !id.empty(); id = std::ranges::find(tangle.craft, id, &Craft::id)->parent)
        line.insert(line.begin(), id);
    std::vector<std::pair<const Strand*, std::set<std::string>>> counts;  // and what each is for
    for (const auto& each : line) {
        std::vector<const Strand*> own;
        for (const auto& strand : tangle.strands) {
            if (strand.isOn && strand.source == source && strand.layer == layer &&
                strand.craft == each)
                own.push_back(&strand);
        }
        const bool isAll =
            std::ranges::any_of(own, [](const auto* strand) { return strand->insteadOf.empty(); });
        const auto before = counts;
        if (isAll) counts.clear();
        for (const auto* strand : own) {
            std::set<std::string> names = {strand->id, strand->insteadOf};
            for (const auto& [other, its] : before) {
                const bool takes = isAll || its.contains(strand->insteadOf);
                if (!takes) continue;
                names.insert(its.begin(), its.end());
                std::erase_if(counts, [&](const auto& c) { return c.first == other; });
            }
            counts.emplace_back(strand, names);
        }
    }
    std::vector<const Strand*> strands;
    for (const auto& [strand, names] : counts) strands.push_back(strand);
    std::ranges::sort(strands);
    return strands;
}

}  // namespace jolly::test
