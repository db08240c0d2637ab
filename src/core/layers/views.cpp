// SPDX-License-Identifier: GPL-3.0-or-later
#include "core/layers/views.h"

#include <algorithm>

namespace jolly
{

namespace
{

using Places = std::vector<std::size_t>;

/// Of those of one layer, what counts for a craft whose family is left to be walked.
Places nearest(const Tangle& tangle, std::span<const Strand* const> strands, const Places& here,
               std::span<const std::size_t> family)
{
    if (family.empty()) return {};
    const auto& craft = tangle.craft[family.front()].id;
    Places own;
    for (const auto place : here) {
        if (strands[place]->craft == craft) own.push_back(place);
    }
    const bool isAll = std::ranges::any_of(
        own, [&](std::size_t place) { return strands[place]->insteadOf.empty(); });
    if (isAll) return own;
    auto counts = nearest(tangle, strands, here, family.subspan(1));
    std::erase_if(counts, [&](std::size_t inherited) {
        return std::ranges::any_of(own, [&](std::size_t place) {
            return strands[place]->insteadOf == strands[inherited]->id;
        });
    });
    counts.insert(counts.end(), own.begin(), own.end());
    std::ranges::sort(counts);
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
        auto counts = nearest(tangle, strands, here, family);
        if (!counts.empty()) view.push_back({layer, std::move(counts)});
    }
    return view;
}

}  // namespace jolly
