// SPDX-License-Identifier: GPL-3.0-or-later
#include "app/faceplate/flow.h"
#include "app/faceplate/plate.h"

#include <algorithm>
#include <cmath>

namespace jolly::app
{

namespace
{

constexpr int kSpace = 10;

/// By its first control the arrangement knows a drawing.
ControlCode keyOf(const PlateItem& item, const Plate& plate)
{
    return plate.controls[static_cast<std::size_t>(item.controls.front())].code;
}

/// An axis stands when it is given more height than width.
Shape shapeIn(Shape shape, const Cells& cells)
{
    if (shape != Shape::Bar && shape != Shape::Lever) return shape;
    return cells.height > cells.width ? Shape::Lever : Shape::Bar;
}

}  // namespace

QRect pixelsOf(const Cells& cells, int width)
{
    const double cell = static_cast<double>(width) / Cells::kColumns;
    const auto at = [cell](int count) { return static_cast<int>(std::lround(count * cell)); };
    return {QPoint(at(cells.left), at(cells.top)),
            QPoint(at(cells.right()) - 1, at(cells.bottom()) - 1)};
}

Cells cellsOf(const QRect& pixels, int width)
{
    const double cell = static_cast<double>(width) / Cells::kColumns;
    const auto at = [cell](int place) { return static_cast<int>(std::lround(place / cell)); };
    const int left = at(pixels.left());
    const int top = at(pixels.top());
    return onGrid({left, top, at(pixels.right() + 1) - left, at(pixels.bottom() + 1) - top});
}

PlateLayout layOutController(const Plate& plate, int width)
{
    if (plate.arrangement.empty()) return layOutByItself(plate, width);
    auto layout = layOutByItself(plate, width);
    int bottom = 0;
    for (const auto& group : plate.arrangement.groups) {
        layout.frames.push_back(
            {QString::fromStdString(group.label), pixelsOf(group.cells, width)});
        bottom = std::max(bottom, layout.frames.back().rect.bottom() + 1);
    }
    std::vector<PlateItem*> others;
    for (auto& item : layout.items) {
        const auto part =
            std::ranges::find(plate.arrangement.parts, keyOf(item, plate), &PlatePart::control);
        if (part == plate.arrangement.parts.end()) {
            others.push_back(&item);
            continue;
        }
        item.shape = shapeIn(item.shape, part->cells);
        item.rect = pixelsOf(part->cells, width);
        bottom = std::max(bottom, item.rect.bottom() + 1);
    }
    Flow flow(0, bottom + kSpace, width);
    for (auto* item : others)
        item->rect = flow.place(std::min(width, item->rect.width()), item->rect.height());
    layout.height = others.empty() ? bottom : flow.bottom();
    return layout;
}

Arrangement wholeArrangement(const Plate& plate, int width)
{
    auto whole = plate.arrangement;
    for (const auto& item : layOutController(plate, width).items)
        putPart(whole, keyOf(item, plate), cellsOf(item.rect, width));
    return whole;
}

}  // namespace jolly::app
