// SPDX-License-Identifier: GPL-3.0-or-later
#include "stages_of.h"

#include <gmock/gmock.h>
#include <nlohmann/json.hpp>

#include <cmath>
#include <fstream>
#include <limits>
#include <random>

namespace jolly
{
namespace
{

using testing::HasSubstr;

constexpr double kNaN = std::numeric_limits<double>::quiet_NaN();
constexpr double kInfinity = std::numeric_limits<double>::infinity();

double settledAt(const StageParameters& stage, double in, Sides sides = Sides::Two)
{
    auto runner = prepare(stage, {ControlKind::Axis, sides});
    return settled(runner, {in, 0.0}).x;
}

/// Another axis at `value`, for stages that look at one.
struct Other {
    std::vector<Value> values;
    StageInput input;

    explicit Other(double value, Sides sides = Sides::Two, ControlKind kind = ControlKind::Axis)
        : values{{value, 0.0}}, input{ControlKind::Axis, sides, [sides, kind](const Source&) {
                                          return SeenControl{0, kind, sides};
                                      }}
    {
    }

    double run(const StageParameters& stage, double in)
    {
        auto runner = prepare(stage, input);
        return apply(runner, {in, 0.0}, {Time{}, values}).x;
    }
};

const Source kOther{"stick", {EventType::Abs, 1}};

nlohmann::json reference()
{
    std::ifstream in(std::string(JOLLY_SOURCE_DIR) + "/tests/data/reference/shaping.json");
    return nlohmann::json::parse(in);
}

/// Every kind of stage with several settings.
std::vector<StageParameters> manyStages()
{
    std::vector<StageParameters> stages;
    StageList::forEach([&](auto kind) { stages.emplace_back(kind); });
    for (const double amount : {0.0, 0.1, 0.45}) {
        stages.emplace_back(DeadZone{amount, amount / 2, amount, 0.0});
        stages.emplace_back(LeadIn{amount});
        stages.emplace_back(Softness{2.0 * amount});
        stages.emplace_back(Softness{-2.0 * amount});
        stages.emplace_back(Reach{amount, 1.0 - amount});
        stages.emplace_back(Scale{4.0 * amount - 1.0, amount});
        stages.emplace_back(RoundDeadZone{kOther, amount, amount, ZoneShape::Round, true});
        stages.emplace_back(Stillness{amount});
    }
    return stages;
}

TEST(StageLaws, StaysWithinTheAxisForAnyInputAndAnyTime)
{
    std::mt19937 random(5);
    std::uniform_real_distribution<double> some(-1.5, 1.5);
    for (const auto sides : {Sides::Two, Sides::One}) {
        for (const auto& stage : manyStages()) {
            Other other(0.3, sides);
            auto runner = prepare(stage, other.input);
            const auto gives = signalAfter(stage, {ControlKind::Axis, sides});
            const double low = gives.kind == ControlKind::Hat ? -1.0 : gives.low();
            Time now{};
            for (int i = 0; i < 400; ++i) {
                now += std::chrono::microseconds(random() % 20'000);
                const double odd[] = {kNaN, kInfinity, -kInfinity, 1e300, -1.0, 1.0, 0.0};
                double in = i % 9 == 0 ? odd[i / 9 % 7] : some(random);
                if (sides == Sides::One && in < 0.0) in = 0.0;
                other.values[0].x =
                    sides == Sides::One ? std::abs(some(random)) / 1.5 : some(random);
                const double out = apply(runner, {in, 0.0}, {now, other.values}).x;
                const auto& name = infoOf(stage).name;
                ASSERT_TRUE(std::isfinite(out)) << name << " of " << in;
                if (gives.kind == ControlKind::Turner) continue;  // sums have no limits
                ASSERT_LE(out, 1.0 + 1e-12) << name << " of " << in;
                const bool isMirror = name == "invert" || name == "softness" ||
                                      name == "counter-curve" || name == "curve";
                ASSERT_GE(out, (isMirror ? -1.0 : std::min(low, in)) - 1e-12)
                    << name << " of " << in;
            }
        }
    }
}

/// Fills every parameter of a stage with what no file may hold.
struct Wild {
    std::mt19937& random;

    double odd()
    {
        const double all[] = {kNaN, kInfinity, -kInfinity, -7.0, -1.0, -0.5,
                              0.0,  1e-300,    0.3,        0.3,  1.0,  9e99};
        return all[random() % std::size(all)];
    }
    void operator()(const auto&, double& value) { value = odd(); }
    void operator()(const auto&, CurvePoints& points)
    {
        points.assign(random() % 5, {});
        for (auto& point : points) point = {odd(), odd()};
    }
    void operator()(const auto&, DetentList& detents)
    {
        detents.assign(random() % 4, {});
        for (auto& detent : detents) detent = {"", odd(), odd(), odd()};
    }
    void operator()(const auto&, auto&) {}
};

TEST(StageLaws, WhateverAStageIsPreparedFromItRunsAndStaysWithinTheAxis)
{
    std::mt19937 random(12);
    Wild wild{random};
    for (int i = 0; i < 400; ++i) {
        StageList::forEach([&](auto kind) {
            kind.fields(kind, wild);
            auto runner = prepare(kind, {});
            for (const double in : {-1.0, -0.3, 0.0, 1e-9, 0.3, 1.0}) {
                const double out =
                    apply(runner, {in, 0.0}, {std::chrono::milliseconds(i % 50), {}}).x;
                ASSERT_LE(std::abs(out), 1.0) << kind.kInfo.name;
            }
        });
    }
}

TEST(StageLaws, ACurveWithoutSoundPointsLetsThrough)
{
    for (const CurvePoints& points :
         {CurvePoints{}, CurvePoints{{0, 0}}, CurvePoints{{0, 0}, {0, 0}},
          CurvePoints{{0, 0}, {kNaN, 1}}, CurvePoints{{1, 1}, {0, 0}}}) {
        for (const bool isSmooth : {true, false}) {
            for (const double in : {-1.0, 0.0, 0.25, 1.0}) {
                EXPECT_EQ(settledAt(Curve{points, isSmooth, false}, in), in);
                EXPECT_EQ(settledAt(CounterCurve{points, isSmooth, true}, in), in);
                Curve::Runner bare(Curve{points, isSmooth, true});
                EXPECT_NEAR(bare.apply({in, 0.0}, {}).x, in, 1e-12);
                EXPECT_NEAR(bare.inverse(in), in, 1e-12);
            }
        }
    }
}

TEST(StageLaws, FullInIsFullOutExactly)
{
    auto stages = stagesOf(DeadZone{0.1, 0.1, 0.1, 0.1}, Curve{}, CounterCurve{}, Invert{}, Scale{},
                           Steady{}, Spikes{}, Stillness{}, Pace{}, Detents{}, Guard{}, Trim{},
                           HoldValue{}, RoundDeadZone{std::nullopt, 0.07});
    for (int i = 0; i <= 1000; ++i) {
        const double part = i / 1000.0;
        stages.emplace_back(Softness{2.0 * part - 1.0});
        stages.emplace_back(LeadIn{0.9 * part});
        stages.emplace_back(Reach{0.9 * part, 0.1 + 0.9 * part * 1.0});
        stages.emplace_back(Reach{0.9 * part, 1.0});
    }
    for (const auto& stage : stages) {
        for (const double end : {-1.0, 1.0}) {
            const auto* reach = std::get_if<Reach>(&stage);
            if (reach && end < 0.0 && reach->to < 0.01) continue;
            const double wanted = std::holds_alternative<Invert>(stage) ? -end : end;
            ASSERT_EQ(settledAt(stage, end), wanted) << infoOf(stage).name;
        }
        ASSERT_EQ(settledAt(stage, 1.0, Sides::One),
                  std::holds_alternative<Invert>(stage) ? 0.0 : 1.0)
            << infoOf(stage).name;
    }
    for (int i = 0; i <= 1000; ++i) {
        EXPECT_EQ(Other(1.0).run(Blend{kOther, Blending::Weighted, i / 1000.0}, 1.0), 1.0);
        EXPECT_EQ(Other(-1.0).run(Blend{kOther, Blending::Weighted, i / 1000.0}, -1.0), -1.0);
    }
}

TEST(StageLaws, AreContinuousAndRiseWhereThatIsPromised)
{
    const auto kRising =
        stagesOf(DeadZone{0.1, 0.2, 0.05, 0.1}, Reach{0.2, 0.9}, Curve{}, Softness{0.7},
                 Softness{-0.7}, CounterCurve{}, Scale{1.5, 0.1}, Detents{});
    constexpr int kSteps = 4000;
    for (const auto& stage : kRising) {
        double before = settledAt(stage, -1.0);
        for (int i = 1; i <= kSteps; ++i) {
            const double out = settledAt(stage, 2.0 * i / kSteps - 1.0);
            ASSERT_GE(out, before - 1e-12) << infoOf(stage).name;
            ASSERT_LE(out - before, 0.05) << infoOf(stage).name << " jumps";
            before = out;
        }
    }
}

TEST(StageLaws, MirroredOnesAreOdd)
{
    const auto kOdd =
        stagesOf(DeadZone{}, LeadIn{}, Softness{0.4}, Softness{-0.4}, Curve{}, CounterCurve{});
    for (const auto& stage : kOdd) {
        for (double v = 0.0; v <= 1.0; v += 0.01)
            EXPECT_EQ(settledAt(stage, -v), -settledAt(stage, v)) << infoOf(stage).name;
    }
}

TEST(StageLaws, WithoutAnAmountNothingChanges)
{
    const auto kNothing = stagesOf(DeadZone{0, 0, 0, 0}, LeadIn{0.0}, Softness{0.0}, Reach{},
                                   Scale{}, RoundDeadZone{std::nullopt, 0.0});
    for (double v = -1.0; v <= 1.0; v += 0.01) {
        for (const auto& stage : kNothing)
            EXPECT_NEAR(settledAt(stage, v), v, 1e-12) << infoOf(stage).name;
    }
}

TEST(Softness, OneUndoesTheOther)
{
    for (double s = -1.0; s <= 1.0; s += 0.0625) {
        for (double v = -1.0; v <= 1.0; v += 0.01)
            EXPECT_NEAR(settledAt(Softness{-s}, settledAt(Softness{s}, v)), v, 1e-9) << s;
    }
}

TEST(Softness, ItsInverseIsThatOfTheReference)
{
    const auto known = reference();
    for (const auto& row : known["softness"]) {
        const double s = row[0];
        EXPECT_NEAR(settledAt(Softness{-s}, row[1]), row[2].get<double>(), 1e-9) << row;
    }
}

TEST(Curves, TheCurveAndItsInverseAreThoseOfTheReference)
{
    const auto curves = reference()["curves"];
    ASSERT_GT(curves.size(), 5U);
    for (const auto& each : curves) {
        CurvePoints points;
        for (const auto& p : each["points"]) points.push_back({p[0], p[1]});
        const Curve curve{points, true, false, false};
        for (const auto& row : each["curve"])
            EXPECT_NEAR(settledAt(curve, row[0]), row[1].get<double>(), 1e-12);
        const CounterCurve counter{points, true, false};
        for (const auto& row : each["inverse"])
            EXPECT_NEAR(settledAt(counter, row[0]), row[1].get<double>(), 1e-9);
        for (double v = -1.0; v <= 1.0; v += 0.01) {
            const double bent = settledAt(curve, v);
            EXPECT_NEAR(settledAt(curve, settledAt(counter, bent)), bent, 1e-9);
        }
    }
}

TEST(Curves, PointsCloserThanATenthOfAPercentAreRefused)
{
    Curve curve{{{0, 0}, {0.5, 0.4}, {0.5009, 0.5}, {1, 1}}};
    EXPECT_THAT(curve.complaint(), HasSubstr("0.1 % apart or more: point 3"));
    curve.points[2].in = 0.501;
    EXPECT_EQ(curve.complaint(), "");
}

TEST(CounterCurve, UndoesWhatTheSimBends)
{
    for (const bool isSmooth : {true, false}) {
        const CounterCurve counter{.isSmooth = isSmooth};
        for (double v = -1.0; v <= 1.0; v += 0.005)
            EXPECT_NEAR(settledAt(counter, settledAt(counter.answer(), v)), v, 1e-6);
    }
}

TEST(CounterCurve, AnAnswerThatDoesNotRiseIsNamed)
{
    CounterCurve counter{.points = {{0, 0}, {0.4, 0.5}, {0.6, 0.5}, {1, 1}}};
    EXPECT_THAT(counter.complaint(), HasSubstr("answer at point 3, 50.0 %, is not above"));
}

TEST(LeadIn, RestStaysAndTheFirstMoveComesOutAtOnce)
{
    EXPECT_EQ(settledAt(LeadIn{0.2}, 0.0), 0.0);
    EXPECT_NEAR(settledAt(LeadIn{0.2}, 1e-6), 0.2, 1e-5);
    EXPECT_NEAR(settledAt(LeadIn{0.2}, -1e-6), -0.2, 1e-5);
    EXPECT_DOUBLE_EQ(settledAt(LeadIn{0.2}, 1.0), 1.0);
}

TEST(Reach, APartOfAWheelBecomesAllOfIt)
{
    const auto reach = Reach::ofDegrees(900.0, 270.0);
    EXPECT_NEAR(settledAt(reach, 135.0 / 450.0), 1.0, 1e-12);
    EXPECT_NEAR(settledAt(reach, -67.5 / 450.0), -0.5, 1e-12);
    EXPECT_EQ(Reach::ofDegrees(270.0, 900.0), Reach{});
    EXPECT_NEAR(settledAt(Reach{0.25, 0.75}, 0.5, Sides::One), 0.5, 1e-12);
}

TEST(Reach, NothingLeftIsNamed)
{
    EXPECT_THAT((Reach{0.5, 0.5}).complaint(), HasSubstr("leave nothing of the travel"));
}

TEST(Half, OneAxisBecomesTwoTriggers)
{
    EXPECT_DOUBLE_EQ(settledAt(Half{Side::Upper}, 0.4), 0.4);
    EXPECT_DOUBLE_EQ(settledAt(Half{Side::Upper}, -0.4), 0.0);
    EXPECT_DOUBLE_EQ(settledAt(Half{Side::Lower}, -0.4), 0.4);
    EXPECT_DOUBLE_EQ(settledAt(Half{Side::Upper}, 0.75, Sides::One), 0.5);
    EXPECT_EQ(signalAfter(Half{}, {}).sides, Sides::One);
}

TEST(Detents, AreHitExactlyAndStraightBetween)
{
    const Detents lever{{{"idle", 0.2, 0.0, 0.02}, {"climb", 0.8, 0.9, 0.05}}};
    const auto at = [&](double v) { return settledAt(lever, v, Sides::One); };
    EXPECT_EQ(at(0.18), 0.0);
    EXPECT_EQ(at(0.22), 0.0);
    EXPECT_EQ(at(0.8), 0.9);
    EXPECT_EQ(at(0.85), 0.9);
    EXPECT_NEAR(at((0.22 + 0.75) / 2), 0.45, 1e-12);
    EXPECT_EQ(at(0.0), 0.0);
    EXPECT_EQ(at(1.0), 1.0);
}

TEST(Detents, WhatOverlapsOrIsOutOfOrderIsRefusedWithBothNames)
{
    const Detents overlapping{{{"idle", 0.2, 0.0, 0.05}, {"taxi", 0.25, 0.1, 0.05}}};
    EXPECT_THAT(overlapping.complaint(),
                HasSubstr("\"idle\" at 20.0 % and \"taxi\" at 25.0 % overlap"));
    const Detents disordered{{{"idle", 0.5, 0.0, 0.01}, {"", 0.2, 0.1, 0.01}}};
    EXPECT_THAT(disordered.complaint(),
                HasSubstr("\"idle\" at 50.0 % and notch 2 at 20.0 % are in"));
    EXPECT_THAT(Detents{{}}.complaint(), HasSubstr("no notch"));
}

TEST(Blend, JoinsTwoAxesInEveryWay)
{
    struct Way {
        Blending how;
        Sides sides;
        double a, b, out;
    };
    for (const auto& row : {Way{Blending::HalfDifference, Sides::One, 1.0, 0.25, 0.75},
                            Way{Blending::HalfDifference, Sides::Two, 0.5, -0.5, 0.5},
                            Way{Blending::Average, Sides::Two, 0.5, -0.1, 0.2},
                            Way{Blending::Larger, Sides::Two, 0.2, -0.6, -0.6},
                            Way{Blending::Smaller, Sides::Two, 0.2, -0.6, 0.2},
                            Way{Blending::Sum, Sides::Two, 0.8, 0.7, 1.0},
                            Way{Blending::Weighted, Sides::Two, 1.0, 0.0, 0.75}}) {
        Other other(row.b, row.sides);
        EXPECT_NEAR(other.run(Blend{kOther, row.how, 0.25}, row.a), row.out, 1e-12)
            << static_cast<int>(row.how);
    }
    EXPECT_EQ(
        signalAfter(Blend{kOther, Blending::HalfDifference}, {ControlKind::Axis, Sides::One}).sides,
        Sides::Two);
}

TEST(RoundDeadZone, IsJudgedByBothAxesAndKeepsTheDirection)
{
    const RoundDeadZone zone{kOther, 0.2};
    EXPECT_EQ(Other(0.1).run(zone, 0.1), 0.0);
    EXPECT_GT(Other(0.5).run(zone, 0.1), 0.0) << "a stick far to the side lets small moves through";
    Other other(0.6);
    const double x = other.run(zone, 0.3);
    Other turned(0.3);
    const double y = turned.run(zone, 0.6);
    EXPECT_NEAR(y / x, 2.0, 1e-12);
    EXPECT_NEAR(std::hypot(x, y), (std::hypot(0.3, 0.6) - 0.2) / 0.8, 1e-12);
    EXPECT_NEAR(Other(0.5).run(RoundDeadZone{kOther, 0.2, 0.0, ZoneShape::Square}, 0.5), 0.375,
                1e-12);
}

TEST(RoundDeadZone, ARoundGateReachesTheCornersOnRequest)
{
    const double diagonal = std::sqrt(0.5);
    EXPECT_NEAR(Other(diagonal).run(RoundDeadZone{kOther, 0.1}, diagonal), diagonal, 1e-12);
    EXPECT_NEAR(
        Other(diagonal).run(RoundDeadZone{kOther, 0.1, 0.0, ZoneShape::Round, true}, diagonal), 1.0,
        1e-12);
}

}  // namespace
}  // namespace jolly
