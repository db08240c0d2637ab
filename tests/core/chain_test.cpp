// SPDX-License-Identifier: GPL-3.0-or-later
#include "core/plan/chain.h"

#include "core/weave/weave.h"
#include "support/lose.h"
#include "support/small_tangle.h"

#include <gmock/gmock.h>

#include <cmath>
#include <limits>

namespace jolly
{
namespace
{

using namespace test;
using testing::HasSubstr;
using testing::IsEmpty;

/// A strand from X to axis 1 in a machine of its own.
class ChainTest : public testing::Test
{
 protected:
    void start(std::vector<Stage> stages)
    {
        tangle = smallTangle();
        addStrand(tangle, kX, axis(1), std::move(stages));
        start();
    }
    void start()
    {
        machine = std::make_unique<Machine>(compile(tangle));
        machine->prime(*machine->plan().inputOf(0, kX), {});
        machine->begin(now);
    }

    void move(ControlCode code, std::int32_t raw)
    {
        now += std::chrono::milliseconds(1);
        machine->move(*machine->plan().inputOf(0, code), false, raw, now);
        machine->dropChanges(now);
    }
    double out() const { return machine->stages().outlets(machine->plan().strands[0])[0].x; }

    /// Lets all that moves by itself arrive.
    void settle()
    {
        for (int i = 0; i < 100'000 && machine->nextTick() != Time::max(); ++i) {
            now = machine->nextTick();
            machine->tick(now);
            machine->dropChanges(now);
        }
    }

