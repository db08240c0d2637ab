// SPDX-License-Identifier: GPL-3.0-or-later
#include "app/pages/column_plan.h"

#include <algorithm>

namespace jolly::app
{

namespace
{

constexpr int kLeastMiddle = 330;
constexpr int kMostMiddle = 820;
constexpr int kLeastSide = 264;  ///< of a narrow window
constexpr int kUsualSide = 356;  ///< where a faceplate has room for all its words
constexpr int kMostColumn = 420;

/// Several columns at a side or at both, and what each and the middle need at least.
struct Way {
    int left;
    int right;
    int column;
    int middle;
};

constexpr Way kWays[] = {{3, 3, 330, 560}, {3, 2, 330, 560}, {2, 2, 266, 420}, {2, 1, 300, 420}};

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
    const int middle = std::clamp(room * 32 / 100, kLeastMiddle, kMostMiddle);
    for (const auto& way : kWays) {
        const int count = way.left + way.right;
        if (room < count * way.column + way.middle) continue;
        const int each = std::clamp((room - middle) / count, way.column, kMostColumn);
        return {way.left * each, way.right * each, way.left, way.right, kMostMiddle};
    }
    // A faceplate of hardware needs more room than rows of axes.
    const int both = std::clamp(room - middle, 2 * kLeastSide, 2 * kUsualSide);
    const int left = std::min(both * 53 / 100, kUsualSide);
    return {left, both - left, 1, 1, kMostMiddle};
}

}  // namespace jolly::app
