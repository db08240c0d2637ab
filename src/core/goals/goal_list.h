// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "core/goals/craft.h"
#include "core/goals/keys.h"
#include "core/goals/layer.h"
#include "core/goals/nothing.h"
#include "core/goals/order.h"
#include "core/goals/place.h"

#include <concepts>
#include <variant>

namespace jolly
{

/// Where an end of a strand leads. A new kind is a file in this folder and a line here.
using Goal = std::variant<Target,     //
                          Chord,      //
                          LayerGoal,  //
                          CraftGoal,  //
                          Command,    //
                          Nothing>;

/// What goal.h says, of a goal of any kind. They take nothing but a Goal: a kind that has not said
/// it itself is found by the compiler.
template <std::same_as<Goal> Any>
[[nodiscard]] Sentence nameOfGoal(const Tangle& tangle, const Any& goal)
{
    return std::visit([&](const auto& kind) { return nameOfGoal(tangle, kind); }, goal);
}
template <std::same_as<Goal> Any>
[[nodiscard]] Sentence explainGoal(const Tangle& tangle, const Any& goal, const Lead& lead)
{
    return std::visit([&](const auto& kind) { return explainGoal(tangle, kind, lead); }, goal);
}
template <std::same_as<Goal> Any>
[[nodiscard]] Fallible fitGoal(const Tangle& tangle, const Any& goal, ControlKind from)
{
    return std::visit([&](const auto& kind) { return fitGoal(tangle, kind, from); }, goal);
}
template <std::same_as<Goal> Any>
void checkGoal(const Tangle& tangle, const Any& goal, std::optional<ControlKind> from,
               const GoalComplaint& complain)
{
    std::visit([&](const auto& kind) { checkGoal(tangle, kind, from, complain); }, goal);
}
template <std::same_as<Goal> Any>
void compileGoal(const Any& goal, GoalSink& sink)
{
    std::visit([&](const auto& kind) { compileGoal(kind, sink); }, goal);
}

}  // namespace jolly
