// SPDX-License-Identifier: GPL-3.0-or-later
#include "app/goals/goal.h"

#include "app/listen/key_codes.h"
#include "app/style/qt_text.h"
#include "core/tangle/device_edit.h"
#include "core/tangle/lookup.h"

#include <QObject>

namespace jolly::app
{

QString goalText(const Tangle& tangle, const Target& place)
{
    const auto* device = findDevice(tangle, place.device);
    if (device && device->kind == VirtualKind::Keyboard) {
        const auto name = keyName(place.control.number);
        return hasKey(place.control.number) ? name : notOnLayout(name);
    }
    return toQt(placeName(tangle, place));
}

void offerGoal(GoalOffers& offers, const Target&)
{
    offers.menu.addAction(QObject::tr("The next free control"), offers.leadToNextFree);
    if (offers.askForPlace)
        offers.menu.addAction(QObject::tr("Another control from the list…"), offers.askForPlace);
}

}  // namespace jolly::app
