// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "core/layers/views.h"
#include "core/goals/goal.h"
#include "core/tangle/tangle.h"

#include <cstdint>
#include <string>
#include <vector>

namespace jolly
{

/// A run of places in one of the plan's lists.
struct Run {
    std::uint32_t first = 0;
    std::uint32_t count = 0;
};

/// The bit of a layer by its place in the stack; none of one that is too many.
[[nodiscard]] constexpr std::uint64_t bitOf(std::size_t layer) noexcept
{
    return layer < kMostLayers ? std::uint64_t{1} << layer : 0;
}

/// What an outlet of a strand has the program do when it is pressed.
struct PlanOrder {
    std::uint16_t outlet = 0;  ///< place among the strand's outlets
    Deed deed = Deed::StandDown;
    std::uint32_t what = 0;  ///< place of an output, a layer or a craft
};

/// One layer of the stack.
struct PlanLayer {
    std::string id;
    std::uint64_t needs = 0;   ///< bits of layers that must be engaged, too
    std::uint64_t group = 0;   ///< bits of all of its group, with its own; 0 for none
    std::uint32_t output = 0;  ///< where strands that engage it meet
    bool isByItself = false;   ///< engaged while what it needs is: nothing leads to it
    Crossing crossing = Crossing::Jump;
    bool tellsSwitches = true;
    bool remembers = true;
    Run watchers{};  ///< strands with stages that wait for it
};

/// The strands that one layer has for one control, for one craft or several.
struct PlanRoute {
    std::uint8_t layer = 0;
    Run strands;  ///< in Plan::routeStrands
};

/// What counts for one craft: by input the run of its routes, from the top of the stack down.
struct PlanView {
    std::string craft;  ///< id
    std::vector<Run> routes{};
};

}  // namespace jolly
