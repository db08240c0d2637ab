// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "core/tangle/tangle.h"

#include <functional>
#include <string>

namespace jolly
{

/// Says what is wrong: behind the path of the end, what follows the strand's name, the cure, and
/// the key of a remedy, if any.
using GoalComplaint = std::function<void(const std::string& path, const std::string& what,
                                         const std::string& cure, const char* remedy)>;

/// What is wrong with a goal that is no virtual control.
/// @param kind  of what leaves the stages; nothing when that is not known.
void checkGoal(const Tangle& tangle, const Goal& goal, std::optional<ControlKind> kind,
               const GoalComplaint& complain);

/// "an axis", "a button" and so on.
[[nodiscard]] const char* wordFor(ControlKind kind);

}  // namespace jolly
