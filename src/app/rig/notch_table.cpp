// SPDX-License-Identifier: GPL-3.0-or-later
#include "app/rig/notch_table.h"
#include "app/style/qt_text.h"

#include "app/style/scroll_column.h"
#include "app/style/theme.h"

#include <QDoubleSpinBox>
#include <QHBoxLayout>
#include <QLabel>
#include <QLineEdit>
#include <QToolButton>
#include <algorithm>
#include <cmath>

namespace jolly::app
{

namespace
{

QDoubleSpinBox* makePercent(double value, double low, double high, const QString& name)
{
    auto* box = new QDoubleSpinBox;
    box->setDecimals(1);
    box->setRange(low, high);
    box->setSingleStep(0.5);
    box->setSuffix(NotchTable::tr(" %"));
    box->setValue(value);
    box->setAccessibleName(name);
    box->setObjectName(name);
    box->setButtonSymbols(QAbstractSpinBox::NoButtons);
    box->setKeyboardTracking(false);
    return box;
}

}  // namespace

NotchTable::NotchTable(QWidget* parent) : QWidget(parent), m_column(new QVBoxLayout(this))
{
    m_column->setContentsMargins(0, 0, 0, 0);
    m_column->setSpacing(4);
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
    clearLayout(*m_column);
    for (std::size_t i = 0; i < m_notches.size(); ++i) addRow(i);
    setVisible(!m_notches.empty());
}

void NotchTable::addRow(std::size_t place)
{
    const auto& notch = m_notches[place];
    const double travel = m_range.travel();
    auto* body = new QWidget;
    auto* row = new QHBoxLayout(body);
    row->setContentsMargins(0, 0, 0, 0);
    row->setSpacing(6);
    auto* name = new QLineEdit(toQt(notch.name));
    name->setObjectName(tr("name of notch %1").arg(place + 1));
    name->setAccessibleName(name->objectName());
    auto* at = makePercent(100.0 * (static_cast<double>(notch.at) - m_range.low) / travel, -20.0,
                           120.0, tr("place of notch %1").arg(place + 1));
    auto* width = makePercent(100.0 * notch.half / travel, 0.1, 50.0,
                              tr("half width of notch %1").arg(place + 1));
    at->setFixedWidth(60);
    width->setFixedWidth(58);
    name->setMinimumWidth(60);
    width->setPrefix(QStringLiteral("± "));
    if (notch.value)
        name->setToolTip(tr("Matched: gives %L1 %").arg(100.0 * *notch.value, 0, 'f', 1));
    auto* remove = new QToolButton;
    remove->setText(QStringLiteral("×"));
    remove->setObjectName(tr("remove notch %1").arg(place + 1));
    remove->setAccessibleName(remove->objectName());
    row->addWidget(name, 1);
    row->addWidget(at);
    row->addWidget(width);
    row->addWidget(remove);
    m_column->addWidget(body);
    connect(name, &QLineEdit::editingFinished, this, [this, place, name] {
        change(place, [&](Notch& n) { n.name = name->text().trimmed().toStdString(); });
    });
    connect(at, &QDoubleSpinBox::valueChanged, this, [this, place](double percent) {
        change(place, [&](Notch& n) {
            n.at = static_cast<std::int32_t>(
                std::lround(m_range.low + percent / 100.0 * m_range.travel()));
        });
    });
    connect(width, &QDoubleSpinBox::valueChanged, this, [this, place](double percent) {
        change(place, [&](Notch& n) {
            n.half = std::max(
                1, static_cast<std::int32_t>(std::lround(percent / 100.0 * m_range.travel())));
        });
    });
    connect(remove, &QToolButton::clicked, this, [this, place] {
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
    // The field that is being edited goes with its row: not while it still tells what changed.
    QMetaObject::invokeMethod(this, &NotchTable::rebuild, Qt::QueuedConnection);
}

}  // namespace jolly::app
