// SPDX-License-Identifier: GPL-3.0-or-later
#include "app/faceplate/goal_words.h"
#include "app/style/qt_text.h"

#include "app/listen/chord_field.h"
#include "app/listen/key_codes.h"
#include "core/tangle/device_edit.h"
#include "core/tangle/lookup.h"

#include <QObject>
#include <algorithm>

namespace jolly::app
{

namespace
{

/// Keys that the layout does not have are sent all the same.
QString notOnLayout(const QString& keys)
{
    return QObject::tr("%1 (not on your keyboard's layout)").arg(keys);
}

QString placeText(const Tangle& tangle, const Target& place)
{
    const auto* device = findDevice(tangle, place.device);
    if (device && device->kind == VirtualKind::Keyboard) {
        const auto name = keyName(place.control.number);
        return hasKey(place.control.number) ? name : notOnLayout(name);
    }
    return toQt(placeName(tangle, place));
}

QString layerText(const Tangle& tangle, const LayerGoal& goal)
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

QString craftText(const Tangle& tangle, const CraftGoal& goal)
{
    if (goal.choose == Choose::Next) return QObject::tr("the next craft");
    if (goal.choose == Choose::Previous) return QObject::tr("the craft before");
    const auto* craft = findBy(tangle.craft, &Craft::id, goal.craft);
    return QObject::tr("craft %1").arg(toQt(craft ? craft->name : goal.craft));
}

}  // namespace

QString goalText(const Tangle& tangle, const Goal& goal)
{
    if (const auto* target = std::get_if<Target>(&goal)) return placeText(tangle, *target);
    if (const auto* chord = std::get_if<Chord>(&goal))
        return std::ranges::all_of(chord->keys, hasKey) ? chordText(*chord)
                                                        : notOnLayout(chordText(*chord));
    if (const auto* layer = std::get_if<LayerGoal>(&goal)) return layerText(tangle, *layer);
    if (const auto* craft = std::get_if<CraftGoal>(&goal)) return craftText(tangle, *craft);
    if (const auto* command = std::get_if<Command>(&goal)) {
        const auto axis = placeText(tangle, command->axis);
        switch (command->order) {
            case Order::StandDown:
                return QObject::tr("stands down");
            case Order::Recentre:
                return QObject::tr("recentres %1").arg(axis);
            case Order::Reverse:
                return QObject::tr("reverses %1").arg(axis);
            case Order::Keep:
                return QObject::tr("keeps the recording");
        }
    }
    return QObject::tr("nothing: it is silent");
}

}  // namespace jolly::app
