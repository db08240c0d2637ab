// SPDX-License-Identifier: GPL-3.0-or-later
#include "app/strands/curve_plot.h"

#include "app/style/palette.h"
#include "core/shaping/curve_points.h"

#include <QKeyEvent>
#include <QMouseEvent>
#include <QPainter>
#include <algorithm>
#include <cmath>

namespace jolly::app
{

namespace
{

constexpr double kGrip = 14.0;  ///< pixels around a point that take it

}  // namespace

CurvePlot::CurvePlot(QWidget* parent) : StagePlot(parent)
{
    setFocusPolicy(Qt::StrongFocus);
    setObjectName(QStringLiteral("curve"));
    setAccessibleName(
        tr("Curve. Page Up and Page Down choose a point, arrows move it, Insert adds one, Delete "
           "takes it out."));
    setToolTip(tr("Drag a point. Double-click to add one. Delete takes the chosen one out."));
    setFixedHeight(220);
}

void CurvePlot::setCurve(const Stage& stage, CurvePoints points, bool isMirrored, StageInput input)
{
    m_points = std::move(points);
    m_isMirrored = isMirrored;
    m_chosen = std::clamp(m_chosen, 0, lastPoint());
    setStage(stage, input);
}

int CurvePlot::lastPoint() const
{
    return std::max(0, static_cast<int>(m_points.size()) - 1);
}

QRectF CurvePlot::field() const
{
    return QRectF(rect()).adjusted(10, 10, -10, -10);
}

QPointF CurvePlot::placeOfPoint(int point) const
{
    const auto& p = m_points[static_cast<std::size_t>(point)];
    return placeOf(p.in, p.out);
}

void CurvePlot::paintOver(QPainter& painter)
{
    const auto& p = jolly::app::palette();
    for (int i = 0; i < static_cast<int>(m_points.size()); ++i) {
        const bool isChosen = i == m_chosen;
        painter.setPen(QPen(isChosen && hasFocus() ? p.strong : p.straw, isChosen ? 2.5 : 1.6));
        painter.setBrush(isChosen ? p.strawDeep : p.well);
        painter.drawEllipse(placeOfPoint(i), isChosen ? 6.5 : 5, isChosen ? 6.5 : 5);
    }
}

int CurvePlot::pointNear(QPointF place) const
{
    int nearest = -1;
    double best = kGrip;
    for (int i = 0; i < static_cast<int>(m_points.size()); ++i) {
        const auto offset = placeOfPoint(i) - place;
        const double distance = std::hypot(offset.x(), offset.y());
        if (distance >= best) continue;
        best = distance;
        nearest = i;
    }
    return nearest;
}

void CurvePlot::choose(int point)
{
    m_chosen = std::clamp(point, 0, lastPoint());
    update();
    Q_EMIT chosenChanged();
}

void CurvePlot::moveChosen(CurvePoint to)
{
    auto points = m_points;
    movePoint(points, m_isMirrored, static_cast<std::size_t>(m_chosen), to);
    if (points != m_points) Q_EMIT pointsChanged(points, m_drag);
}

void CurvePlot::addPoint(CurvePoint at)
{
    auto points = m_points;
    const auto place = jolly::addPoint(points, m_isMirrored, at);
    if (!place) return;
    m_chosen = static_cast<int>(*place);
    Q_EMIT pointsChanged(points, {});
}

void CurvePlot::removeChosen()
{
    auto points = m_points;
    if (removePoint(points, m_isMirrored, static_cast<std::size_t>(m_chosen)))
        Q_EMIT pointsChanged(points, {});
}

void CurvePlot::mousePressEvent(QMouseEvent* event)
{
    const int near = pointNear(event->position());
    if (near < 0) return;
    m_drag = Gesture::begin();
    choose(near);
}

void CurvePlot::mouseMoveEvent(QMouseEvent* event)
{
    if (!m_drag.isNone()) moveChosen(pointAt(event->position()));
}

void CurvePlot::mouseReleaseEvent(QMouseEvent*)
{
    m_drag = {};
}

void CurvePlot::mouseDoubleClickEvent(QMouseEvent* event)
{
    if (pointNear(event->position()) < 0) addPoint(pointAt(event->position()));
}

void CurvePlot::keyPressEvent(QKeyEvent* event)
{
    if (m_points.empty()) return StagePlot::keyPressEvent(event);
    const double step = event->modifiers() & Qt::ShiftModifier ? 0.001 : 0.01;
    const auto p = m_points[static_cast<std::size_t>(m_chosen)];
    switch (event->key()) {
        case Qt::Key_PageUp:
            return choose(m_chosen + 1);
        case Qt::Key_PageDown:
            return choose(m_chosen - 1);
        case Qt::Key_Left:
            return moveChosen({p.in - step, p.out});
        case Qt::Key_Right:
            return moveChosen({p.in + step, p.out});
        case Qt::Key_Up:
            return moveChosen({p.in, p.out + step});
        case Qt::Key_Down:
            return moveChosen({p.in, p.out - step});
        case Qt::Key_Delete:
            return removeChosen();
        case Qt::Key_Insert: {
            const auto next = static_cast<std::size_t>(m_chosen) + 1;
            if (next < m_points.size())
                addPoint({(p.in + m_points[next].in) / 2, (p.out + m_points[next].out) / 2});
            return;
        }
        default:
            StagePlot::keyPressEvent(event);
    }
}

}  // namespace jolly::app
