// SPDX-License-Identifier: GPL-3.0-or-later
#include "pretend/motion.h"

#include <gtest/gtest.h>

#include <cmath>

namespace jolly
{
namespace
{

using namespace std::chrono_literals;

PretendControl lever()
{
    PretendControl control;
    control.high = 1000;
    control.rest = 100;
    control.loop = 10;
    control.motion = {{1, 100}, {2, 500}, {4, 500}};
    return control;
}

TEST(Motion, FollowsItsPointsAndBeginsAgain)
{
    const auto control = lever();
    EXPECT_EQ(positionAt(control, 0s, 1, 0).x, 100);
    EXPECT_EQ(positionAt(control, 1500ms, 1, 0).x, 300);
    EXPECT_EQ(positionAt(control, 9s, 1, 0).x, 500);
    EXPECT_EQ(positionAt(control, 11500ms, 1, 0).x, 300);
}

TEST(Motion, NoiseIsBoundedSeededAndTheSameEachTime)
{
    auto control = lever();
    control.jitter = 5;
    std::set<int> seen;
    for (std::uint64_t tick = 0; tick < 200; ++tick) {
        const int at = positionAt(control, 3s, 1, tick).x;
        EXPECT_LE(std::abs(at - 500), 5);
        EXPECT_EQ(at, positionAt(control, 3s, 1, tick).x);
        seen.insert(at);
    }
    EXPECT_GT(seen.size(), 8U);
    EXPECT_NE(positionAt(control, 3s, 1, 3).x, positionAt(control, 3s, 2, 3).x);
}

TEST(Motion, NeverLeavesTheRange)
{
    auto control = lever();
    control.jitter = 3000;
    for (std::uint64_t tick = 0; tick < 50; ++tick) {
        const int at = positionAt(control, 3s, 1, tick).x;
        EXPECT_TRUE(at >= 0 && at <= 1000);
    }
}

TEST(Motion, ButtonsAndHatsFollowTheirTables)
{
    PretendControl button;
    button.code = *parseControlCode("BTN_TRIGGER");
    button.loop = 5;
    button.presses = {{1, 2}};
    EXPECT_EQ(positionAt(button, 6500ms, 0, 0).x, 1);
    EXPECT_EQ(positionAt(button, 2s, 0, 0).x, 0);
    PretendControl hat;
    hat.code = *parseControlCode("ABS_HAT0X");
    hat.loop = 5;
    hat.motion = {{1, -1, 1}};
    EXPECT_EQ(positionAt(hat, 3s, 0, 0), (Counts{-1, 1}));
    EXPECT_EQ(positionAt(hat, 500ms, 0, 0), Counts{});
}

TEST(Motion, ATurnerLosesNoTurnHoweverOftenItIsAsked)
{
    PretendControl dial;
    dial.loop = 2;
    dial.turns = {{0.5, 1}, {1.5, -3}};
    int turned = 0;
    for (Time t = 0s; t < 10s; t += 7ms) turned += turnsBetween(dial, t, t + 7ms);
    EXPECT_EQ(turned, 5 * (1 - 3));
}

}  // namespace
}  // namespace jolly
