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
    : QWidget(parent), m_grid(new QGridLayout(this)), m_in(in), m_out(out)
{
    setObjectName(QStringLiteral("points"));
    m_grid->setContentsMargins(0, 0, 0, 0);
    m_grid->setHorizontalSpacing(8);
    m_grid->setVerticalSpacing(4);
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
    clearLayout(*m_grid);
    int column = 1;
    for (const auto& words : {m_in, m_out}) {
        auto* head = new QLabel(words, this);
        setTone(*head, "dim");
        m_grid->addWidget(head, 0, column++);
    }
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
    m_grid->addWidget(add, m_grid->rowCount(), 1, Qt::AlignLeft);
    m_grid->setColumnStretch(4, 1);
    showNumbers();
}

void PairsTable::addRow(std::size_t point)
{
    const int row = static_cast<int>(point) + 1;
    auto* number = new QLabel(QString::number(row), this);
    setTone(*number, "dim");
    m_grid->addWidget(number, row, 0);
    for (const bool isOut : {false, true}) {
        auto* box = new QDoubleSpinBox(this);
        box->setObjectName((isOut ? tr("out %1") : tr("in %1")).arg(row));
        box->setAccessibleName(tr("point %1, %2").arg(row).arg(isOut ? m_out : m_in));
        box->setRange(-100.0, 100.0);
        box->setDecimals(1);
        box->setSuffix(QStringLiteral(" %"));
        box->setKeyboardTracking(false);
        box->setFixedWidth(92);
        box->setEnabled(!m_isMirrored || point > 0);
        m_grid->addWidget(box, row, isOut ? 2 : 1);
        connect(box, &QDoubleSpinBox::valueChanged, this, [this, point, isOut](double percent) {
            auto to = m_points[point];
            (isOut ? to.out : to.in) = percent / 100.0;
            change(point, to);
        });
    }
    auto* remove = new QToolButton(this);
    remove->setText(QStringLiteral("×"));
    remove->setObjectName(tr("remove point %1").arg(row));
    remove->setAccessibleName(remove->objectName());
    remove->setEnabled(m_points.size() > 2 && (!m_isMirrored || point > 0));
    m_grid->addWidget(remove, row, 3);
    connect(remove, &QToolButton::clicked, this, [this, point] {
        auto points = m_points;
        if (removePoint(points, m_isMirrored, point)) Q_EMIT changed(points);
    });
}

void PairsTable::showNumbers()
{
    for (std::size_t i = 0; i < m_points.size(); ++i) {
        for (const bool isOut : {false, true}) {
            auto* item = m_grid->itemAtPosition(static_cast<int>(i) + 1, isOut ? 2 : 1);
            auto* box = qobject_cast<QDoubleSpinBox*>(item->widget());
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
    QMetaObject::invokeMethod(this, &PairsTable::showNumbers, Qt::QueuedConnection);
}

}  // namespace jolly::app
