// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "core/goals/goal_list.h"

#include <algorithm>
#include <cstdint>
#include <initializer_list>
#include <ranges>
#include <string>
#include <string_view>
#include <variant>
#include <vector>

namespace jolly
{

/// One end of a strand.
struct End {
    static constexpr double kShortest = 10.0;
    static constexpr double kLongest = 10'000.0;

    std::string outlet{};  ///< of its last stage; "" is the first
    Goal goal{};
    How how = How::Held;
    double pulse = kUsualPulse;  ///< length of a pulse, [kShortest, kLongest] ms
    Part part = Part::Whole;     ///< of an axis that rests in the middle

    friend bool operator==(const End&, const End&) = default;
};

/// The virtual control that an end leads to; null when it leads to something else.
[[nodiscard]] inline const Target* targetOf(const End& end)
{
    return std::get_if<Target>(&end.goal);
}
[[nodiscard]] inline Target* targetOf(End& end)
{
    return std::get_if<Target>(&end.goal);
}

/// The layer that an end engages or steps to, the craft that it chooses, the keys that it presses;
/// null when it does something else.
[[nodiscard]] inline const LayerGoal* layerOf(const End& end)
{
    return std::get_if<LayerGoal>(&end.goal);
}
[[nodiscard]] inline LayerGoal* layerOf(End& end)
{
    return std::get_if<LayerGoal>(&end.goal);
}
[[nodiscard]] inline const CraftGoal* craftOf(const End& end)
{
    return std::get_if<CraftGoal>(&end.goal);
}
[[nodiscard]] inline const Chord* keysOf(const End& end)
{
    return std::get_if<Chord>(&end.goal);
}
[[nodiscard]] inline Chord* keysOf(End& end)
{
    return std::get_if<Chord>(&end.goal);
}

/// The virtual control that an end names: where it leads, or the axis of its order; null when none.
[[nodiscard]] inline Target* namedIn(End& end)
{
    return std::visit([](auto& goal) { return namedByGoal(goal); }, end.goal);
}

/// The virtual controls that a strand leads to, in the order of its ends: a view.
template <class Strand>
[[nodiscard]] auto targetsOf(Strand& strand)
{
    return strand.ends | std::views::filter([](auto& end) { return targetOf(end) != nullptr; }) |
           std::views::transform([](auto& end) -> auto& { return *targetOf(end); });
}

/// Ends that lead from the first outlet to these.
[[nodiscard]] inline std::vector<End> endsAt(std::initializer_list<Target> targets)
{
    std::vector<End> ends;
    for (const auto& target : targets) ends.push_back({{}, target});
    return ends;
}

/// The virtual controls that an end moves: the one that it leads to, or all keys of a chord in the
/// order in which they are pressed.
[[nodiscard]] inline std::vector<Target> placesOf(const End& end)
{
    return std::visit([](const auto& goal) { return placesOfGoal(goal); }, end.goal);
}

/// Whether one of a strand's ends moves that.
template <class Strand>
[[nodiscard]] bool leadsTo(const Strand& strand, const Target& target)
{
    return std::ranges::any_of(strand.ends, [&](const End& end) {
        return std::visit([&](const auto& goal) { return movesPlace(goal, target); }, end.goal);
    });
}

/// The device that an end leads to; empty when it leads to none.
[[nodiscard]] inline std::string_view deviceOf(const End& end)
{
    return std::visit([](const auto& goal) { return deviceOfGoal(goal); }, end.goal);
}

/// Whether one of a strand's ends leads to a virtual device.
template <class Strand>
[[nodiscard]] bool leadsToDevice(const Strand& strand, std::string_view device)
{
    return std::ranges::any_of(strand.ends,
                               [&](const End& end) { return deviceOf(end) == device; });
}

}  // namespace jolly
