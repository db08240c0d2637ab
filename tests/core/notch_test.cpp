// SPDX-License-Identifier: GPL-3.0-or-later
#include "core/calibration/notch.h"

#include "axis_series.h"

#include <gmock/gmock.h>

namespace jolly
{
namespace
{

using test::AxisSeries;
using testing::AllOf;
using testing::HasSubstr;

constexpr AxisRange kRange{0, 1000, 0};
constexpr Calibration kLever{0, 0, 1000, 0};

Notch notch(const char* name, std::int32_t at, std::int32_t half = 10)
{
    return {.name = name, .at = at, .half = half};
}

TEST(Notch, ALeverThatIsHeldIsCapturedWithTwiceItsSpread)
{
    const auto series = AxisSeries(0).moveTo(400).stay(1.5, 5);
    const auto found = captureNotch(series.samples(), kRange, series.now());
    ASSERT_TRUE(found);
    EXPECT_NEAR(found->at, 400, 2);
    EXPECT_EQ(found->half, 20) << "it strayed by 5 to either side";
}

TEST(Notch, AStillLeverGetsTheLeastWidth)
{
    const auto series = AxisSeries(0).moveTo(400).stay(1.5);
    EXPECT_EQ(captureNotch(series.samples(), kRange, series.now())->half, 8);
}

TEST(Notch, AMovingLeverIsNotCaptured)
{
    const auto series = AxisSeries(0).moveTo(400).moveTo(600);
    EXPECT_FALSE(captureNotch(series.samples(), kRange, series.now()));
    EXPECT_FALSE(captureNotch({}, kRange, {}));
}

TEST(Notch, AnyOrderBecomesTheOrderOfTheCounts)
{
    NotchList notches;
    ASSERT_TRUE(addNotch(notches, notch("high", 800)));
    ASSERT_TRUE(addNotch(notches, notch("low", 100)));
    EXPECT_EQ(addNotch(notches, notch("middle", 400)).value(), 1U);
    EXPECT_EQ(notches[0].name, "low");
    EXPECT_EQ(notches[2].name, "high");
}

TEST(Notch, TheSameNotchAgainGrowsToHoldBoth)
{
    NotchList notches{notch("idle", 100)};
    EXPECT_EQ(addNotch(notches, notch("notch 2", 106)).value(), 0U);
    ASSERT_EQ(notches.size(), 1U);
    EXPECT_EQ(notches[0].name, "idle");
    EXPECT_EQ(notches[0].at, 103);
    EXPECT_GE(notches[0].at + notches[0].half, 116);
    EXPECT_LE(notches[0].at - notches[0].half, 90);
}

TEST(Notch, AnOverlapIsRefusedWithBothNames)
{
    NotchList notches{notch("idle", 100)};
    const auto before = notches;
    const auto refused = addNotch(notches, notch("climb", 115));
    ASSERT_FALSE(refused);
    EXPECT_THAT(refused.error().sentence,
                AllOf(HasSubstr("idle (90 to 110)"), HasSubstr("climb (105 to 125)")));
    EXPECT_EQ(notches, before);
}

TEST(Notch, TwoLeversOfAPairGiveTheSameValueAtTheSameNotch)
{
    NotchList left{notch("idle", 200), notch("climb", 800)};
    NotchList right{notch("idle", 240), notch("cruise", 500), notch("climb", 780)};
    constexpr Calibration kOther{100, 100, 900, 0};
    EXPECT_EQ(matchNotches(left, kLever, right, kOther, Sides::One).value(), 2);
    for (const auto& [at, there] : {std::pair(200, 240), std::pair(800, 780)}) {
        EXPECT_DOUBLE_EQ(valueWithNotches(kLever, left, at, Sides::One),
                         valueWithNotches(kOther, right, there, Sides::One));
    }
    EXPECT_EQ(valueWithNotches(kLever, left, 0, Sides::One), 0.0) << "the ends stay";
    EXPECT_EQ(valueWithNotches(kLever, left, 1000, Sides::One), 1.0);
    double last = -1.0;
    for (int raw = 0; raw <= 1000; ++raw) {
        const double value = valueWithNotches(kLever, left, raw, Sides::One);
        EXPECT_GE(value, last) << raw;
        last = value;
    }
}

TEST(Notch, WhatHasNoNameInCommonIsNoPair)
{
    NotchList left{notch("idle", 200)};
    NotchList right{notch("climb", 240)};
    EXPECT_THAT(matchNotches(left, kLever, right, kLever, Sides::One).error().sentence,
                HasSubstr("no notch of the same name"));
}

TEST(Notch, NotchesThatWouldFallAreNotMatched)
{
    NotchList left{notch("idle", 200), notch("climb", 300)};
    NotchList right{notch("climb", 200), notch("idle", 900)};
    const auto before = left;
    EXPECT_FALSE(matchNotches(left, kLever, right, kLever, Sides::One));
    EXPECT_EQ(left, before);
}

TEST(Notch, WithoutMatchedNotchesTheValueIsThatOfTheCalibration)
{
    const NotchList notches{notch("idle", 200)};
    for (const int raw : {-50, 0, 333, 1000, 2000})
        EXPECT_EQ(valueWithNotches(kLever, notches, raw, Sides::One),
                  kLever.valueOf(raw, Sides::One));
}

TEST(Notches, OneWithoutAValueGivesWhatItsTravelHas)
{
    const Calibration lever{0, 0, 1000, 0};
    NotchList notches{{"idle", 200, 10, 0.1}, {"taxi", 400, 10, {}}, {"climb", 900, 10, 0.8}};
    const auto at = [&](int raw) { return valueWithNotches(lever, notches, raw, Sides::One); };
    EXPECT_NEAR(at(400), 0.4, 1e-12);
    EXPECT_NEAR(at(300), 0.25, 1e-12);
    EXPECT_NEAR(at(650), 0.6, 1e-12);
    EXPECT_EQ(at(1000), 1.0);
    EXPECT_EQ(at(0), 0.0);
    notches[0].value = 0.5;
    EXPECT_NEAR(at(400), 0.5, 1e-12) << "as near to its travel as the axis can rise";
    notches = {{"idle", 200, 10, {}}, {"climb", 900, 10, 0.1}};
    EXPECT_NEAR(at(200), 0.1, 1e-12);
}

TEST(Notches, TheEndsAreExact)
{
    for (int i = 1; i < 1000; ++i) {
        const NotchList notches{{"idle", i, 1, 0.37}};
        for (const auto sides : {Sides::One, Sides::Two}) {
            EXPECT_EQ(valueWithNotches({0, 500, 1000, 0}, notches, 1000, sides), 1.0) << i;
            EXPECT_EQ(valueWithNotches({0, 500, 1000, 0}, notches, 0, sides),
                      sides == Sides::One ? 0.0 : -1.0);
        }
    }
}

}  // namespace
}  // namespace jolly
