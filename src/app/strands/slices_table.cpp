// SPDX-License-Identifier: GPL-3.0-or-later
#include "app/strands/slices_table.h"

#include "app/strands/slice_edges.h"

#include <QDoubleSpinBox>
#include <QGridLayout>
#include <QKeyEvent>
#include <QLineEdit>
#include <QPushButton>
#include <QSignalBlocker>
#include <QToolButton>
#include <array>

namespace jolly::app
{

namespace
{

constexpr int kFirstEdge = 1;  ///< the column in which the first of kSliceEdges stands
constexpr const char* kPlaceProperty = "edge";
constexpr int kEdges = static_cast<int>(kSliceEdges.size());

}  // namespace

SlicesTable::SlicesTable(double low, double held, QWidget* parent)
    : RowTable("slices", parent), m_low(low), m_held(held)
{
}

void SlicesTable::show(const SliceParts& slices)
{
    const bool isOther =
        !std::ranges::equal(slices, m_slices, {}, &SlicePart::name, &SlicePart::name);
    m_slices = slices;
    if (isOther) {
        rebuild();
    } else {
        showNumbers();
    }
}

void SlicesTable::rebuild()
{
    begin({tr("slice"), tr("let go below"), tr("from"), tr("to"), tr("let go above")});
    for (std::size_t i = 0; i < m_slices.size(); ++i) addRow(i);
    auto* add = new QPushButton(tr("+ slice"), this);
    add->setObjectName(QStringLiteral("add slice"));
    add->setToolTip(tr("A slice from where the axis is now to its end."));
    connect(add, &QPushButton::clicked, this, &SlicesTable::addSlice);
    grid().addWidget(add, grid().rowCount(), 0, Qt::AlignLeft);
    showNumbers();
}

void SlicesTable::addRow(std::size_t slice)
{
    const int row = static_cast<int>(slice) + 1;
    auto& name = addText(row, 0, tr("slice %1").arg(row), m_slices[slice].name,
                         [this, slice](const auto& to) {
                             auto slices = m_slices;
                             if (slice >= slices.size() || to == slices[slice].name) return;
                             slices[slice].name = to;
                             Q_EMIT changed(slices);
                         });
    name.setAccessibleName(tr("name of slice %1").arg(row));
    name.setMinimumWidth(80);
    const std::array words = {tr("let go below"), tr("from"), tr("to"), tr("let go above")};
    for (int edge = 0; edge < kEdges; ++edge) {
        const auto place = static_cast<std::size_t>(edge);
        auto& box = addPercent(row, kFirstEdge + edge,
                               {words[place] + QStringLiteral(" %1").arg(row),
                                m_slices[slice].*kSliceEdges[place], m_low},
                               [this, slice, edge](double value) { setEdge(slice, edge, value); });
        box.setAccessibleName(tr("slice %1, %2").arg(row).arg(words[place]));
        box.setToolTip(tr("Space puts it where the axis is now."));
        box.setProperty(kPlaceProperty, static_cast<int>(slice) * kEdges + edge);
        box.installEventFilter(this);
    }
    addButton(row, kFirstEdge + kEdges, tr("entered %1").arg(row), {},
              [this, slice] { turnEntry(slice); });
    auto& remove = addButton(row, kFirstEdge + kEdges + 1, tr("remove slice %1").arg(row),
                             QStringLiteral("×"), [this, slice] {
                                 auto slices = m_slices;
                                 slices.erase(slices.begin() + static_cast<std::ptrdiff_t>(slice));
                                 Q_EMIT changed(slices);
                             });
    remove.setEnabled(m_slices.size() > 1);
}

void SlicesTable::turnEntry(std::size_t slice)
{
    auto slices = m_slices;
    auto& now = slices[slice].entry;
    now = now == Entry::Either ? Entry::Below : now == Entry::Below ? Entry::Above : Entry::Either;
    Q_EMIT changed(slices);
}

void SlicesTable::showEntry(std::size_t slice)
{
    const auto* item = grid().itemAtPosition(static_cast<int>(slice) + 1, kFirstEdge + kEdges);
    auto* entry = qobject_cast<QToolButton*>(item->widget());
    const std::pair<QString, QString> kWays[] = {
        {QStringLiteral("↕"), tr("pressed from wherever the axis comes")},
        {QStringLiteral("↑"), tr("pressed only when the axis comes from below")},
        {QStringLiteral("↓"), tr("pressed only when the axis comes from above")}};
    const auto& [sign, words] = kWays[static_cast<std::size_t>(m_slices[slice].entry)];
    entry->setText(sign);
    entry->setToolTip(words);
    entry->setAccessibleName(tr("slice %1: %2").arg(slice + 1).arg(words));
}

void SlicesTable::addSlice()
{
    auto slices = m_slices;
    jolly::app::addSlice(slices, m_dot, m_low, m_held);
    Q_EMIT changed(slices);
}

void SlicesTable::showNumbers()
{
    for (std::size_t i = 0; i < m_slices.size(); ++i) {
        showEntry(i);
        for (int edge = 0; edge < kEdges; ++edge) {
            auto* item = grid().itemAtPosition(static_cast<int>(i) + 1, kFirstEdge + edge);
            auto* box = qobject_cast<QDoubleSpinBox*>(item->widget());
            const QSignalBlocker quiet(box);
            box->setValue(100.0 * (m_slices[i].*kSliceEdges[static_cast<std::size_t>(edge)]));
        }
    }
}

void SlicesTable::setEdge(std::size_t slice, int edge, double value)
{
    auto slices = m_slices;
    moveEdge(slices[slice], edge, value, m_low);
    if (slices != m_slices) Q_EMIT changed(slices);
}

/// Space puts the edge under the cursor where the hand is.
bool SlicesTable::eventFilter(QObject* watched, QEvent* event)
{
    const auto place = watched->property(kPlaceProperty);
    if (event->type() != QEvent::KeyPress || !place.isValid() ||
        static_cast<QKeyEvent*>(event)->key() != Qt::Key_Space)
        return QWidget::eventFilter(watched, event);
    setEdge(static_cast<std::size_t>(place.toInt() / kEdges), place.toInt() % kEdges, m_dot);
    return true;
}

}  // namespace jolly::app
