// SPDX-License-Identifier: GPL-3.0-or-later
#include "core/goals/order.h"

#include "core/tangle/lookup.h"
#include "core/tangle/names.h"
#include "core/tangle/virtual_layout.h"

#include <algorithm>

namespace jolly
{

Sentence nameOfGoal(const Tangle&, const Command& command)
{
    switch (command.order) {
        case Order::StandDown:
            return words("stand down");
        case Order::Recentre:
            return words("recentre");
        case Order::Reverse:
            return words("reverse");
        case Order::Keep:
            return words("keep the recording");
    }
    return {};
}

Sentence explainGoal(const Tangle& tangle, const Command& command, const Lead&)
{
    switch (command.order) {
        case Order::StandDown:
            return words("stands down when it is pressed");
        case Order::Recentre:
            return say("lets all that is kept for %1 begin anew when it is pressed",
                       nameInFull(tangle, command.axis));
        case Order::Reverse:
            return say(
                "turns %1 round when it is pressed, and back with the next press or the flight's "
                "end",
                nameInFull(tangle, command.axis));
        case Order::Keep:
            return words("keeps the flight recorder's last minutes when it is pressed");
    }
    return {};
}

void checkGoal(const Tangle& tangle, const Command& command, std::optional<ControlKind> from,
               const GoalComplaint& complain)
{
    checkPress(from, words("an order"), complain);
    if (!isAboutAxis(command.order)) return;
    const auto& axis = command.axis;
    if (const auto* device = findDevice(tangle, axis.device);
        device && axis.control.kind == ControlKind::Axis) {
        const auto layout = layoutOf(*device);
        if (std::ranges::find(layout, axis.control, &VirtualSlot::control) != layout.end()) return;
    }
    complain("",
             say("gives an order about %1 of \"%2\", which is no virtual axis",
                 nameOf(axis.control), axis.device),
             words("Name an axis of a virtual device."), "");
}

void compileGoal(const Command& command, GoalSink& sink)
{
    switch (command.order) {
        case Order::StandDown:
            return sink.order(Deed::StandDown);
        case Order::Recentre:
            return sink.orderAxis(Deed::Recentre, command.axis);
        case Order::Reverse:
            return sink.orderAxis(Deed::Reverse, command.axis);
        case Order::Keep:
            return sink.order(Deed::Keep);
    }
}

}  // namespace jolly
