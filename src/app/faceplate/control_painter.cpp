// SPDX-License-Identifier: GPL-3.0-or-later
#include "app/faceplate/control_painter.h"
#include "app/style/qt_text.h"

#include "app/faceplate/list_painter.h"
#include "app/faceplate/paint_parts.h"
#include "app/faceplate/round_painter.h"
#include "app/style/palette.h"
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
void drawTravel(QPainter& painter, const QRectF& groove, double value, Sides sides,
                const ControlState& s)
{
    painter.setBrush(palette().well);
    painter.drawRoundedRect(groove, groove.height() / 2, groove.height() / 2);
    const qreal rest = groove.left() + groove.width() * (sides == Sides::Two ? 0.5 : 0.0);
    const qreal at = groove.left() + groove.width() * partOfTravel(value, sides);
    if (sides == Sides::Two) {
        painter.setPen(QPen(palette().faint, 1));
        painter.drawLine(QPointF(rest, groove.top() - 2), QPointF(rest, groove.bottom() + 2));
    }
    QRectF fill(std::min(rest, at), groove.top() + 1.5, std::max(3.0, std::abs(at - rest)),
                groove.height() - 3);
    fill.moveRight(std::min(fill.right(), groove.right() - 1.5));
    painter.setPen(s.isOutlined ? QPen(activeColour(s), 1.2) : QPen(Qt::NoPen));
    painter.setBrush(s.isOutlined ? QBrush(Qt::NoBrush) : QBrush(activeColour(s)));
    painter.drawRoundedRect(fill, 2.5, 2.5);
}

void paintBar(QPainter& painter, const ControlView& view)
{
    const auto& s = view.state(0);
    const auto field = fieldOf(view.rect());
    painter.setPen(framePen(view, s));
    drawTravel(painter, QRectF(field.left(), field.top() + 1, field.width(), 11), s.value.x,
               view.control(0).sides, s);
    drawLabel(painter, view.rect(), view.control(0).label, s);
}

void paintRow(QPainter& painter, const ControlView& view)
{
    const auto& s = view.state(0);
    const auto& c = view.control(0);
    const QRect box = view.rect();
    painter.setFont(textFont(TextSize::Small, s.isSelected));
    painter.setPen(s.isSelected ? palette().strong : (s.isUsed ? palette().text : palette().dim));
    painter.drawText(QRect(0, 0, kRowName - 4, 18), Qt::AlignLeft | Qt::AlignVCenter,
                     painter.fontMetrics().elidedText(c.number, Qt::ElideRight, kRowName - 4));
    painter.setPen(framePen(view, s));
    drawTravel(painter, QRectF(kRowName, 3, box.width() - kRowName - 2, 11), s.value.x, c.sides, s);
    painter.setFont(textFont(TextSize::Small));
    painter.setPen(s.isSelected ? palette().strong : palette().dim);
    const QRect below(kRowName, 15, box.width() - kRowName - 2, 14);
    painter.drawText(below.adjusted(0, 0, -58, 0), Qt::AlignLeft | Qt::AlignVCenter,
                     painter.fontMetrics().elidedText(c.label, Qt::ElideRight, below.width() - 60));
    if (s.isUsed)
        drawValue(painter, below, Qt::AlignRight, percentText(s.value.x, c.sides == Sides::Two));
}

