// SPDX-License-Identifier: GPL-3.0-or-later
#include "app/faceplate/control_painter.h"
#include "app/style/qt_text.h"

#include "app/faceplate/list_painter.h"
#include "app/faceplate/paint_parts.h"
#include "app/faceplate/round_painter.h"
#include "app/style/palette.h"
#include "app/style/still_text.h"
#include "app/style/theme.h"
#include "app/style/value_text.h"

#include <algorithm>
#include <cmath>

namespace jolly::app
{

namespace
{

constexpr int kRowName = 58;
constexpr int kFirstButtonCode = 0x100;  ///< BTN_MISC; what is below are keys of a keyboard
constexpr int kSwitchSlot = 15;

/// A groove with the part between rest and the value filled; outlined while it is only what would
/// be.
void drawTravel(QPainter& painter, const ControlDrawing& drawing, const QRectF& groove,
                double value, Sides sides, const ControlState& s)
{
    painter.setBrush(drawing.ink->well);
    painter.drawRoundedRect(groove, groove.height() / 2, groove.height() / 2);
    const qreal rest = groove.left() + groove.width() * (sides == Sides::Two ? 0.5 : 0.0);
    const qreal at = groove.left() + groove.width() * partOfTravel(value, sides);
    if (sides == Sides::Two) {
        painter.setPen(QPen(drawing.ink->faint, 1));
        painter.drawLine(QPointF(rest, groove.top() - 2), QPointF(rest, groove.bottom() + 2));
    }
    QRectF fill(std::min(rest, at), groove.top() + 1.5, std::max(3.0, std::abs(at - rest)),
                groove.height() - 3);
    fill.moveRight(std::min(fill.right(), groove.right() - 1.5));
    painter.setPen(s.isOutlined ? QPen(activeColour(drawing, s), 1.2) : QPen(Qt::NoPen));
    painter.setBrush(s.isOutlined ? QBrush(Qt::NoBrush) : QBrush(activeColour(drawing, s)));
    painter.drawRoundedRect(fill, 2.5, 2.5);
}

void paintBar(QPainter& painter, const ControlDrawing& drawing)
{
    const auto& s = drawing.state(0);
    const auto field = fieldOf(drawing.rect);
    painter.setPen(framePen(drawing, s));
    drawTravel(painter, drawing, QRectF(field.left(), field.top() + 1, field.width(), 11),
               s.value.x, drawing.control(0).sides, s);
    drawLabel(painter, drawing, drawing.words(0).label, s);
}

void paintRow(QPainter& painter, const ControlDrawing& drawing)
{
    const auto& s = drawing.state(0);
    const auto& c = drawing.control(0);
    const QRect box = drawing.rect;
    painter.setFont(textFont(TextSize::Small, s.isSelected));
    painter.setPen(s.isSelected ? drawing.ink->strong
                                : (s.isUsed ? drawing.ink->text : drawing.ink->dim));
    drawStillText(painter, {0, 0, kRowName - 4, 18}, Qt::AlignLeft, drawing.words(0).number);
    painter.setPen(framePen(drawing, s));
    drawTravel(painter, drawing, QRectF(kRowName, 3, box.width() - kRowName - 2, 11), s.value.x,
               c.sides, s);
    painter.setFont(textFont(TextSize::Small));
    painter.setPen(s.isSelected ? drawing.ink->strong : drawing.ink->dim);
    const QRect below(kRowName, 15, box.width() - kRowName - 2, 14);
    drawStillText(painter, below.adjusted(0, 0, -60, 0), Qt::AlignLeft, drawing.words(0).label);
    if (s.isUsed)
        drawValue(painter, below, Qt::AlignRight, percentText(s.value.x, c.sides == Sides::Two));
}

void paintLever(QPainter& painter, const ControlDrawing& drawing)
{
    const auto& s = drawing.state(0);
    const auto field = fieldOf(drawing.rect);
    const QRectF groove(field.center().x() - 5, field.top() + 6, 11, field.height() - 12);
    painter.setPen(QPen(drawing.ink->line, 1));
    painter.setBrush(drawing.ink->well);
    painter.drawRoundedRect(groove, 5, 5);
    painter.setPen(QPen(drawing.ink->dim, 1));
    for (const double notch : drawing.control(0).notches) {
        const qreal y = groove.bottom() - groove.height() * notch;
        painter.drawLine(QPointF(groove.right() + 3, y), QPointF(groove.right() + 9, y));
        painter.drawLine(QPointF(groove.left() - 3, y), QPointF(groove.left() - 9, y));
    }
    const qreal at =
        groove.bottom() - groove.height() * partOfTravel(s.value.x, drawing.control(0).sides);
    QColor fill = activeColour(drawing, s);
    fill.setAlphaF(0.5F);
    painter.setPen(Qt::NoPen);
    painter.setBrush(fill);
    painter.drawRoundedRect(QRectF(groove.left() + 1, at, groove.width() - 2, groove.bottom() - at),
                            4, 4);
    painter.setPen(framePen(drawing, s));
    painter.setBrush(activeColour(drawing, s));
    const qreal knob = std::min(32, field.width() - 2);
    painter.drawRoundedRect(QRectF(groove.center().x() - knob / 2, at - 6, knob, 12), 5, 5);
    drawLabel(painter, drawing, drawing.words(0).label, s);
}

/// What two labels have in common, as in "Left stick X" and "Left stick Y"; else both.
QString pairLabel(const QString& a, const QString& b)
{
    qsizetype same = 0;
    while (same < a.size() && same < b.size() && a[same] == b[same]) ++same;
    const auto shared = a.left(a.lastIndexOf(QLatin1Char(' '), same) + 1).trimmed();
    const bool isName = shared.size() > 2 && shared != QStringLiteral("axis");
    return isName && same >= shared.size() ? shared : a + QStringLiteral(" · ") + b;
}

void paintPad(QPainter& painter, const ControlDrawing& drawing)
{
    const auto& x = drawing.state(0);
    const auto& y = drawing.state(1);
    const QRectF field = padField(drawing.rect);
    auto frame = x;
    frame.isSelected = x.isSelected || y.isSelected;
    painter.setPen(framePen(drawing, frame));
    painter.setBrush(drawing.ink->well);
    painter.drawRoundedRect(field, 5, 5);
    const auto centre = field.center();
    const qreal reach = field.width() / 2 - 8;
    const QPointF dot = centre + QPointF(x.value.x, y.value.x) * reach;
    painter.setPen(
        QPen(x.isSelected ? drawing.ink->straw : drawing.ink->line, x.isSelected ? 2 : 1));
    painter.drawLine(QPointF(field.left() + 1, centre.y()), QPointF(field.right() - 1, centre.y()));
    painter.setPen(
        QPen(y.isSelected ? drawing.ink->straw : drawing.ink->line, y.isSelected ? 2 : 1));
    painter.drawLine(QPointF(centre.x(), field.top() + 1), QPointF(centre.x(), field.bottom() - 1));
    painter.setPen(QPen(drawing.ink->slate, 1.2));
    painter.drawLine(centre, dot);
    painter.setPen(Qt::NoPen);
    painter.setBrush(x.isAway ? drawing.ink->faint : drawing.ink->strong);
    const qreal size = field.width() > 80 ? 6 : 4.5;
    painter.drawEllipse(dot, size, size);
    drawLabel(painter, drawing, pairLabel(drawing.words(0).label, drawing.words(1).label), frame);
}

void paintButton(QPainter& painter, const ControlDrawing& drawing)
{
    const auto& s = drawing.state(0);
    const qreal size = std::min(drawing.rect.width(), drawing.rect.height()) - 4;
    const QRectF circle(drawing.rect.center().x() + 0.5 - size / 2,
                        drawing.rect.center().y() + 0.5 - size / 2, size, size);
    const bool isDown = s.value.isPressed();
    const bool isFilled = isDown && !s.isOutlined;
    const auto ring = s.isUsed || isDown ? activeColour(drawing, s) : drawing.ink->faint;
    QPen pen(s.isSelected || drawing.hasFocus ? drawing.ink->strong : ring,
             s.isSelected ? 2.5 : 1.5);
    if (isDown && s.isOutlined) pen.setWidthF(3);
    painter.setPen(pen);
    painter.setBrush(
        isFilled ? QBrush(ring)
                 : QBrush(s.isUsed && size < 22 ? drawing.ink->strawDeep : drawing.ink->card));
    const bool isKey = drawing.control(0).code.type == EventType::Key &&
                       drawing.control(0).code.code < kFirstButtonCode;
    if (isKey || drawing.control(0).buttonKind == ButtonKind::Selector) {
        painter.drawRoundedRect(circle, isKey ? 4 : 6, isKey ? 4 : 6);
    } else {
        painter.drawEllipse(circle);
    }
    painter.setFont(textFont(TextSize::Small, isDown));
    auto font = painter.font();
    font.setPointSizeF(size < 22 ? 6.5 : 8.0);
    painter.setFont(font);
    painter.setPen(isFilled ? drawing.ink->onStraw
                            : (s.isUsed ? drawing.ink->strong : drawing.ink->dim));
    painter.drawText(circle, Qt::AlignCenter, drawing.words(0).number);
}

void paintToggle(QPainter& painter, const ControlDrawing& drawing)
{
    const auto& s = drawing.state(0);
    const auto field = fieldOf(drawing.rect);
    const QRectF slot(field.center().x() - 7, field.top() + 1, 15,
                      std::min(31, field.height() - 1));
    const bool isUp = s.value.isPressed();
    painter.setPen(
        s.isSelected
            ? QPen(drawing.ink->strong, 2.5)
            : QPen(s.isUsed ? activeColour(drawing, s) : framePen(drawing, s).color(), 1.3));
    painter.setBrush(drawing.ink->well);
    painter.drawRoundedRect(slot, 7, 7);
    painter.setPen(Qt::NoPen);
    painter.setBrush(isUp ? activeColour(drawing, s) : drawing.ink->faint);
    painter.drawEllipse(QPointF(slot.center().x(), isUp ? slot.top() + 8 : slot.bottom() - 8), 5,
                        5);
    drawLabel(painter, drawing, drawing.words(0).label, s);
}

double rowHeight(const QRect& field, int positions)
{
    return static_cast<double>(field.height()) / std::max(1, positions);
}

void paintSwitch(QPainter& painter, const ControlDrawing& drawing)
{
    const auto field = fieldOf(drawing.rect);
    const auto& positions = drawing.ofSwitch.positions;
    const double row = rowHeight(field, static_cast<int>(positions.size()));
    const auto now = drawing.positionNow();
    ControlState frame;
    for (int part = 0; part < drawing.parts(); ++part) {
        const auto& s = drawing.state(part);
        frame.isSelected = frame.isSelected || s.isSelected;
        frame.isUsed = frame.isUsed || s.isUsed;
        frame.isAway = s.isAway;
    }
    painter.setPen(frame.isUsed && !frame.isSelected ? QPen(activeColour(drawing, frame), 1.3)
                                                     : framePen(drawing, frame));
    painter.setBrush(drawing.ink->well);
    painter.drawRoundedRect(QRectF(field.left() + 1, field.top(), kSwitchSlot, field.height()), 7,
                            7);
    for (std::size_t i = 0; i < positions.size(); ++i) {
        const int part = drawing.partOf(positions[i].button);
        const double middle = field.top() + (static_cast<double>(i) + 0.5) * row;
        const bool isNow = i == now && !frame.isAway;
        painter.setPen(Qt::NoPen);
        painter.setBrush(isNow ? activeColour(drawing, frame) : drawing.ink->faint);
        const double dot = isNow ? std::min(5.0, row / 2 - 1) : 2.0;
        painter.drawEllipse(QPointF(field.left() + 1 + kSwitchSlot / 2.0, middle), dot, dot);
        const bool isSelected = part >= 0 && drawing.state(part).isSelected;
        painter.setFont(textFont(TextSize::Small, isNow || isSelected));
        painter.setPen(isSelected ? drawing.ink->straw
                       : isNow    ? drawing.ink->strong
                                  : drawing.ink->dim);
        const QRectF words(field.left() + kSwitchSlot + 5, middle - row / 2,
                           field.width() - kSwitchSlot - 5, row);
        drawStillText(painter, words.toRect(), Qt::AlignLeft, toQt(positions[i].name));
    }
    drawLabel(painter, drawing, toQt(drawing.ofSwitch.name), frame);
}

}  // namespace

QRect padField(QRect view)
{
    const auto field = fieldOf(view);
    const int size = std::min(field.width(), field.height());
    return {field.center().x() - size / 2 + 1, field.bottom() - size, size - 1, size - 1};
}

int switchRowAt(QRect view, int positions, QPoint place)
{
    const auto field = fieldOf(view);
    const auto row = (place.y() - field.top()) / rowHeight(field, positions);
    return std::clamp(static_cast<int>(row), 0, std::max(0, positions - 1));
}

QPointF anchorOf(const ControlDrawing& drawing, const QRect& place)
{
    constexpr double kBeside = -5.0;  // in the faceplate's margin: nothing is covered
    const QRectF rect = place;
    switch (drawing.shape()) {
        case Shape::Row:
            return {kBeside, 8.5};
        case Shape::Button:
            return rect.center();
        case Shape::Named:
            return {kBeside, rect.height() / 2.0};
        case Shape::Cap:
            return drawing.control(0).isKeys ? QPointF(kBeside, rect.height() / 2.0)
                                             : rect.center();
        case Shape::Lever: {
            const auto field = QRectF(fieldOf(place)).adjusted(0, 6, 0, -6);
            return {field.center().x() + 16,
                    field.bottom() - field.height() * partOfTravel(drawing.state(0).value.x,
                                                                   drawing.control(0).sides)};
        }
        case Shape::Bar:
            return {rect.right() - 2, 8};
        default:
            return {rect.center().x(), rect.center().y() - kLabelHeight / 2.0};
    }
}

void paintControl(QPainter& painter, const ControlDrawing& drawing)
{
    switch (drawing.shape()) {
        case Shape::Pad:
            return paintPad(painter, drawing);
        case Shape::Wheel:
            return paintWheel(painter, drawing);
        case Shape::Switch:
            return paintSwitch(painter, drawing);
        case Shape::Bar:
            return paintBar(painter, drawing);
        case Shape::Lever:
            return paintLever(painter, drawing);
        case Shape::Row:
            return paintRow(painter, drawing);
        case Shape::Button:
            return paintButton(painter, drawing);
        case Shape::Toggle:
            return paintToggle(painter, drawing);
        case Shape::Hat:
            return paintHat(painter, drawing);
        case Shape::Turner:
            return paintTurner(painter, drawing);
        case Shape::Named:
            return paintNamed(painter, drawing);
        case Shape::Cap:
            return paintCap(painter, drawing);
    }
}

}  // namespace jolly::app
