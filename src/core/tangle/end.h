// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "core/digital/pulses.h"
#include "core/tangle/chord.h"
#include "core/tangle/command.h"
#include "core/tangle/layer_goal.h"
#include "core/tangle/virtual_control.h"

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

/// A goal of its own: what leads to it is silent.
struct Nothing {
    friend bool operator==(const Nothing&, const Nothing&) = default;
};

/// Where an end of a strand leads.
using Goal = std::variant<Target, Chord, LayerGoal, CraftGoal, Command, Nothing>;

/// How an end presses its goal, when it leads from an outlet of buttons.
enum class How : std::uint8_t {
    Held,            ///< for as long as the outlet is pressed
    Pulse,           ///< for a moment when it is pressed
    PulseAtRelease,  ///< for a moment when it is let go
    PulseAtBoth,     ///< for a moment at either
};

/// How much of a virtual axis an end moves: all of it, or one side of its rest, to the end of which
/// the whole travel of the strand goes.
enum class Part : std::uint8_t { Whole, Upper, Lower };

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

/// The virtual control that an end names: where it leads, or the axis of its order; null when none.
[[nodiscard]] inline Target* namedIn(End& end)
{
    if (auto* target = targetOf(end)) return target;
    auto* command = std::get_if<Command>(&end.goal);
    return command && isAboutAxis(command->order) ? &command->axis : nullptr;
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
    if (const auto* target = targetOf(end)) return {*target};
    if (const auto* chord = std::get_if<Chord>(&end.goal)) return keysOf(*chord);
    return {};
}

/// Whether one of a strand's ends moves that.
template <class Strand>
[[nodiscard]] bool leadsTo(const Strand& strand, const Target& target)
{
    return std::ranges::any_of(strand.ends, [&](const End& end) {
        const auto* chord = std::get_if<Chord>(&end.goal);
        if (!chord) return end.goal == Goal(target);
        return chord->device == target.device && target.control.kind == ControlKind::Button &&
               std::ranges::find(chord->keys, target.control.number) != chord->keys.end();
    });
}

/// The device that an end leads to; empty when it leads to none.
[[nodiscard]] inline std::string_view deviceOf(const End& end)
{
    if (const auto* target = targetOf(end)) return target->device;
    if (const auto* chord = std::get_if<Chord>(&end.goal)) return chord->device;
    return {};
}

/// Whether one of a strand's ends leads to a virtual device.
template <class Strand>
[[nodiscard]] bool leadsToDevice(const Strand& strand, std::string_view device)
{
    return std::ranges::any_of(strand.ends,
                               [&](const End& end) { return deviceOf(end) == device; });
}

}  // namespace jolly
