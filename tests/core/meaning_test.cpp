// SPDX-License-Identifier: GPL-3.0-or-later
#include "machine_story.h"

/// What docs/model.md says under "Running".
namespace jolly
{
namespace
{

using namespace test;
using testing::ElementsAre;
using testing::IsEmpty;

const Trim kTrim{
    .up = Source{"stick", kThumb}, .down = Source{"stick", kTrigger}, .step = 0.1, .most = 1.0};

class Meaning : public MachineStory
{
 protected:
    /// A stage that works while the toggle is on.
    static Stage whileToggled(StageParameters parameters)
    {
        return {.parameters = std::move(parameters), .when = When{.control = {"stick", kToggle}}};
    }

    void wait(Time length)
    {
        for (const auto end = now + length; now < end;) {
            now = std::min(machine->nextTick(), end);
            machine->tick(now);
        }
    }

    double out(std::uint32_t strand = 0) const
    {
        return machine->stages().outlets(machine->plan().strands[strand])[0].x;
    }

    std::uint32_t outputOf(VirtualControl control) const
    {
        std::uint32_t i = 0;
        while (machine->plan().outputs[i].layout.control != control) ++i;
        return i;
    }
};

TEST_F(Meaning, TheFirstCountCountsWhateverItIs)
{
    tangle.rig[0].controls[0].calibration.noise = 50;
    addStrand(tangle, kX, axis(1), {{Scale{.offset = 0.5}}});
    start();
    move(kX, 0);
    EXPECT_THAT(seen(), ElementsAre("axis 1 = 16384")) << "at rest it is half way";
}

TEST_F(Meaning, AButtonFirstSeenUpIsUpAndAnInvertedOnePressed)
{
    addStrand(tangle, kTrigger, button(1));
    addStrand(tangle, kThumb, button(2), {{Invert{}}});
    start();
    EXPECT_THAT(seen(), IsEmpty()) << "not heard of: not pressed";
    release(kTrigger);
    release(kThumb);
    EXPECT_THAT(seen(), ElementsAre("button 2 = 1"));
}

TEST_F(Meaning, AnInvertedPushThatIsHeldAtGoLiveIsNotPressedUntilItIsLetGo)
{
    addStrand(tangle, kThumb, button(2), {{Invert{}}});
    start();
    prime(kThumb, 1);
    EXPECT_THAT(seen(), IsEmpty());
    release(kThumb);
    EXPECT_THAT(seen(), ElementsAre("button 2 = 1"));
    press(kThumb);
    EXPECT_THAT(seen(), ElementsAre("button 2 = 0"));
}

TEST_F(Meaning, AMeetingWhoseResultStaysSendsNothing)
{
    tangle.devices[0].settings = {{.control = axis(1), .meeting = Meeting::Larger}};
    addStrand(tangle, kX, axis(1));
    addStrand(tangle, kY, axis(1));
    start();
    move(kX, 900);
    EXPECT_EQ(seen().size(), 1U);
    move(kY, 500);
    EXPECT_THAT(seen(), IsEmpty());
}

TEST_F(Meaning, WhatMovesByItselfTakesTheAxisWhileItMoves)
{
    addStrand(tangle, kX, axis(1), {{Pace{.rising = 1.0, .falling = 1.0}}});
    addStrand(tangle, kY, axis(1));
    start();
    move(kX, 0);
    move(kY, 0);
    move(kX, 1000);
    wait(100 * kMs);
    move(kY, -1000);
    EXPECT_EQ(at(axis(1)), -32768) << "the hand moved last";
    wait(100 * kMs);
    EXPECT_NEAR(at(axis(1)), 32767 / 5, 200) << "then the pace goes on";
    wait(2000 * kMs);
    EXPECT_EQ(at(axis(1)), 32767);
    move(kY, -500);
    wait(1000 * kMs);
    EXPECT_EQ(at(axis(1)), -16384) << "it has arrived and moves no more";
}

TEST_F(Meaning, ADifferenceInTheLastBitIsNoMove)
{
    addStrand(tangle, kX, axis(1));
    addStrand(tangle, kY, axis(1));
    start();
    move(kX, 300);
    move(kY, 700);
    const auto owner = at(axis(1));
    Meetings meetings(machine->plan());
    meetings.feed(0, {0.3, 0}, Cause::Move);
    meetings.feed(1, {0.7, 0}, Cause::Move);
    meetings.feed(0, {0.3 + 1e-16, 0}, Cause::Move);
    EXPECT_EQ(meetings.value(outputOf(axis(1))).x, 0.7);
    meetings.feed(0, {0.3 + 1e-9, 0}, Cause::Move);
    EXPECT_NEAR(meetings.value(outputOf(axis(1))).x, 0.3, 1e-8);
    EXPECT_EQ(owner, 22937);
}

TEST_F(Meaning, APaceThatSleptWakesWhereTheHandIs)
{
    addStrand(tangle, kX, axis(1), {whileToggled(Pace{.rising = 1.0, .falling = 1.0})});
    start();
    move(kToggle, 1);
    move(kX, 0);
    move(kX, 1000);
    wait(100 * kMs);
    EXPECT_NEAR(out(), 0.1, 0.01);
    move(kToggle, 0);
    EXPECT_DOUBLE_EQ(out(), 1.0) << "asleep it lets through";
    EXPECT_EQ(machine->nextTick(), Time::max()) << "and wants nothing";
    move(kX, -500);
    now += 5000 * kMs;
    move(kToggle, 1);
    EXPECT_DOUBLE_EQ(out(), -0.5) << "without a jump";
    move(kX, 500);
    wait(100 * kMs);
    EXPECT_NEAR(out(), -0.4, 0.01);
}

TEST_F(Meaning, ADriveAndASpringThatSleptHaveNotSeenAThing)
{
    addStrand(tangle, kX, axis(1), {whileToggled(Drive{.speed = 1.0})});
    addStrand(tangle, kY, axis(2), {whileToggled(Spring{.speed = 1.0})});
    start();
    move(kToggle, 1);
    move(kX, 0);
    move(kY, 0);
    move(kX, 1000);
    move(kY, 1000);
    wait(200 * kMs);
    EXPECT_NEAR(out(0), 0.2, 0.01);
    EXPECT_NEAR(out(1), 0.8, 0.01);
    move(kToggle, 0);
    move(kY, -1000);
    now += 5000 * kMs;
    move(kToggle, 1);
    EXPECT_NEAR(out(0), 0.2, 0.01) << "not aged";
    EXPECT_NEAR(out(1), 0.8, 0.01) << "what the hand did meanwhile does not count";
    wait(100 * kMs);
    EXPECT_NEAR(out(0), 0.3, 0.01);
    EXPECT_NEAR(out(1), 0.7, 0.01);
}

TEST_F(Meaning, ATrimPressBeforeTheAxisWasHeardOfCounts)
{
    addStrand(tangle, kX, axis(1), {{kTrim}});
    start();
    press(kThumb);
    release(kThumb);
    press(kThumb);
    move(kX, 0);
    EXPECT_DOUBLE_EQ(out(), 0.2);
}

TEST_F(Meaning, APushThatIsHeldAtGoLiveAddsNoTrim)
{
    addStrand(tangle, kX, axis(1), {{kTrim}});
    start();
    prime(kThumb, 1);
    prime(kX, 500);
    EXPECT_DOUBLE_EQ(out(), 0.5);
    EXPECT_DOUBLE_EQ(machine->inputs().shown(input(kThumb)).x, 1.0) << "it is shown as it is";
    release(kThumb);
    press(kThumb);
    EXPECT_DOUBLE_EQ(out(), 0.6);
}

TEST_F(Meaning, AStageThatIsAddedInFlightMakesNoOtherForget)
{
    auto& strand = addStrand(tangle, kX, axis(1), {{kTrim}, {Pace{.rising = 1.0, .falling = 1.0}}});
    start();
    move(kX, 0);
    raws[kX] = {0, 0};
    press(kThumb);
    release(kThumb);
    wait(1000 * kMs);
    EXPECT_NEAR(out(), 0.1, 1e-9);
    strand.stages.insert(strand.stages.begin(), {Invert{}});
    strand.stages.insert(strand.stages.begin() + 2, {DeadZone{}});
    edit();
    EXPECT_NEAR(out(), 0.1, 1e-9);
    strand.stages.erase(strand.stages.begin());
    edit();
    EXPECT_NEAR(out(), 0.1, 1e-9);
}

TEST_F(Meaning, ATrimKeyThatIsHeldDuringAnEditIsNotPressedAgain)
{
    addStrand(tangle, kX, axis(1), {{kTrim}});
    start();
    move(kX, 0);
    raws[kX] = {0, 0};
    press(kThumb);
    raws[kThumb] = {1, 0};
    edit();
    EXPECT_NEAR(out(), 0.1, 1e-9);
    release(kThumb);
    press(kThumb);
    EXPECT_NEAR(out(), 0.2, 1e-9);
}

TEST_F(Meaning, AnAxisThatIsKeptWithoutItsControllerOutlivesAnEdit)
{
    addStrand(tangle, kX, axis(1)).whenAway = WhenAway::Keep;
    start();
    move(kX, 500);
    lose(*machine, input(kX), now);
    EXPECT_EQ(at(axis(1)), 16384);
    auto next = std::make_unique<Machine>(compile(tangle));
    next->takeOver(*machine, now);
    machine = std::move(next);
    EXPECT_EQ(at(axis(1)), 16384);
}

TEST_F(Meaning, APressOfAStageThatSleepsIsNoPressWhenItWakes)
{
    addStrand(tangle, kX, axis(1), {whileToggled(kTrim)});
    start();
    press(kThumb);
    press(kToggle);
    move(kX, 0);
    EXPECT_EQ(out(), 0.0) << "pressed before it woke";
    release(kThumb);
    press(kThumb);
    EXPECT_DOUBLE_EQ(out(), 0.1);
}

TEST_F(Meaning, ASwitchThatIsOnAtTheStartIsNoPress)
{
    auto trim = kTrim;
    trim.up = Source{"stick", kToggle};
    addStrand(tangle, kX, axis(1), {{trim}});
    start();
    prime(kToggle, 1);
    prime(kX, 0);
    press(kTrigger);
    EXPECT_DOUBLE_EQ(out(), -0.1) << "one step down, none up";
}

TEST_F(Meaning, AStageWhoseConditionIsTakenAwayWorksAgain)
{
    addStrand(tangle, kX, axis(1), {whileToggled(Spring{.speed = 1.0})});
    start();
    move(kX, 0);
    move(kToggle, 0);
    tangle.strands[0].stages[0].when.reset();
    edit();
    move(kX, 1000);
    ASSERT_DOUBLE_EQ(out(), 1.0);
    wait(2000 * kMs);
    EXPECT_EQ(out(), 0.0) << "it springs back by itself";
}

TEST_F(Meaning, WhatIsKeptWithoutItsControllerIsKeptThroughAnEdit)
{
    tangle.devices[0].settings = {{.control = axis(1), .meeting = Meeting::Larger}};
    addStrand(tangle, kX, axis(1));
    addStrand(tangle, kY, axis(1)).whenAway = WhenAway::Keep;
    start();
    move(kX, 500);
    move(kY, 1000);
    lose(*machine, input(kY), now);
    tangle.strands[0].isOn = false;
    lose(*machine, input(kX), now);
    auto next = std::make_unique<Machine>(compile(tangle));
    next->takeOver(*machine, now);
    machine = std::move(next);
    EXPECT_EQ(at(axis(1)), 32767);
}

TEST_F(Meaning, AnEditUnderAHeldPushWakesNothing)
{
    addStrand(tangle, kX, axis(1),
              {{.parameters = Pace{.rising = 1.0, .falling = 1.0},
                .when = When{.output = Target{"jolly", button(1)}}}});
    addStrand(tangle, kTrigger, button(1));
    start();
    raws[kTrigger] = {1, 0};
    move(kX, 0);
    press(kTrigger);
    raws[kX] = {1000, 0};
    move(kX, 1000);
    wait(100 * kMs);
    const auto before = out();
    ASSERT_NEAR(before, 0.1, 0.01);
    tangle.strands[1].note = "edited";
    edit();
    EXPECT_NEAR(out(), before, 0.01) << "no jump";
}

}  // namespace
}  // namespace jolly
