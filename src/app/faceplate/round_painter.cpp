// SPDX-License-Identifier: GPL-3.0-or-later
#include "app/faceplate/round_painter.h"

#include "app/faceplate/control_painter.h"
#include "app/faceplate/paint_parts.h"
#include "app/style/palette.h"

#include <algorithm>
#include <cmath>
#include <numbers>

namespace jolly::app
{

namespace
{

constexpr double kWheelTurn = 135.0;  ///< degrees that are drawn for the whole way to one side

/// The round field of a hat or turner.
struct Dial {
    QPointF centre;
    qreal radius;
};

Dial paintDial(QPainter& painter, const ControlDrawing& drawing)
{
    const auto field = fieldOf(drawing.rect);
    const Dial dial{QRectF(field).center(), (std::min(field.width(), field.height()) - 3) / 2.0};
    painter.setPen(framePen(drawing, drawing.state(0)));
    painter.setBrush(drawing.ink->well);
    painter.drawEllipse(dial.centre, dial.radius, dial.radius);
    const auto& words = drawing.words(0);
    drawLabel(painter, drawing, words.label.isEmpty() ? words.id : words.label, drawing.state(0));
    return dial;
}

}  // namespace

void paintWheel(QPainter& painter, const ControlDrawing& drawing)
{
    const auto& s = drawing.state(0);
    const QRectF field = padField(drawing.rect);
    constexpr double kRim = 9.0;
    const QRectF rim = field.adjusted(kRim / 2 + 2, kRim / 2 + 2, -kRim / 2 - 2, -kRim / 2 - 2);
    const double turn = s.value.x * kWheelTurn;
    painter.setBrush(Qt::NoBrush);
    painter.setPen(QPen(drawing.ink->well, kRim));
    painter.drawEllipse(rim);
    painter.setPen(QPen(activeColour(drawing, s), kRim - 3, Qt::SolidLine, Qt::FlatCap));
    painter.drawArc(rim, 90 * 16, static_cast<int>(std::lround(-turn * 16)));
    painter.setPen(framePen(drawing, s));
    painter.drawEllipse(rim.adjusted(-kRim / 2, -kRim / 2, kRim / 2, kRim / 2));
    painter.save();
    painter.translate(rim.center());
    painter.rotate(turn);
    const double radius = rim.width() / 2 - kRim / 2;
    painter.setPen(QPen(s.isAway ? drawing.ink->faint : drawing.ink->slate, 2));
    painter.drawLine(QPointF(-radius, 0), QPointF(radius, 0));
    painter.drawLine(QPointF(0, 0), QPointF(0, radius));
    painter.setPen(QPen(s.isAway ? drawing.ink->faint : drawing.ink->strong, 3));
    painter.drawLine(QPointF(0, -radius - kRim), QPointF(0, -radius));
    painter.restore();
    drawLabel(painter, drawing, drawing.words(0).label, s);
}

void paintHat(QPainter& painter, const ControlDrawing& drawing)
{
    const auto& s = drawing.state(0);
    const auto dial = paintDial(painter, drawing);
    painter.setPen(Qt::NoPen);
    for (int way = 0; way < 8; ++way) {
        const double angle = way * std::numbers::pi / 4;
        const QPointF direction(std::sin(angle), -std::cos(angle));
        const bool isOn = std::lround(direction.x()) == std::lround(s.value.x) &&
                          std::lround(direction.y()) == std::lround(s.value.y);
        painter.setBrush(isOn ? activeColour(drawing, s) : drawing.ink->faint);
        const qreal dot = isOn ? 4.5 : (way % 2 == 0 ? 3.5 : 2.2);
        painter.drawEllipse(dial.centre + direction * (dial.radius - 8), dot, dot);
    }
}

void paintTurner(QPainter& painter, const ControlDrawing& drawing)
{
    constexpr double kAngleOfACount = std::numbers::pi / 12;
    const auto dial = paintDial(painter, drawing);
    const double angle = drawing.state(0).value.x * kAngleOfACount;
    painter.setPen(QPen(drawing.ink->strong, 2));
    painter.drawLine(dial.centre,
                     dial.centre + QPointF(std::sin(angle), -std::cos(angle)) * (dial.radius - 7));
}

}  // namespace jolly::app