    Tangle tangle;
    std::unique_ptr<Machine> machine;
    Time now{};
};

TEST_F(ChainTest, GivesWhatTheMachineGives)
{
    start({{DeadZone{}}, {Curve{}}, {Steady{}}, {Invert{}}, {Pace{}}});
    for (int raw = -1000; raw <= 1000; raw += 50) {
        move(kX, raw);
        settle();
        EXPECT_NEAR(Chain(*machine, 0).through(raw / 1000.0), out(), 1e-12) << raw;
    }
}

TEST_F(ChainTest, ASwitchedOffStageIsNoneOfIt)
{
    start({{.parameters = Invert{}, .isOn = false}, {Scale{0.5, 0.0}}});
    Chain chain(*machine, 0);
    EXPECT_EQ(chain.size(), 1U);
    EXPECT_DOUBLE_EQ(chain.through(0.6), 0.3);
}

TEST_F(ChainTest, FindsTheWayBackThroughAnyPartOfIt)
{
    start({{DeadZone{0.1, 0.2, 0.05, 0.05}}, {Curve{}}, {Invert{}}});
    Chain chain(*machine, 0);
    for (double in = -0.9; in <= 0.9; in += 0.15) {
        const double out = chain.through(in, 0, 3);
        EXPECT_NEAR(chain.through(chain.inverse(out, 0, 3, -1.0, in), 0, 3), out, 1e-9) << in;
    }
    EXPECT_DOUBLE_EQ(chain.inverse(0.0, 0, 1, -1.0, 0.07), 0.07) << "the nearest place that does";
    EXPECT_DOUBLE_EQ(chain.inverse(0.4, 1, 1, -1.0, 0.0), 0.4) << "through nothing";
}

TEST_F(ChainTest, AStageWorksWhileItsControlSaysSo)
{
    start({{.parameters = Invert{}, .when = When{{"stick", kToggle}}},
           {.parameters = Scale{0.5, 0.0},
            .when = When{.control = {"stick", kToggle}, .isOff = true}}});
    move(kX, 800);
    EXPECT_DOUBLE_EQ(out(), 0.4);
    move(kToggle, 1);
    EXPECT_DOUBLE_EQ(out(), -0.8) << "at once, without the axis being moved";
    Chain chain(*machine, 0);
    EXPECT_TRUE(chain.isWorking(0));
    EXPECT_FALSE(chain.isWorking(1));
    EXPECT_DOUBLE_EQ(chain.through(0.5), -0.5);
    move(kToggle, 0);
    EXPECT_DOUBLE_EQ(out(), 0.4);
}

TEST_F(ChainTest, AStageWorksWhileAVirtualControlSaysSo)
{
    start({{.parameters = Invert{}, .when = When{{}, Target{"jolly", button(1)}}}});
    addStrand(tangle, kTrigger, button(1));
    addStrand(tangle, kThumb, button(1));
    start();
    move(kX, 600);
    move(kTrigger, 1);
    EXPECT_DOUBLE_EQ(out(), -0.6);
    move(kThumb, 1);
    move(kTrigger, 0);
    EXPECT_DOUBLE_EQ(out(), -0.6) << "another strand presses it still";
    move(kThumb, 0);
    EXPECT_DOUBLE_EQ(out(), 0.6);
}

TEST_F(ChainTest, StrandsThatLookAtEachOtherComeToAnEnd)
{
    tangle = smallTangle();
    addStrand(tangle, kTrigger, button(1),
              {{.parameters = Invert{}, .when = When{{}, Target{"jolly", button(2)}}}});
    addStrand(tangle, kThumb, button(2),
              {{.parameters = Invert{}, .when = When{{}, Target{"jolly", button(1)}}}});
    start();
    move(kThumb, 0);
    move(kTrigger, 1);
    move(kThumb, 1);
    move(kTrigger, 0);
    int changes = 0;
    machine->takeChanges(now, [&](const Change&) { ++changes; });
    EXPECT_LE(changes, 2) << "no endless round";
}

TEST_F(ChainTest, ABlendFollowsEitherOfItsAxes)
{
    start({{Blend{.other = Source{"stick", kY}, .how = Blending::Average}}});
    move(kX, 1000);
    EXPECT_DOUBLE_EQ(out(), 0.5);
    move(kY, 500);
    EXPECT_DOUBLE_EQ(out(), 0.75);
    lose(*machine, *machine->plan().inputOf(0, kY), now);
    EXPECT_DOUBLE_EQ(out(), 0.5) << "what is gone is at rest";
}

TEST_F(ChainTest, WhatMovesByItselfTicksUntilItHasArrivedAndThenCostsNothing)
{
    start({{Pace{.rising = 1.0, .falling = 1.0}}});
    EXPECT_EQ(machine->nextTick(), Time::max());
    move(kX, 1000);
    int ticks = 0;
    while (machine->nextTick() != Time::max() && ++ticks < 10'000) {
        now = machine->nextTick();
        machine->tick(now);
        machine->dropChanges(now);
    }
    EXPECT_DOUBLE_EQ(out(), 1.0);
    EXPECT_NEAR(ticks, 250, 3) << "a second at a full deflection a second, in ticks of 4 ms";
    machine->tick(now + std::chrono::seconds(1));
    machine->takeChanges(now, [](const Change&) { ADD_FAILURE(); });
}

TEST_F(ChainTest, ALostControlMovesNoMore)
{
    start({{Pace{.rising = 1.0, .falling = 1.0}}});
    move(kX, 1000);
    lose(*machine, *machine->plan().inputOf(0, kX), now);
    settle();
    EXPECT_EQ(machine->nextTick(), Time::max());
    move(kX, -1000);
    EXPECT_DOUBLE_EQ(out(), -1.0) << "what comes back begins where it is";
}

TEST_F(ChainTest, AnEditInFlightGoesOnFromWhereItIs)
{
    start({{Pace{.rising = 1.0, .falling = 1.0}}});
    move(kX, 1000);
    while (now < std::chrono::milliseconds(500)) {
        now = machine->nextTick();
        machine->tick(now);
    }
    const double before = out();
    ASSERT_NEAR(before, 0.5, 0.01);
    tangle.strands[0].stages[0].parameters = Pace{.rising = 2.0, .falling = 2.0};
    Machine next(compile(tangle));
    next.prime(*next.plan().inputOf(0, kX), {1000, 0});
    next.takeOver(*machine, now);
    EXPECT_NEAR(next.stages().outlets(next.plan().strands[0])[0].x, before, 1e-9);
    EXPECT_NE(next.nextTick(), Time::max()) << "it has a way to go still";
}

/// What is wrong with the stages of a strand, as the pilot reads it.
std::vector<std::string> complaints(std::vector<Stage> stages)
{
    auto tangle = smallTangle();
    addStrand(tangle, kX, axis(1), std::move(stages));
    std::vector<std::string> sentences;
    for (const auto& problem : findStrandProblems(tangle, 0))
        sentences.push_back(problem.sentence.english());
    return sentences;
}

CurvePoints manyPoints(int count)
{
    CurvePoints points;
    for (int i = 0; i < count; ++i) points.push_back({i / 1000.0, i / 1000.0});
    return points;
}

TEST(StageComplaints, NameWhatCannotBe)
{
    const double nan = std::numeric_limits<double>::quiet_NaN();
    const std::vector<std::pair<Stage, const char*>> rows = {
        {{Steady{.cutoff = 0.0}}, "\"cut-off at rest\" is 0 Hz; it goes from 0.05 Hz to 100 Hz"},
        {{Guard{.seconds = -1.0}}, "\"or kept longer than\" is -1 s"},
        {{Pace{.rising = -2.0}}, "\"rising\" is -2 /s"},
        {{DeadZone{.above = nan}}, "\"above rest\" is nan"},
        {{Curve{.points = {{0, 0}, {0.5, 0.2}, {0.4, 0.5}, {1, 1}}}}, "point"},
        {{Curve{.points = {{0, 0}, {0.5, 0.2}, {0.5, 0.5}, {1, 1}}}}, "point"},
        {{Curve{.points = {{0, 0}, {0.5, 1.2}, {1, 1}}}},
         "point 2 of \"points\" is outside of -100 % to 100 %"},
        {{Curve{.points = {{0, 0}}}}, "point"},
        {{Curve{.points = manyPoints(1000)}}, "has 1000 points; 32 are the most"},
        {{Detents{{{"idle", 0.3, 0.3, 0.1}, {"climb", 0.4, 0.5, 0.1}}}},
         "\"idle\" at 30.0 % and \"climb\" at 40.0 % overlap"},
        {{Detents{{{"idle", 0.3, 2.0, 0.1}}}}, "notch \"idle\": \"gives\" is 200.0 %"},
        {{Reach{0.4, 0.4}}, "\"reach\""},
        {{Blend{}}, "without \"the other axis\""},
        {{Blend{.other = Source{"gone", kY}}}, "which is not in the rig"},
        {{Blend{.other = Source{"stick", kTrigger}}}, "with a button as \"the other axis\""},
        {{.parameters = Scale{}, .when = When{{}, Target{"jolly", axis(1)}}},
         "which the strand itself moves"},
        {{.parameters = Scale{}, .when = When{{}, Target{"jolly", button(99)}}},
         "which is not there"},
    };
    EXPECT_THAT(complaints({{Steady{}}, {Curve{}}, {Reach{}}}), IsEmpty());
    for (const auto& [stage, sentence] : rows) {
        const auto found = complaints({stage});
        ASSERT_EQ(found.size(), 1U) << sentence;
        EXPECT_THAT(found[0], HasSubstr(sentence));
    }
}

}  // namespace
}  // namespace jolly
