// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "core/goals/goal.h"

namespace jolly
{

/// A goal of its own: what leads to it is silent.
struct Nothing {
    friend bool operator==(const Nothing&, const Nothing&) = default;
};

[[nodiscard]] inline Sentence nameOfGoal(const Tangle&, const Nothing&)
{
    return words("nothing");
}
[[nodiscard]] inline Sentence explainGoal(const Tangle&, const Nothing&, const Lead&)
{
    return words("does nothing: it is silent");
}
[[nodiscard]] inline Fallible fitGoal(const Tangle&, const Nothing&, ControlKind)
{
    return {};
}
inline void checkGoal(const Tangle&, const Nothing&, std::optional<ControlKind>,
                      const GoalComplaint&)
{
}
inline void compileGoal(const Nothing&, GoalSink&) {}

}  // namespace jolly
