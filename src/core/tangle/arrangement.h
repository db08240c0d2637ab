// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "core/value/control_code.h"
#include "core/value/extra.h"

#include <string>
#include <vector>

namespace jolly
{

/// A rectangle on the grid of a faceplate, in cells from its top left corner.
struct Cells {
    static constexpr int kColumns = 40;  ///< cells across every faceplate
    static constexpr int kRows = 200;    ///< at most

    int left = 0;
    int top = 0;
    int width = 1;
    int height = 1;

    [[nodiscard]] int right() const noexcept { return left + width; }
    [[nodiscard]] int bottom() const noexcept { return top + height; }

    /// Whether `other` lies wholly inside.
    [[nodiscard]] bool holds(const Cells& other) const noexcept
    {
        return other.left >= left && other.top >= top && other.right() <= right() &&
               other.bottom() <= bottom();
    }

    friend bool operator==(const Cells&, const Cells&) = default;
};

/// Where the drawing of a control is; a drawing of several controls goes by the first of them.
struct PlatePart {
    ControlCode control{};
    Cells cells{};
    Extra extra{};

    friend bool operator==(const PlatePart&, const PlatePart&) = default;
};

/// A named frame around the parts that lie in it.
struct PlateGroup {
    std::string label{};
    Cells cells{};
    Extra extra{};

    friend bool operator==(const PlateGroup&, const PlateGroup&) = default;
};

/// How the pilot arranged a faceplate. Empty: it lays itself out.
struct Arrangement {
    std::vector<PlatePart> parts{};
    std::vector<PlateGroup> groups{};
    Extra extra{};

    [[nodiscard]] bool empty() const noexcept { return parts.empty() && groups.empty(); }

    friend bool operator==(const Arrangement&, const Arrangement&) = default;
};

/// A rectangle brought onto the grid: at least one cell, inside the columns and rows.
[[nodiscard]] Cells onGrid(Cells cells) noexcept;

/// Moves a part, or the edges of it, and keeps it on the grid.
void putPart(Arrangement& arrangement, ControlCode control, const Cells& cells);

/// Moves a group with all parts that lie in it, as far as the grid allows.
void moveGroup(Arrangement& arrangement, std::size_t group, int columns, int rows);

}  // namespace jolly
