// SPDX-License-Identifier: GPL-3.0-or-later
#include "app/goals/goal.h"

#include "app/style/qt_text.h"
#include "core/tangle/lookup.h"

#include <QObject>

namespace jolly::app
{

QString goalText(const Tangle& tangle, const CraftGoal& goal)
{
    if (goal.choose == Choose::Next) return QObject::tr("the next craft");
    if (goal.choose == Choose::Previous) return QObject::tr("the craft before");
    const auto* craft = findBy(tangle.craft, &Craft::id, goal.craft);
    return QObject::tr("craft %1").arg(toQt(craft ? craft->name : goal.craft));
}

void offerGoal(GoalOffers& offers, const CraftGoal&)
{
    if (!offers.isButton || offers.tangle.craft.size() < 2) return;
    auto& menu = *offers.menu.addMenu(QObject::tr("A craft"));
    const auto add = [&](const QString& words, const CraftGoal& goal) {
        menu.addAction(words, [lead = offers.lead, goal] { lead(goal); });
    };
    for (const auto& craft : offers.tangle.craft)
        add(toQt(craft.name), CraftGoal{craft.id, Choose::This});
    add(QObject::tr("The next craft"), CraftGoal{{}, Choose::Next});
    add(QObject::tr("The craft before"), CraftGoal{{}, Choose::Previous});
}

}  // namespace jolly::app
