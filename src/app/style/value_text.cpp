// SPDX-License-Identifier: GPL-3.0-or-later
#include "app/style/value_text.h"

#include "app/style/palette.h"
#include "app/style/theme.h"

#include <algorithm>
#include <cmath>

namespace jolly::app
{

namespace
{

qreal digitWidth(const QFontMetricsF& metrics)
{
    qreal widest = 0;
    for (char c = '0'; c <= '9'; ++c)
        widest = std::max(widest, metrics.horizontalAdvance(QLatin1Char(c)));
    return widest;
}

qreal widthOf(const QFontMetricsF& metrics, const QString& text, qreal digit)
{
    qreal width = 0;
    for (const auto c : text) width += c.isDigit() ? digit : metrics.horizontalAdvance(c);
    return width;
}

}  // namespace

void drawValue(QPainter& painter, const QRectF& rect, Qt::Alignment alignment, const QString& text)
{
    const QFontMetricsF metrics(painter.font());
    const qreal digit = digitWidth(metrics);
    qreal x = rect.left();
    if (alignment & Qt::AlignRight) x = rect.right() - widthOf(metrics, text, digit);
    if (alignment & Qt::AlignHCenter) x = rect.center().x() - widthOf(metrics, text, digit) / 2;
    const qreal y = rect.center().y() + (metrics.ascent() - metrics.descent()) / 2;
    for (const auto c : text) {
        const qreal own = metrics.horizontalAdvance(c);
        const qreal cell = c.isDigit() ? digit : own;
        painter.drawText(QPointF(x + (cell - own) / 2, y), QString(c));
        x += cell;
    }
}

QString percentText(double value, bool isTwoSided)
{
    const double shown = std::round(value * 1000.0) / 10.0;
    const auto number = QString::number(std::abs(shown), 'f', 1);
    const auto sign =
        shown < 0 ? QStringLiteral("−") : (isTwoSided ? QStringLiteral("+") : QString());
    return sign + number + QStringLiteral(" %");
}

ValueLabel::ValueLabel(QWidget* parent) : QWidget(parent)
{
    setFont(textFont(TextSize::Normal));
}

void ValueLabel::setText(const QString& text)
{
    if (text == m_text) return;
    m_text = text;
    setAccessibleName(text);
    update();
}

void ValueLabel::setColour(QColor Palette::*colour)
{
    if (colour == m_colour) return;
    m_colour = colour;
    update();
}

void ValueLabel::setAlignment(Qt::Alignment alignment)
{
    m_alignment = alignment;
    update();
}

QSize ValueLabel::sizeHint() const
{
    const QFontMetrics metrics(font());
    return {metrics.horizontalAdvance(QStringLiteral("+100.0 %%")), metrics.height()};
}

void ValueLabel::paintEvent(QPaintEvent*)
{
    QPainter painter(this);
    painter.setPen(jolly::app::palette().*m_colour);
    drawValue(painter, rect(), m_alignment, m_text);
}

}  // namespace jolly::app
