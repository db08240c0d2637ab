// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

namespace jolly::app
{

/// How a page divides its width between what is at its sides and what is in the middle, in pixels:
/// narrow windows have narrow sides, wide ones several columns of faceplates, and the middle never
/// grows beyond what reads well.
struct ColumnPlan {
    int left = 0;
    int right = 0;
    int leftColumns = 1;
    int rightColumns = 1;
    int most = 0;  ///< of the middle

    friend bool operator==(const ColumnPlan&, const ColumnPlan&) = default;
};

/// How wide something at the side of a page is: from `least` in the narrowest window to `most` in a
/// wide one, and `usual` in one of 1280 pixels.
[[nodiscard]] int sideWidth(int room, int least, int usual, int most);

/// @param room  for the three together.
[[nodiscard]] ColumnPlan planColumns(int room);

}  // namespace jolly::app
