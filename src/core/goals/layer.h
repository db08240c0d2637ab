// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "core/goals/goal.h"

namespace jolly
{

/// What a press does to a layer.
enum class Engage : std::uint8_t {
    Hold,      ///< it is engaged for as long as it is pressed
    Flip,      ///< it is engaged until the next press, or until another of its group is
    Next,      ///< the next one of its group is, as with a flip
    Previous,  ///< likewise the one before
};

/// A goal: a layer, which a strand engages.
struct LayerGoal {
    std::string layer{};
    Engage engage = Engage::Hold;

    /// Whether it goes from layer to layer of a group.
    [[nodiscard]] bool steps() const noexcept
    {
        return engage == Engage::Next || engage == Engage::Previous;
    }

    friend bool operator==(const LayerGoal&, const LayerGoal&) = default;
};

[[nodiscard]] Sentence nameOfGoal(const Tangle& tangle, const LayerGoal& goal);
[[nodiscard]] Sentence explainGoal(const Tangle& tangle, const LayerGoal& goal, const Lead& lead);
[[nodiscard]] inline Fallible fitGoal(const Tangle&, const LayerGoal&, ControlKind from)
{
    return fitPress(from);
}
void checkGoal(const Tangle& tangle, const LayerGoal& goal, std::optional<ControlKind> from,
               const GoalComplaint& complain);
void compileGoal(const LayerGoal& goal, GoalSink& sink);

}  // namespace jolly
