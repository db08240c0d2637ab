// SPDX-License-Identifier: GPL-3.0-or-later
#include "app/models/axis_strand.h"
#include "app/style/qt_text.h"

#include "core/tangle/lookup.h"
#include "core/tangle/virtual_layout.h"

namespace jolly::app
{

bool isAxisStrand(const Tangle& tangle, const Strand& strand)
{
    const auto* control = strand.hasSource() ? axisOf(tangle, strand) : nullptr;
    return control && control->kind == ControlKind::Axis;
}

const RigControl* axisOf(const Tangle& tangle, const Strand& strand)
{
    if (!strand.hasSource()) return nullptr;
    const auto* controller = findController(tangle, strand.source.controller);
    return controller ? findControl(*controller, strand.source.control) : nullptr;
}

QString nameWithCraft(const Tangle& tangle, const Strand& strand)
{
    const auto name = toQt(strand.name.empty() ? strand.id : strand.name);
    const auto* craft = findBy(tangle.craft, &Craft::id, strand.craft);
    if (!craft || strand.craft == kEverywhere) return name;
    return QStringLiteral("%1 · %2").arg(name, toQt(craft->name));
}

QString whereOf(const Tangle& tangle, const Strand& strand)
{
    const auto* layer = findBy(tangle.layers, &Layer::id, strand.layer);
    const auto* craft = findBy(tangle.craft, &Craft::id, strand.craft);
    return QStringLiteral("%1 · %2").arg(toQt(layer ? layer->name : strand.layer),
                                         toQt(craft ? craft->name : strand.craft));
}

QString wayOf(const Tangle& tangle, const Strand& strand)
{
    const auto* controller = findController(tangle, strand.source.controller);
    const auto* to = strand.ends.empty() ? nullptr : targetOf(strand.ends.front());
    const auto* device = to ? findDevice(tangle, to->device) : nullptr;
    auto way = toQt(controller->alias);
    if (device)
        way += QStringLiteral(" → ") +
               toQt(say("%1 · %2", device->name, jolly::nameOf(*device, to->control)));
    return way;
}

}  // namespace jolly::app
