// SPDX-License-Identifier: GPL-3.0-or-later
#include "app/layers/callout.h"
#include "app/style/qt_text.h"

#include "app/style/layer_mark.h"
#include "app/style/palette.h"
#include "app/style/theme.h"

#include <QPainter>

namespace jolly::app
{

Callout::Callout(QWidget* parent) : QAbstractButton(parent)
{
    setFocusPolicy(Qt::StrongFocus);
    setCursor(Qt::PointingHandCursor);
}

void Callout::show(const Words& words, bool isLeft)
{
    if (words == m_words && isLeft == m_isLeft && isVisible()) return;
    m_words = words;
    m_isLeft = isLeft;
    setObjectName(QStringLiteral("callout ") + toQt(toText(words.control.control)));
    const auto from =
        words.more.isEmpty() ? words.from : words.from + QLatin1Char(' ') + words.more;
    setAccessibleName(words.deed + QStringLiteral(", ") + from);
    setToolTip(words.deed + QLatin1Char('\n') + from);
    QWidget::show();
    update();
}

void Callout::paintEvent(QPaintEvent*)
{
    const auto& p = jolly::app::palette();
    QPainter painter(this);
    painter.setRenderHint(QPainter::Antialiasing);
    if (hasFocus() || underMouse() || m_words.isChosen) {
        painter.setPen(hasFocus() ? QPen(p.straw, 1) : QPen(Qt::NoPen));
        painter.setBrush(p.raised);
        painter.drawRoundedRect(QRectF(rect()).adjusted(0.5, 0.5, -0.5, -0.5), 6, 6);
    }
    const auto side = m_isLeft ? Qt::AlignRight : Qt::AlignLeft;
    const QRect box = rect().adjusted(5, 1, -5, -1);
    const auto elided = [&](const QString& text, int room) {
        return painter.fontMetrics().elidedText(text, Qt::ElideRight, room);
    };
    painter.setFont(textFont(TextSize::Normal, !m_words.shows));
    painter.setPen(m_words.shows ? p.text : p.strong);
    painter.drawText(QRect(box.left(), box.top(), box.width(), 17), side | Qt::AlignVCenter,
                     elided(m_words.deed, box.width()));
    painter.setFont(textFont(TextSize::Small));
    const int room = box.width() - 14;
    const auto whole = m_words.from + QLatin1Char(' ') + m_words.more;
    const bool fits = painter.fontMetrics().horizontalAdvance(whole) <= room;
    const auto from = elided(fits ? whole.trimmed() : m_words.from, room);
    const int used = painter.fontMetrics().horizontalAdvance(from);
    const int y = box.top() + 16;
    const int x = m_isLeft ? box.right() - used : box.left() + 14;
    painter.setPen(m_words.shows ? p.dim : layerColour(m_words.layer));
    painter.drawText(QRect(x, y, used + 2, 16), Qt::AlignVCenter, from);
    drawLayerMark(painter, QPointF(x - 8, y + 8.5), 7, m_words.layer, !m_words.shows);
}

}  // namespace jolly::app
