// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "core/shaping/curve.h"
#include "core/shaping/dead_zone.h"
#include "core/shaping/invert.h"
#include "core/value/extra.h"

#include <type_traits>
#include <variant>

namespace jolly
{

/// A closed list of kinds of stages, and what follows from it.
template <class... Kind>
struct StageListOf {
    using Parameters = std::variant<Kind...>;
    using Runner = std::variant<typename Kind::Runner...>;

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
    Curve,                      //
    Invert>;

using StageParameters = StageList::Parameters;
using StageRunner = StageList::Runner;

/// One step of a strand's work on the value.
struct Stage {
    StageParameters parameters;
    bool isOn = true;
    Extra extra{};

    friend bool operator==(const Stage&, const Stage&) = default;
};

[[nodiscard]] inline const StageInfo& infoOf(const StageParameters& parameters)
{
    return std::visit(
        [](const auto& p) -> const StageInfo& { return std::decay_t<decltype(p)>::kInfo; },
        parameters);
}

[[nodiscard]] inline StageRunner prepare(const StageParameters& parameters, StageInput input)
{
    return std::visit([&](const auto& p) -> StageRunner { return p.prepare(input); }, parameters);
}

/// Sends a value through one stage. RT-safe.
[[nodiscard]] inline Value apply(StageRunner& runner, Value in, Time now) noexcept
{
    return std::visit([&](auto& r) noexcept { return r.apply(in, now); }, runner);
}

}  // namespace jolly
