// SPDX-License-Identifier: GPL-3.0-or-later
#include "app/strands/detents_table.h"
#include "app/style/qt_text.h"

#include <QGridLayout>
#include <QPushButton>
#include <algorithm>

namespace jolly::app
{

DetentsTable::DetentsTable(double low, QWidget* parent) : RowTable("detents", parent), m_low(low) {}

void DetentsTable::show(const DetentList& detents)
{
    if (m_isBuilt && detents == m_detents) return;
    m_isBuilt = true;
    m_detents = detents;
    rebuild();
}

void DetentsTable::rebuild()
{
    begin({tr("notch"), tr("at"), tr("gives"), tr("half width")});
    for (std::size_t i = 0; i < m_detents.size(); ++i) addRow(i);
    auto* add = new QPushButton(tr("+ notch where the lever is"), this);
    add->setObjectName(QStringLiteral("add notch"));
    connect(add, &QPushButton::clicked, this, [this] {
        auto detents = m_detents;
        const auto after =
            std::ranges::find_if(detents, [this](const auto& d) { return d.at > m_place; });
        detents.insert(
            after, {tr("notch %1").arg(detents.size() + 1).toStdString(), m_place, m_place, 0.02});
        offer(std::move(detents));
    });
    grid().addWidget(add, grid().rowCount(), 0, 1, 4);
}

void DetentsTable::addRow(std::size_t detent)
{
    const int row = static_cast<int>(detent) + 1;
    const auto& shown = m_detents[detent];
    addText(row, 0, tr("name of notch %1").arg(row), shown.name, [this, detent](const auto& name) {
        change(detent, [&](Detent& d) { d.name = name; });
    });
    addPercent(row, 1, {tr("place of notch %1").arg(row), shown.at, m_low},
               [this, detent](double at) { change(detent, [&](Detent& d) { d.at = at; }); });
    addPercent(row, 2, {tr("output of notch %1").arg(row), shown.to, m_low},
               [this, detent](double to) { change(detent, [&](Detent& d) { d.to = to; }); });
    addPercent(
        row, 3, {tr("half width of notch %1").arg(row), shown.halfWidth, 0.0, 0.5},
        [this, detent](double half) { change(detent, [&](Detent& d) { d.halfWidth = half; }); });
    addButton(row, 4, tr("remove notch %1").arg(row), QStringLiteral("×"), [this, detent] {
        auto detents = m_detents;
        detents.erase(detents.begin() + static_cast<std::ptrdiff_t>(detent));
        offer(std::move(detents));
    });
}

void DetentsTable::change(std::size_t detent, const std::function<void(Detent&)>& how)
{
    auto detents = m_detents;
    how(detents[detent]);
    offer(std::move(detents));
}

void DetentsTable::offer(DetentList detents)
{
    if (detents == m_detents) return;
    const auto complaint = Detents{detents}.complaint();
    if (complaint.empty()) return Q_EMIT changed(detents);
    Q_EMIT refused(tr("That does not fit: %1.").arg(toQt(complaint)));
    rebuildSoon();
}

}  // namespace jolly::app
