// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "app/faceplate/control_drawing.h"

#include <QPainter>

/// The drawings that are round.
namespace jolly::app
{

void paintWheel(QPainter& painter, const ControlDrawing& drawing);
void paintHat(QPainter& painter, const ControlDrawing& drawing);
void paintTurner(QPainter& painter, const ControlDrawing& drawing);

}  // namespace jolly::app
