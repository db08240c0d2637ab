// SPDX-License-Identifier: GPL-3.0-or-later
#include "app/shape/axis_list.h"

#include "app/shape/axis_delegate.h"
#include "app/style/theme.h"

namespace jolly::app
{

AxisList::AxisList(const Edits& edits, const Preflight& preflight, QWidget* parent)
    : QListView(parent), m_strands(edits, preflight)
{
    setObjectName(QStringLiteral("axes"));
    setAccessibleName(tr("The strands that begin at an axis"));
    setHorizontalScrollBarPolicy(Qt::ScrollBarAlwaysOff);
    setVerticalScrollMode(ScrollPerPixel);
    setUniformItemSizes(true);
    setTone(*this, "bare");
    m_axes.setSourceModel(&m_strands);
    m_axes.setFilterRole(StrandModel::BeginsAtAxis);
    m_axes.setFilterFixedString(QVariant(true).toString());
    setModel(&m_axes);
    setItemDelegate(new AxisDelegate(this));
    connect(this, &QListView::clicked, this, &AxisList::tell);  // also where the cursor stood
}

void AxisList::rebuild()
{
    const QSignalBlocker quiet(this);  // rows that go move the cursor
    m_strands.follow();
}

void AxisList::choose(const std::string& strand)
{
    const QSignalBlocker quiet(this);
    const auto place = placeOf(strand);
    if (place.isValid()) setCurrentIndex(place);
}

std::string AxisList::first() const
{
    return m_axes.index(0, 0).data(StrandModel::Id).toString().toStdString();
}

QModelIndex AxisList::placeOf(const std::string& strand) const
{
    return m_axes
        .match(m_axes.index(0, 0), StrandModel::Id, QString::fromStdString(strand), 1,
               Qt::MatchExactly)
        .value(0);
}

void AxisList::currentChanged(const QModelIndex& current, const QModelIndex& previous)
{
    QListView::currentChanged(current, previous);
    tell(current);
}

void AxisList::tell(const QModelIndex& axis)
{
    if (axis.isValid()) Q_EMIT chosen(axis.data(StrandModel::Id).toString().toStdString());
}

}  // namespace jolly::app
