// SPDX-License-Identifier: GPL-3.0-or-later
#include "core/layers/views.h"

#include <algorithm>

namespace jolly
{

namespace
{

/// A strand that may count: by the layer, and by how far up the family its craft is.
struct Candidate {
    std::size_t layer = 0;
    std::size_t up = 0;
    std::size_t place = 0;
};

/// A strand that counts, and the ids of those in whose place it does.
struct Counted {
    std::size_t place = 0;
    std::vector<std::string_view> stoodFor{};

    [[nodiscard]] bool standsFor(std::string_view id) const
    {
        return std::ranges::find(stoodFor, id) != stoodFor.end();
    }
};

/// Those of a layer that are of the family, the top layer first, and of that Everywhere's first.
std::vector<Candidate> candidatesOf(const Tangle& tangle, std::span<const Strand* const> strands,
                                    std::span<const std::size_t> family)
{
    std::vector<Candidate> candidates;
    for (std::size_t place = 0; place < strands.size(); ++place) {
        const auto& craft = strands[place]->craft;
        const auto found = std::ranges::find_if(
            family, [&](std::size_t each) { return tangle.craft[each].id == craft; });
        if (found == family.end()) continue;
        const auto layer = placeOfLayer(tangle, strands[place]->layer);
        if (layer >= std::min(tangle.layers.size(), kMostLayers)) continue;
        candidates.push_back({layer, static_cast<std::size_t>(found - family.begin()), place});
    }
    std::ranges::stable_sort(candidates, [](const Candidate& a, const Candidate& b) {
        return a.layer != b.layer ? a.layer > b.layer : a.up > b.up;
    });
    return candidates;
}

/// Those whose place another one takes: they go, and it stands for all that they stood for.
/// @param insteadOf  "" for all.
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

/// What one craft has of its own comes to what it inherits.
void inherit(std::vector<Counted>& counts, std::span<const Strand* const> strands,
             std::span<const Candidate> own)
{
    const bool isAll = std::ranges::any_of(
        own, [&](const Candidate& each) { return strands[each.place]->insteadOf.empty(); });
    Counted all;
    if (isAll) replace(counts, strands, {}, all);
    std::vector<Counted> mine;
    for (const auto& each : own) {
        const std::string_view insteadOf = strands[each.place]->insteadOf;
        mine.push_back({each.place, all.stoodFor});
        if (insteadOf.empty()) continue;
        mine.back().stoodFor.push_back(insteadOf);
        replace(counts, strands, insteadOf, mine.back());
    }
    counts.insert(counts.end(), mine.begin(), mine.end());
}

/// Of the candidates of one layer those that count.
std::vector<std::size_t> countingOf(std::span<const Strand* const> strands,
                                    std::span<const Candidate> here)
{
    std::vector<std::size_t> places;
    if (here.front().up == here.back().up) {  // of one craft: nothing is inherited
        for (const auto& each : here) places.push_back(each.place);
        return places;
    }
    std::vector<Counted> counts;
    for (std::size_t i = 0; i < here.size();) {
        auto end = i + 1;
        while (end < here.size() && here[end].up == here[i].up) ++end;
        inherit(counts, strands, here.subspan(i, end - i));
        i = end;
    }
    for (const auto& each : counts) places.push_back(each.place);
    std::ranges::sort(places);
    return places;
}

}  // namespace

std::vector<LayerStrands> viewOf(const Tangle& tangle, std::span<const Strand* const> strands,
                                 std::span<const std::size_t> family)
{
    std::vector<LayerStrands> view;
    const auto candidates = candidatesOf(tangle, strands, family);
    const std::span all(candidates);
    for (std::size_t i = 0; i < all.size();) {
        auto end = i + 1;
        while (end < all.size() && all[end].layer == all[i].layer) ++end;
        view.push_back({all[i].layer, countingOf(strands, all.subspan(i, end - i))});
        i = end;
    }
    return view;
}

}  // namespace jolly
