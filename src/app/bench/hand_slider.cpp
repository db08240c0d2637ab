// SPDX-License-Identifier: GPL-3.0-or-later
#include "app/bench/hand_slider.h"

#include "app/style/palette.h"

#include <QKeyEvent>
#include <QMouseEvent>
#include <QPainter>
#include <algorithm>

namespace jolly::app
{

namespace
{

constexpr double kKnob = 6.5;
constexpr double kStep = 0.05;  ///< of an arrow key

}  // namespace

HandSlider::HandSlider(Sides sides, QWidget* parent) : QWidget(parent), m_sides(sides)
{
    setFocusPolicy(Qt::StrongFocus);
    setCursor(Qt::PointingHandCursor);
    setToolTip(tr("Move it by hand: drag, or arrow keys. Esc gives it back."));
    setFixedHeight(22);
    setMinimumWidth(48);
}

void HandSlider::show(double value, bool isHeld)
{
    if (value == m_value && isHeld == m_isHeld) return;
    m_value = value;
    m_isHeld = isHeld;
    update();
}

double HandSlider::valueAt(double x) const
{
    const double part = std::clamp((x - kKnob) / (width() - 2 * kKnob), 0.0, 1.0);
    return lowest() + (1.0 - lowest()) * part;
}

void HandSlider::moveTo(double value)
{
    show(std::clamp(value, lowest(), 1.0), true);
    Q_EMIT moved(m_value);
}

void HandSlider::paintEvent(QPaintEvent*)
{
    const auto& p = jolly::app::palette();
    QPainter painter(this);
    painter.setRenderHint(QPainter::Antialiasing);
    const double middle = height() / 2.0;
    const QRectF groove(1.0, middle - 4.5, width() - 2.0, 9.0);
    painter.setPen(QPen(m_isHeld || hasFocus() ? p.straw : p.line, 1.0));
    painter.setBrush(p.well);
    painter.drawRoundedRect(groove, 4.5, 4.5);
    const double part = (m_value - lowest()) / (1.0 - lowest());
    const QPointF knob(kKnob + (width() - 2 * kKnob) * part, middle);
    painter.setPen(hasFocus() ? QPen(p.strong, 1.5) : QPen(Qt::NoPen));
    painter.setBrush(m_isHeld ? p.straw : p.slate);
    painter.drawEllipse(knob, kKnob - 0.5, kKnob - 0.5);
}

void HandSlider::mousePressEvent(QMouseEvent* event)
{
    if (event->button() == Qt::LeftButton) moveTo(valueAt(event->position().x()));
}

void HandSlider::mouseMoveEvent(QMouseEvent* event)
{
    if ((event->buttons() & Qt::LeftButton) != 0) moveTo(valueAt(event->position().x()));
}

void HandSlider::mouseDoubleClickEvent(QMouseEvent*)
{
    Q_EMIT givenBack();
}

void HandSlider::keyPressEvent(QKeyEvent* event)
{
    switch (event->key()) {
        case Qt::Key_Right:
            return moveTo(m_value + kStep);
        case Qt::Key_Left:
            return moveTo(m_value - kStep);
        case Qt::Key_End:
            return moveTo(1.0);
        case Qt::Key_Home:
            return moveTo(lowest());
        case Qt::Key_Escape:
            if (m_isHeld) return static_cast<void>(Q_EMIT givenBack());
            break;
        default:
            break;
    }
    QWidget::keyPressEvent(event);
}

}  // namespace jolly::app
