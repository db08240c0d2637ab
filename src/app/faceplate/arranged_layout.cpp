// SPDX-License-Identifier: GPL-3.0-or-later
#include "app/faceplate/flow.h"
#include "app/style/qt_text.h"
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

int rounded(double place)
{
    return static_cast<int>(std::lround(place));
}

}  // namespace

QSizeF cellSize(int width)
{
    constexpr double kLeastHeight = 310.0 / Cells::kColumns;
    const double side = static_cast<double>(width) / Cells::kColumns;
    return {side, std::max(side, kLeastHeight)};
}

QRect pixelsOf(const Cells& cells, int width)
{
    const auto cell = cellSize(width);
    return {QPoint(rounded(cells.left * cell.width()), rounded(cells.top * cell.height())),
            QPoint(rounded(cells.right() * cell.width()) - 1,
                   rounded(cells.bottom() * cell.height()) - 1)};
}

Cells cellsOf(const QRect& pixels, int width)
{
    const auto cell = cellSize(width);
    const int left = rounded(pixels.left() / cell.width());
    const int top = rounded(pixels.top() / cell.height());
    return onGrid({left, top, rounded((pixels.right() + 1) / cell.width()) - left,
                   rounded((pixels.bottom() + 1) / cell.height()) - top});
}

PlateLayout layOutController(const Plate& plate, int width)
{
    if (plate.arrangement.empty()) return layOutByItself(plate, width);
    auto layout = layOutByItself(plate, width);
    int bottom = 0;
    for (const auto& group : plate.arrangement.groups) {
        layout.frames.push_back({toQt(group.label), pixelsOf(group.cells, width)});
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
