// SPDX-License-Identifier: GPL-3.0-or-later
#include "app/bench/game_row.h"

#include "app/style/still_text.h"
#include "app/style/theme.h"
#include "app/style/value_text.h"

#include <QMouseEvent>
#include <QPainter>
#include <algorithm>

namespace jolly::app
{

namespace
{

constexpr int kSlider = 62;
constexpr int kBetween = 12;
constexpr int kEdge = 8;

/// What is left for the two bars, for each of them.
int barWidth(int width)
{
    return (width - 2 * kEdge - GameRow::kName - GameRow::kValue - kSlider - 4 * kBetween) / 2;
}

}  // namespace

QRect GameRow::handBar(int width)
{
    return {kEdge + kName + kBetween, 9, barWidth(width), 10};
}

QRect GameRow::gameBar(int width)
{
    return handBar(width).translated(barWidth(width) + kBetween, 0);
}

GameRow::GameRow(const QString& name, const QString& function, Sides sides, QWidget* parent)
    : QWidget(parent),
      m_name(name),
      m_function(function),
      m_sides(sides),
      m_slider(new HandSlider(sides, this))
{
    setFixedHeight(GameRow::sizeHint().height());
    const auto whole = function.isEmpty() ? name : name + QStringLiteral(" · ") + function;
    setToolTip(whole);
    m_slider->setAccessibleName(tr("%1 by hand").arg(whole));
}

void GameRow::show(const GameSightNow& now)
{
    const auto text = percentText(now.isSeen ? now.seen : now.sent, m_sides == Sides::Two);
    if (now == m_now && text == m_value) return;
    m_now = now;
    m_value = text;
    m_slider->show(now.sent, now.isByHand);
    setAccessibleName(
        now.differs ? tr("%1: a game reads %2, but that is not what was sent").arg(m_name, m_value)
                    : tr("%1: a game reads %2").arg(m_name, m_value));
    update();
}

void GameRow::setMarked(bool isMarked)
{
    if (isMarked == m_isMarked) return;
    m_isMarked = isMarked;
    update();
}

void GameRow::resizeEvent(QResizeEvent*)
{
    m_slider->setGeometry(width() - kEdge - kSlider, (height() - 22) / 2, kSlider, 22);
}

void GameRow::mousePressEvent(QMouseEvent*)
{
    Q_EMIT chosen();
}

void GameRow::drawBar(QPainter& painter, const QRect& rect, double value, bool isTwoSided,
                      const QColor& colour, bool isOutlined) const
{
    const auto& p = jolly::app::palette();
    painter.setPen(QPen(p.line, 1.0));
    painter.setBrush(p.well);
    painter.drawRoundedRect(QRectF(rect).adjusted(0.5, 0.5, -0.5, -0.5), 4, 4);
    const double rest = isTwoSided ? 0.5 : 0.0;
    const double part = std::clamp(isTwoSided ? (value + 1.0) / 2.0 : value, 0.0, 1.0);
    const double left = rect.left() + 1.5 + (rect.width() - 3.0) * std::min(rest, part);
    const double length = (rect.width() - 3.0) * std::abs(part - rest);
    painter.setPen(isOutlined ? QPen(colour, 1.0) : QPen(Qt::NoPen));
    painter.setBrush(isOutlined ? QBrush(Qt::NoBrush) : QBrush(colour));
    painter.drawRoundedRect(QRectF(left, rect.top() + 2.0, std::max(2.0, length), 6.0), 2.5, 2.5);
    if (!isTwoSided) return;
    painter.setPen(QPen(p.faint, 1.0));
    painter.drawLine(QPointF(rect.center().x() + 0.5, rect.top() - 2.0),
                     QPointF(rect.center().x() + 0.5, rect.bottom() + 3.0));
}

void GameRow::paintEvent(QPaintEvent*)
{
    const auto& p = jolly::app::palette();
    QPainter painter(this);
    painter.setRenderHint(QPainter::Antialiasing);
    if (m_isMarked || m_now.differs) {
        const auto frame = m_now.differs ? p.coral : p.straw;
        painter.setPen(QPen(frame, 1.0));
        painter.setBrush(m_isMarked ? p.strawDeep : p.card);
        painter.drawRoundedRect(QRectF(rect()).adjusted(1.5, 0.5, -1.5, -0.5), 7, 7);
    }
    const bool hasFunction = !m_function.isEmpty();
    painter.setFont(textFont(TextSize::Normal, true));
    painter.setPen(p.text);
    const QRect name(kEdge, hasFunction ? -1 : 6, kName + kBetween - 4, 17);
    drawStillText(painter, name, Qt::AlignLeft, m_name);
    if (hasFunction) {
        painter.setFont(textFont(TextSize::Small));
        painter.setPen(p.dim);
        drawStillText(painter, name.translated(0, 12), Qt::AlignLeft, m_function);
    }
    const auto hand = handBar(width());
    const auto game = gameBar(width());
    if (m_now.hand) drawBar(painter, hand, *m_now.hand, m_now.isHandTwoSided, p.slate, false);
    const auto colour = m_now.differs ? p.coral : p.straw;
    drawBar(painter, game, m_now.isSeen ? m_now.seen : m_now.sent, m_sides == Sides::Two, colour,
            !m_now.isSeen);
    if (m_now.differs) {
        const double part =
            m_sides == Sides::Two ? (m_now.sent + 1.0) / 2.0 : std::clamp(m_now.sent, 0.0, 1.0);
        const double x = game.left() + 1.5 + (game.width() - 3.0) * part;
        painter.setPen(QPen(p.strong, 1.5));
        painter.drawLine(QPointF(x, game.top() - 3.0), QPointF(x, game.bottom() + 4.0));
    }
    painter.setFont(textFont(TextSize::Small));
    painter.setPen(m_now.differs ? p.coral : p.text);
    drawValue(painter, QRectF(game.right() + kBetween - 4, 0, kValue, height()),
              Qt::AlignLeft | Qt::AlignVCenter, m_value);
}

}  // namespace jolly::app
