// SPDX-License-Identifier: GPL-3.0-or-later
#include "app/layers/layer_card.h"

#include "app/style/layer_mark.h"
#include "app/style/palette.h"
#include "app/style/theme.h"

#include <QKeyEvent>
#include <QMouseEvent>
#include <QPainter>
#include <cmath>

namespace jolly::app
{

namespace
{

constexpr int kHoldMs = 350;  ///< a press as long is no click but a peek
constexpr int kDragFrom = 8;  ///< pixels

}  // namespace

LayerCard::LayerCard(QWidget* parent) : QAbstractButton(parent)
{
    setFocusPolicy(Qt::StrongFocus);
    setCursor(Qt::PointingHandCursor);
    setFixedHeight(kHeight);
    setSizePolicy(QSizePolicy::Expanding, QSizePolicy::Fixed);
    m_hold.setSingleShot(true);
    m_hold.setInterval(kHoldMs);
    connect(&m_hold, &QTimer::timeout, this, [this] { setPeeking(true); });
}

void LayerCard::show(const State& state)
{
    if (state == m_state && !objectName().isEmpty()) return;
    m_state = state;
    setObjectName(QStringLiteral("layer ") + state.name);
    setAccessibleName(tr("Layer %1, %2, engaged %3, %4")
                          .arg(state.name, state.isEngaged ? tr("engaged") : tr("asleep"),
                               state.rule, state.strands));
    setToolTip(
        tr("%1\nClick to work in it, hold to peek, drag to move it in the stack.").arg(state.rule));
    update();
}

void LayerCard::paintEvent(QPaintEvent*)
{
    const auto& p = jolly::app::palette();
    QPainter painter(this);
    painter.setRenderHint(QPainter::Antialiasing);
    painter.translate(0, m_draggedBy);
    const auto colour = layerColour(m_state.place);
    const auto box = QRectF(rect()).adjusted(1, 1, -1, -1);
    painter.setPen(QPen(m_state.isChosen || m_state.isEngaged ? colour
                        : hasFocus()                          ? p.strong
                                                              : p.line,
                        m_state.isChosen ? 2.0 : 1.2,
                        m_state.isPeeked ? Qt::DashLine : Qt::SolidLine));
    painter.setBrush(m_state.isChosen ? p.raised : p.card);
    painter.drawRoundedRect(box, kRadius, kRadius);
    if (hasFocus()) {
        painter.setPen(QPen(p.strong, 1, Qt::DotLine));
        painter.setBrush(Qt::NoBrush);
        painter.drawRoundedRect(box.adjusted(3, 3, -3, -3), kRadius - 3, kRadius - 3);
    }
    drawLayerMark(painter, {18, 21}, 10, m_state.place, m_state.isEngaged);
    const auto state = m_state.isPeeked    ? tr("peeked at")
                       : m_state.isByHand  ? tr("by hand")
                       : m_state.isEngaged ? tr("engaged")
                                           : tr("asleep");
    painter.setFont(textFont(TextSize::Small, m_state.isEngaged));
    painter.setPen(m_state.isEngaged || m_state.isPeeked ? p.strong : p.dim);
    const int stateWidth = painter.fontMetrics().horizontalAdvance(state);
    painter.drawText(QRect(width() - 14 - stateWidth, 11, stateWidth + 2, 20), Qt::AlignVCenter,
                     state);
    const int room = width() - 52 - stateWidth;
    painter.setFont(textFont(TextSize::Normal, true));
    painter.setPen(p.strong);
    painter.drawText(QRect(32, 11, room, 20), Qt::AlignLeft | Qt::AlignVCenter,
                     painter.fontMetrics().elidedText(m_state.name, Qt::ElideRight, room));
    painter.setFont(textFont(TextSize::Small));
    painter.setPen(p.text);
    painter.drawText(QRect(14, 33, width() - 28, 18), Qt::AlignLeft | Qt::AlignVCenter,
                     painter.fontMetrics().elidedText(m_state.rule, Qt::ElideRight, width() - 28));
    painter.setPen(p.dim);
    painter.drawText(
        QRect(14, 52, width() - 50, 18), Qt::AlignLeft | Qt::AlignVCenter,
        painter.fontMetrics().elidedText(m_state.strands, Qt::ElideRight, width() - 50));
    if (m_state.place == 0) return;
    painter.setPen(QPen(p.dim, 1.4, Qt::SolidLine, Qt::RoundCap));
    for (int i = 0; i < 3; ++i)
        painter.drawLine(width() - 25, 56 + i * 4, width() - 15, 56 + i * 4);
}

void LayerCard::setPeeking(bool isPeeking)
{
    m_hold.stop();
    if (isPeeking == m_isPeeking) return;
    m_isPeeking = isPeeking;
    Q_EMIT peeked(isPeeking);
}

void LayerCard::mousePressEvent(QMouseEvent* event)
{
    if (event->button() != Qt::LeftButton) return;
    setFocus(Qt::MouseFocusReason);
    m_pressedAt = event->globalPosition().toPoint().y();
    m_isDragging = false;
    m_hold.start();
}

void LayerCard::mouseMoveEvent(QMouseEvent* event)
{
    if ((event->buttons() & Qt::LeftButton) == 0) return;
    const int by = event->globalPosition().toPoint().y() - m_pressedAt;
    if (!m_isDragging && (std::abs(by) < kDragFrom || m_isPeeking || m_state.place == 0)) return;
    m_hold.stop();
    m_isDragging = true;
    m_draggedBy = std::clamp(by / 3, -kHeight / 3, kHeight / 3);  // it leans to where it goes
    raise();
    update();
}

void LayerCard::mouseReleaseEvent(QMouseEvent* event)
{
    if (event->button() != Qt::LeftButton) return;
    m_hold.stop();
    const int by = event->globalPosition().toPoint().y() - m_pressedAt;
    const bool wasDragged = std::exchange(m_isDragging, false);
    const bool wasPeeked = m_isPeeking;
    m_draggedBy = 0;
    update();
    setPeeking(false);
    if (wasDragged) {
        const auto places = -static_cast<int>(std::lround(by / static_cast<double>(kHeight + 8)));
        if (places != 0) Q_EMIT movedBy(places);
    } else if (!wasPeeked) {
        Q_EMIT chosen();
    }
}

void LayerCard::keyPressEvent(QKeyEvent* event)
{
    const bool isMove = event->modifiers() == Qt::ControlModifier;
    switch (event->key()) {
        case Qt::Key_Space:
            if (!event->isAutoRepeat()) setPeeking(true);
            return;
        case Qt::Key_Return:
        case Qt::Key_Enter:
            Q_EMIT chosen();
            return;
        case Qt::Key_Delete:
            Q_EMIT removalWanted();
            return;
        case Qt::Key_Up:
            return isMove ? Q_EMIT movedBy(1) : static_cast<void>(focusPreviousChild());
        case Qt::Key_Down:
            return isMove ? Q_EMIT movedBy(-1) : static_cast<void>(focusNextChild());
        default:
            QAbstractButton::keyPressEvent(event);
    }
}

void LayerCard::keyReleaseEvent(QKeyEvent* event)
{
    if (event->key() == Qt::Key_Space && !event->isAutoRepeat()) return setPeeking(false);
    QAbstractButton::keyReleaseEvent(event);
}

void LayerCard::focusOutEvent(QFocusEvent* event)
{
    setPeeking(false);
    QAbstractButton::focusOutEvent(event);
}

}  // namespace jolly::app
