// SPDX-License-Identifier: GPL-3.0-or-later
#include "core/tangle/arrangement.h"

#include <algorithm>

namespace jolly
{

Cells onGrid(Cells cells) noexcept
{
    cells.width = std::clamp(cells.width, 1, Cells::kColumns);
    cells.height = std::clamp(cells.height, 1, Cells::kRows);
    cells.left = std::clamp(cells.left, 0, Cells::kColumns - cells.width);
    cells.top = std::clamp(cells.top, 0, Cells::kRows - cells.height);
    return cells;
}

void putPart(Arrangement& arrangement, ControlCode control, const Cells& cells)
{
    const auto found = std::ranges::find(arrangement.parts, control, &PlatePart::control);
    if (found != arrangement.parts.end()) {
        found->cells = onGrid(cells);
    } else {
        arrangement.parts.push_back({control, onGrid(cells), {}});
    }
}

void moveGroup(Arrangement& arrangement, std::size_t group, int columns, int rows)
{
    auto& frame = arrangement.groups[group];
    const auto was = frame.cells;
    frame.cells = onGrid({was.left + columns, was.top + rows, was.width, was.height});
    for (auto& part : arrangement.parts) {
        if (!was.holds(part.cells)) continue;
        part.cells.left += frame.cells.left - was.left;
        part.cells.top += frame.cells.top - was.top;
    }
}

}  // namespace jolly
