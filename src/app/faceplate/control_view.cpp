// SPDX-License-Identifier: GPL-3.0-or-later
#include "app/faceplate/control_view.h"
#include "app/style/qt_text.h"

#include "app/faceplate/control_painter.h"
#include "app/style/palette.h"

#include <QApplication>
#include <QKeyEvent>
#include <QMouseEvent>
#include <QPainter>
#include <algorithm>
#include <cmath>

namespace jolly::app
{

ControlView::ControlView(Shape shape, const std::vector<PlateControl>& controls, QWidget* parent)
    : QWidget(parent), m_drawing(shape, controls)
{
    setObjectName(m_drawing.words(0).id);
    setAttribute(Qt::WA_OpaquePaintEvent);  // else what lies beneath is painted at every move, too
    setFocusPolicy(Qt::StrongFocus);
    showNames();
    setCursor(Qt::PointingHandCursor);
}

void ControlView::setSwitch(const RigSwitch& made)
{
    m_drawing.ofSwitch = made;
    showNames();
}

void ControlView::setControl(int part, const PlateControl& control)
{
    if (!m_drawing.setControl(part, control)) return;
    showNames();
    update();
}

void ControlView::showNames()
{
    setAccessibleName(describe(false));
    setToolTip(describe(true));
}

/// The kernel's names of physical controls are in tooltips only.
QString ControlView::describe(bool isWhole) const
{
    QString text = toQt(m_drawing.ofSwitch.name);
    for (int part = 0; part < parts(); ++part) {
        const auto& words = m_drawing.words(part);
        const bool isOfKernel = parseControlCode(m_drawing.control(part).id).has_value();
        const bool hasId = isWhole || !isOfKernel;
        const auto name = words.label.isEmpty() ? words.id
                          : hasId
                              ? words.label + QStringLiteral(" (") + words.id + QStringLiteral(")")
                              : words.label;
        text += (text.isEmpty() ? QString() : QStringLiteral(", ")) + name;
    }
    return text;
}

void ControlView::setState(int part, const ControlState& state)
{
    if (m_drawing.setState(part, state)) update();
}

int ControlView::partAt(QPoint place) const
{
    if (shape() == Shape::Switch) {
        const auto& all = m_drawing.ofSwitch.positions;
        const int row = switchRowAt(rect(), static_cast<int>(all.size()), place);
        return all.empty()
                   ? 0
                   : std::max(0, m_drawing.partOf(all[static_cast<std::size_t>(row)].button));
    }
    if (parts() < 2) return 0;
    const auto field = padField(rect());
    if (place.y() > field.bottom()) return place.x() < rect().center().x() ? 0 : 1;
    const auto offset = place - field.center();
    return std::abs(offset.x()) >= std::abs(offset.y()) ? 0 : 1;
}

QPointF ControlView::anchor() const
{
    return anchorOf(m_drawing, rect());
}

void ControlView::paintEvent(QPaintEvent*)
{
    m_drawing.rect = rect();
    m_drawing.hasFocus = hasFocus();
    m_drawing.isPointedAt = underMouse();
    m_drawing.ink = &jolly::app::palette();
    QPainter painter(this);
    painter.fillRect(rect(), m_drawing.ink->card);
    painter.setRenderHint(QPainter::Antialiasing);
    paintControl(painter, m_drawing);
}

void ControlView::mousePressEvent(QMouseEvent* event)
{
    if (event->button() != Qt::LeftButton) return;
    m_isPressed = true;
    m_isDragging = false;
    m_pressedAt = event->pos();
}

void ControlView::mouseMoveEvent(QMouseEvent* event)
{
    if (!m_isPressed) return;
    const auto distance = (event->pos() - m_pressedAt).manhattanLength();
    if (distance >= QApplication::startDragDistance() && !m_isDragging) {
        m_isDragging = true;
        setFocus(Qt::MouseFocusReason);  // so that Escape is heard here
    }
    if (m_isDragging)
        Q_EMIT dragMoved(m_drawing.words(partAt(m_pressedAt)).id,
                         event->globalPosition().toPoint());
}

void ControlView::mouseReleaseEvent(QMouseEvent* event)
{
    if (!m_isPressed || event->button() != Qt::LeftButton) return;
    m_isPressed = false;
    const auto id = m_drawing.words(partAt(m_pressedAt)).id;
    if (m_isDragging) {
        Q_EMIT dropped(id, event->globalPosition().toPoint());
    } else {
        Q_EMIT activated(id, true);
    }
}

/// On a drawing of several controls arrows choose one after the other, then lead on.
bool ControlView::stepInside(bool isBack)
{
    if (parts() < 2) return false;
    const int next = m_part < 0 ? (isBack ? parts() - 1 : 0) : m_part + (isBack ? -1 : 1);
    if (next < 0 || next >= parts()) return false;
    m_part = next;
    Q_EMIT activated(m_drawing.words(next).id, false);
    return true;
}

void ControlView::keyPressEvent(QKeyEvent* event)
{
    const auto key = static_cast<Qt::Key>(event->key());
    const bool isPlain = !(event->modifiers() & ~(Qt::KeypadModifier | Qt::ShiftModifier));
    const bool isBack = key == Qt::Key_Left || key == Qt::Key_Up;
    const bool isArrow = isBack || key == Qt::Key_Right || key == Qt::Key_Down;
    if (!isPlain) return QWidget::keyPressEvent(event);
    if (key == Qt::Key_Escape) m_isPressed = m_isDragging = false;  // and the page forgets it, too
    if (isArrow) {
        if (!stepInside(isBack)) Q_EMIT wayWanted(key);
    } else if (key == Qt::Key_Home || key == Qt::Key_End) {
        Q_EMIT wayWanted(key);
    } else if (key == Qt::Key_Return || key == Qt::Key_Enter) {
        activate();
    } else if (key == Qt::Key_Space) {
        Q_EMIT spaced();
    } else if (!event->text().isEmpty() && event->text().front().isLetterOrNumber()) {
        Q_EMIT typed(event->text());
    } else {
        QWidget::keyPressEvent(event);
    }
}

void ControlView::contextMenuEvent(QContextMenuEvent* event)
{
    const bool isByKey = event->reason() == QContextMenuEvent::Keyboard;
    const auto place = isByKey ? rect().center() : event->pos();
    const int part = isByKey ? std::max(0, m_part) : partAt(place);
    Q_EMIT menuWanted(m_drawing.words(part).id, mapToGlobal(place));
}

void ControlView::enterEvent(QEnterEvent* event)
{
    Q_EMIT pointed(m_drawing.words(partAt(event->position().toPoint())).id);
    update();
}
void ControlView::leaveEvent(QEvent*)
{
    Q_EMIT pointed({});
    update();
}
void ControlView::focusInEvent(QFocusEvent*)
{
    m_part = -1;
    Q_EMIT focused();
    update();
}
void ControlView::focusOutEvent(QFocusEvent*)
{
    update();
}

}  // namespace jolly::app
