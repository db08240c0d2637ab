// SPDX-License-Identifier: GPL-3.0-or-later
#include "core/faceplate/flow.h"
#include "core/faceplate/plate.h"

#include <algorithm>
#include <cmath>

namespace jolly
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

int rounded(double place)
{
    return static_cast<int>(std::lround(place));
}

}  // namespace

CellSize cellSize(int width)
{
    constexpr double kLeastHeight = 310.0 / Cells::kColumns;
    const double side = static_cast<double>(width) / Cells::kColumns;
    return {side, std::max(side, kLeastHeight)};
}

Box pixelsOf(const Cells& cells, int width)
{
    const auto cell = cellSize(width);
    const int left = rounded(cells.left * cell.width);
    const int top = rounded(cells.top * cell.height);
    return {left, top, rounded(cells.right() * cell.width) - left,
            rounded(cells.bottom() * cell.height) - top};
}

Cells cellsOf(const Box& pixels, int width)
{
    const auto cell = cellSize(width);
    const int left = rounded(pixels.left / cell.width);
    const int top = rounded(pixels.top / cell.height);
    return onGrid({left, top, rounded(pixels.right() / cell.width) - left,
                   rounded(pixels.bottom() / cell.height) - top});
}

PlateLayout layOutController(const Plate& plate, int width)
{
    if (plate.arrangement.empty()) return layOutByItself(plate, width);
    auto layout = layOutByItself(plate, width);
    int bottom = 0;
    for (const auto& group : plate.arrangement.groups) {
        layout.frames.push_back({group.label, pixelsOf(group.cells, width)});
        bottom = std::max(bottom, layout.frames.back().rect.bottom());
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
        bottom = std::max(bottom, item.rect.bottom());
    }
    Flow flow(0, bottom + kSpace, width);
    for (auto* item : others)
        item->rect = flow.place(std::min(width, item->rect.width), item->rect.height);
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

}  // namespace jolly
