// SPDX-License-Identifier: GPL-3.0-or-later
#include "app/style/layer_mark.h"

#include "app/style/palette.h"

#include <QPainter>
#include <QPolygonF>
#include <array>
#include <cmath>
#include <numbers>

namespace jolly::app
{

namespace
{

/// Corners of the forms, by place: none is a circle. The first corner points up by this many turns.
struct Form {
    int corners;
    double turn;
    double size;
};
constexpr std::array<Form, 6> kForms = {
    {{0, 0.0, 1.0}, {4, 0.125, 1.25}, {3, 0.0, 1.3}, {4, 0.0, 1.25}, {6, 0.0, 1.1}, {3, 0.5, 1.3}}};

}  // namespace

QColor layerColour(std::size_t place)
{
    const auto& p = palette();
    if (place == 0) return p.straw;
    const std::array<QColor, 4> colours = {p.sky, p.coral, p.mint, p.violet};
    return colours[(place - 1) % colours.size()];
}

void drawLayerMark(QPainter& painter, QPointF centre, double size, std::size_t place,
                   bool isEngaged)
{
    const auto colour = layerColour(place);
    const auto& form = kForms[place % kForms.size()];
    const double radius = size / 2.0 * form.size;
    painter.save();
    painter.setRenderHint(QPainter::Antialiasing);
    painter.setPen(QPen(colour, 1.6, Qt::SolidLine, Qt::RoundCap, Qt::RoundJoin));
    painter.setBrush(isEngaged ? QBrush(colour) : QBrush(Qt::NoBrush));
    if (form.corners == 0) {
        painter.drawEllipse(centre, radius, radius);
    } else {
        QPolygonF outline;
        for (int i = 0; i < form.corners; ++i) {
            const double angle =
                2.0 * std::numbers::pi * (static_cast<double>(i) / form.corners + form.turn);
            outline << centre + QPointF(std::sin(angle), -std::cos(angle)) * radius;
        }
        painter.drawPolygon(outline);
    }
    painter.restore();
}

}  // namespace jolly::app
