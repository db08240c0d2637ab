// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "app/faceplate/control_drawing.h"

#include <QPainter>

namespace jolly::app
{

/// Draws a named button as a line of a list: its number as a lamp, its function, what presses it.
void paintNamed(QPainter& painter, const ControlDrawing& drawing);

/// Draws keys that are pressed together as a cap, lit while they are down.
void paintCap(QPainter& painter, const ControlDrawing& drawing);

/// How wide a cap has to be.
[[nodiscard]] int capWidth(const Sentence& keys);

}  // namespace jolly::app
