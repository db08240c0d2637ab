// SPDX-License-Identifier: GPL-3.0-or-later
#include "app/window/craft_menu.h"
#include "app/style/qt_text.h"

#include "core/layers/family.h"

#include <QMenu>

namespace jolly::app
{

void addCraft(QMenu& menu, Edits& edits)
{
    const auto& now = edits.stance().footing().craft;
    for (const auto& row : craftByFamily(edits.tangle())) {
        const auto name = toQt(row.craft->name);
        auto* entry =
            menu.addAction(QString(row.depth * 4, QLatin1Char(' ')) + name, &edits,
                           [&edits, id = row.craft->id] { edits.stance().chooseCraft(id); });
        entry->setObjectName(QStringLiteral("fly ") + name);
        entry->setCheckable(true);
        entry->setChecked(row.craft->id == now);
    }
}

}  // namespace jolly::app
