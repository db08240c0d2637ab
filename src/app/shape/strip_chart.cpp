// SPDX-License-Identifier: GPL-3.0-or-later
#include "app/shape/strip_chart.h"

#include "app/style/palette.h"
#include "app/style/theme.h"

#include <QPainter>
#include <algorithm>

namespace jolly::app
{

StripChart::StripChart(QWidget* parent) : QWidget(parent)
{
    setObjectName(QStringLiteral("strip"));
    setAccessibleName(tr("The last ten seconds, raw and shaped"));
    setSizePolicy(QSizePolicy::Expanding, QSizePolicy::Fixed);
    setFixedHeight(120);
}

void StripChart::show(const std::deque<TraceSample>& samples, Time now, Sides sides, Sides outSides)
{
    m_samples = samples;
    m_now = now;
    m_sides = sides;
    m_outSides = outSides;
    update();
}

/// A value stays until the next one: lines are steps, as the game sees them. No more than two
/// samples a pixel are drawn, the lowest and the highest.
void StripChart::paintLine(QPainter& painter, double TraceSample::*value, Sides sides) const
{
    const QRectF field = QRectF(rect()).adjusted(6, 8, -6, -8);
    const double low = sides == Sides::Two ? -1.0 : 0.0;
    const auto start = m_now - AxisTrace::kLength;
    const auto placeX = [&](Time time) {
        const double part = inSeconds(time - start) / inSeconds(AxisTrace::kLength);
        return field.left() + field.width() * std::clamp(part, 0.0, 1.0);
    };
    const auto placeY = [&](double v) {
        return field.bottom() - field.height() * (v - low) / (1.0 - low);
    };
    QPolygonF line;
    for (std::size_t i = 0; i < m_samples.size();) {
        const double x = placeX(m_samples[i].time);
        double least = m_samples[i].*value;
        double most = least;
        double last = least;
        if (!line.isEmpty()) line << QPointF(x, line.back().y());
        for (; i < m_samples.size() && placeX(m_samples[i].time) < x + 1.0; ++i) {
            last = m_samples[i].*value;
            least = std::min(least, last);
            most = std::max(most, last);
        }
        line << QPointF(x, placeY(least));
        if (most > least) line << QPointF(x, placeY(most)) << QPointF(x, placeY(last));
    }
    if (!line.isEmpty()) line << QPointF(field.right(), line.back().y());
    painter.drawPolyline(line);
}

void StripChart::paintEvent(QPaintEvent*)
{
    const auto& p = jolly::app::palette();
    QPainter painter(this);
    painter.setPen(Qt::NoPen);
    painter.setBrush(p.well);
    painter.setRenderHint(QPainter::Antialiasing);
    painter.drawRoundedRect(rect(), 6, 6);
    const bool isDense = m_samples.size() > static_cast<std::size_t>(width());
    painter.setRenderHint(QPainter::Antialiasing, !isDense);
    const QRectF field = QRectF(rect()).adjusted(6, 8, -6, -8);
    const double rest = m_sides == Sides::Two ? field.center().y() : field.bottom();
    painter.setPen(QPen(p.line, 1));
    painter.drawLine(QPointF(field.left(), rest), QPointF(field.right(), rest));
    painter.setPen(QPen(p.dim, 1));
    paintLine(painter, &TraceSample::in, m_sides);
    painter.setPen(QPen(p.straw, 2));
    paintLine(painter, &TraceSample::out, m_outSides);
}

}  // namespace jolly::app
