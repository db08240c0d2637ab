// SPDX-License-Identifier: GPL-3.0-or-later
#include "app/strands/slice_bar.h"

#include "app/strands/slice_edges.h"
#include "app/style/palette.h"

#include <QMouseEvent>
#include <QPainter>
#include <algorithm>
#include <cmath>

namespace jolly::app
{

namespace
{

constexpr double kRow = 18.0;
constexpr double kMargin = 7.0;     ///< so that edges at the ends can be gripped
constexpr double kEdgeReach = 7.0;  ///< from an edge, to grip it

}  // namespace

SliceBar::SliceBar(double low, QWidget* parent) : QWidget(parent), m_low(low)
{
    setObjectName(QStringLiteral("slice bar"));
    setAccessibleName(tr("The travel with its slices; their edges can be dragged, or set below"));
    setToolTip(
        tr("Drag an edge; or move the axis to where it shall be, and press Space in its "
           "number below."));
    setSizePolicy(QSizePolicy::Expanding, QSizePolicy::Fixed);
    setMouseTracking(true);
}

QSize SliceBar::sizeHint() const
{
    return {200, static_cast<int>(
                     kRow * static_cast<double>(std::max<std::size_t>(m_slices.size(), 1)) + 6.0)};
}

void SliceBar::show(const SliceParts& slices)
{
    const bool isTaller = slices.size() != m_slices.size();
    m_slices = slices;
    if (m_grip && m_grip->slice >= m_slices.size()) m_grip.reset();
    if (isTaller) updateGeometry();
    update();
}

void SliceBar::setDot(double value)
{
    if (std::abs(xOf(value) - xOf(m_dot)) < 0.5) return;
    m_dot = value;
    update();
}

QRectF SliceBar::rowOf(std::size_t slice) const
{
    const auto fromTop = static_cast<double>(m_slices.size() - 1 - slice);
    return {kMargin, 3.0 + kRow * fromTop, width() - 2.0 * kMargin, kRow};
}

double SliceBar::xOf(double value) const
{
    return kMargin + (width() - 2.0 * kMargin) * (value - m_low) / (1.0 - m_low);
}

double SliceBar::valueAt(double x) const
{
    const double part = (x - kMargin) / std::max(1.0, width() - 2.0 * kMargin);
    return m_low + (1.0 - m_low) * std::clamp(part, 0.0, 1.0);
}

QPointF SliceBar::placeOf(std::size_t slice, int edge) const
{
    return {xOf(m_slices[slice].*kSliceEdges[static_cast<std::size_t>(edge)]),
            rowOf(slice).center().y()};
}

/// The nearest edge of the row. Where edges lie together, the outer one: it can go that way.
std::optional<SliceBar::Grip> SliceBar::gripAt(QPointF place) const
{
    std::optional<Grip> nearest;
    double least = kEdgeReach;
    for (std::size_t slice = 0; slice < m_slices.size(); ++slice) {
        if (!rowOf(slice).adjusted(-kMargin, 0, kMargin, 0).contains(place)) continue;
        for (const int edge : {kFrom, kTo, kLetGoBelow, kLetGoAbove}) {
            const double distance = std::abs(placeOf(slice, edge).x() - place.x());
            if (distance >= least) continue;
            least = distance;
            nearest = Grip{slice, edge};
        }
    }
    return nearest;
}

void SliceBar::mousePressEvent(QMouseEvent* event)
{
    if (event->button() != Qt::LeftButton) return QWidget::mousePressEvent(event);
    m_grip = gripAt(event->position());
    m_drag = Gesture::begin();
    if (m_grip) m_offset = placeOf(m_grip->slice, m_grip->edge).x() - event->position().x();
}

void SliceBar::mouseMoveEvent(QMouseEvent* event)
{
    if (!m_grip) {
        setCursor(gripAt(event->position()) ? Qt::SizeHorCursor : Qt::ArrowCursor);
        return;
    }
    auto slices = m_slices;
    moveEdge(slices[m_grip->slice], m_grip->edge, valueAt(event->position().x() + m_offset), m_low);
    if (slices == m_slices) return;
    Q_EMIT dragged(slices, m_drag);
}

void SliceBar::mouseReleaseEvent(QMouseEvent*)
{
    m_grip.reset();
}

void SliceBar::paintEvent(QPaintEvent*)
{
    const auto& p = jolly::app::palette();
    QPainter painter(this);
    painter.setRenderHint(QPainter::Antialiasing);
    painter.setPen(Qt::NoPen);
    painter.setBrush(p.well);
    painter.drawRoundedRect(rect(), 4, 4);
    for (std::size_t slice = 0; slice < m_slices.size(); ++slice) {
        const auto& part = m_slices[slice];
        const double middle = rowOf(slice).center().y();
        const bool isIn = m_dot >= part.from && m_dot <= part.to;
        painter.setPen(QPen(p.line, 1));  // where it stays held
        painter.drawLine(QPointF(xOf(part.letGoBelow), middle),
                         QPointF(xOf(part.letGoAbove), middle));
        for (const int edge : {kLetGoBelow, kLetGoAbove}) {
            const auto at = placeOf(slice, edge);
            painter.drawLine(at - QPointF(0, 4), at + QPointF(0, 4));
        }
        painter.setPen(Qt::NoPen);
        painter.setBrush(isIn ? p.straw : p.faint);
        painter.drawRect(QRectF(xOf(part.from), middle - 5.0,
                                std::max(xOf(part.to) - xOf(part.from), 2.0), 10.0));
        painter.setPen(QPen(p.strong, 2));
        for (const int edge : {kFrom, kTo}) {
            const auto at = placeOf(slice, edge);
            painter.drawLine(at - QPointF(0, 6), at + QPointF(0, 6));
        }
    }
    painter.setPen(QPen(p.sky, 2));
    painter.drawLine(QPointF(xOf(m_dot), 1), QPointF(xOf(m_dot), height() - 1.0));
}

}  // namespace jolly::app
