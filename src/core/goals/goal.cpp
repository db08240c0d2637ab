// SPDX-License-Identifier: GPL-3.0-or-later
#include "core/goals/goal.h"

#include <cmath>

namespace jolly
{

Fallible fitPress(ControlKind from)
{
    if (from == ControlKind::Button) return {};
    return fail(Failure::Code::Unreadable,
                "The outlet gives " + std::string(wordsOf(from).any) + ", which presses nothing.",
                "Make a button of it with a stage first.");
}

void checkPress(std::optional<ControlKind> from, const std::string& what,
                const GoalComplaint& complain)
{
    if (!from || *from == ControlKind::Button) return;
    complain("", " leads from " + std::string(wordsOf(*from).any) + " to " + what,
             "Make a button of it with a stage, or lead it to something else.", "");
}

std::string explainPress(const std::string& what, const Lead& lead)
{
    const auto pulse =
        "pulses " + what + " for " + std::to_string(std::lround(lead.pulse)) + " ms when it is ";
    switch (lead.how) {
        case How::Held:
            return "presses " + what + " while it is pressed";
        case How::Pulse:
            return pulse + "pressed, and does nothing when it is let go";
        case How::PulseAtRelease:
            return pulse + "let go, and does nothing when it is pressed";
        case How::PulseAtBoth:
            return pulse + "pressed, and again when it is let go";
    }
    return {};
}

}  // namespace jolly
