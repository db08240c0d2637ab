// SPDX-License-Identifier: GPL-3.0-or-later
#include "app/goals/goal.h"

#include "app/style/qt_text.h"
#include "core/tangle/lookup.h"

#include <QObject>

namespace jolly::app
{

QString goalText(const Tangle& tangle, const LayerGoal& goal)
{
    const auto* layer = findBy(tangle.layers, &Layer::id, goal.layer);
    const auto name = toQt(layer ? layer->name : goal.layer);
    switch (goal.engage) {
        case Engage::Hold:
            return QObject::tr("layer %1, held").arg(name);
        case Engage::Flip:
            return QObject::tr("layer %1, flipped").arg(name);
        case Engage::Next:
            return QObject::tr("next layer of the group of %1").arg(name);
        case Engage::Previous:
            return QObject::tr("layer before, of the group of %1").arg(name);
    }
    return {};
}

void offerGoal(GoalOffers& offers, const LayerGoal&)
{
    if (!offers.isButton || offers.tangle.layers.size() < 2) return;
    auto& menu = *offers.menu.addMenu(QObject::tr("A layer"));
    for (const auto& layer : offers.tangle.layers) {
        if (layer.id == kBase) continue;
        const auto add = [&](const QString& words, Engage engage) {
            menu.addAction(words.arg(toQt(layer.name)),
                           [lead = offers.lead, id = layer.id, engage] {
                               lead(LayerGoal{id, engage});
                           });
        };
        add(QObject::tr("%1 while it is held"), Engage::Hold);
        add(QObject::tr("%1 until the next press"), Engage::Flip);
        if (layer.group.empty()) continue;
        add(QObject::tr("The next of the group of %1"), Engage::Next);
        add(QObject::tr("The one before of the group of %1"), Engage::Previous);
    }
}

}  // namespace jolly::app
