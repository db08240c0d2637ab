// SPDX-License-Identifier: GPL-3.0-or-later
#include "app/strands/slice_edges.h"

#include <algorithm>

namespace jolly::app
{

void moveEdge(SlicePart& slice, int edge, double value, double low)
{
    value = std::clamp(value, low, 1.0);
    const auto follow = [&](double& letGo, double before) {
        letGo = std::clamp(letGo + value - before, low, 1.0);
    };
    if (edge == kFrom) follow(slice.letGoBelow, slice.from);
    if (edge == kTo && slice.letGoAbove < 1.0) follow(slice.letGoAbove, slice.to);
    for (int other = 0; other < static_cast<int>(kSliceEdges.size()); ++other) {
        auto& place = slice.*kSliceEdges[static_cast<std::size_t>(other)];
        if (other == edge) place = value;
        if (other < edge) place = std::min(place, value);
        if (other > edge) place = std::max(place, value);
    }
}

void addSlice(SliceParts& slices, double value, double low, double held)
{
    std::string name;
    for (auto number = slices.size() + 1;; ++number) {
        name = "slice " + std::to_string(number);
        if (std::ranges::find(slices, name, &SlicePart::name) == slices.end()) break;
    }
    const bool isBelowRest = low < 0.0 && value < 0.0;
    if (isBelowRest) {
        const double to = std::clamp(value, low, -held);
        slices.push_back({name, low, to, low, std::min(to + held, 1.0)});
        return;
    }
    const double from = std::clamp(value, std::min(low + held, 1.0), 1.0);
    slices.push_back({name, from, 1.0, std::max(from - held, low), 1.0});
}

}  // namespace jolly::app
