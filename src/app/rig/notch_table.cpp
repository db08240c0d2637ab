// SPDX-License-Identifier: GPL-3.0-or-later
#include "app/rig/notch_table.h"
#include "app/style/qt_text.h"

#include <QDoubleSpinBox>
#include <QGridLayout>
#include <QLineEdit>
#include <algorithm>
#include <cmath>

namespace jolly::app
{

NotchTable::NotchTable(QWidget* parent) : RowTable("notches", parent)
{
    grid().setColumnStretch(0, 1);
}

void NotchTable::show(const NotchList& notches, const AxisRange& range)
{
    if (notches == m_notches && range == m_range) return;
    m_notches = notches;
    m_range = range;
    rebuild();
}

void NotchTable::rebuild()
{
    begin({});
    for (std::size_t i = 0; i < m_notches.size(); ++i) addRow(i);
    setVisible(!m_notches.empty());
}

void NotchTable::addRow(std::size_t place)
{
    const auto& notch = m_notches[place];
    const double travel = m_range.travel();
    const int row = static_cast<int>(place) + 1;
    auto& name = addText(
        row, 0, tr("name of notch %1").arg(row), notch.name,
        [this, place](const auto& text) { change(place, [&](Notch& n) { n.name = text; }); });
    name.setMinimumWidth(60);
    if (notch.value)
        name.setToolTip(tr("Matched: gives %L1 %").arg(100.0 * *notch.value, 0, 'f', 1));
    const double part = (static_cast<double>(notch.at) - m_range.low) / travel;
    auto& at = addPercent(
        row, 1, {tr("place of notch %1").arg(row), part, -0.2, 1.2}, [this, place](double to) {
            change(place, [&](Notch& n) {
                n.at = static_cast<std::int32_t>(std::lround(m_range.low + to * m_range.travel()));
            });
        });
    auto& half = addPercent(
        row, 2, {tr("half width of notch %1").arg(row), notch.half / travel, 0.001, 0.5},
        [this, place](double to) {
            change(place, [&](Notch& n) {
                n.half = std::max(1, static_cast<std::int32_t>(std::lround(to * m_range.travel())));
            });
        });
    half.setPrefix(QStringLiteral("± "));
    at.setFixedWidth(60);
    half.setFixedWidth(58);
    for (auto* box : {&at, &half}) {
        box->setSingleStep(0.5);
        box->setButtonSymbols(QAbstractSpinBox::NoButtons);
    }
    addButton(row, 3, tr("remove notch %1").arg(row), QStringLiteral("×"), [this, place] {
        auto notches = m_notches;
        notches.erase(notches.begin() + static_cast<std::ptrdiff_t>(place));
        Q_EMIT changed(notches);
    });
}

void NotchTable::change(std::size_t place, const std::function<void(Notch&)>& edit)
{
    if (place >= m_notches.size()) return;
    auto notches = m_notches;
    edit(notches[place]);
    if (notches == m_notches) return;
    const auto& name = notches[place].name;
    QString complaint;
    if (name.empty()) complaint = tr("A notch needs a name.");
    if (std::ranges::count(notches, name, &Notch::name) > 1)
        complaint = tr("Another notch of this axis is called %1.").arg(toQt(name));
    if (complaint.isEmpty()) {
        const auto ordered = orderNotches(notches);
        if (ordered) return Q_EMIT changed(notches);
        complaint = toQt(ordered.error().text());
    }
    Q_EMIT refused(complaint);
    rebuildSoon();
}

}  // namespace jolly::app
