// SPDX-License-Identifier: GPL-3.0-or-later
#include "app/faceplate/paint_parts.h"

#include "app/style/palette.h"
#include "app/style/theme.h"

#include <algorithm>

namespace jolly::app
{

QColor activeColour(const ControlState& s)
{
    if (s.isAway) return palette().faint;
    return s.isUsed || s.isSelected ? palette().straw : palette().slate;
}

QPen framePen(const ControlView& view, const ControlState& s)
{
    if (s.isSelected) return {palette().straw, 2};
    if (view.hasFocus()) return {palette().strong, 1.5};
    return {view.underMouse() ? palette().dim : palette().line, 1};
}

double partOfTravel(double value, Sides sides)
{
    return std::clamp(sides == Sides::Two ? (value + 1.0) / 2.0 : value, 0.0, 1.0);
}

void drawLabel(QPainter& painter, const QRect& view, const QString& text, const ControlState& s)
{
    painter.setFont(textFont(TextSize::Small, s.isSelected));
    painter.setPen(s.isSelected ? palette().strong : palette().dim);
    const QRect rect(view.left(), view.bottom() - kLabelHeight + 1, view.width(), kLabelHeight);
    painter.drawText(rect, Qt::AlignHCenter | Qt::AlignVCenter,
                     painter.fontMetrics().elidedText(text, Qt::ElideRight, rect.width()));
}

QRect fieldOf(const QRect& view)
{
    return view.adjusted(1, 1, -1, -kLabelHeight - 1);
}

}  // namespace jolly::app
