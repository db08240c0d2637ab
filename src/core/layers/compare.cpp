// SPDX-License-Identifier: GPL-3.0-or-later
#include "core/layers/compare.h"

#include "core/layers/family.h"
#include "core/tangle/edit.h"
#include "core/tangle/lookup.h"

#include <algorithm>
#include <map>

namespace jolly
{

namespace
{

using Key = std::pair<std::string, ControlCode>;
using Strands = std::vector<const Strand*>;

std::map<Key, Strands> bySource(const Tangle& tangle)
{
    std::map<Key, Strands> strands;
    for (const auto& strand : tangle.strands) {
        if (strand.hasSource())
            strands[{strand.source.controller, strand.source.control}].push_back(&strand);
    }
    return strands;
}

/// Whether two strands do the same to the hand and to the game.
bool doTheSame(const Strand* a, const Strand* b)
{
    return a == b || (a->function == b->function && a->whenAway == b->whenAway &&
                      a->stages == b->stages && a->ends == b->ends);
}

/// What a control means in a layer for a craft.
Strands meant(const Tangle& tangle, const Strands& strands, std::size_t layer,
              std::string_view craft)
{
    for (auto& meaning : meaningsOf(tangle, strands, craft)) {
        if (meaning.layer == layer) return meaning.strands;
    }
    return {};
}

}  // namespace

std::vector<Compared> compareCraft(const Tangle& tangle, std::string_view first,
                                   std::string_view second)
{
    std::vector<Compared> rows;
    const auto strands = bySource(tangle);
    for (const auto& controller : tangle.rig) {
        for (const auto& control : controller.controls) {
            const auto found = strands.find({controller.id, control.code});
            if (found == strands.end()) continue;
            for (auto layer = tangle.layers.size(); layer-- > 0;) {
                Compared row{{controller.id, control.code}, layer};
                row.first = meant(tangle, found->second, layer, first);
                row.second = meant(tangle, found->second, layer, second);
                if (row.first.empty() && row.second.empty()) continue;
                row.areSame = std::ranges::equal(row.first, row.second, doTheSame);
                rows.push_back(std::move(row));
            }
        }
    }
    return rows;
}

std::size_t countDifferent(const std::vector<Compared>& rows)
{
    return static_cast<std::size_t>(
        std::ranges::count_if(rows, [](const Compared& row) { return !row.areSame; }));
}

Fallible takeMeaning(Tangle& tangle, const Source& source, const std::string& layer,
                     const std::string& from, const std::string& to)
{
    const auto place = placeOfLayer(tangle, layer);
    if (place == tangle.layers.size() || placeOfCraft(tangle, from) == tangle.craft.size() ||
        placeOfCraft(tangle, to) == tangle.craft.size())
        return fail(Failure::Code::NotThere, words("That layer or craft is not there any more."),
                    words("Choose another one."));
    const auto strandsNow = [&] {
        auto strands = bySource(tangle);
        return strands[{source.controller, source.control}];
    };
    std::vector<Strand> wanted;
    for (const auto* strand : meant(tangle, strandsNow(), place, from)) wanted.push_back(*strand);
    std::erase_if(tangle.strands, [&](const Strand& strand) {
        return strand.source == source && strand.layer == layer && strand.craft == to;
    });
    const auto inherited = meant(tangle, strandsNow(), place, to);
    const bool isSame = std::ranges::equal(
        inherited, wanted, [](const Strand* a, const Strand& b) { return doTheSame(a, &b); });
    if (isSame) return {};
    if (wanted.empty()) {
        Strand silent{.id = {}, .name = inherited.front()->name};
        silent.source = source;
        silent.layer = layer;
        silent.ends = {{{}, Nothing{}}};
        wanted.push_back(std::move(silent));
    }
    for (auto& strand : wanted) {
        strand.id = freshId(tangle, "strand");
        strand.craft = to;
        strand.insteadOf.clear();
        strand.shape.clear();
        tangle.strands.push_back(strand);
    }
    return {};
}

std::vector<OwnCount> ownCounts(const Tangle& tangle)
{
    std::vector<OwnCount> counts(tangle.craft.size());
    for (const auto& [key, strands] : bySource(tangle)) {
        for (const auto* strand : strands) {
            const auto craft = placeOfCraft(tangle, strand->craft);
            if (craft == counts.size()) continue;
            const auto& parent = tangle.craft[craft].parent;
            const auto layer = placeOfLayer(tangle, strand->layer);
            const bool changes =
                !strand->insteadOf.empty() ||
                (!parent.empty() && !meant(tangle, strands, layer, parent).empty());
            ++(changes ? counts[craft].changed : counts[craft].added);
        }
    }
    return counts;
}

}  // namespace jolly
