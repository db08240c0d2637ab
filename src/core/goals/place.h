// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "core/goals/goal.h"

/// A goal: a virtual control.
namespace jolly
{

[[nodiscard]] Sentence nameOfGoal(const Tangle& tangle, const Target& place);
[[nodiscard]] Sentence explainGoal(const Tangle& tangle, const Target& place, const Lead& lead);
[[nodiscard]] Fallible fitGoal(const Tangle& tangle, const Target& place, ControlKind from);

/// The check of strands goes through it: it needs the limits of the device.
inline void checkGoal(const Tangle&, const Target&, std::optional<ControlKind>,
                      const GoalComplaint&)
{
}
inline void compileGoal(const Target& place, GoalSink& sink)
{
    sink.lead(place);
}

[[nodiscard]] inline std::vector<Target> placesOfGoal(const Target& place)
{
    return {place};
}
[[nodiscard]] inline bool movesPlace(const Target& goal, const Target& place)
{
    return goal == place;
}
[[nodiscard]] inline std::string_view deviceOfGoal(const Target& place)
{
    return place.device;
}
[[nodiscard]] inline Target* namedByGoal(Target& place)
{
    return &place;
}

}  // namespace jolly
