// SPDX-License-Identifier: GPL-3.0-or-later
#include "app/arrange/arrange_overlay.h"

#include <QKeyEvent>
#include <QMouseEvent>
#include <cmath>

/// What the mouse and the keys do to a faceplate that is being arranged.
namespace jolly::app
{

void ArrangeOverlay::mousePressEvent(QMouseEvent* event)
{
    if (event->button() != Qt::LeftButton) return;
    setFocus();
    m_pressedAt = event->pos();
    m_done = {};
    m_gesture = Gesture::begin();
    const bool isAdding = event->modifiers().testFlag(Qt::ShiftModifier) ||
                          event->modifiers().testFlag(Qt::ControlModifier);
    if (isOnHandle(event->pos())) {
        m_drag = Drag::Resize;
        return;
    }
    const auto part = partAt(event->pos());
    const auto frame = part ? std::nullopt : groupAt(event->pos());
    m_drag = part || frame ? Drag::Move : Drag::Frame;
    m_frame = QRect(m_pressedAt, QSize());
    if (part && (isAdding || !isChosen(*part))) choose(part, isAdding);
    if (frame) chooseGroup(*frame);
    if (!part && !frame && !isAdding) choose(std::nullopt, false);
}

void ArrangeOverlay::mouseMoveEvent(QMouseEvent* event)
{
    if (m_drag == Drag::None) {
        setCursor(isOnHandle(event->pos())                        ? Qt::SizeFDiagCursor
                  : partAt(event->pos()) || groupAt(event->pos()) ? Qt::SizeAllCursor
                                                                  : Qt::ArrowCursor);
        return;
    }
    if (m_drag == Drag::Frame) {
        m_frame = QRect(m_pressedAt, event->pos());
        return update();
    }
    const QPointF way = event->pos() - m_pressedAt;
    const QPoint cells(static_cast<int>(std::lround(way.x() / cell().width())),
                       static_cast<int>(std::lround(way.y() / cell().height())));
    const auto more = cells - m_done;
    if (more.isNull()) return;
    m_done = cells;
    shift(more.x(), more.y(), m_drag == Drag::Resize, m_gesture);
}

void ArrangeOverlay::mouseReleaseEvent(QMouseEvent*)
{
    if (m_drag == Drag::Frame) {
        const auto frame = m_frame.normalized();
        for (std::size_t i = 0; i < m_arrangement.parts.size(); ++i) {
            if (frame.contains(rectOf(m_arrangement.parts[i].cells)) && !isChosen(i))
                choose(i, true);
        }
    }
    m_drag = Drag::None;
    update();
}

bool ArrangeOverlay::event(QEvent* event)
{
    if (event->type() == QEvent::KeyPress) {  // Tab is for the parts, not for the focus
        auto* key = static_cast<QKeyEvent*>(event);
        if (key->key() == Qt::Key_Tab || key->key() == Qt::Key_Backtab) {
            chooseNext(key->key() == Qt::Key_Tab ? 1 : -1);
            return true;
        }
    }
    return QWidget::event(event);
}

void ArrangeOverlay::keyPressEvent(QKeyEvent* event)
{
    const bool isResizing = event->modifiers().testFlag(Qt::ShiftModifier);
    switch (event->key()) {
        case Qt::Key_Left:
            return shift(-1, 0, isResizing, {});
        case Qt::Key_Right:
            return shift(1, 0, isResizing, {});
        case Qt::Key_Up:
            return shift(0, -1, isResizing, {});
        case Qt::Key_Down:
            return shift(0, 1, isResizing, {});
        case Qt::Key_G:
            return group();
        case Qt::Key_Delete:
            return ungroup();
        case Qt::Key_Escape:
            return Q_EMIT ended();
        default:
            QWidget::keyPressEvent(event);
    }
}

bool ArrangeOverlay::eventFilter(QObject* watched, QEvent* event)
{
    if (event->type() == QEvent::Resize) refresh();
    return QWidget::eventFilter(watched, event);
}

}  // namespace jolly::app
