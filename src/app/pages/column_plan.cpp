// SPDX-License-Identifier: GPL-3.0-or-later
#include "app/pages/column_plan.h"

#include <algorithm>

namespace jolly::app
{

namespace
{

constexpr int kLeastMiddle = 330;
constexpr int kMostMiddle = 820;
constexpr int kLeastSide = 264;    ///< of a narrow window
constexpr int kUsualSide = 356;    ///< where a faceplate has room for all its words
constexpr int kLeastColumn = 300;  ///< where there are several
constexpr int kMostColumn = 420;

}  // namespace

int sideWidth(int room, int least, int usual, int most)
{
    constexpr int kNarrow = 880;
    constexpr int kUsual = 1218;
    constexpr int kWide = 1900;
    const auto between = [room](int from, int to, int atFrom, int atTo) {
        const int part = std::clamp(room, from, to) - from;
        return atFrom + (atTo - atFrom) * part / (to - from);
    };
    return room <= kUsual ? between(kNarrow, kUsual, least, usual)
                          : between(kUsual, kWide, usual, most);
}

ColumnPlan planColumns(int room)
{
    constexpr struct {
        int left;
        int right;
    } kWays[] = {{3, 3}, {3, 2}, {2, 2}, {2, 1}, {1, 1}};
    const int middle = std::clamp(room * 32 / 100, kLeastMiddle, kMostMiddle);
    const int rest = room - middle;
    const auto* way = std::ranges::find_if(kWays, [rest](const auto& each) {
        return rest >= (each.left + each.right) * kLeastColumn;
    });
    if (way == std::end(kWays)) way = std::end(kWays) - 1;
    const int count = way->left + way->right;
    if (count == 2) {  // a faceplate of hardware needs more room than rows of axes
        const int both = std::clamp(rest, 2 * kLeastSide, 2 * kUsualSide);
        const int left = std::min(both * 53 / 100, kUsualSide);
        return {left, both - left, 1, 1, kMostMiddle};
    }
    const int each = std::min(rest / count, kMostColumn);
    return {way->left * each, way->right * each, way->left, way->right, kMostMiddle};
}

}  // namespace jolly::app
