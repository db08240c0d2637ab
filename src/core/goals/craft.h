// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "core/goals/goal.h"

namespace jolly
{

/// Which craft a press chooses.
enum class Choose : std::uint8_t { This, Next, Previous };

/// A goal: a craft, which a press chooses.
struct CraftGoal {
    std::string craft{};  ///< of Choose::This
    Choose choose = Choose::This;

    friend bool operator==(const CraftGoal&, const CraftGoal&) = default;
};

[[nodiscard]] Sentence nameOfGoal(const Tangle& tangle, const CraftGoal& goal);
[[nodiscard]] Sentence explainGoal(const Tangle& tangle, const CraftGoal& goal, const Lead& lead);
[[nodiscard]] inline Fallible fitGoal(const Tangle&, const CraftGoal&, ControlKind from)
{
    return fitPress(from);
}
void checkGoal(const Tangle& tangle, const CraftGoal& goal, std::optional<ControlKind> from,
               const GoalComplaint& complain);
void compileGoal(const CraftGoal& goal, GoalSink& sink);

}  // namespace jolly
