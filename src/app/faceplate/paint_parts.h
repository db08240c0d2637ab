// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "app/faceplate/control_drawing.h"

#include <QPainter>

/// What the drawings of controls have in common.
namespace jolly::app
{

inline constexpr int kLabelHeight = 16;

[[nodiscard]] QColor activeColour(const ControlDrawing& drawing, const ControlState& state);

/// The frame of a control: selected and focused ones stand out by colour and by width.
[[nodiscard]] QPen framePen(const ControlDrawing& drawing, const ControlState& state);

/// 0 at the low or left end, 1 at the other.
[[nodiscard]] double partOfTravel(double value, Sides sides);

/// The drawing without its label.
[[nodiscard]] QRect fieldOf(const QRect& view);

/// The label beneath it.
void drawLabel(QPainter& painter, const ControlDrawing& drawing, const QString& text,
               const ControlState& state);

}  // namespace jolly::app
