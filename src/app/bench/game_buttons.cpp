// SPDX-License-Identifier: GPL-3.0-or-later
#include "app/bench/game_buttons.h"

#include "app/style/palette.h"
#include "app/style/theme.h"

#include <QHelpEvent>
#include <QKeyEvent>
#include <QMouseEvent>
#include <QPainter>
#include <QToolTip>
#include <algorithm>
#include <utility>

namespace jolly::app
{

namespace
{

constexpr int kCell = 29;
constexpr int kSize = 23;

}  // namespace

GameButtons::GameButtons(QWidget* parent) : QWidget(parent)
{
    setFocusPolicy(Qt::StrongFocus);
    setCursor(Qt::PointingHandCursor);
    auto policy = sizePolicy();
    policy.setHeightForWidth(true);
    policy.setHorizontalPolicy(QSizePolicy::Expanding);
    policy.setVerticalPolicy(QSizePolicy::Fixed);
    setSizePolicy(policy);
}

void GameButtons::setButtons(std::vector<Button> buttons, int cellWidth)
{
    letGo();
    m_cellWidth = std::max(cellWidth, kCell);
    m_buttons = std::move(buttons);
    m_now.assign(m_buttons.size(), {});
    m_focused = 0;
    describe();
    updateGeometry();
    update();
}

void GameButtons::show(std::size_t button, const GameButtonNow& now)
{
    if (button >= m_now.size() || m_now[button] == now) return;
    m_now[button] = now;
    if (button == m_focused) describe();
    update(placeOf(button));
}

int GameButtons::columns(int width) const
{
    return std::max(1, width / std::max(kCell, m_cellWidth));
}

int GameButtons::heightForWidth(int width) const
{
    const auto each = columns(width);
    const auto rows = (static_cast<int>(m_buttons.size()) + each - 1) / each;
    return rows * kCell;
}

QRect GameButtons::placeOf(std::size_t button) const
{
    const auto each = columns(width());
    const auto place = static_cast<int>(button);
    return {place % each * m_cellWidth, place / each * kCell, m_cellWidth, kCell};
}

int GameButtons::at(QPoint place) const
{
    for (std::size_t i = 0; i < m_buttons.size(); ++i) {
        if (placeOf(i).contains(place)) return static_cast<int>(i);
    }
    return -1;
}

void GameButtons::paintButton(QPainter& painter, std::size_t button) const
{
    const auto& p = jolly::app::palette();
    const auto& now = m_now[button];
    const auto& made = m_buttons[button];
    const auto cell = placeOf(button);
    constexpr double kAround = (kCell - kSize) / 2.0;
    const QRectF shape(cell.left() + kAround, cell.top() + kAround, m_cellWidth - 2 * kAround,
                       kSize);
    const auto draw = [&](const QRectF& rect) {
        painter.drawRoundedRect(rect, rect.height() / 2, rect.height() / 2);
    };
    const auto lit = now.differs ? p.coral : p.straw;
    const bool isFilled = now.isPressed && now.isSeen;
    auto edge = made.isUsed || now.isPressed ? lit : p.faint;
    if (now.isPinned) edge = p.coral;
    painter.setPen(QPen(edge, now.isPinned || now.isPressed ? 2.0 : 1.2,
                        now.isPinned ? Qt::DotLine : Qt::SolidLine));
    painter.setBrush(isFilled ? QBrush(lit) : QBrush(Qt::NoBrush));
    draw(shape.adjusted(1, 1, -1, -1));
    if (hasFocus() && button == m_focused) {
        painter.setPen(QPen(p.strong, 1.2));
        painter.setBrush(Qt::NoBrush);
        draw(shape.adjusted(-2, -2, 2, 2));
    }
    painter.setFont(textFont(TextSize::Small, now.isByHand));
    painter.setPen(isFilled ? p.onStraw : made.isUsed || now.isPressed ? p.text : p.dim);
    painter.drawText(shape, Qt::AlignCenter, made.number);
    if (!now.isByHand) return;
    painter.setPen(QPen(p.strong, 1.5));
    painter.drawLine(shape.bottomLeft() + QPointF(4, 2), shape.bottomRight() + QPointF(-4, 2));
}

void GameButtons::paintEvent(QPaintEvent* event)
{
    QPainter painter(this);
    painter.setRenderHint(QPainter::Antialiasing);
    for (std::size_t i = 0; i < m_buttons.size(); ++i) {
        if (placeOf(i).intersects(event->rect())) paintButton(painter, i);
    }
}

void GameButtons::focus(std::size_t button)
{
    m_focused = button;
    describe();
    update();
}

void GameButtons::describe()
{
    if (m_focused >= m_buttons.size()) return setAccessibleName(tr("No buttons"));
    const auto& now = m_now[m_focused];
    auto words = m_buttons[m_focused].words;
    words += now.isPressed ? tr(", pressed") : tr(", not pressed");
    if (now.isPinned) words += now.wasLit ? tr(", pinned, and was lit") : tr(", pinned, and dark");
    setAccessibleName(words);
}

void GameButtons::letGo()
{
    if (m_pressed < 0) return;
    Q_EMIT released(static_cast<std::size_t>(std::exchange(m_pressed, -1)));
}

void GameButtons::mousePressEvent(QMouseEvent* event)
{
    const auto button = at(event->pos());
    if (button < 0) return;
    focus(static_cast<std::size_t>(button));
    if (event->button() == Qt::RightButton)
        return static_cast<void>(Q_EMIT pinWanted(static_cast<std::size_t>(button)));
    letGo();
    m_pressed = button;
    Q_EMIT pressed(static_cast<std::size_t>(button));
}

void GameButtons::mouseReleaseEvent(QMouseEvent*)
{
    letGo();
}

void GameButtons::keyPressEvent(QKeyEvent* event)
{
    if (m_buttons.empty()) return QWidget::keyPressEvent(event);
    const auto each = columns(width());
    const auto go = [&](int by) {
        const auto to = static_cast<int>(m_focused) + by;
        if (to >= 0 && to < static_cast<int>(m_buttons.size())) focus(static_cast<std::size_t>(to));
    };
    switch (event->key()) {
        case Qt::Key_Right:
            return go(1);
        case Qt::Key_Left:
            return go(-1);
        case Qt::Key_Down:
            return go(each);
        case Qt::Key_Up:
            return go(-each);
        case Qt::Key_Space:
            if (event->isAutoRepeat() || m_pressed >= 0) return;
            m_pressed = static_cast<int>(m_focused);
            return static_cast<void>(Q_EMIT pressed(m_focused));
        case Qt::Key_P:
            return static_cast<void>(Q_EMIT pinWanted(m_focused));
        default:
            QWidget::keyPressEvent(event);
    }
}

void GameButtons::keyReleaseEvent(QKeyEvent* event)
{
    if (event->key() != Qt::Key_Space) return QWidget::keyReleaseEvent(event);
    if (!event->isAutoRepeat()) letGo();
}

void GameButtons::focusOutEvent(QFocusEvent*)
{
    letGo();
    update();
}

bool GameButtons::event(QEvent* event)
{
    if (event->type() == QEvent::ToolTip) {
        const auto* help = static_cast<QHelpEvent*>(event);
        const auto button = at(help->pos());
        if (button >= 0)
            QToolTip::showText(help->globalPos(),
                               tr("%1\nPress: by hand. Right click or P: it must stay dark.")
                                   .arg(m_buttons[static_cast<std::size_t>(button)].words));
        return true;
    }
    return QWidget::event(event);
}

}  // namespace jolly::app
