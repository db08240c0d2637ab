// SPDX-License-Identifier: GPL-3.0-or-later
#include "core/calibration/calibration_walk.h"

#include "axis_series.h"

#include <gmock/gmock.h>

namespace jolly
{
namespace
{

using test::AxisSeries;
using testing::HasSubstr;
using testing::Not;

constexpr AxisRange kRange{0, 1000, 500};
constexpr Calibration kPresent{0, 500, 1000, 0};

AxisVerdict judgeStick(const AxisSeries& ends, const AxisSeries& rests)
{
    return judge(ends.survey(kRange), {rests.survey(kRange), Sides::Two}, kRange, Sides::Two,
                 kPresent);
}

TEST(Judge, AWornStickGetsItsEndsItsRestAndTheDeadZoneThatCoversItsDrift)
{
    AxisSeries rests(500);
    for (const int rest : {508, 500, 504}) rests.moveTo(900).moveTo(rest).stay(1.0);
    const auto verdict = judgeStick(AxisSeries(500).moveTo(20).moveTo(970).moveTo(500), rests);
    EXPECT_TRUE(verdict.offersCalibration);
    EXPECT_EQ(verdict.calibration, (Calibration{20, 504, 970, 0}));
    EXPECT_DOUBLE_EQ(verdict.deadZone, 0.011) << "4 of 466 counts, and a quarter more";
    EXPECT_THAT(verdict.words, HasSubstr("Reaches 95.0 % of its travel, which becomes the whole; "
                                         "its low end is 2.0 % short, its high end 3.0 %. Rests "
                                         "within 0.9 %: a dead zone of 1.1 % covers it."));
}

TEST(Judge, LessThanFourFifthsOfTheTravelIsOfferedButNotSure)
{
    const auto reached = [](int low, int high) {
        AxisSeries rests(500);
        for (const int away : {900, 800, 900}) rests.moveTo(away).moveTo(500).stay(1.0);
        return judgeStick(AxisSeries(500).moveTo(low).moveTo(high).moveTo(500), rests);
    };
    const auto half = reached(225, 775);
    EXPECT_TRUE(half.offersCalibration);
    EXPECT_FALSE(half.isSure);
    EXPECT_THAT(half.words, HasSubstr("Reaches 55.0 % of its travel only, less than four fifths"));
    EXPECT_FALSE(reached(101, 899).isSure);
    EXPECT_TRUE(reached(100, 900).isSure);
    EXPECT_TRUE(reached(300, 700).isSure) << "its ends stay as they are, and only that is offered";
}

TEST(Judge, TheDeadZoneCoversEveryCountThatWasSeenAtRest)
{
    AxisSeries rests(500);
    for (const int rest : {511, 489, 503}) rests.moveTo(900).moveTo(rest).stay(1.0, 2);
    const auto verdict = judgeStick(AxisSeries(500).moveTo(0).moveTo(1000).moveTo(500), rests);
    const auto found = rests.survey(kRange);
    for (const int raw : {found.rest - found.stray, found.rest + found.stray})
        EXPECT_LT(std::abs(verdict.calibration.valueOf(raw, Sides::Two)), verdict.deadZone);
}

TEST(Judge, JitterBecomesNoiseAndTheEndsAreReachedDespiteIt)
{
    const auto verdict = judgeStick(AxisSeries(500).moveTo(0).moveTo(1000).moveTo(500),
                                    AxisSeries(500).stay(3.0, 2));
    EXPECT_EQ(verdict.calibration, (Calibration{4, 500, 996, 4}));
    EXPECT_THAT(verdict.words, HasSubstr("Jitters by 4 counts, which will be no move."));
}

TEST(Judge, TooMuchJitterIsSaidAndNotHidden)
{
    const auto verdict = judgeStick(AxisSeries(500).moveTo(0).moveTo(1000).moveTo(500),
                                    AxisSeries(500).stay(3.0, 5));
    EXPECT_EQ(verdict.calibration.noise, 0);
    EXPECT_THAT(verdict.words, HasSubstr("Jitters by 1.0 %, too much to be held back."));
}

TEST(Judge, ACleanAxisIsSaidToBeClean)
{
    AxisSeries rests(500);
    for (int i = 0; i < 3; ++i) rests.moveTo(900).moveTo(500).stay(1.0);
    const auto verdict = judgeStick(AxisSeries(500).moveTo(0).moveTo(1000).moveTo(500), rests);
    EXPECT_FALSE(verdict.offersCalibration);
    EXPECT_EQ(verdict.deadZone, 0.0);
    EXPECT_THAT(verdict.words, HasSubstr("Clean"));
}

TEST(Judge, ASwitchThatLooksLikeAnAxisIsNamed)
{
    AxisSeries ends(500);
    for (const int raw : {0, 1000, 500, 0, 1000, 500}) ends.moveTo(raw, 0.004).stay(0.3);
    EXPECT_THAT(judgeStick(ends, AxisSeries(500).stay(2.0)).words,
                HasSubstr("Reports its ends and hardly anything between: a switch"));
}

TEST(Judge, AHalfHeartedMoveSetsNoEnds)
{
    const auto verdict = judgeStick(AxisSeries(500).moveTo(300).moveTo(600).moveTo(500),
                                    AxisSeries(500).moveTo(600).moveTo(504).stay(2.0));
    EXPECT_EQ(verdict.calibration, (Calibration{0, 504, 1000, 0}));
    EXPECT_THAT(
        verdict.words,
        HasSubstr("Moved through 30.0 % of its travel only, so its ends stay as they are."));
}

TEST(Judge, AnAxisThatWasNotMovedStaysAsItIs)
{
    const AxisRange far{0, 1000, 0};
    const auto still = AxisSeries(700).stay(3.0).survey(far);
    const auto verdict = judge(still, {still, Sides::One}, far, Sides::One, kPresent);
    EXPECT_FALSE(verdict.offersCalibration);
    EXPECT_EQ(verdict.words, "Not moved: it stays as it is.");
}

TEST(Judge, ALeverRestsAtItsLowEndAndSpikesAreNamed)
{
    const AxisRange lever{0, 1000, 0};
    AxisSeries rests(6);
    rests.stay(1.0).spike(900).stay(1.0).moveTo(900).moveTo(2).stay(1.0);
    const auto verdict = judge(AxisSeries(0).moveTo(1000).survey(lever),
                               {rests.survey(lever), Sides::One}, lever, Sides::One, kPresent);
    EXPECT_EQ(verdict.calibration.low, 6);
    EXPECT_DOUBLE_EQ(verdict.deadZone, 0.006) << "4 of 994 counts, and a quarter more";
    EXPECT_THAT(verdict.words, HasSubstr("1 spike meanwhile"));
}

/// A walk through a stick of two axes.
class WalkTest : public testing::Test
{
 protected:
    void play(std::size_t axis, const AxisSeries& series)
    {
        for (const auto& sample : series.samples())
            walk.take(axis, {start + sample.time, sample.raw});
        start += series.now();
        walk.look(start);
    }
    AxisSeries letGoThrice(int rest)
    {
        AxisSeries series(500);
        for (int i = 0; i < 3; ++i) series.moveTo(100).moveTo(rest).stay(1.0);
        return series;
    }

