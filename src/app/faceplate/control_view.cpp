// SPDX-License-Identifier: GPL-3.0-or-later
#include "app/faceplate/control_view.h"

#include "app/faceplate/control_painter.h"
#include "app/style/palette.h"
#include "core/tangle/switches.h"

#include <QApplication>
#include <QKeyEvent>
#include <QMouseEvent>
#include <QPainter>
#include <algorithm>
#include <cmath>

namespace jolly::app
{

namespace
{

/// Finer moves than this part of the travel cannot be seen.
constexpr double kVisible = 1.0 / 512.0;

bool looksAlike(const ControlState& a, const ControlState& b)
{
    return std::abs(a.value.x - b.value.x) < kVisible &&
           std::abs(a.value.y - b.value.y) < kVisible && a.isUsed == b.isUsed &&
           a.isSelected == b.isSelected && a.isOutlined == b.isOutlined && a.isAway == b.isAway;
}

}  // namespace

ControlView::ControlView(Shape shape, std::vector<PlateControl> controls, QWidget* parent)
    : QWidget(parent), m_shape(shape), m_controls(std::move(controls)), m_states(m_controls.size())
{
    setObjectName(m_controls.front().id);
    setAttribute(Qt::WA_OpaquePaintEvent);  // else what lies beneath is painted at every move, too
    setFocusPolicy(Qt::StrongFocus);
    setAccessibleName(describe());
    setToolTip(describe());
    setCursor(Qt::PointingHandCursor);
}

void ControlView::setSwitch(const RigSwitch& made)
{
    m_switch = made;
    setAccessibleName(describe());
    setToolTip(describe());
}

void ControlView::setControl(int part, const PlateControl& control)
{
    auto& mine = m_controls[static_cast<std::size_t>(part)];
    if (mine == control) return;
    mine = control;
    setAccessibleName(describe());
    setToolTip(describe());
    update();
}

std::optional<std::size_t> ControlView::positionNow() const
{
    return positionOf(m_switch, [this](ControlCode button) {
        const int part = partOf(button);
        return part >= 0 && state(part).value.isPressed();
    });
}

QString ControlView::describe() const
{
    QString text = QString::fromStdString(m_switch.name);
    for (const auto& control : m_controls) {
        const auto name = control.label.isEmpty() ? control.id
                                                  : control.label + QStringLiteral(" (") +
                                                        control.id + QStringLiteral(")");
        text += (text.isEmpty() ? QString() : QStringLiteral(", ")) + name;
    }
    return text;
}

void ControlView::setState(int part, const ControlState& state)
{
    auto& present = m_states[static_cast<std::size_t>(part)];
    if (looksAlike(present, state)) return;
    present = state;
    update();
}

int ControlView::partAt(QPoint place) const
{
    if (m_shape == Shape::Switch) {
        const auto& all = m_switch.positions;
        const int row = switchRowAt(rect(), static_cast<int>(all.size()), place);
        return all.empty() ? 0 : std::max(0, partOf(all[static_cast<std::size_t>(row)].button));
    }
    if (parts() < 2) return 0;
    const auto field = padField(rect());
    if (place.y() > field.bottom()) return place.x() < rect().center().x() ? 0 : 1;
    const auto offset = place - field.center();
    return std::abs(offset.x()) >= std::abs(offset.y()) ? 0 : 1;
}

QPointF ControlView::anchor() const
{
    return anchorOf(*this);
}

void ControlView::paintEvent(QPaintEvent*)
{
    QPainter painter(this);
    painter.fillRect(rect(), jolly::app::palette().card);
    painter.setRenderHint(QPainter::Antialiasing);
    paintControl(painter, *this);
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
    if (distance >= QApplication::startDragDistance()) m_isDragging = true;
    if (m_isDragging)
        Q_EMIT dragMoved(control(partAt(m_pressedAt)).id, event->globalPosition().toPoint());
}

void ControlView::mouseReleaseEvent(QMouseEvent* event)
{
    if (!m_isPressed || event->button() != Qt::LeftButton) return;
    m_isPressed = false;
    const auto id = control(partAt(m_pressedAt)).id;
    if (m_isDragging) {
        Q_EMIT dropped(id, event->globalPosition().toPoint());
    } else {
        Q_EMIT activated(id, true);
    }
}

void ControlView::keyPressEvent(QKeyEvent* event)
{
    const bool isSecond = event->key() == Qt::Key_Up || event->key() == Qt::Key_Down;
    const bool isFirst = event->key() == Qt::Key_Left || event->key() == Qt::Key_Right;
    const bool isChosen = event->key() == Qt::Key_Return || event->key() == Qt::Key_Enter ||
                          event->key() == Qt::Key_Space;
    if (m_shape == Shape::Switch && (isFirst || isSecond)) {
        const bool isBack = event->key() == Qt::Key_Up || event->key() == Qt::Key_Left;
        int selected = 0;
        for (int part = 0; part < parts(); ++part) {
            if (state(part).isSelected) selected = part;
        }
        Q_EMIT activated(control(std::clamp(selected + (isBack ? -1 : 1), 0, parts() - 1)).id,
                         false);
    } else if (parts() == 2 && (isFirst || isSecond)) {
        Q_EMIT activated(control(isSecond ? 1 : 0).id, false);
    } else if (isChosen) {
        Q_EMIT activated(control(0).id, false);
    } else {
        QWidget::keyPressEvent(event);
    }
}

void ControlView::enterEvent(QEnterEvent* event)
{
    Q_EMIT pointed(control(partAt(event->position().toPoint())).id);
    update();
}
void ControlView::leaveEvent(QEvent*)
{
    Q_EMIT pointed({});
    update();
}
void ControlView::focusInEvent(QFocusEvent*)
{
    update();
}
void ControlView::focusOutEvent(QFocusEvent*)
{
    update();
}

}  // namespace jolly::app
