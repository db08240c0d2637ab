// SPDX-License-Identifier: GPL-3.0-or-later
#include "app/window/find_all.h"

#include "app/style/qt_text.h"
#include "core/tangle/function_edit.h"
#include "core/tangle/lookup.h"

#include <QPointer>

namespace jolly::app
{

namespace
{

void addControls(std::vector<Found>& all, const Desk& desk, const FindWays& ways)
{
    for (const auto& controller : desk.controllers) {
        for (const auto& control : controller.rig.controls) {
            const Source ref{controller.rig.id, control.code};
            all.push_back(
                {toQt(say("%1 · %2", controller.rig.alias, nameOf(controller.rig, control))),
                 QObject::tr("control"),
                 [ref, go = ways.toControl] { go(ref); },
                 {},
                 toQt(control.role + " " + toText(control.code))});
        }
    }
}

void addStrands(std::vector<Found>& all, const Tangle& tangle, const FindWays& ways)
{
    for (const auto& strand : tangle.strands) {
        if (!strand.hasSource()) continue;
        const auto& ref = strand.source;
        const auto function = functionName(tangle, strand.function);
        const auto words = function.empty() || function == strand.name
                               ? strand.name
                               : strand.name + " · " + function;
        all.push_back(
            {toQt(words), QObject::tr("strand"), [ref, go = ways.toControl] { go(ref); }});
    }
}

void addCommands(std::vector<Found>& all, Commands& commands)
{
    for (int menu = 0; menu < Commands::kMenus; ++menu) {
        for (auto* action : commands.actions(static_cast<Commands::Menu>(menu))) {
            if (!action->isEnabled() || !action->isVisible()) continue;
            all.push_back({action->text().remove(QLatin1Char('&')), QObject::tr("command"),
                           [action = QPointer(action)] {
                               if (action) action->trigger();
                           },
                           action->shortcut().toString(QKeySequence::NativeText),
                           Commands::nameOf(static_cast<Commands::Menu>(menu)) + QLatin1Char(' ') +
                               action->data().toString()});
        }
    }
}

void addPlaces(std::vector<Found>& all, Edits& edits, const FindWays& ways)
{
    for (const auto& device : edits.tangle().devices)
        all.push_back({toQt(device.name), QObject::tr("virtual device"),
                       [id = device.id, go = ways.toDevice] { go(id); }});
    for (const auto& craft : edits.tangle().craft)
        all.push_back({toQt(craft.name), QObject::tr("craft"),
                       [&edits, id = craft.id] { edits.stance().chooseCraft(id); }});
    for (const auto& layer : edits.tangle().layers)
        all.push_back({toQt(layer.name), QObject::tr("layer"),
                       [id = layer.id, go = ways.toLayer] { go(id); }});
}

}  // namespace

std::vector<Found> findable(Edits& edits, const Desk& desk, Commands& commands,
                            const FindWays& ways)
{
    std::vector<Found> all;
    addCommands(all, commands);
    addControls(all, desk, ways);
    addStrands(all, edits.tangle(), ways);
    addPlaces(all, edits, ways);
    return all;
}

}  // namespace jolly::app
