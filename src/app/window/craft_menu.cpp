// SPDX-License-Identifier: GPL-3.0-or-later
#include "app/window/craft_menu.h"

#include "core/layers/family.h"

#include <QMenu>

namespace jolly::app
{

void addCraft(QMenu& menu, Studio& studio)
{
    const auto& now = studio.stance().footing().craft;
    for (const auto& row : craftByFamily(studio.tangle())) {
        const auto name = QString::fromStdString(row.craft->name);
        auto* entry =
            menu.addAction(QString(row.depth * 4, QLatin1Char(' ')) + name, &studio,
                           [&studio, id = row.craft->id] { studio.stance().chooseCraft(id); });
        entry->setObjectName(QStringLiteral("fly ") + name);
        entry->setCheckable(true);
        entry->setChecked(row.craft->id == now);
    }
}

}  // namespace jolly::app
