// SPDX-License-Identifier: GPL-3.0-or-later
#include "app/strands/control_menu.h"

#include "core/tangle/lookup.h"

#include <QAction>
#include <QMenu>
#include <QWidget>

namespace jolly::app
{

namespace
{

/// Adds a command of the window under words of its own.
void addCommand(QMenu& menu, const QWidget& parent, const char* id, const QString& words)
{
    auto* command = parent.window()->findChild<QAction*>(QLatin1String(id));
    if (!command) return;
    auto* entry = menu.addAction(words, command, &QAction::trigger);
    entry->setObjectName(QStringLiteral("here ") + QLatin1String(id));
    entry->setShortcut(command->shortcut());
    entry->setShortcutContext(Qt::WidgetShortcut);  // shown; the window's own is the one that acts
}

}  // namespace

void openControlMenu(Edits& edits, Selection& selection, const Source& control, QPoint globalPlace,
                     QWidget& parent)
{
    const auto* controller = selection.feed().controllerOf(control);
    if (!controller) return;
    selection.select(control);
    auto* menu = new QMenu(&parent);
    menu->setAttribute(Qt::WA_DeleteOnClose);
    menu->setObjectName(QStringLiteral("control menu"));
    menu->addSection(selection.feed().nameOf(control));
    const bool isAxis = findControl(controller->rig, control.control)->kind == ControlKind::Axis;
    const bool isWoven = !edits.stance().strandsFrom(control).empty();
    addCommand(*menu, parent, "lead on", QObject::tr("Lead it to the next free place"));
    if (isWoven) addCommand(*menu, parent, "copy strand", QObject::tr("Copy its strand"));
    addCommand(*menu, parent, "paste strand", QObject::tr("Paste the copied strand here"));
    addCommand(*menu, parent, "silence control", QObject::tr("Silence it here"));
    menu->addSeparator();
    addCommand(*menu, parent, "weave", QObject::tr("Show its strands"));
    if (isAxis && isWoven) addCommand(*menu, parent, "shape", QObject::tr("Shape its axis"));
    addCommand(*menu, parent, "layers", QObject::tr("Show it across the layers"));
    addCommand(*menu, parent, "rig", QObject::tr("Name it, calibrate it"));
    menu->popup(globalPlace);
}

}  // namespace jolly::app
