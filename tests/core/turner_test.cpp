// SPDX-License-Identifier: GPL-3.0-or-later
#include "button_story.h"
#include "core/weave/weave.h"

/// Virtual turners: what moves a pointer or turns a wheel, against docs/stages.md.
namespace jolly
{
namespace
{

using namespace test;
using testing::ElementsAre;
using testing::IsEmpty;

VirtualControl turner(std::uint16_t n)
{
    return {ControlKind::Turner, n};
}

class Turners : public ButtonStory
{
 protected:
    Turners()
    {
        tangle.devices.push_back(
            {.id = "pointer", .name = "Pointer", .kind = VirtualKind::Pointer, .number = 2});
    }

    Strand& lead(ControlCode from, VirtualControl to, std::vector<Stage> stages)
    {
        auto& strand = addStrand(tangle, from, to, std::move(stages));
        strand.ends = endsAt({{"pointer", to}});
        return strand;
    }

    void runUntil(int ms) { static_cast<void>(until(ms)); }
};

TEST_F(Turners, AHeldAxisMovesThePointerAtItsSpeed)
{
    lead(kX, turner(1), {{PointerSpeed{.speed = 1000.0, .curve = 1.0}}});
    start();
    move(kX, 500);
    const auto began = now;
    runUntil(1000);
    EXPECT_NEAR(at(turner(1)), 500.0 * inSeconds(now - began), 3.0);
    move(kX, 0);
    const auto there = at(turner(1));
    runUntil(2000);
    EXPECT_EQ(at(turner(1)), there) << "at rest it stands still";
    EXPECT_EQ(machine->nextTick(), Time::max()) << "and nothing runs";
}

TEST_F(Turners, TheCurveMakesItFinerNearRest)
{
    lead(kX, turner(1), {{PointerSpeed{.speed = 1000.0, .curve = 2.0}}});
    start();
    move(kX, -500);
    runUntil(1000);
    EXPECT_NEAR(at(turner(1)), -250, 2);
}

TEST_F(Turners, SlowMovesArriveTheirFractionsAreKept)
{
    lead(kX, turner(1), {{PointerSpeed{.speed = 10.0, .curve = 1.0}}});
    start();
    move(kX, 100);  // one count a second
    runUntil(10'500);
    EXPECT_EQ(at(turner(1)), 10);
}

TEST_F(Turners, AnEditDoesNotMoveThePointer)
{
    lead(kX, turner(1), {{PointerSpeed{.speed = 1000.0, .curve = 1.0}}});
    start();
    move(kX, 1000);
    runUntil(1000);
    raws[kX] = {1000, 0};
    tangle.strands[0].note = "fast";
    edit();
    const auto before = at(turner(1));
    EXPECT_EQ(before, 0) << "the sums of a new machine begin anew";
    runUntil(1100);
    EXPECT_NEAR(at(turner(1)), 100, 6) << "and it goes on as fast";
}

TEST_F(Turners, AStageOfAnotherKindInItsPlaceDoesNotMoveIt)
{
    lead(kDial, turner(3), {});
    start();
    move(kDial, 500);
    raws[kDial] = {500, 0};
    tangle.strands[0].source.control = kX;
    tangle.strands[0].stages = {{PointerSpeed{}}};
    edit();
    EXPECT_EQ(at(turner(3)), 0);
    move(kX, 0);
    EXPECT_EQ(at(turner(3)), 0);
}

TEST_F(Turners, TwoStrandsTurnOneWheelTogether)
{
    lead(kDial, turner(3), {});
    lead(kTrigger, turner(3), {{PressTurns{.counts = 3.0, .repeats = false}}});
    start();
    move(kDial, 2);
    press(kTrigger);
    release(kTrigger);
    move(kDial, 1);
    EXPECT_EQ(at(turner(3)), 4) << "2 + 3 - 1";
}

TEST_F(Turners, AWheelTurnsItsFineTwin)
{
    lead(kDial, turner(3), {});
    start();
    move(kDial, 2);
    EXPECT_THAT(seen(), ElementsAre("turner 3 = 2", "turner 5 = 240"));
}

TEST_F(Turners, AFineWheelTurnsItsCoarseTwinNotchByNotch)
{
    lead(kDial, turner(6), {});
    start();
    move(kDial, 119);
    EXPECT_EQ(at(turner(4)), 0);
    move(kDial, 120);
    EXPECT_EQ(at(turner(4)), 1);
    move(kDial, 0);
    EXPECT_EQ(at(turner(4)), 0);
    move(kDial, -1);
    EXPECT_EQ(at(turner(4)), 0) << "no notch by a hair";
}

TEST_F(Turners, TheLossOfAControllerTurnsNothing)
{
    lead(kDial, turner(1), {});
    start();
    move(kDial, 50);
    lose(*machine, input(kDial), ++now);
    EXPECT_EQ(at(turner(1)), 50);
    machine->prime(input(kDial), {7, 0});
    machine->begin(++now);
    EXPECT_EQ(at(turner(1)), 50) << "where it begins again is no turn";
    move(kDial, 8);
    EXPECT_EQ(at(turner(1)), 51);
}

TEST_F(Turners, ASleepingStageLeavesThePointerWhereItIs)
{
    auto& strand = lead(kX, turner(1), {{PointerSpeed{.speed = 1000.0, .curve = 1.0}}});
    strand.stages[0].when = When{.control = {"stick", kThumb}};
    start();
    press(kThumb);
    move(kX, 1000);
    runUntil(500);
    const auto there = at(turner(1));
    EXPECT_GT(there, 400);
    release(kThumb);
    runUntil(1000);
    EXPECT_NEAR(at(turner(1)), there, 1);
    press(kThumb);
    const auto again = at(turner(1));
    EXPECT_NEAR(again, there, 1) << "the time between does not count";
    runUntil(1100);
    EXPECT_GT(at(turner(1)), again + 80);
}

TEST_F(Turners, AHatMovesThePointerAsFastAcrossAsStraight)
{
    auto& strand = lead(kHat, turner(1), {{HatSpeed{.speed = 1000.0}}});
    strand.ends = {{"across", Target{"pointer", turner(1)}},
                   {"up and down", Target{"pointer", turner(2)}}};
    start();
    hatAt(1, -1);
    runUntil(1000);
    EXPECT_NEAR(std::hypot(at(turner(1)), at(turner(2))), 1000, 6);
    EXPECT_GT(at(turner(1)), 0);
    EXPECT_LT(at(turner(2)), 0) << "up is less";
}

TEST_F(Turners, APressTurnsAgainWhileItIsHeld)
{
    lead(kTrigger, turner(3), {{PressTurns{.counts = -1.0, .after = 400, .every = 100}}});
    start();
    press(kTrigger);
    runUntil(750);
    EXPECT_EQ(at(turner(3)), -5) << "at 0, 400, 500, 600 and 700 ms";
    release(kTrigger);
    runUntil(2000);
    EXPECT_EQ(at(turner(3)), -5);
}

TEST_F(Turners, AGlideGoesBackByItself)
{
    tangle = smallTangle();
    addStrand(tangle, kDial, axis(1), {{Glide{.step = 0.5, .back = 1.0}}});
    start();
    move(kDial, 1);
    runUntil(250);
    EXPECT_NEAR(at(axis(1)) / 32767.0, 0.25, 0.01);
    runUntil(2000);
    EXPECT_EQ(at(axis(1)), 0);
    EXPECT_EQ(machine->nextTick(), Time::max());
}

TEST_F(Turners, AnAxisDoesNotLeadToATurnerByItself)
{
    lead(kX, turner(1), {});
    EXPECT_TRUE(hasErrors(findProblems(tangle)));
    start();
    move(kX, 1000);
    EXPECT_THAT(seen(), IsEmpty());
}

}  // namespace
}  // namespace jolly
