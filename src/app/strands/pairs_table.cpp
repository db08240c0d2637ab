// SPDX-License-Identifier: GPL-3.0-or-later
#include "app/strands/pairs_table.h"

#include "app/style/scroll_column.h"
#include "app/style/theme.h"
#include "core/shaping/curve_points.h"

#include <QDoubleSpinBox>
#include <QGridLayout>
#include <QLabel>
#include <QPushButton>
#include <QSignalBlocker>
#include <QToolButton>

namespace jolly::app
{

PairsTable::PairsTable(const QString& in, const QString& out, QWidget* parent)
    : RowTable("points", parent), m_in(in), m_out(out)
{
    grid().setHorizontalSpacing(8);
}

void PairsTable::show(const CurvePoints& points, bool isMirrored)
{
    const bool isOther = points.size() != m_points.size() || isMirrored != m_isMirrored;
    m_points = points;
    m_isMirrored = isMirrored;
    if (isOther) {
        rebuild();
    } else {
        showNumbers();
    }
}

void PairsTable::rebuild()
{
    begin({m_in, m_out}, 1);
    m_boxes.clear();
    for (std::size_t i = 0; i < m_points.size(); ++i) addRow(i);
    auto* add = new QPushButton(tr("+ point"), this);
    add->setObjectName(QStringLiteral("add point"));
    connect(add, &QPushButton::clicked, this, [this] {
        auto points = m_points;
        std::size_t widest = 1;
        for (std::size_t i = 2; i < points.size(); ++i) {
            if (points[i].in - points[i - 1].in > points[widest].in - points[widest - 1].in)
                widest = i;
        }
        const auto &a = points[widest - 1], &b = points[widest];
        if (addPoint(points, m_isMirrored, {(a.in + b.in) / 2.0, (a.out + b.out) / 2.0}))
            Q_EMIT changed(points);
    });
    grid().addWidget(add, grid().rowCount(), 1, Qt::AlignLeft);
    grid().setColumnStretch(4, 1);
}

void PairsTable::addRow(std::size_t point)
{
    const int row = static_cast<int>(point) + 1;
    auto* number = new QLabel(QString::number(row), this);
    setTone(*number, "dim");
    grid().addWidget(number, row, 0);
    m_boxes.emplace_back();
    for (const bool isOut : {false, true}) {
        const auto& shown = m_points[point];
        const auto name = (isOut ? tr("out %1") : tr("in %1")).arg(row);
        auto& box = addPercent(row, isOut ? 2 : 1, {name, isOut ? shown.out : shown.in, -1.0},
                               [this, point, isOut](double value) {
                                   auto to = m_points[point];
                                   (isOut ? to.out : to.in) = value;
                                   change(point, to);
                               });
        box.setAccessibleName(tr("point %1, %2").arg(row).arg(isOut ? m_out : m_in));
        box.setFixedWidth(92);
        box.setEnabled(!m_isMirrored || point > 0);
        m_boxes.back()[isOut ? 1 : 0] = &box;
    }
    auto& remove =
        addButton(row, 3, tr("remove point %1").arg(row), QStringLiteral("×"), [this, point] {
            auto points = m_points;
            if (removePoint(points, m_isMirrored, point)) Q_EMIT changed(points);
        });
    remove.setEnabled(m_points.size() > 2 && (!m_isMirrored || point > 0));
}

void PairsTable::showNumbers()
{
    for (std::size_t i = 0; i < m_boxes.size(); ++i) {
        for (const bool isOut : {false, true}) {
            auto* box = m_boxes[i][isOut ? 1 : 0];
            const QSignalBlocker quiet(box);
            box->setValue(100.0 * (isOut ? m_points[i].out : m_points[i].in));
        }
    }
}

void PairsTable::change(std::size_t point, CurvePoint to)
{
    auto points = m_points;
    movePoint(points, m_isMirrored, point, to);
    if (points != m_points) Q_EMIT changed(points);
    later(this, [this] { showNumbers(); });
}

}  // namespace jolly::app
