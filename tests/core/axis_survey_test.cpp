// SPDX-License-Identifier: GPL-3.0-or-later
#include "axis_series.h"

#include <gmock/gmock.h>

#include <numeric>

namespace jolly
{
namespace
{

using test::AxisSeries;
using testing::ElementsAre;
using testing::IsEmpty;

constexpr AxisRange kStick{0, 1000, 500};
constexpr AxisRange kLever{0, 1000, 0};

TEST(AxisSurvey, AnEmptySeriesSaysNothing)
{
    const auto findings = survey({}, kStick, Time(5));
    EXPECT_EQ(findings.samples, 0U);
    EXPECT_THAT(findings.rests, IsEmpty());
    EXPECT_EQ(findings.spikesAMinute(), 0.0);
}

TEST(AxisSurvey, TheEndsAreTheFurthestCountsReached)
{
    const auto found = AxisSeries(500).moveTo(13).moveTo(987).moveTo(500).survey(kStick);
    EXPECT_EQ(found.low, 13);
    EXPECT_EQ(found.high, 987);
}

TEST(AxisSurvey, ReleasesOfAKnownDriftAreFoundAtTheirCounts)
{
    AxisSeries stick(500);
    for (const int rest : {506, 497, 501}) stick.moveTo(900).moveTo(rest).stay(1.0);
    const auto found = stick.survey(kStick);
    EXPECT_THAT(found.rests, ElementsAre(506, 497, 501));
    EXPECT_EQ(found.rest, 501);
    EXPECT_EQ(found.drift, 5);
    EXPECT_EQ(found.stray, 5);
    EXPECT_EQ(found.jitter, 0);
}

TEST(AxisSurvey, JitterIsTheSpreadAtRestAndDoesNotHideTheRest)
{
    const auto found = AxisSeries(500).moveTo(100).moveTo(503).stay(4.0, 3).survey(kStick);
    EXPECT_THAT(found.rests, ElementsAre(503));
    EXPECT_EQ(found.jitter, 6);
    EXPECT_EQ(found.stray, 3);
}

TEST(AxisSurvey, AMovingAxisDoesNotRest)
{
    EXPECT_THAT(AxisSeries(0).moveTo(1000, 5.0).survey(kStick).rests, IsEmpty());
    EXPECT_THAT(AxisSeries(500).stay(0.5).survey(kStick).rests, IsEmpty()) << "too short";
}

TEST(AxisSurvey, ASlowCreepIsOneRest)
{
    EXPECT_EQ(AxisSeries(500).moveTo(525, 20.0).survey(kStick).rests.size(), 1U);
    AxisSeries jumpy(500);
    jumpy.stay(1.0).moveTo(525, 0.1).stay(1.0);
    EXPECT_EQ(jumpy.survey(kStick).rests.size(), 1U) << "2.5 % are no new throw";
}

TEST(AxisSurvey, ASlowMoveIsNoRest)
{
    EXPECT_THAT(AxisSeries(440).moveTo(560, 20.0).survey(kStick).rests, IsEmpty());
}

TEST(AxisSurvey, WhatIsHeldByHandIsNoRest)
{
    AxisSeries stick(500);
    stick.stay(1.0).moveTo(980).stay(2.0).moveTo(502).stay(1.0);
    EXPECT_THAT(stick.survey(kStick).rests, ElementsAre(500, 502));
    EXPECT_THAT(AxisSeries(600).stay(3.0).survey(kLever).rests, IsEmpty()) << "a lever left there";
}

TEST(AxisSurvey, ASmallDeflectionThatAHandHoldsIsNotWhereItSpringsBack)
{
    AxisSeries stick(500);
    stick.stay(1.0).moveTo(900, 0.2).moveTo(504, 0.15).stay(1.0);
    stick.moveTo(900, 0.2).moveTo(540, 2.0).stay(3.0).moveTo(700, 0.5).moveTo(538, 1.5).stay(1.0);
    const auto found = stick.survey(kStick);
    EXPECT_THAT(found.rests, ElementsAre(500, 504, 540, 538));
    EXPECT_THAT(found.letGo, ElementsAre(504));
    const auto pushed = AxisSeries(547).stay(0.2).moveTo(674, 0.05).stay(1.0).survey(kStick);
    EXPECT_THAT(pushed.rests, ElementsAre(674));
    EXPECT_THAT(pushed.letGo, IsEmpty()) << "away from rest no spring goes";
}

TEST(AxisSurvey, ALeverRestsAtItsLowEnd)
{
    AxisSeries lever(0);
    lever.moveTo(1000).moveTo(4).stay(1.0).moveTo(1000).moveTo(0).stay(1.0);
    EXPECT_THAT(lever.survey(kLever).rests, ElementsAre(4, 0));
}

TEST(AxisSurvey, SpikesAreCountedAndLeftOut)
{
    AxisSeries stick(500);
    stick.stay(10.0, 1).spike(0).stay(10.0, 1).spike(1000).stay(10.0, 1);
    const auto found = stick.survey(kStick);
    EXPECT_EQ(found.spikes, 2);
    EXPECT_NEAR(found.spikesAMinute(), 4.0, 0.1);
    EXPECT_EQ(found.low, 499);
    EXPECT_EQ(found.high, 501);
    EXPECT_EQ(found.rests.size(), 1U);
}

TEST(AxisSurvey, AFastMoveIsNoSpike)
{
    EXPECT_EQ(AxisSeries(500).moveTo(900, 0.02).moveTo(500, 0.02).survey(kStick).spikes, 1)
        << "there and back within 20 ms no hand does";
    EXPECT_EQ(AxisSeries(500).moveTo(900, 0.1).stay(0.1).moveTo(500, 0.1).survey(kStick).spikes, 0);
}

TEST(AxisSurvey, TheStepIsTheSmallestChange)
{
    EXPECT_EQ(AxisSeries(512).moveTo(512).survey(kStick).step, 0);
    AxisSeries coarse(0);
    for (int raw = 0; raw <= 1000; raw += 8) coarse.moveTo(raw, 0.004);
    EXPECT_EQ(coarse.survey(kStick).step, 8);
}

TEST(AxisSurvey, DwellIsTheShareOfTimeInEachPart)
{
    const auto found = AxisSeries(10).stay(3.0).moveTo(990, 0.004).stay(1.0).survey(kStick);
    EXPECT_NEAR(found.dwell.front(), 0.75, 0.01);
    EXPECT_NEAR(found.dwell.back(), 0.25, 0.01);
    EXPECT_NEAR(std::accumulate(found.dwell.begin(), found.dwell.end(), 0.0), 1.0, 1e-9);
}

TEST(AxisSurvey, CountsOutsideTheDeclaredRangeAreTaken)
{
    const auto found = AxisSeries(-20).stay(1.0).moveTo(1100, 0.1).survey(kStick);
    EXPECT_EQ(found.low, -20);
    EXPECT_EQ(found.high, 1100);
    EXPECT_GT(found.dwell.front(), 0.5);
}

TEST(AxisSurvey, TheWholeOf32BitsDoesNotOverflow)
{
    constexpr auto kLow = std::numeric_limits<std::int32_t>::min();
    constexpr auto kHigh = std::numeric_limits<std::int32_t>::max();
    const std::vector<AxisSample> samples = {{Time(0), kLow}, {std::chrono::seconds(2), kHigh}};
    const auto found = survey(samples, {kLow, kHigh, 0}, std::chrono::seconds(4));
    EXPECT_EQ(found.low, kLow);
    EXPECT_EQ(found.high, kHigh);
    EXPECT_THAT(found.rests, IsEmpty());
}

}  // namespace
}  // namespace jolly
