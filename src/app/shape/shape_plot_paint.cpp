// SPDX-License-Identifier: GPL-3.0-or-later
#include "app/shape/shape_plot.h"
#include "app/style/palette.h"
#include "app/style/theme.h"
#include "app/style/value_text.h"

#include <QEvent>
#include <QPainter>
#include <QPainterPath>
#include <algorithm>
#include <cmath>
#include <limits>

/// How the plot of an axis is drawn.
namespace jolly::app
{

namespace
{

constexpr int kLines = 8;  ///< parts of the grid
constexpr double kStill = 1e-9;
constexpr double kHighestBar = 0.2;  ///< of the field
constexpr double kUnseen = 0.12;     ///< pixels

QColor see(QColor colour, double opacity)
{
    colour.setAlphaF(static_cast<float>(opacity));
    return colour;
}

/// A line from left to right without the points that lie on the way between others, to less than
/// can be seen: it is drawn in a fraction of the time. From each point that is kept, the cone of
/// the ways that pass all later ones closely enough gets narrower until the next one lies outside.
QPolygonF thinned(const QPolygonF& line)
{
    if (line.size() < 3) return line;
    QPolygonF kept{line.front()};
    double least = -std::numeric_limits<double>::infinity();
    double most = -least;
    for (qsizetype i = 1; i < line.size(); ++i) {
        const auto way = [&](double beside) {
            return (line[i].y() + beside - kept.back().y()) / (line[i].x() - kept.back().x());
        };
        if (way(0.0) < least || way(0.0) > most) {
            kept << line[i - 1];
            least = way(-kUnseen);
            most = way(kUnseen);
        } else {
            least = std::max(least, way(-kUnseen));
            most = std::min(most, way(kUnseen));
        }
    }
    kept << line.back();
    return kept;
}

/// "40 s", "3 min".
QString spanText(Time span)
{
    const auto seconds = std::lround(inSeconds(span));
    return seconds < 100 ? QObject::tr("%1 s").arg(seconds)
                         : QObject::tr("%1 min").arg(std::lround(inSeconds(span) / 60.0));
}

}  // namespace

QString ShapePlot::inText(double in) const
{
    if (!m_degrees) return percentText(in, m_sides == Sides::Two);
    const double degrees = in * *m_degrees * (m_sides == Sides::Two ? 0.5 : 1.0);
    const auto* sign = degrees > 0.05 ? "+" : degrees < -0.05 ? "−" : "";
    return QStringLiteral("%1%L2°").arg(QString::fromUtf8(sign)).arg(std::abs(degrees), 0, 'f', 1);
}

QPolygonF ShapePlot::lineOf(const std::vector<CurvePoint>& points) const
{
    QPolygonF line;
    for (const auto& point : points) line << placeOf(point);
    return thinned(line);
}

void ShapePlot::paintGround(QPainter& painter) const
{
    const auto& p = jolly::app::palette();
    const auto f = field();
    painter.setPen(Qt::NoPen);
    painter.setBrush(p.well);
    painter.drawRoundedRect(f.adjusted(-6, -6, 6, 6), 8, 8);
    painter.setPen(QPen(see(p.line, 0.8), 1));
    for (int i = 0; i <= kLines; ++i) {
        const double x = f.left() + f.width() * i / kLines;
        const double y = f.top() + f.height() * i / kLines;
        painter.drawLine(QPointF(x, f.top()), QPointF(x, f.bottom()));
        painter.drawLine(QPointF(f.left(), y), QPointF(f.right(), y));
    }
    painter.setPen(QPen(p.faint, 1));
    painter.drawLine(placeOf({0, outLow()}), placeOf({0, 1}));
    painter.drawLine(placeOf({low(), 0}), placeOf({1, 0}));
    painter.setPen(QPen(p.faint, 1, Qt::DashLine));
    painter.drawLine(placeOf({low(), outLow()}), placeOf({1, 1}));
}

/// Shades where the hand moves and nothing comes of it.
void ShapePlot::paintDead(QPainter& painter) const
{
    const auto& p = jolly::app::palette();
    const auto f = field();
    for (std::size_t i = 1; i < m_line.size();) {
        const auto first = i - 1;
        while (i < m_line.size() && std::abs(m_line[i].out - m_line[first].out) < kStill) ++i;
        const auto last = i - 1;
        if (last > first + 1) {
            const QRectF band(QPointF(placeOf(m_line[first]).x(), f.top()),
                              QPointF(placeOf(m_line[last]).x(), f.bottom()));
            painter.fillRect(band, see(p.straw, 0.13));
            painter.setPen(QPen(see(p.straw, 0.35), 1));
            painter.drawLine(band.topLeft(), band.bottomLeft());
            painter.drawLine(band.topRight(), band.bottomRight());
        }
        ++i;
    }
}

void ShapePlot::paintDwell(QPainter& painter) const
{
    const auto& p = jolly::app::palette();
    const auto f = field();
    double most = 0.0;
    for (const auto& part : m_dwell) most = std::max(most, part.share);
    if (most > 0.0) {
        painter.setPen(Qt::NoPen);
        painter.setBrush(see(p.slate, 0.55));
        for (const auto& part : m_dwell) {
            const double left = placeOf({part.from, 0}).x();
            const double right = placeOf({part.to, 0}).x();
            const double height = f.height() * kHighestBar * std::sqrt(part.share / most);
            painter.drawRect(QRectF(std::min(left, right) + 0.5, f.bottom() - height,
                                    std::abs(right - left) - 1.0, height));
        }
    }
    if (m_drift.isNone()) return;
    const double left = placeOf({m_drift.low, 0}).x();
    const double right = placeOf({m_drift.high, 0}).x();
    painter.setPen(QPen(p.mint, 2.5, Qt::SolidLine, Qt::RoundCap));
    painter.drawLine(QPointF(left, f.bottom() - 3), QPointF(right, f.bottom() - 3));
    painter.drawLine(QPointF(left, f.bottom() - 8), QPointF(left, f.bottom() + 2));
    painter.drawLine(QPointF(right, f.bottom() - 8), QPointF(right, f.bottom() + 2));
}

void ShapePlot::paintPlaces(QPainter& painter) const
{
    const auto& p = jolly::app::palette();
    const auto f = field();
    painter.setFont(textFont(TextSize::Small));
    for (const auto& place : m_places) {
        const double x = placeOf({place.at, 0}).x();
        painter.setPen(QPen(see(p.sky, 0.7), 1, Qt::DotLine));
        painter.drawLine(QPointF(x, f.top()), QPointF(x, f.bottom()));
        painter.setPen(p.sky);
        const double width = painter.fontMetrics().horizontalAdvance(place.name) + 8.0;
        const double left = std::clamp(x + 3, f.left(), f.right() - width);
        painter.drawText(QRectF(left, f.bottom() - 20, width, 16), Qt::AlignLeft, place.name);
    }
}

void ShapePlot::paintUnder(QPainter& painter) const
{
    for (const auto& curve : m_under) {
        QPen pen(curve.colour, curve.dash.pattern.isEmpty() ? 1.2 : 1.7);
        if (!curve.dash.pattern.isEmpty()) pen.setDashPattern(curve.dash.pattern);
        painter.setPen(pen);
        painter.drawPolyline(lineOf(curve.line));
    }
}

void ShapePlot::paintHandles(QPainter& painter) const
{
    const auto& p = jolly::app::palette();
    for (int i = 0; i < handleCount(); ++i) {
        const auto& handle = m_handles[static_cast<std::size_t>(i)].handle;
        const bool isChosen = i == m_chosen;
        const auto at = placeOfHandle(i);
        const double size = isChosen ? 7.0 : 5.5;
        painter.setPen(QPen(isChosen && hasFocus() ? p.strong : p.straw, isChosen ? 2.4 : 1.7));
        painter.setBrush(isChosen ? p.strawDeep : p.well);
        if (handle.way == PlotHandle::Way::Both) {
            painter.drawEllipse(at, size, size);
            continue;
        }
        painter.save();  // what goes one way only is a small bar across that way
        painter.translate(at);
        if (handle.way == PlotHandle::Way::Up) painter.rotate(90);
        painter.drawRoundedRect(QRectF(-3.5, -size - 2.5, 7, 2 * size + 5), 3, 3);
        painter.restore();
    }
}

/// Beside the dot, where the curve does not go.
void ShapePlot::paintBubble(QPainter& painter, QPointF at) const
{
    const auto& p = jolly::app::palette();
    const auto f = field();
    const auto& now = m_trail.back();
    const auto inWords = tr("in %1").arg(inText(now.in));
    const auto outWords = tr("out %1").arg(percentText(now.out, m_outSides == Sides::Two));
    painter.setFont(textFont(TextSize::Small));
    QRectF bubble(0, 0, 104, 42);
    const bool rises = m_line.back().out >= m_line.front().out;
    const bool isRight = at.x() + bubble.width() + 20 < f.right();
    bubble.moveTop(isRight == rises ? at.y() + 12 : at.y() - bubble.height() - 12);
    bubble.moveLeft(isRight ? at.x() + 14 : at.x() - bubble.width() - 14);
    bubble.moveTop(std::clamp(bubble.top(), f.top(), f.bottom() - bubble.height()));
    painter.setPen(QPen(p.line, 1));
    painter.setBrush(see(p.raised, 0.93));
    painter.drawRoundedRect(bubble, 7, 7);
    painter.setPen(p.text);
    drawValue(painter, bubble.adjusted(11, 5, -8, -21), Qt::AlignLeft, inWords);
    painter.setPen(p.straw);
    drawValue(painter, bubble.adjusted(11, 22, -8, -4), Qt::AlignLeft, outWords);
}

void ShapePlot::paintDot(QPainter& painter) const
{
    if (m_trail.empty()) return;
    const auto& p = jolly::app::palette();
    const auto at = placeOf(m_trail.back());
    painter.setRenderHint(QPainter::Antialiasing, false);
    painter.setPen(QPen(see(p.strong, 0.8), 1, Qt::DotLine));
    painter.drawLine(at, QPointF(at.x(), field().bottom()));
    painter.drawLine(at, QPointF(field().left(), at.y()));
    painter.setRenderHint(QPainter::Antialiasing);
    for (std::size_t i = 1; i < m_trail.size(); ++i) {
        const double age = static_cast<double>(i) / static_cast<double>(m_trail.size());
        painter.setPen(
            QPen(see(p.strong, 0.6 * age), 1.0 + 3.0 * age, Qt::SolidLine, Qt::RoundCap));
        painter.drawLine(placeOf(m_trail[i - 1]), placeOf(m_trail[i]));
    }
    painter.setPen(Qt::NoPen);
    painter.setBrush(p.strong);
    painter.drawEllipse(at, 6.5, 6.5);
    paintBubble(painter, at);
}

void ShapePlot::paintWords(QPainter& painter) const
{
    const auto& p = jolly::app::palette();
    const auto f = field();
    painter.setFont(textFont(TextSize::Small));
    painter.setPen(p.dim);
    const QRectF below(f.left(), f.bottom() + 8, f.width(), 16);
    const auto end = [&](double value, const QString& word) {
        return word.isEmpty() ? inText(value) : QStringLiteral("%1 · %2").arg(word, inText(value));
    };
    painter.drawText(below, Qt::AlignLeft, end(low(), m_lowEnd));
    painter.drawText(below, Qt::AlignRight, end(1.0, m_highEnd));
    if (m_sides == Sides::Two) painter.drawText(below, Qt::AlignHCenter, tr("rest"));
    painter.save();
    painter.translate(12, f.center().y());
    painter.rotate(-90);
    painter.drawText(QRectF(-f.height() / 2, -8, f.height(), 16), Qt::AlignHCenter,
                     tr("what the game gets"));
    painter.restore();
    if (m_dwell.empty()) return;
    painter.setPen(p.dim);
    painter.drawText(below.translated(0, 17), Qt::AlignHCenter,
                     tr("bars: where your hand was in the last %1").arg(spanText(m_dwellSpan)));
}

/// Why there is nothing to draw.
void ShapePlot::paintNothing(QPainter& painter) const
{
    const auto& p = jolly::app::palette();
    painter.setPen(Qt::NoPen);
    painter.setBrush(p.well);
    painter.drawRoundedRect(field().adjusted(-6, -6, 6, 6), 8, 8);
    painter.setPen(p.text);
    painter.setFont(textFont(TextSize::Normal));
    painter.drawText(field().adjusted(40, 40, -40, -40), Qt::AlignCenter | Qt::TextWordWrap, m_why);
}

/// What does not move with the hand.
void ShapePlot::paintStill(QPainter& painter) const
{
    paintGround(painter);
    painter.setClipRect(clip());
    painter.setRenderHint(QPainter::Antialiasing, false);  // upright lines need none
    paintDwell(painter);
    paintDead(painter);
    painter.setRenderHint(QPainter::Antialiasing);
    paintPlaces(painter);
    paintUnder(painter);
    painter.setPen(
        QPen(jolly::app::palette().straw, 2.6, Qt::SolidLine, Qt::RoundCap, Qt::RoundJoin));
    painter.drawPolyline(lineOf(m_line));
    paintHandles(painter);
    painter.setClipping(false);
    paintWords(painter);
}

void ShapePlot::drawAnew()
{
    m_still.forget();
    update();
}

void ShapePlot::paintEvent(QPaintEvent*)
{
    QPainter painter(this);
    painter.setRenderHint(QPainter::Antialiasing);
    if (m_line.empty()) return paintNothing(painter);
    m_still.draw(painter, *this, [this](QPainter& inside) { paintStill(inside); });
    painter.setClipRect(clip());
    paintDot(painter);
}

void ShapePlot::changeEvent(QEvent* event)
{
    if (event->type() == QEvent::StyleChange || event->type() == QEvent::PaletteChange) drawAnew();
    QWidget::changeEvent(event);
}

}  // namespace jolly::app
