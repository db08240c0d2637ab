// SPDX-License-Identifier: GPL-3.0-or-later
#include "core/goals/craft.h"

#include "core/layers/family.h"
#include "core/tangle/lookup.h"
#include "core/tangle/told.h"

namespace jolly
{

std::string nameOfGoal(const Tangle& tangle, const CraftGoal& goal)
{
    if (goal.choose == Choose::Next) return "next craft";
    if (goal.choose == Choose::Previous) return "craft before";
    const auto* craft = findBy(tangle.craft, &Craft::id, goal.craft);
    return craft ? craft->name : goal.craft;
}

std::string explainGoal(const Tangle& tangle, const CraftGoal& goal, const Lead&)
{
    if (goal.choose == Choose::Next) return "chooses the next craft when it is pressed";
    if (goal.choose == Choose::Previous) return "chooses the craft before when it is pressed";
    return "chooses the craft " + nameOfGoal(tangle, goal) + " when it is pressed";
}

void checkGoal(const Tangle& tangle, const CraftGoal& goal, std::optional<ControlKind> from,
               const GoalComplaint& complain)
{
    checkPress(from, "a craft", complain);
    if (goal.choose != Choose::This || placeOfCraft(tangle, goal.craft) < tangle.craft.size())
        return;
    complain("/craft", " chooses the craft \"" + goal.craft + "\", which the tangle does not have",
             "Name one of: " + listed(tangle.craft, [](const Craft& c) { return c.id; }) + ".", "");
}

void compileGoal(const CraftGoal& goal, GoalSink& sink)
{
    switch (goal.choose) {
        case Choose::This:
            return sink.orderCraft(Deed::ThisCraft, goal.craft);
        case Choose::Next:
            return sink.orderCraft(Deed::NextCraft, goal.craft);
        case Choose::Previous:
            return sink.orderCraft(Deed::PreviousCraft, goal.craft);
    }
}

}  // namespace jolly
