// SPDX-License-Identifier: GPL-3.0-or-later
#include "app/faceplate/paint_parts.h"

#include "app/style/palette.h"
#include "app/style/still_text.h"
#include "app/style/theme.h"

#include <algorithm>

namespace jolly::app
{

QColor activeColour(const ControlDrawing& drawing, const ControlState& s)
{
    if (s.isAway) return drawing.ink->faint;
    return s.isUsed || s.isSelected ? drawing.ink->straw : drawing.ink->slate;
}

QPen framePen(const ControlDrawing& drawing, const ControlState& s)
{
    if (s.isSelected) return {drawing.ink->straw, 2};
    if (drawing.hasFocus) return {drawing.ink->strong, 1.5};
    return {drawing.isPointedAt ? drawing.ink->dim : drawing.ink->line, 1};
}

double partOfTravel(double value, Sides sides)
{
    return std::clamp(sides == Sides::Two ? (value + 1.0) / 2.0 : value, 0.0, 1.0);
}

void drawLabel(QPainter& painter, const ControlDrawing& drawing, const QString& text,
               const ControlState& s)
{
    painter.setFont(textFont(TextSize::Small, s.isSelected));
    painter.setPen(s.isSelected ? drawing.ink->strong : drawing.ink->dim);
    const QRect& all = drawing.rect;
    const QRect rect(all.left(), all.bottom() - kLabelHeight + 1, all.width(), kLabelHeight);
    drawStillText(painter, rect, Qt::AlignHCenter, text);
}

QRect fieldOf(const QRect& view)
{
    return view.adjusted(1, 1, -1, -kLabelHeight - 1);
}

}  // namespace jolly::app
