// SPDX-License-Identifier: GPL-3.0-or-later
#include "app/goals/goal.h"

#include "app/listen/chord_field.h"
#include "app/listen/key_codes.h"

#include <QObject>
#include <algorithm>

namespace jolly::app
{

QString notOnLayout(const QString& keys)
{
    return QObject::tr("%1 (not on your keyboard's layout)").arg(keys);
}

QString goalText(const Tangle&, const Chord& chord)
{
    return std::ranges::all_of(chord.keys, hasKey) ? chordText(chord)
                                                   : notOnLayout(chordText(chord));
}

void offerGoal(GoalOffers& offers, const Chord&)
{
    if (offers.isButton)
        offers.menu.addAction(QObject::tr("Keys: press them together…"), offers.askForKeys);
}

}  // namespace jolly::app
