// SPDX-License-Identifier: GPL-3.0-or-later
#include "core/faceplate/callouts.h"

#include <algorithm>
#include <numeric>

namespace jolly
{

namespace
{

/// Places in a list, ordered by what the controls there have.
std::vector<std::size_t> orderedBy(std::span<const Spot> anchors, int Spot::*place)
{
    std::vector<std::size_t> order(anchors.size());
    std::iota(order.begin(), order.end(), std::size_t{0});
    std::ranges::stable_sort(order, {}, [&](std::size_t i) { return anchors[i].*place; });
    return order;
}

void placeColumn(std::span<const std::size_t> column, int top, int bottom, int each,
                 std::vector<CalloutPlace>& places)
{
    int least = top;
    for (const auto i : column) {
        places[i].top = std::max(places[i].top, least);
        least = places[i].top + each;
    }
    int most = bottom - (each - 1);
    for (auto i = column.rbegin(); i != column.rend(); ++i) {
        places[*i].top = std::min(places[*i].top, most);
        most = places[*i].top - each;
    }
}

}  // namespace

std::vector<bool> sidesOfCallouts(std::span<const Spot> anchors, int plateWidth)
{
    const auto count = static_cast<std::ptrdiff_t>(anchors.size());
    const auto nearLeft = std::ranges::count_if(
        anchors, [middle = plateWidth / 2](const Spot& spot) { return spot.x < middle; });
    const auto most = (count + 1) / 2 + 1;
    const auto left = static_cast<std::size_t>(
        std::clamp(nearLeft, std::max<std::ptrdiff_t>(0, count - most), most));
    const auto byX = orderedBy(anchors, &Spot::x);
    std::vector<bool> areLeft(anchors.size());
    for (std::size_t i = 0; i < std::min(left, byX.size()); ++i) areLeft[byX[i]] = true;
    return areLeft;
}

int heightOfCallouts(const std::vector<bool>& areLeft, int each)
{
    const auto left = std::ranges::count(areLeft, true);
    const auto right = static_cast<std::ptrdiff_t>(areLeft.size()) - left;
    return static_cast<int>(std::max(left, right)) * each;
}

std::vector<CalloutPlace> placeCallouts(std::span<const Spot> anchors,
                                        const std::vector<bool>& areLeft, int top, int bottom,
                                        int each)
{
    std::vector<CalloutPlace> places;
    for (std::size_t i = 0; i < anchors.size(); ++i)
        places.push_back({areLeft[i], anchors[i].y - (each - 1) / 2});
    const auto byY = orderedBy(anchors, &Spot::y);
    for (const bool isLeft : {true, false}) {
        std::vector<std::size_t> column;
        std::ranges::copy_if(byY, std::back_inserter(column),
                             [&](std::size_t i) { return areLeft[i] == isLeft; });
        placeColumn(column, top, bottom, each, places);
    }
    return places;
}

}  // namespace jolly