    Time start = std::chrono::seconds(100);
    CalibrationWalk walk{
        {{kRange, Sides::Two, kPresent}, {kRange, Sides::Two, kPresent}}, {500, 500}, start};
};

TEST_F(WalkTest, EachAxisTicksItselfOffAtItsEnds)
{
    EXPECT_FALSE(walk.isTicked(0));
    play(0, AxisSeries(500).moveTo(10));
    EXPECT_FALSE(walk.isTicked(0)) << "one end is not enough";
    play(0, AxisSeries(10).moveTo(990));
    EXPECT_TRUE(walk.isTicked(0));
    EXPECT_FALSE(walk.isTicked(1));
}

TEST_F(WalkTest, LettingGoThreeTimesTicksAnAxisOff)
{
    walk.begin(CalibrationWalk::Step::LetGo, {500, 500}, start);
    play(1, letGoThrice(503));
    EXPECT_TRUE(walk.isTicked(1));
    EXPECT_FALSE(walk.isTicked(0)) << "it only lay there";
}

TEST_F(WalkTest, TheVerdictPutsBothStepsTogether)
{
    play(0, AxisSeries(500).moveTo(10).moveTo(990).moveTo(500));
    walk.begin(CalibrationWalk::Step::LetGo, {500, 500}, start);
    play(0, letGoThrice(503));
    walk.begin(CalibrationWalk::Step::Verdict, {500, 500}, start);
    walk.take(0, {start, 77});
    EXPECT_EQ(walk.verdict(0).calibration, (Calibration{10, 503, 990, 0}));
    EXPECT_THAT(walk.verdict(1).words, Not(HasSubstr("Reaches")));
}

TEST_F(WalkTest, GoingBackBeginsTheStepAnew)
{
    play(0, AxisSeries(500).moveTo(10).moveTo(990).moveTo(500));
    walk.begin(CalibrationWalk::Step::LetGo, {500, 500}, start);
    walk.begin(CalibrationWalk::Step::Ends, {500, 500}, start);
    EXPECT_FALSE(walk.isTicked(0));
}

TEST(Judge, AnAxisStuckAtAnEndIsNamed)
{
    const auto stuck = judgeStick(AxisSeries(0).stay(2.0), AxisSeries(0).stay(2.0));
    EXPECT_THAT(stuck.words, HasSubstr("Stands at its low end and never moved"));
    EXPECT_FALSE(stuck.offersCalibration);
    EXPECT_THAT(judgeStick(AxisSeries(1000), AxisSeries(1000)).words, HasSubstr("high end"));
    EXPECT_EQ(judgeStick(AxisSeries(500), AxisSeries(500)).words, "Not moved: it stays as it is.");
}

TEST(Judge, AnImpossibleRangeGivesWayToWhatWasSeen)
{
    for (const auto& told : {AxisRange{5, 5, 5}, AxisRange{900, 100, 500}}) {
        const auto ends = AxisSeries(400).moveTo(10).moveTo(790).moveTo(400);
        const auto seen = ends.survey(soundRange(told, ends.samples()));
        const auto verdict =
            judge(seen, {{}, Sides::Two}, told, Sides::Two, Calibration::ofRange(5, 5));
        EXPECT_EQ(verdict.calibration.low, 10);
        EXPECT_EQ(verdict.calibration.high, 790);
        EXPECT_THAT(verdict.words, HasSubstr("Its device tells an impossible range"));
    }
}

TEST(Judge, CountsBeyondTheToldEndsBecomeTheEnds)
{
    const auto verdict =
        judgeStick(AxisSeries(500).moveTo(-40).moveTo(1030).moveTo(500), AxisSeries(500).stay(2.0));
    EXPECT_EQ(verdict.calibration.low, -40);
    EXPECT_THAT(verdict.words, HasSubstr("Goes beyond the ends that its device tells"));
}

TEST(CalibrationWalk, TheTimeInWhichItWasLeftDoesNotCount)
{
    const std::vector<CalibrationWalk::Axis> axes{{kRange, Sides::Two, kPresent, {}}};
    CalibrationWalk walk(axes, {500}, Time{});
    walk.begin(CalibrationWalk::Step::LetGo, {500}, Time{});
    const auto play = [&](const AxisSeries& series, Time offset) {
        for (const auto& sample : series.samples())
            walk.take(0, {sample.time + offset, sample.raw});
        walk.look(series.now() + offset);
        return series.now() + offset;
    };
    const auto left = play(AxisSeries(500).moveTo(900).moveTo(504).stay(0.3), {});
    walk.pause(left);
    walk.take(0, {left + std::chrono::seconds(1), 100});
    EXPECT_EQ(walk.findings(0).low, 500) << "nobody listens meanwhile";
    const auto back = left + std::chrono::hours(1);
    walk.resume({504}, back);
    EXPECT_TRUE(walk.findings(0).rests.empty()) << "an hour away is no rest";
    play(AxisSeries(504).moveTo(900).moveTo(500).stay(1.0), back);
    EXPECT_EQ(walk.findings(0).rests.size(), 1U);
}

}  // namespace
}  // namespace jolly
