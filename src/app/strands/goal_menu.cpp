// SPDX-License-Identifier: GPL-3.0-or-later
#include "app/strands/goal_menu.h"
#include "app/style/qt_text.h"

#include "app/devices/place_map.h"
#include "core/tangle/device_edit.h"
#include "core/tangle/goal_edit.h"
#include "core/tangle/lookup.h"
#include "core/tangle/signals.h"
#include "core/tangle/virtual_layout.h"

namespace jolly::app
{

GoalMenu::GoalMenu(Weaver& weaver, RowChoice& choice, OutletPlace row,
                   std::function<void()> askForKeys, QWidget* parent)
    : QMenu(parent), m_weaver(weaver), m_choice(choice), m_row(std::move(row))
{
    setObjectName(QStringLiteral("goal menu"));
    const auto* strand = findStrand(weaver.edits().tangle(), m_row.strand);
    if (!strand) return;
    const auto* end = m_row.end ? &strand->ends[*m_row.end] : nullptr;
    addAction(tr("The next free control"), this, [this] { m_choice.leadToNextFree(m_row); });
    if (end && targetOf(*end))
        addAction(tr("Another control from the list…"), this, [this] {
            askForPlace(m_weaver, m_row.strand, *m_row.end, parentWidget()->window());
        });
    if (signalsOf(weaver.edits().tangle(), *strand).back().kind == ControlKind::Button) {
        addAction(tr("Keys: press them together…"), this, std::move(askForKeys));
        addOrders(*addMenu(tr("An order")));
        if (weaver.edits().tangle().layers.size() > 1) addLayers(*addMenu(tr("A layer")));
        if (weaver.edits().tangle().craft.size() > 1) addCraft(*addMenu(tr("A craft")));
    }
    addAction(tr("Nothing: it is silent"), this, [this] { m_choice.lead(m_row, Nothing{}); });
    if (!end) return;
    addSeparator();
    addAction(tr("One goal more"), this, &GoalMenu::addOne);
    addAction(tr("Take this goal away"), this, &GoalMenu::removeIt);
}

void GoalMenu::addOrders(QMenu& menu)
{
    menu.addAction(tr("Stand down"), this, [this] {
        m_choice.lead(m_row, Command{Order::StandDown, {}});
    });
    menu.addAction(tr("Keep the flight recorder's last minutes"), this, [this] {
        m_choice.lead(m_row, Command{Order::Keep, {}});
    });
    addAxes(*menu.addMenu(tr("Recentre")), tr("Let all that is kept for %1 begin anew"),
            Order::Recentre);
    addAxes(*menu.addMenu(tr("Reverse")), tr("Turn %1 round, and back"), Order::Reverse);
}

void GoalMenu::addLayers(QMenu& menu)
{
    for (const auto& layer : m_weaver.edits().tangle().layers) {
        if (layer.id == kBase) continue;
        const auto name = toQt(layer.name);
        const auto add = [&](const QString& words, Engage engage) {
            menu.addAction(words.arg(name), this, [this, id = layer.id, engage] {
                m_choice.lead(m_row, LayerGoal{id, engage});
            });
        };
        add(tr("%1 while it is held"), Engage::Hold);
        add(tr("%1 until the next press"), Engage::Flip);
        if (layer.group.empty()) continue;
        add(tr("The next of the group of %1"), Engage::Next);
        add(tr("The one before of the group of %1"), Engage::Previous);
    }
}

void GoalMenu::addCraft(QMenu& menu)
{
    for (const auto& craft : m_weaver.edits().tangle().craft) {
        menu.addAction(toQt(craft.name), this, [this, id = craft.id] {
            m_choice.lead(m_row, CraftGoal{id, Choose::This});
        });
    }
    menu.addAction(tr("The next craft"), this, [this] {
        m_choice.lead(m_row, CraftGoal{{}, Choose::Next});
    });
    menu.addAction(tr("The craft before"), this, [this] {
        m_choice.lead(m_row, CraftGoal{{}, Choose::Previous});
    });
}

/// All axes to which something leads.
void GoalMenu::addAxes(QMenu& menu, const QString& words, Order order)
{
    for (const auto& device : m_weaver.edits().tangle().devices) {
        for (const auto& slot : layoutOf(device)) {
            const Target axis{device.id, slot.control};
            if (slot.control.kind != ControlKind::Axis ||
                m_weaver.edits().document().strands().at(axis).empty())
                continue;
            const auto name = toQt(placeName(m_weaver.edits().tangle(), axis));
            menu.addAction(words.arg(name), this, [this, order, axis] {
                m_choice.lead(m_row, Command{order, axis});
            });
        }
    }
    menu.setEnabled(!menu.isEmpty());
}

void GoalMenu::addOne()
{
    m_choice.leadToNextFree({m_row.strand, m_row.outlet, std::nullopt});
}

void GoalMenu::removeIt()
{
    m_weaver.edits().apply({tr("take a goal of %1 away").arg(m_choice.nameOf(m_row))},
                           [this](Tangle& tangle) { removeEnd(tangle, m_row.strand, *m_row.end); });
}

}  // namespace jolly::app
