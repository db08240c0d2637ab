// SPDX-License-Identifier: GPL-3.0-or-later
#include "app/pages/column_plan.h"

#include <gtest/gtest.h>

namespace jolly::app
{
namespace
{

/// What a page has for its three parts in a window of that width.
int roomIn(int window)
{
    constexpr int kRailAndGaps = 102;
    return window - kRailAndGaps;
}

TEST(ColumnPlan, WideWindowsHaveSeveralColumnsAndNarrowOnesNarrowSides)
{
    EXPECT_EQ(planColumns(roomIn(960)).leftColumns, 1);
    EXPECT_EQ(planColumns(roomIn(1280)).leftColumns, 1);
    for (const int window : {1600, 1920}) {
        EXPECT_EQ(planColumns(roomIn(window)).leftColumns, 2) << window;
        EXPECT_EQ(planColumns(roomIn(window)).rightColumns, 2) << window;
    }
    EXPECT_EQ(planColumns(roomIn(2560)).leftColumns, 3);
    EXPECT_EQ(planColumns(roomIn(2560)).rightColumns, 2);
    EXPECT_LT(planColumns(roomIn(960)).left, planColumns(roomIn(1280)).left);
}

TEST(ColumnPlan, EveryWidthHasRoomForTheMiddleAndColumnsThatCanBeRead)
{
    for (int window = 960; window < 4000; ++window) {
        const auto plan = planColumns(roomIn(window));
        EXPECT_GE(roomIn(window) - plan.left - plan.right, 320) << window;
        EXPECT_GE(plan.left / plan.leftColumns, 264) << window;
        EXPECT_GE(plan.right / plan.rightColumns, 240) << window;
        EXPECT_LE(plan.left / plan.leftColumns, 420) << window;
    }
}

TEST(ColumnPlan, SidesGrowWithTheWindowFromTheLeastToTheMost)
{
    EXPECT_EQ(sideWidth(800, 200, 260, 360), 200);
    EXPECT_EQ(sideWidth(1218, 200, 260, 360), 260);
    EXPECT_EQ(sideWidth(4000, 200, 260, 360), 360);
    for (int room = 801; room < 2500; ++room)
        EXPECT_GE(sideWidth(room, 200, 260, 360), sideWidth(room - 1, 200, 260, 360));
}

}  // namespace
}  // namespace jolly::app
