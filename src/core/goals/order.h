// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "core/goals/goal.h"

namespace jolly
{

/// What a press can have Jolly Tangle itself do.
enum class Order : std::uint8_t {
    StandDown,  ///< ends the flight
    Recentre,   ///< all that strands to an axis keep begins anew: trims, glides, driven values
    Reverse,    ///< turns an axis round until the flight ends, or back
    Keep,       ///< the flight recorder's last minutes are written to a file
};

/// A goal: an order, given when it is pressed.
struct Command {
    Order order = Order::StandDown;
    Target axis{};  ///< of Recentre and Reverse

    friend bool operator==(const Command&, const Command&) = default;
};

/// Whether an order is about an axis.
[[nodiscard]] constexpr bool isAboutAxis(Order order) noexcept
{
    return order == Order::Recentre || order == Order::Reverse;
}

[[nodiscard]] Sentence nameOfGoal(const Tangle& tangle, const Command& command);
[[nodiscard]] Sentence explainGoal(const Tangle& tangle, const Command& command, const Lead& lead);
[[nodiscard]] inline Fallible fitGoal(const Tangle&, const Command&, ControlKind from)
{
    return fitPress(from);
}
void checkGoal(const Tangle& tangle, const Command& command, std::optional<ControlKind> from,
               const GoalComplaint& complain);
void compileGoal(const Command& command, GoalSink& sink);

[[nodiscard]] inline Target* namedByGoal(Command& command)
{
    return isAboutAxis(command.order) ? &command.axis : nullptr;
}

}  // namespace jolly
