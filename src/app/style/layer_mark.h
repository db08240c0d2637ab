// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include <QColor>
#include <QPointF>
#include <cstddef>

class QPainter;

namespace jolly::app
{

/// The colour of a layer, by its place in the stack. They come round again, with another form.
[[nodiscard]] QColor layerColour(std::size_t place);

/// Draws the mark of a layer: its colour in a form of its own, full while it is engaged, else an
/// outline. Circle, square, triangle, diamond and hexagon, so that colour never tells alone.
void drawLayerMark(QPainter& painter, QPointF centre, double size, std::size_t place,
                   bool isEngaged);

}  // namespace jolly::app
