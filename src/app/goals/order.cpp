// SPDX-License-Identifier: GPL-3.0-or-later
#include "app/goals/goal.h"

#include "app/style/qt_text.h"
#include "core/tangle/device_edit.h"
#include "core/tangle/virtual_layout.h"

#include <QObject>

namespace jolly::app
{

namespace
{

/// All axes to which something leads.
void addAxes(GoalOffers& offers, QMenu& menu, const QString& words, Order order)
{
    for (const auto& device : offers.tangle.devices) {
        for (const auto& slot : layoutOf(device)) {
            const Target axis{device.id, slot.control};
            if (slot.control.kind != ControlKind::Axis || offers.strands.at(axis).empty()) continue;
            menu.addAction(words.arg(toQt(placeName(offers.tangle, axis))),
                           [lead = offers.lead, order, axis] {
                               lead(Command{order, axis});
                           });
        }
    }
    menu.setEnabled(!menu.isEmpty());
}

}  // namespace

QString goalText(const Tangle& tangle, const Command& command)
{
    switch (command.order) {
        case Order::StandDown:
            return QObject::tr("stands down");
        case Order::Recentre:
            return QObject::tr("recentres %1").arg(goalText(tangle, command.axis));
        case Order::Reverse:
            return QObject::tr("reverses %1").arg(goalText(tangle, command.axis));
        case Order::Keep:
            return QObject::tr("keeps the recording");
    }
    return {};
}

void offerGoal(GoalOffers& offers, const Command&)
{
    if (!offers.isButton) return;
    auto& menu = *offers.menu.addMenu(QObject::tr("An order"));
    menu.addAction(QObject::tr("Stand down"), [lead = offers.lead] {
        lead(Command{Order::StandDown, {}});
    });
    menu.addAction(QObject::tr("Keep the flight recorder's last minutes"), [lead = offers.lead] {
        lead(Command{Order::Keep, {}});
    });
    addAxes(offers, *menu.addMenu(QObject::tr("Recentre")),
            QObject::tr("Let all that is kept for %1 begin anew"), Order::Recentre);
    addAxes(offers, *menu.addMenu(QObject::tr("Reverse")), QObject::tr("Turn %1 round, and back"),
            Order::Reverse);
}

}  // namespace jolly::app
