// SPDX-License-Identifier: GPL-3.0-or-later
#include "app/strands/slices_table.h"
#include "app/style/qt_text.h"

#include "app/strands/slice_edges.h"
#include "app/style/scroll_column.h"
#include "app/style/theme.h"

#include <QDoubleSpinBox>
#include <QGridLayout>
#include <QKeyEvent>
#include <QLabel>
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
    : QWidget(parent), m_grid(new QGridLayout(this)), m_low(low), m_held(held)
{
    setObjectName(QStringLiteral("slices"));
    m_grid->setContentsMargins(0, 0, 0, 0);
    m_grid->setHorizontalSpacing(6);
    m_grid->setVerticalSpacing(4);
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
    clearLayout(*m_grid);
    int column = 0;
    for (const auto& words :
         {tr("slice"), tr("let go below"), tr("from"), tr("to"), tr("let go above")}) {
        auto* head = new QLabel(words, this);
        setTone(*head, "dim");
        m_grid->addWidget(head, 0, column++);
    }
    for (std::size_t i = 0; i < m_slices.size(); ++i) addRow(i);
    auto* add = new QPushButton(tr("+ slice"), this);
    add->setObjectName(QStringLiteral("add slice"));
    add->setToolTip(tr("A slice from where the axis is now to its end."));
    connect(add, &QPushButton::clicked, this, &SlicesTable::addSlice);
    m_grid->addWidget(add, m_grid->rowCount(), 0, Qt::AlignLeft);
    showNumbers();
}

void SlicesTable::addRow(std::size_t slice)
{
    const int row = static_cast<int>(slice) + 1;
    auto* name = new QLineEdit(toQt(m_slices[slice].name), this);
    name->setObjectName(tr("slice %1").arg(row));
    name->setAccessibleName(tr("name of slice %1").arg(row));
    name->setMinimumWidth(80);
    connect(name, &QLineEdit::editingFinished, this, [this, name, slice] {
        auto slices = m_slices;
        if (slice >= slices.size() || name->text().toStdString() == slices[slice].name) return;
        slices[slice].name = name->text().toStdString();
        Q_EMIT changed(slices);
    });
    m_grid->addWidget(name, row, 0);
    const std::array words = {tr("let go below"), tr("from"), tr("to"), tr("let go above")};
    for (int edge = 0; edge < kEdges; ++edge) {
        auto* box = new QDoubleSpinBox(this);
        box->setObjectName(words[static_cast<std::size_t>(edge)] + QStringLiteral(" %1").arg(row));
        box->setAccessibleName(
            tr("slice %1, %2").arg(row).arg(words[static_cast<std::size_t>(edge)]));
        box->setRange(100.0 * m_low, 100.0);
        box->setDecimals(1);
        box->setSuffix(QStringLiteral(" %"));
        box->setKeyboardTracking(false);
        box->setToolTip(tr("Space puts it where the axis is now."));
        box->setProperty(kPlaceProperty, static_cast<int>(slice) * kEdges + edge);
        box->installEventFilter(this);
        m_grid->addWidget(box, row, kFirstEdge + edge);
        connect(box, &QDoubleSpinBox::valueChanged, this,
                [this, slice, edge](double percent) { setEdge(slice, edge, percent / 100.0); });
    }
    addEntry(slice);
    auto* remove = new QToolButton(this);
    remove->setText(QStringLiteral("×"));
    remove->setObjectName(tr("remove slice %1").arg(row));
    remove->setAccessibleName(remove->objectName());
    remove->setEnabled(m_slices.size() > 1);
    m_grid->addWidget(remove, row, kFirstEdge + kEdges + 1);
    connect(remove, &QToolButton::clicked, this, [this, slice] {
        auto slices = m_slices;
        slices.erase(slices.begin() + static_cast<std::ptrdiff_t>(slice));
        Q_EMIT changed(slices);
    });
}

/// From where the slice has to be entered; a click goes on to the next way.
void SlicesTable::addEntry(std::size_t slice)
{
    const int row = static_cast<int>(slice) + 1;
    auto* entry = new QToolButton(this);
    entry->setObjectName(tr("entered %1").arg(row));
    m_grid->addWidget(entry, row, kFirstEdge + kEdges);
    connect(entry, &QToolButton::clicked, this, [this, slice] {
        auto slices = m_slices;
        auto& now = slices[slice].entry;
        now = now == Entry::Either  ? Entry::Below
              : now == Entry::Below ? Entry::Above
                                    : Entry::Either;
        Q_EMIT changed(slices);
    });
}

void SlicesTable::showEntry(std::size_t slice)
{
    const auto* item = m_grid->itemAtPosition(static_cast<int>(slice) + 1, kFirstEdge + kEdges);
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
            auto* item = m_grid->itemAtPosition(static_cast<int>(i) + 1, kFirstEdge + edge);
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
