// SPDX-License-Identifier: GPL-3.0-or-later
#include "app/faceplate/list_painter.h"

#include "app/faceplate/paint_parts.h"
#include "app/style/palette.h"
#include "app/style/qt_text.h"
#include "app/style/still_text.h"
#include "app/style/theme.h"

#include <algorithm>

namespace jolly::app
{

namespace
{

constexpr double kLamp = 20.0;
constexpr int kText = 30;  ///< from the left, behind the lamp
constexpr int kCapMargin = 12;

void paintLamp(QPainter& painter, const ControlDrawing& drawing, const ControlState& s)
{
    const QRectF circle(2.0, (drawing.rect.height() - kLamp) / 2.0, kLamp, kLamp);
    const bool isDown = s.value.isPressed();
    const bool isFilled = isDown && !s.isOutlined;
    const auto ring = s.isUsed || isDown ? activeColour(drawing, s) : drawing.ink->faint;
    painter.setPen(QPen(s.isSelected || drawing.hasFocus ? drawing.ink->strong : ring,
                        s.isSelected || (isDown && s.isOutlined) ? 2.5 : 1.5));
    painter.setBrush(isFilled ? ring : drawing.ink->card);
    painter.drawEllipse(circle);
    auto font = textFont(TextSize::Small, isDown);
    font.setPointSizeF(7.0);
    painter.setFont(font);
    painter.setPen(isFilled ? drawing.ink->onStraw : drawing.ink->strong);
    painter.drawText(circle, Qt::AlignCenter, drawing.words(0).number);
}

}  // namespace

void paintNamed(QPainter& painter, const ControlDrawing& drawing)
{
    const auto& s = drawing.state(0);
    paintLamp(painter, drawing, s);
    const int room = drawing.rect.width() - kText - 6;
    painter.setFont(textFont(TextSize::Small));
    const auto from =
        painter.fontMetrics().elidedText(drawing.words(0).from, Qt::ElideRight, room / 2);
    const int right = painter.fontMetrics().horizontalAdvance(from);
    painter.setPen(drawing.ink->dim);
    painter.drawText(QRect(kText, 0, room, drawing.rect.height()),
                     Qt::AlignRight | Qt::AlignVCenter, from);
    painter.setFont(textFont(TextSize::Small, s.value.isPressed() || s.isSelected));
    painter.setPen(s.isSelected ? drawing.ink->strong : drawing.ink->text);
    drawStillText(painter, {kText, 0, room - right - 8, drawing.rect.height()}, Qt::AlignLeft,
                  drawing.words(0).label);
}

int capWidth(const Sentence& keys)
{
    const QFontMetrics metrics(textFont(TextSize::Small, true));
    return std::max(34, metrics.horizontalAdvance(toQt(keys)) + 2 * kCapMargin);
}

void paintCap(QPainter& painter, const ControlDrawing& drawing)
{
    const auto& s = drawing.state(0);
    const QRectF cap = QRectF(drawing.rect).adjusted(1.5, 1.5, -1.5, -2.5);
    const bool isDown = s.value.isPressed();
    const bool isFilled = isDown && !s.isOutlined;
    const bool isMarked = s.isSelected || drawing.hasFocus;
    const bool isUsedKey = s.isUsed && !drawing.control(0).isKeys;  // those of ours all are
    painter.setPen(QPen(isMarked              ? drawing.ink->strong
                        : isDown || isUsedKey ? activeColour(drawing, s)
                                              : drawing.ink->line,
                        isMarked ? 2.0 : 1.2));
    painter.setBrush(isFilled ? activeColour(drawing, s) : drawing.ink->raised);
    painter.drawRoundedRect(cap, 5, 5);
    if (!isFilled) {  // the edge of the key
        painter.setPen(QPen(drawing.ink->line, 1.5));
        painter.drawLine(QPointF(cap.left() + 5, cap.bottom() + 1.2),
                         QPointF(cap.right() - 5, cap.bottom() + 1.2));
    }
    painter.setFont(textFont(TextSize::Small, isDown));
    painter.setPen(isFilled ? drawing.ink->onStraw : drawing.ink->strong);
    painter.drawText(cap, Qt::AlignCenter,
                     painter.fontMetrics().elidedText(drawing.words(0).number, Qt::ElideRight,
                                                      static_cast<int>(cap.width()) - 6));
}

}  // namespace jolly::app