void paintLever(QPainter& painter, const ControlView& view)
{
    const auto& s = view.state(0);
    const auto field = fieldOf(view.rect());
    const QRectF groove(field.center().x() - 5, field.top() + 6, 11, field.height() - 12);
    painter.setPen(QPen(palette().line, 1));
    painter.setBrush(palette().well);
    painter.drawRoundedRect(groove, 5, 5);
    painter.setPen(QPen(palette().dim, 1));
    for (const double notch : view.control(0).notches) {
        const qreal y = groove.bottom() - groove.height() * notch;
        painter.drawLine(QPointF(groove.right() + 3, y), QPointF(groove.right() + 9, y));
        painter.drawLine(QPointF(groove.left() - 3, y), QPointF(groove.left() - 9, y));
    }
    const qreal at =
        groove.bottom() - groove.height() * partOfTravel(s.value.x, view.control(0).sides);
    QColor fill = activeColour(s);
    fill.setAlphaF(0.5F);
    painter.setPen(Qt::NoPen);
    painter.setBrush(fill);
    painter.drawRoundedRect(QRectF(groove.left() + 1, at, groove.width() - 2, groove.bottom() - at),
                            4, 4);
    painter.setPen(framePen(view, s));
    painter.setBrush(activeColour(s));
    const qreal knob = std::min(32, field.width() - 2);
    painter.drawRoundedRect(QRectF(groove.center().x() - knob / 2, at - 6, knob, 12), 5, 5);
    drawLabel(painter, view.rect(), view.control(0).label, s);
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

void paintPad(QPainter& painter, const ControlView& view)
{
    const auto& x = view.state(0);
    const auto& y = view.state(1);
    const QRectF field = padField(view.rect());
    auto frame = x;
    frame.isSelected = x.isSelected || y.isSelected;
    painter.setPen(framePen(view, frame));
    painter.setBrush(palette().well);
    painter.drawRoundedRect(field, 5, 5);
    const auto centre = field.center();
    const qreal reach = field.width() / 2 - 8;
    const QPointF dot = centre + QPointF(x.value.x, y.value.x) * reach;
    painter.setPen(QPen(x.isSelected ? palette().straw : palette().line, x.isSelected ? 2 : 1));
    painter.drawLine(QPointF(field.left() + 1, centre.y()), QPointF(field.right() - 1, centre.y()));
    painter.setPen(QPen(y.isSelected ? palette().straw : palette().line, y.isSelected ? 2 : 1));
    painter.drawLine(QPointF(centre.x(), field.top() + 1), QPointF(centre.x(), field.bottom() - 1));
    painter.setPen(QPen(palette().slate, 1.2));
    painter.drawLine(centre, dot);
    painter.setPen(Qt::NoPen);
    painter.setBrush(x.isAway ? palette().faint : palette().strong);
    const qreal size = field.width() > 80 ? 6 : 4.5;
    painter.drawEllipse(dot, size, size);
    drawLabel(painter, view.rect(), pairLabel(view.control(0).label, view.control(1).label), frame);
}

void paintButton(QPainter& painter, const ControlView& view)
{
    const auto& s = view.state(0);
    const qreal size = std::min(view.width(), view.height()) - 4;
    const QRectF circle(view.rect().center().x() + 0.5 - size / 2,
                        view.rect().center().y() + 0.5 - size / 2, size, size);
    const bool isDown = s.value.isPressed();
    const bool isFilled = isDown && !s.isOutlined;
    const auto ring = s.isUsed || isDown ? activeColour(s) : palette().faint;
    QPen pen(s.isSelected || view.hasFocus() ? palette().strong : ring, s.isSelected ? 2.5 : 1.5);
    if (isDown && s.isOutlined) pen.setWidthF(3);
    painter.setPen(pen);
    painter.setBrush(isFilled
                         ? QBrush(ring)
                         : QBrush(s.isUsed && size < 22 ? palette().strawDeep : palette().card));
    const bool isKey =
        view.control(0).code.type == EventType::Key && view.control(0).code.code < kFirstButtonCode;
    if (isKey || view.control(0).buttonKind == ButtonKind::Selector) {
        painter.drawRoundedRect(circle, isKey ? 4 : 6, isKey ? 4 : 6);
    } else {
        painter.drawEllipse(circle);
    }
    painter.setFont(textFont(TextSize::Small, isDown));
    auto font = painter.font();
    font.setPointSizeF(size < 22 ? 6.5 : 8.0);
    painter.setFont(font);
    painter.setPen(isFilled ? palette().onStraw : (s.isUsed ? palette().strong : palette().dim));
    painter.drawText(circle, Qt::AlignCenter, view.control(0).number);
}

void paintToggle(QPainter& painter, const ControlView& view)
{
    const auto& s = view.state(0);
    const auto field = fieldOf(view.rect());
    const QRectF slot(field.center().x() - 7, field.top() + 1, 15,
                      std::min(31, field.height() - 1));
    const bool isUp = s.value.isPressed();
    painter.setPen(s.isSelected
                       ? QPen(palette().strong, 2.5)
                       : QPen(s.isUsed ? activeColour(s) : framePen(view, s).color(), 1.3));
    painter.setBrush(palette().well);
    painter.drawRoundedRect(slot, 7, 7);
    painter.setPen(Qt::NoPen);
    painter.setBrush(isUp ? activeColour(s) : palette().faint);
    painter.drawEllipse(QPointF(slot.center().x(), isUp ? slot.top() + 8 : slot.bottom() - 8), 5,
                        5);
    drawLabel(painter, view.rect(), view.control(0).label, s);
}

double rowHeight(const QRect& field, int positions)
{
    return static_cast<double>(field.height()) / std::max(1, positions);
}

void paintSwitch(QPainter& painter, const ControlView& view)
{
    const auto field = fieldOf(view.rect());
    const auto& positions = view.ofSwitch().positions;
    const double row = rowHeight(field, static_cast<int>(positions.size()));
    const auto now = view.positionNow();
    ControlState frame;
    for (int part = 0; part < view.parts(); ++part) {
        const auto& s = view.state(part);
        frame.isSelected = frame.isSelected || s.isSelected;
        frame.isUsed = frame.isUsed || s.isUsed;
        frame.isAway = s.isAway;
    }
    painter.setPen(frame.isUsed && !frame.isSelected ? QPen(activeColour(frame), 1.3)
                                                     : framePen(view, frame));
    painter.setBrush(palette().well);
    painter.drawRoundedRect(QRectF(field.left() + 1, field.top(), kSwitchSlot, field.height()), 7,
                            7);
    for (std::size_t i = 0; i < positions.size(); ++i) {
        const int part = view.partOf(positions[i].button);
        const double middle = field.top() + (static_cast<double>(i) + 0.5) * row;
        const bool isNow = i == now && !frame.isAway;
        painter.setPen(Qt::NoPen);
        painter.setBrush(isNow ? activeColour(frame) : palette().faint);
        const double dot = isNow ? std::min(5.0, row / 2 - 1) : 2.0;
        painter.drawEllipse(QPointF(field.left() + 1 + kSwitchSlot / 2.0, middle), dot, dot);
        const bool isSelected = part >= 0 && view.state(part).isSelected;
        painter.setFont(textFont(TextSize::Small, isNow || isSelected));
        painter.setPen(isSelected ? palette().straw : isNow ? palette().strong : palette().dim);
        const QRectF words(field.left() + kSwitchSlot + 5, middle - row / 2,
                           field.width() - kSwitchSlot - 5, row);
        painter.drawText(words, Qt::AlignLeft | Qt::AlignVCenter,
                         painter.fontMetrics().elidedText(toQt(positions[i].name), Qt::ElideRight,
                                                          static_cast<int>(words.width())));
    }
    drawLabel(painter, view.rect(), toQt(view.ofSwitch().name), frame);
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

QPointF anchorOf(const ControlView& view)
{
    constexpr double kBeside = -5.0;  // in the faceplate's margin: nothing is covered
    const QRectF rect = view.rect();
    switch (view.shape()) {
        case Shape::Row:
            return {kBeside, 8.5};
        case Shape::Button:
            return rect.center();
        case Shape::Named:
            return {kBeside, rect.height() / 2.0};
        case Shape::Cap:
            return {kBeside, rect.height() / 2.0};
        case Shape::Lever: {
            const auto field = QRectF(fieldOf(view.rect())).adjusted(0, 6, 0, -6);
            return {field.center().x() + 16,
                    field.bottom() - field.height() * partOfTravel(view.state(0).value.x,
                                                                   view.control(0).sides)};
        }
        case Shape::Bar:
            return {rect.right() - 2, 8};
        default:
            return {rect.center().x(), rect.center().y() - kLabelHeight / 2.0};
    }
}

void paintControl(QPainter& painter, const ControlView& view)
{
    switch (view.shape()) {
        case Shape::Pad:
            return paintPad(painter, view);
        case Shape::Wheel:
            return paintWheel(painter, view);
        case Shape::Switch:
            return paintSwitch(painter, view);
        case Shape::Bar:
            return paintBar(painter, view);
        case Shape::Lever:
            return paintLever(painter, view);
        case Shape::Row:
            return paintRow(painter, view);
        case Shape::Button:
            return paintButton(painter, view);
        case Shape::Toggle:
            return paintToggle(painter, view);
        case Shape::Hat:
            return paintHat(painter, view);
        case Shape::Turner:
            return paintTurner(painter, view);
        case Shape::Named:
            return paintNamed(painter, view);
        case Shape::Cap:
            return paintCap(painter, view);
    }
}

}  // namespace jolly::app
