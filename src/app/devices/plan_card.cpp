// SPDX-License-Identifier: GPL-3.0-or-later
#include "app/devices/plan_card.h"
#include "app/style/qt_text.h"

#include "app/style/theme.h"
#include "app/style/wrap_layout.h"
#include "core/sim/spread.h"

#include <QLabel>
#include <QPushButton>
#include <QVBoxLayout>

namespace jolly::app
{

PlanCard::PlanCard(Edits& edits, QWidget* parent) : Card(parent), m_edits(edits)
{
    setObjectName(QStringLiteral("plan card"));
    const auto plan = spread(edits.tangle());
    const auto sim = edits.tangle().sheet ? toQt(edits.tangle().sheet->name) : QString();
    auto* column = new QVBoxLayout(this);
    column->setContentsMargins(16, 12, 16, 14);
    column->setSpacing(8);
    auto* title = new QLabel(tr("Plan for %1").arg(sim));
    title->setFont(textFont(TextSize::Title, true));
    setTone(*title, "title");
    column->addWidget(title);
    QStringList lines;
    for (const auto& line : differenceOf(edits.tangle(), plan)) lines << toQt(line);
    if (lines.isEmpty()) lines << tr("Everything fits as it is.");
    auto* difference = new QLabel(lines.join(QLatin1Char('\n')));
    difference->setObjectName(QStringLiteral("difference"));
    difference->setWordWrap(true);
    difference->setTextInteractionFlags(Qt::TextSelectableByMouse);
    column->addWidget(difference);
    auto* row = new WrapLayout(6);
    auto* apply = new QPushButton(tr("Do it"));
    apply->setObjectName(QStringLiteral("apply plan"));
    apply->setEnabled(!plan.changesNothing());
    auto* leave = new QPushButton(tr("Leave it as it is"));
    leave->setObjectName(QStringLiteral("leave plan"));
    row->addWidget(apply);
    row->addWidget(leave);
    row->addStretch();
    column->addLayout(row);
    connect(apply, &QPushButton::clicked, this, &PlanCard::apply);
    connect(leave, &QPushButton::clicked, this, &PlanCard::done);
}

void PlanCard::apply()
{
    m_edits.applyToWhole({tr("plan for the sim")},
                         [](Tangle& tangle) { applySpread(tangle, spread(tangle)); });
    Q_EMIT done();
}

}  // namespace jolly::app
