// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "core/shaping/blend.h"
#include "core/shaping/counter_curve.h"
#include "core/shaping/curve.h"
#include "core/shaping/dead_zone.h"
#include "core/shaping/detents.h"
#include "core/shaping/drive.h"
#include "core/shaping/guard.h"
#include "core/shaping/half.h"
#include "core/shaping/hold.h"
#include "core/shaping/invert.h"
#include "core/shaping/lead_in.h"
#include "core/shaping/pace.h"
#include "core/shaping/reach.h"
#include "core/shaping/round_dead_zone.h"
#include "core/shaping/scale.h"
#include "core/shaping/softness.h"
#include "core/shaping/spikes.h"
#include "core/shaping/spring.h"
#include "core/shaping/steady.h"
#include "core/shaping/stillness.h"
#include "core/shaping/trim.h"
#include "core/tangle/virtual_control.h"
#include "core/value/extra.h"

#include <optional>
#include <type_traits>
#include <variant>

namespace jolly
{

/// Runs in the place of a stage that cannot: what comes in goes out.
struct LetThrough {
    [[nodiscard]] Value apply(Value in, const Moment&) const noexcept { return in; }
};

/// A closed list of kinds of stages, and what follows from it.
template <class... Kind>
struct StageListOf {
    using Parameters = std::variant<Kind...>;
    using Runner = std::variant<typename Kind::Runner..., LetThrough>;

    /// Calls `visit(Kind{})` for each kind, in the order of the list.
    template <class Visitor>
    static void forEach(Visitor&& visit)
    {
        (visit(Kind{}), ...);
    }
};

/// All kinds of stages, in the order in which they are offered. A new stage is a file of its own
/// and one line here: file format, schema, window and docs take the rest from its fields.
using StageList = StageListOf<  //
    DeadZone,                   //
    RoundDeadZone,              //
    LeadIn,                     //
    Reach,                      //
    Curve,                      //
    Softness,                   //
    CounterCurve,               //
    Invert,                     //
    Scale,                      //
    Steady,                     //
    Spikes,                     //
    Stillness,                  //
    Pace,                       //
    Detents,                    //
    Blend,                      //
    Half,                       //
    HoldValue,                  //
    Trim,                       //
    Drive,                      //
    Spring,                     //
    Guard>;

using StageParameters = StageList::Parameters;
using StageRunner = StageList::Runner;

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

/// Whether an axis has one side or two behind a stage.
[[nodiscard]] inline Sides sidesAfter(const StageParameters& parameters, Sides sides)
{
    return std::visit(
        [sides](const auto& p) {
            if constexpr (requires { p.sidesAfter(sides); }) return p.sidesAfter(sides);
            return sides;
        },
        parameters);
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
