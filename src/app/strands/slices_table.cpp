// SPDX-License-Identifier: GPL-3.0-or-later
#include "app/strands/slices_table.h"

#include "app/style/scroll_column.h"
#include "app/style/theme.h"

#include <QDoubleSpinBox>
#include <QGridLayout>
#include <QLabel>
#include <QLineEdit>
#include <QPushButton>
#include <QSignalBlocker>
#include <QToolButton>
#include <algorithm>
#include <array>

namespace jolly::app
{

namespace
{

/// The edges of a slice by the column they stand in, from the lowest up.
constexpr std::array kEdges = {&SlicePart::letGoBelow, &SlicePart::from, &SlicePart::to,
                               &SlicePart::letGoAbove};
constexpr int kFirstEdge = 1;
/// A new slice is let go this much beyond where it begins.
constexpr double kHeld = 0.015;

}  // namespace

SlicesTable::SlicesTable(double low, QWidget* parent)
    : QWidget(parent), m_grid(new QGridLayout(this)), m_low(low)
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
    auto* name = new QLineEdit(QString::fromStdString(m_slices[slice].name), this);
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
    for (int edge = 0; edge < static_cast<int>(kEdges.size()); ++edge) {
        auto* box = new QDoubleSpinBox(this);
        box->setObjectName(words[static_cast<std::size_t>(edge)] + QStringLiteral(" %1").arg(row));
        box->setAccessibleName(
            tr("slice %1, %2").arg(row).arg(words[static_cast<std::size_t>(edge)]));
        box->setRange(100.0 * m_low, 100.0);
        box->setDecimals(1);
        box->setSuffix(QStringLiteral(" %"));
        box->setKeyboardTracking(false);
        m_grid->addWidget(box, row, kFirstEdge + edge);
        connect(box, &QDoubleSpinBox::valueChanged, this,
                [this, slice, edge](double percent) { setEdge(slice, edge, percent / 100.0); });
    }
    auto* remove = new QToolButton(this);
    remove->setText(QStringLiteral("×"));
    remove->setObjectName(tr("remove slice %1").arg(row));
    remove->setAccessibleName(remove->objectName());
    remove->setEnabled(m_slices.size() > 1);
    m_grid->addWidget(remove, row, kFirstEdge + static_cast<int>(kEdges.size()));
    connect(remove, &QToolButton::clicked, this, [this, slice] {
        auto slices = m_slices;
        slices.erase(slices.begin() + static_cast<std::ptrdiff_t>(slice));
        Q_EMIT changed(slices);
    });
}

void SlicesTable::addSlice()
{
    auto slices = m_slices;
    std::string name;
    for (auto number = slices.size() + 1;; ++number) {
        name = "slice " + std::to_string(number);
        if (std::ranges::find(slices, name, &SlicePart::name) == slices.end()) break;
    }
    const double from = std::clamp(m_dot, m_low + kHeld, 1.0);
    slices.push_back({name, from, 1.0, from - kHeld, 1.0});
    Q_EMIT changed(slices);
}

void SlicesTable::showNumbers()
{
    for (std::size_t i = 0; i < m_slices.size(); ++i) {
        for (int edge = 0; edge < static_cast<int>(kEdges.size()); ++edge) {
            auto* item = m_grid->itemAtPosition(static_cast<int>(i) + 1, kFirstEdge + edge);
            auto* box = qobject_cast<QDoubleSpinBox*>(item->widget());
            const QSignalBlocker quiet(box);
            box->setValue(100.0 * (m_slices[i].*kEdges[static_cast<std::size_t>(edge)]));
        }
    }
}

/// Edges stay in their order: the ones beside it give way. Where it is let go moves along with
/// where it begins and ends.
void SlicesTable::setEdge(std::size_t slice, int edge, double value)
{
    auto slices = m_slices;
    auto& edited = slices[slice];
    const auto follow = [&](double& letGo, double before) {
        letGo = std::clamp(letGo + value - before, m_low, 1.0);
    };
    if (kEdges[static_cast<std::size_t>(edge)] == &SlicePart::from)
        follow(edited.letGoBelow, edited.from);
    if (kEdges[static_cast<std::size_t>(edge)] == &SlicePart::to && edited.letGoAbove < 1.0)
        follow(edited.letGoAbove, edited.to);
    for (int other = 0; other < static_cast<int>(kEdges.size()); ++other) {
        auto& place = edited.*kEdges[static_cast<std::size_t>(other)];
        if (other == edge) place = value;
        if (other < edge) place = std::min(place, value);
        if (other > edge) place = std::max(place, value);
    }
    if (slices != m_slices) Q_EMIT changed(slices);
}

}  // namespace jolly::app
