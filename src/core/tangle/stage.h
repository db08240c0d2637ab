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
    std::string layer{};             ///< a layer instead, while it is engaged; "" for none
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

[[nodiscard]] const StageInfo& infoOf(const StageParameters& parameters);

/// What flows behind a stage, at each of its outlets.
[[nodiscard]] Signal signalAfter(const StageParameters& parameters, Signal signal);

/// The names of a stage's outlets, of which there is one or more; "" where it has one only.
[[nodiscard]] std::vector<std::string> outletsOf(const StageParameters& parameters);

/// Whether a stage has several outlets. It is the last one then.
[[nodiscard]] bool forks(const StageParameters& parameters);

/// Where the value of a stage can go that keeps one of its own; empty for all others.
[[nodiscard]] std::optional<Stretch> ownTravelOf(const StageParameters& parameters, double low);

/// Calls `visit(spec, source)` for each parameter that names another control; `source` may be
/// empty.
template <class Visitor>
void forEachControl(const StageParameters& parameters, Visitor&& visit)
{
    std::visit(
        [&](const auto& p) {
            p.fields(p, [&](const auto& spec, const auto& value) {
                using Field = std::decay_t<decltype(value)>;
                if constexpr (std::is_same_v<Field, std::optional<Source>>) visit(spec, value);
                if constexpr (std::is_same_v<std::decay_t<decltype(spec)>, PlacesField>) {
                    for (const auto& place : value)
                        visit(ControlField{spec.key, spec.label, ControlKind::Button, true,
                                           place.name},
                              place.control);
                }
            });
        },
        parameters);
}

}  // namespace jolly
