// SPDX-License-Identifier: GPL-3.0-or-later
#include "core/goals/craft.h"

#include "core/layers/family.h"
#include "core/tangle/lookup.h"
#include "core/tangle/told.h"

namespace jolly
{

Sentence nameOfGoal(const Tangle& tangle, const CraftGoal& goal)
{
    if (goal.choose == Choose::Next) return words("next craft");
    if (goal.choose == Choose::Previous) return words("craft before");
    const auto* craft = findBy(tangle.craft, &Craft::id, goal.craft);
    return craft ? craft->name : goal.craft;
}

Sentence explainGoal(const Tangle& tangle, const CraftGoal& goal, const Lead&)
{
    if (goal.choose == Choose::Next) return words("chooses the next craft when it is pressed");
    if (goal.choose == Choose::Previous)
        return words("chooses the craft before when it is pressed");
    return say("chooses the craft %1 when it is pressed", nameOfGoal(tangle, goal));
}

void checkGoal(const Tangle& tangle, const CraftGoal& goal, std::optional<ControlKind> from,
               const GoalComplaint& complain)
{
    checkPress(from, words("a craft"), complain);
    if (goal.choose != Choose::This || placeOfCraft(tangle, goal.craft) < tangle.craft.size())
        return;
    complain("/craft", say("chooses the craft \"%1\", which the tangle does not have", goal.craft),
             say("Name one of: %1.", listed(tangle.craft, [](const Craft& c) { return c.id; })),
             "");
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
