// SPDX-License-Identifier: GPL-3.0-or-later
#include "core/tangle/strand_index.h"

#include "core/tangle/stage_effect.h"

namespace jolly
{

namespace
{

template <class Map, class Key>
const StrandIndex::Strands& found(const Map& map, const Key& key)
{
    static const StrandIndex::Strands kNone;
    const auto at = map.find(key);
    return at == map.end() ? kNone : at->second;
}

}  // namespace

StrandIndex::StrandIndex(const Tangle& tangle)
{
    for (const auto& strand : tangle.strands) {
        if (strand.hasSource())
            m_from[{strand.source.controller, strand.source.control}].push_back(&strand);
        for (const auto& end : strand.ends) {
            for (const auto& place : placesOf(end)) {
                auto& there = m_at[{deviceOf(end), place.control}];  // the tangle's own text
                if (there.empty() || there.back() != &strand) there.push_back(&strand);
            }
        }
        const auto see = [this](const Source& source) {
            m_areSeen[{source.controller, source.control}] = true;
        };
        for (const auto& stage : strand.stages) {
            if (stage.when && !stage.when->output) see(stage.when->control);
            if (stage.isOn) {
                forEachPosition(stage.parameters, [&](const Source& position) {
                    auto& there = m_from[{position.controller, position.control}];
                    if (there.empty() || there.back() != &strand) there.push_back(&strand);
                });
            }
            forEachControl(stage.parameters, [&](const auto&, const auto& source) {
                if (source) see(*source);
            });
        }
    }
}

const StrandIndex::Strands& StrandIndex::from(const Source& source) const
{
    return found(m_from, SourceKey(source.controller, source.control));
}

const StrandIndex::Strands& StrandIndex::at(const Target& target) const
{
    return found(m_at, TargetKey(target.device, target.control));
}

bool StrandIndex::isUsed(const Source& control) const
{
    const SourceKey key(control.controller, control.control);
    return m_from.contains(key) || m_areSeen.contains(key);
}

}  // namespace jolly
