// SPDX-License-Identifier: GPL-3.0-or-later
#include "core/goals/goal.h"

#include <cmath>

namespace jolly
{

Fallible fitPress(ControlKind from)
{
    if (from == ControlKind::Button) return {};
    return fail(Failure::Code::Unreadable,
                say("The outlet gives %1, which presses nothing.", wordsOf(from).any),
                words("Make a button of it with a stage first."));
}

void checkPress(std::optional<ControlKind> from, Words what, const GoalComplaint& complain)
{
    if (!from || *from == ControlKind::Button) return;
    complain("", say("leads from %1 to %2", wordsOf(*from).any, what),
             words("Make a button of it with a stage, or lead it to something else."), "");
}

Sentence explainPress(const Sentence& what, const Lead& lead)
{
    const auto pulse = std::lround(lead.pulse);
    switch (lead.how) {
        case How::Held:
            return say("presses %1 while it is pressed", what);
        case How::Pulse:
            return say("pulses %1 for %2 ms when it is pressed, and does nothing when it is let go",
                       what, pulse);
        case How::PulseAtRelease:
            return say("pulses %1 for %2 ms when it is let go, and does nothing when it is pressed",
                       what, pulse);
        case How::PulseAtBoth:
            return say("pulses %1 for %2 ms when it is pressed, and again when it is let go", what,
                       pulse);
    }
    return {};
}

}  // namespace jolly
