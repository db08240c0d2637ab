// SPDX-License-Identifier: GPL-3.0-or-later
#include "core/tangle/stage_run.h"

#include <gtest/gtest.h>

#include <cmath>
#include <functional>

namespace jolly
{
namespace
{

double run(const StageParameters& stage, double in, StageInput input = {})
{
    auto runner = prepare(stage, input);
    return settled(runner, {in, 0.0}).x;
}

struct Row {
    const char* name;
    StageParameters stage;
    double in;
    double out;
};

class StageTable : public testing::TestWithParam<Row>
{
};

TEST_P(StageTable, GivesTheExactValue)
{
    EXPECT_NEAR(run(GetParam().stage, GetParam().in), GetParam().out, 1e-12);
}

const Curve kLines{
    .points = {{-1, -0.5}, {0, 0}, {0.5, 0.1}, {1, 1}}, .isSmooth = false, .isMirrored = false};
const Curve kDip{.points = {{0, 0}, {0.5, 0.6}, {1, 0.2}}, .isSmooth = false, .keepsRising = true};

INSTANTIATE_TEST_SUITE_P(
    All, StageTable,
    testing::Values(Row{"InvertTurnsRound", Invert{}, 0.3, -0.3},
                    Row{"NothingAtRest", DeadZone{0.1, 0.2, 0, 0}, 0.2, 0.0},
                    Row{"NothingBelowRest", DeadZone{0.1, 0.2, 0, 0}, -0.1, 0.0},
                    Row{"StretchedAbove", DeadZone{0.1, 0.2, 0, 0}, 0.6, 0.5},
                    Row{"StretchedBelow", DeadZone{0.1, 0.2, 0, 0}, -0.55, -0.5},
                    Row{"FullAtTheHighEnd", DeadZone{0, 0, 0, 0.1}, 0.9, 1.0},
                    Row{"FullAtTheLowEnd", DeadZone{0, 0, 0.25, 0}, -0.75, -1.0},
                    Row{"BothTogether", DeadZone{0, 0.2, 0, 0.2}, 0.5, 0.5},
                    Row{"LineBetweenPoints", kLines, 0.75, 0.55},
                    Row{"LineBelowZero", kLines, -0.5, -0.25},
                    Row{"FlatBeyondTheEnds", kLines, 1.0, 1.0}, Row{"LiftedPoint", kDip, 1.0, 0.6},
                    Row{"MirrorImage", kDip, -0.25, -0.3},
                    Row{"SmoothThroughPoints", Curve{{{0, 0}, {0.5, 0.3}, {1, 1}}}, 0.5, 0.3}),
    [](const auto& row) { return row.param.name; });

TEST(Invert, AOneSidedAxisAndAButtonTurnRoundInTheirRange)
{
    EXPECT_DOUBLE_EQ(run(Invert{}, 0.25, {ControlKind::Axis, Sides::One}), 0.75);
    EXPECT_DOUBLE_EQ(run(Invert{}, 1.0, {ControlKind::Button, Sides::Two}), 0.0);
}

/// Steps through the whole travel and hands each pair of neighbours to `check`.
void sweep(const StageParameters& stage, const std::function<void(double, double)>& check)
{
    double before = run(stage, -1.0);
    for (int i = -999; i <= 1000; ++i) {
        const double now = run(stage, i / 1000.0);
        check(before, now);
        before = now;
    }
}

const StageParameters kLawful[] = {
    DeadZone{},
    DeadZone{0.3, 0.05, 0.2, 0.4},
    Curve{},
    Curve{{{0, 0}, {0.1, 0.05}, {0.15, 0.8}, {0.7, 0.8}, {1, 1}}},
    Curve{{{-1, -1}, {-0.2, -0.9}, {0.3, 0.0}, {1, 0.4}}, true, false},
};

TEST(StageLaws, RisingPointsMakeARisingBoundedContinuousShape)
{
    for (const auto& stage : kLawful) {
        sweep(stage, [](double before, double now) {
            EXPECT_GE(now, before - 1e-12);
            EXPECT_LE(std::abs(now), 1.0 + 1e-12);
            EXPECT_LT(now - before, 0.05) << "a jump within a thousandth of the travel";
        });
    }
}

TEST(StageLaws, MirroredCurvesAreOdd)
{
    const Curve curve{{{0, 0}, {0.3, 0.5}, {1, 0.9}}};
    for (int i = 0; i <= 100; ++i) EXPECT_DOUBLE_EQ(run(curve, i / 100.0), -run(curve, -i / 100.0));
}

TEST(Curve, SmoothCurvesNeverOvershootTheirPoints)
{
    const Curve curve{{{0, 0}, {0.4, 0.7}, {0.6, 0.2}, {1, 1}}};
    for (int i = 400; i <= 600; ++i) {
        EXPECT_LE(run(curve, i / 1000.0), 0.7 + 1e-12);
        EXPECT_GE(run(curve, i / 1000.0), 0.2 - 1e-12);
    }
}

TEST(Curve, ComplainsOfPointsThatMakeNoCurve)
{
    EXPECT_TRUE(Curve{}.complaint().empty());
    EXPECT_NE((Curve{{{0, 0}}}.complaint()), "");
    EXPECT_NE((Curve{{{0, 0}, {0, 1}}}.complaint()), "");
    EXPECT_NE((Curve{{{0, 0.1}, {1, 1}}}.complaint()), "");
    EXPECT_EQ((Curve{{{0, 0.1}, {1, 1}}, true, false}.complaint()), "");
}

TEST(DeadZone, ComplainsWhenNothingIsLeft)
{
    EXPECT_TRUE(DeadZone{}.complaint().empty());
    EXPECT_NE((DeadZone{0, 0.6, 0, 0.4}.complaint()), "");
    EXPECT_NE((DeadZone{0.6, 0, 0.4, 0}.complaint()), "");
}

TEST(StageList, NamesAreDifferentAndSentencesAreThere)
{
    std::set<std::string_view> names;
    StageList::forEach([&](const auto& kind) {
        EXPECT_TRUE(names.insert(kind.kInfo.name.english()).second) << kind.kInfo.name.english();
        EXPECT_TRUE(kind.kInfo.sentence.english().ends_with('.')) << kind.kInfo.name.english();
        EXPECT_FALSE(kind.summary().empty());
        EXPECT_TRUE(kind.complaint().empty())
            << "defaults must be sound: " << kind.kInfo.name.english();
    });
}

}  // namespace
}  // namespace jolly
