// SPDX-License-Identifier: GPL-3.0-or-later
#include "app/goals/goal.h"

#include <QObject>

namespace jolly::app
{

QString goalText(const Tangle&, const Nothing&)
{
    return QObject::tr("nothing: it is silent");
}

void offerGoal(GoalOffers& offers, const Nothing&)
{
    offers.menu.addAction(QObject::tr("Nothing: it is silent"),
                          [lead = offers.lead] { lead(Nothing{}); });
}

}  // namespace jolly::app
