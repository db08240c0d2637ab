// SPDX-License-Identifier: GPL-3.0-or-later
#include "app/style/mark.h"

#include <QPainter>
#include <QPainterPath>

namespace jolly::app
{

QIcon markIcon(const QColor& colour)
{
    QPixmap pixmap(64, 64);
    pixmap.fill(Qt::transparent);
    QPainter painter(&pixmap);
    painter.setRenderHint(QPainter::Antialiasing);
    painter.setPen(QPen(colour, 6.5, Qt::SolidLine, Qt::RoundCap));
    QPainterPath path(QPointF(5, 50));
    path.cubicTo(20, 58, 50, 52, 52, 30);
    path.cubicTo(53, 12, 28, 8, 22, 24);
    path.cubicTo(17, 40, 40, 46, 59, 36);
    painter.drawPath(path);
    pixmap.setDevicePixelRatio(2);
    return pixmap;
}

}  // namespace jolly::app
