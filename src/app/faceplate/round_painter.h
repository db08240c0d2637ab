// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "app/faceplate/control_view.h"

#include <QPainter>

/// The drawings that are round.
namespace jolly::app
{

void paintWheel(QPainter& painter, const ControlView& view);
void paintHat(QPainter& painter, const ControlView& view);
void paintTurner(QPainter& painter, const ControlView& view);

}  // namespace jolly::app
