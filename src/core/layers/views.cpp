// SPDX-License-Identifier: GPL-3.0-or-later
#include "core/layers/views.h"

#include <algorithm>

namespace jolly
{

namespace
{

using Places = std::vector<std::size_t>;

/// A strand that counts, and the ids of those in whose place it does.
struct Counted {
    std::size_t place = 0;
    std::vector<std::string_view> stoodFor{};

    [[nodiscard]] bool standsFor(std::string_view id) const
    {
        return std::ranges::find(stoodFor, id) != stoodFor.end();
    }
};

/// Those whose place another one takes: they go, and it stands for all that they stood for.
void replace(std::vector<Counted>& counts, std::span<const Strand* const> strands,
             std::string_view insteadOf, Counted& by)
{
    std::erase_if(counts, [&](const Counted& inherited) {
        const std::string_view id = strands[inherited.place]->id;
        if (!insteadOf.empty() && id != insteadOf && !inherited.standsFor(insteadOf)) return false;
        by.stoodFor.push_back(id);
        by.stoodFor.insert(by.stoodFor.end(), inherited.stoodFor.begin(), inherited.stoodFor.end());
        return true;
    });
}

/// Of those of one layer, what counts for a craft whose family is left to be walked.
std::vector<Counted> nearest(const Tangle& tangle, std::span<const Strand* const> strands,
                             const Places& here, std::span<const std::size_t> family)
{
    if (family.empty()) return {};
    const auto& craft = tangle.craft[family.front()].id;
    Places own;
    for (const auto place : here) {
        if (strands[place]->craft == craft) own.push_back(place);
    }
    auto counts = nearest(tangle, strands, here, family.subspan(1));
    const bool isAll = std::ranges::any_of(
        own, [&](std::size_t place) { return strands[place]->insteadOf.empty(); });
    std::vector<Counted> mine;
    for (const auto place : own) mine.push_back({place});
    if (isAll) {
        Counted all;
        replace(counts, strands, {}, all);
        for (auto& each : mine) each.stoodFor = all.stoodFor;
        return mine;
    }
    for (auto& each : mine) replace(counts, strands, strands[each.place]->insteadOf, each);
    counts.insert(counts.end(), mine.begin(), mine.end());
    std::ranges::sort(counts, {}, &Counted::place);
    return counts;
}

}  // namespace

std::vector<LayerStrands> viewOf(const Tangle& tangle, std::span<const Strand* const> strands,
                                 std::span<const std::size_t> family)
{
    std::vector<LayerStrands> view;
    for (auto layer = std::min(tangle.layers.size(), kMostLayers); layer-- > 0;) {
        Places here;
        for (std::size_t place = 0; place < strands.size(); ++place) {
            if (strands[place]->layer == tangle.layers[layer].id) here.push_back(place);
        }
        if (here.empty()) continue;
        const auto counts = nearest(tangle, strands, here, family);
        if (counts.empty()) continue;
        view.push_back({layer, {}});
        for (const auto& counted : counts) view.back().strands.push_back(counted.place);
    }
    return view;
}

}  // namespace jolly
