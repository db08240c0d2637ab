// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "app/faceplate/control_drawing.h"

#include <QPainter>

namespace jolly::app
{

/// Draws a control as it is now.
void paintControl(QPainter& painter, const ControlDrawing& drawing);

/// The square of a pad without its label.
[[nodiscard]] QRect padField(QRect view);

/// The position of a switch at a place of its drawing.
[[nodiscard]] int switchRowAt(QRect view, int positions, QPoint place);

/// Where threads meet the drawing when it is at that place.
[[nodiscard]] QPointF anchorOf(const ControlDrawing& drawing, const QRect& place);

}  // namespace jolly::app
