// SPDX-License-Identifier: GPL-3.0-or-later
#include "app/widgets/card.h"

#include "app/style/palette.h"
#include "app/style/theme.h"

#include <QPainter>

namespace jolly::app
{

Card::Card(QWidget* parent) : QWidget(parent) {}

void Card::setMarked(bool isMarked)
{
    if (isMarked == m_isMarked) return;
    m_isMarked = isMarked;
    update();
}

void Card::setDashed(bool isDashed)
{
    if (isDashed == m_isDashed) return;
    m_isDashed = isDashed;
    update();
}

void Card::paintEvent(QPaintEvent*)
{
    QPainter painter(this);
    painter.setRenderHint(QPainter::Antialiasing);
    const qreal width = m_isMarked ? 1.6 : 1.0;
    QPen pen(m_isMarked ? jolly::app::palette().straw : jolly::app::palette().line, width);
    if (m_isDashed) pen.setStyle(Qt::DashLine);
    painter.setPen(pen);
    painter.setBrush(jolly::app::palette().card);
    painter.drawRoundedRect(QRectF(rect()).adjusted(width / 2, width / 2, -width / 2, -width / 2),
                            kRadius, kRadius);
}

}  // namespace jolly::app
