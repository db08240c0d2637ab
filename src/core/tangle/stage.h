// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "core/tangle/stage_list.h"
#include "core/tangle/virtual_control.h"
#include "core/value/extra.h"

#include <optional>
#include <type_traits>
#include <variant>

namespace jolly
{

/// When a stage works; else it lets its input through.
struct When {
    Source control{};  ///< a button or switch that is pressed, or an axis beyond its half
    std::optional<Target> output{};  ///< a virtual control instead, likewise
    bool isOff = false;              ///< while it is not

    friend bool operator==(const When&, const When&) = default;
};

/// One step of a strand's work on the value.
struct Stage {
    StageParameters parameters;
    bool isOn = true;
    std::optional<When> when{};
    Extra extra{};

    friend bool operator==(const Stage&, const Stage&) = default;
};

[[nodiscard]] inline const StageInfo& infoOf(const StageParameters& parameters)
{
    return std::visit(
        [](const auto& p) -> const StageInfo& { return std::decay_t<decltype(p)>::kInfo; },
        parameters);
}

/// What flows behind a stage, at each of its outlets.
[[nodiscard]] inline Signal signalAfter(const StageParameters& parameters, Signal signal)
{
    return std::visit(
        [signal](const auto& p) {
            if constexpr (requires { p.gives(signal); }) return p.gives(signal);
            return signal;
        },
        parameters);
}

/// The names of a stage's outlets, of which there is one or more; "" where it has one only.
[[nodiscard]] inline std::vector<std::string> outletsOf(const StageParameters& parameters)
{
    return std::visit(
        [](const auto& p) -> std::vector<std::string> {
            if constexpr (requires { p.outlets(); }) return p.outlets();
            return {""};
        },
        parameters);
}

/// Whether a stage has several outlets. It is the last one then.
[[nodiscard]] inline bool forks(const StageParameters& parameters)
{
    return outletsOf(parameters) != std::vector<std::string>{""};
}

/// Where the value of a stage can go that keeps one of its own; empty for all others.
[[nodiscard]] inline std::optional<Stretch> ownTravelOf(const StageParameters& parameters,
                                                        double low)
{
    return std::visit(
        [low](const auto& p) -> std::optional<Stretch> {
            if constexpr (requires { p.ownTravel(low); }) return p.ownTravel(low);
            return std::nullopt;
        },
        parameters);
}

/// Calls `visit(spec, source)` for each parameter that names another control; `source` may be
/// empty.
template <class Visitor>
void forEachControl(const StageParameters& parameters, Visitor&& visit)
{
    std::visit(
        [&](const auto& p) {
            p.fields(p, [&](const auto& spec, const auto& value) {
                if constexpr (std::is_same_v<std::decay_t<decltype(value)>, std::optional<Source>>)
                    visit(spec, value);
            });
        },
        parameters);
}

}  // namespace jolly
