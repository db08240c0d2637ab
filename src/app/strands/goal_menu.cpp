// SPDX-License-Identifier: GPL-3.0-or-later
#include "app/strands/goal_menu.h"

#include "app/devices/place_map.h"
#include "app/goals/goal.h"
#include "core/tangle/goal_edit.h"
#include "core/tangle/lookup.h"
#include "core/tangle/signals.h"

namespace jolly::app
{

GoalMenu::GoalMenu(Weaver& weaver, RowChoice& choice, OutletPlace row,
                   std::function<void()> askForKeys, QWidget* parent)
    : QMenu(parent), m_weaver(weaver), m_choice(choice), m_row(std::move(row))
{
    setObjectName(QStringLiteral("goal menu"));
    const auto* strand = findStrand(weaver.edits().tangle(), m_row.strand);
    if (!strand) return;
    offer(*strand, std::move(askForKeys));
    if (!m_row.end) return;
    addSeparator();
    addAction(tr("One goal more"), this, [this] {
        m_choice.leadToNextFree({m_row.strand, m_row.outlet, std::nullopt});
    });
    addAction(tr("Take this goal away"), this, &GoalMenu::removeIt);
}

void GoalMenu::offer(const Strand& strand, std::function<void()> askForKeys)
{
    auto& edits = m_weaver.edits();
    std::function<void()> askForAPlace;
    if (m_row.end && targetOf(strand.ends[*m_row.end]))
        askForAPlace = [this] {
            askForPlace(m_weaver, m_row.strand, *m_row.end, parentWidget()->window());
        };
    GoalOffers offers{*this,
                      edits.tangle(),
                      edits.document().strands(),
                      signalsOf(edits.tangle(), strand).back().kind == ControlKind::Button,
                      [this](const Goal& goal) { m_choice.lead(m_row, goal); },
                      [this] { m_choice.leadToNextFree(m_row); },
                      std::move(askForAPlace),
                      std::move(askForKeys)};
    offerGoals(offers);
}

void GoalMenu::removeIt()
{
    m_weaver.edits().apply({tr("take a goal of %1 away").arg(m_choice.nameOf(m_row))},
                           [this](Tangle& tangle) { removeEnd(tangle, m_row.strand, *m_row.end); });
}

}  // namespace jolly::app
