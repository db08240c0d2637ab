// SPDX-License-Identifier: GPL-3.0-or-later
#include "app/bench/hat_handle.h"

#include "app/style/palette.h"

#include <QCoreApplication>
#include <QKeyEvent>
#include <QMouseEvent>
#include <QPainter>
#include <cmath>

namespace jolly::app
{

namespace
{

Counts wayOf(int key)
{
    switch (key) {
        case Qt::Key_Up:
            return {0, -1};
        case Qt::Key_Right:
            return {1, 0};
        case Qt::Key_Down:
            return {0, 1};
        case Qt::Key_Left:
            return {-1, 0};
        default:
            return {};
    }
}

}  // namespace

QString hatWords(Counts counts)
{
    const auto upDown = counts.y < 0   ? HatHandle::tr("up")
                        : counts.y > 0 ? HatHandle::tr("down")
                                       : QString();
    const auto across = counts.x < 0   ? HatHandle::tr("left")
                        : counts.x > 0 ? HatHandle::tr("right")
                                       : QString();
    if (upDown.isEmpty() && across.isEmpty()) return HatHandle::tr("middle");
    return upDown.isEmpty() || across.isEmpty() ? upDown + across
                                                : upDown + QLatin1Char(' ') + across;
}

HatHandle::HatHandle(const QString& name, QWidget* parent) : QWidget(parent), m_name(name)
{
    setFocusPolicy(Qt::StrongFocus);
    setCursor(Qt::PointingHandCursor);
    setFixedSize(HatHandle::sizeHint());
    setAccessibleName(name);
    setToolTip(tr("%1: press a way, or hold an arrow key, to move it by hand").arg(name));
}

void HatHandle::show(Counts counts, bool isSeen, bool isByHand)
{
    if (counts == m_counts && isSeen == m_isSeen && isByHand == m_isByHand) return;
    m_counts = counts;
    m_isSeen = isSeen;
    m_isByHand = isByHand;
    setAccessibleName(m_name + QLatin1Char(' ') + words());
    update();
}

QString HatHandle::words() const
{
    return hatWords(m_counts);
}

QPointF HatHandle::dot(Counts way) const
{
    const double length = way.x != 0 && way.y != 0 ? 0.7071 : 1.0;
    const double radius = width() / 2.0 - 8.0;
    return QPointF(width() / 2.0, height() / 2.0) +
           QPointF(way.x * length * radius, way.y * length * radius);
}

void HatHandle::paintEvent(QPaintEvent*)
{
    const auto& p = jolly::app::palette();
    QPainter painter(this);
    painter.setRenderHint(QPainter::Antialiasing);
    painter.setPen(QPen(hasFocus() ? p.straw : p.line, hasFocus() ? 1.5 : 1.0));
    painter.setBrush(p.well);
    painter.drawEllipse(QRectF(rect()).adjusted(1, 1, -1, -1));
    for (int x = -1; x <= 1; ++x) {
        for (int y = -1; y <= 1; ++y) {
            const Counts way{x, y};
            if (way == Counts{}) continue;
            const bool isLit = way == m_counts;
            const bool isFilled = isLit && m_isSeen;
            painter.setPen(isLit ? QPen(p.straw, 1.5) : QPen(Qt::NoPen));
            painter.setBrush(isFilled ? p.straw : isLit ? p.well : p.faint);
            painter.drawEllipse(dot(way), isLit ? 4.5 : 2.5, isLit ? 4.5 : 2.5);
        }
    }
    if (!m_isByHand) return;
    painter.setPen(QPen(p.strong, 1.5));
    painter.setBrush(Qt::NoBrush);
    painter.drawEllipse(QRectF(rect()).center(), 4.0, 4.0);
}

void HatHandle::mousePressEvent(QMouseEvent* event)
{
    const auto off = event->position() - QRectF(rect()).center();
    constexpr double kMiddle = 7.0;
    if (std::hypot(off.x(), off.y()) < kMiddle) return;
    const auto eighth = std::lround(std::atan2(off.y(), off.x()) / (3.14159265358979 / 4.0));
    const double angle = static_cast<double>(eighth) * 3.14159265358979 / 4.0;
    Q_EMIT held({static_cast<int>(std::lround(std::cos(angle))),
                 static_cast<int>(std::lround(std::sin(angle)))});
}

void HatHandle::mouseReleaseEvent(QMouseEvent*)
{
    Q_EMIT released();
}

void HatHandle::keyPressEvent(QKeyEvent* event)
{
    const auto way = wayOf(event->key());
    if (way == Counts{}) return QWidget::keyPressEvent(event);
    if (!event->isAutoRepeat()) Q_EMIT held(way);
}

void HatHandle::keyReleaseEvent(QKeyEvent* event)
{
    if (wayOf(event->key()) == Counts{}) return QWidget::keyReleaseEvent(event);
    if (!event->isAutoRepeat()) Q_EMIT released();
}

}  // namespace jolly::app
