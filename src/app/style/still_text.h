// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include <QRect>
#include <QString>

class QPainter;

namespace jolly::app
{

/// Draws words that stay while something moves beside them, in the painter's font and pen, in the
/// middle of the height of `rect`; cut off where there is no room for them. They are laid out once
/// for each font and width.
void drawStillText(QPainter& painter, const QRect& rect, Qt::Alignment alignment,
                   const QString& text);

}  // namespace jolly::app
