// SPDX-License-Identifier: GPL-3.0-or-later
#include "button_story.h"
#include "core/tangle/edit.h"
#include "core/weave/explain.h"
#include "core/weave/remedies.h"
#include "core/weave/weave.h"

#include <linux/input-event-codes.h>

/// Where ends lead besides whole virtual controls: keys together, halves of axes, orders.
namespace jolly
{
namespace
{

using namespace test;
using testing::ElementsAre;
using testing::HasSubstr;
using testing::IsEmpty;

class Goals : public ButtonStory
{
 protected:
    Goals()
    {
        tangle.devices.push_back(
            {.id = "keys", .name = "Keys", .kind = VirtualKind::Keyboard, .number = 2});
    }

    End& lead(ControlCode from, Goal goal)
    {
        auto& strand = addStrand(tangle, from, button(1));
        strand.ends[0].goal = std::move(goal);
        return strand.ends[0];
    }

    static Chord keys(std::vector<std::uint16_t> codes) { return {"keys", std::move(codes)}; }

    std::string problem() const
    {
        for (const auto& found : findProblems(tangle)) {
            if (found.severity == Severity::Error) return found.sentence.english();
        }
        return {};
    }
};

TEST_F(Goals, ModifiersAreTheFirstKeysDownAndTheLastUp)
{
    lead(kTrigger, keys({KEY_G, KEY_LEFTSHIFT, KEY_H, KEY_LEFTCTRL}));
    start();
    press(kTrigger);
    EXPECT_THAT(seen(),
                ElementsAre("button 42 = 1", "button 29 = 1", "button 34 = 1", "button 35 = 1"));
    release(kTrigger);
    EXPECT_THAT(seen(),
                ElementsAre("button 35 = 0", "button 34 = 0", "button 29 = 0", "button 42 = 0"));
}

TEST_F(Goals, ALostControllerLetsGoOfItsKeysInTheSameOrder)
{
    lead(kTrigger, keys({KEY_LEFTCTRL, KEY_G}));
    start();
    press(kTrigger);
    static_cast<void>(seen());
    lose(*machine, input(kTrigger), ++now);
    EXPECT_THAT(seen(), ElementsAre("button 34 = 0", "button 29 = 0"));
}

TEST_F(Goals, AModifierOfTwoChordsStaysDownUntilBothAreLetGo)
{
    lead(kTrigger, keys({KEY_LEFTCTRL, KEY_G}));
    lead(kThumb, keys({KEY_LEFTCTRL, KEY_H}));
    start();
    press(kTrigger);
    press(kThumb);
    release(kTrigger);
    EXPECT_EQ(at(button(KEY_LEFTCTRL)), 1);
    EXPECT_EQ(at(button(KEY_G)), 0);
    release(kThumb);
    EXPECT_EQ(at(button(KEY_LEFTCTRL)), 0);
}

TEST_F(Goals, ATappedChordIsOnePulse)
{
    auto& end = lead(kTrigger, keys({KEY_LEFTCTRL, KEY_G}));
    end.how = How::Pulse;
    start();
    press(kTrigger);
    EXPECT_THAT(until(200), ElementsAre("0: button 29 = 1", "0: button 34 = 1", "40: button 34 = 0",
                                        "40: button 29 = 0"));
    release(kTrigger);
    EXPECT_THAT(until(400), IsEmpty());
}

TEST_F(Goals, AChordIsKeptUntilAnotherControlLetsGo)
{
    lead(kTrigger, keys({KEY_LEFTCTRL, KEY_G}));
    tangle.strands[0].stages = {{SetAndClear{Source{"stick", kThumb}}}};
    start();
    press(kTrigger);
    release(kTrigger);
    EXPECT_EQ(at(button(KEY_G)), 1);
    press(kThumb);
    EXPECT_EQ(at(button(KEY_G)), 0);
    EXPECT_EQ(at(button(KEY_LEFTCTRL)), 0);
}

TEST_F(Goals, SeveralEndsOfOneOutletAllHappen)
{
    lead(kTrigger, keys({KEY_LEFTCTRL, KEY_G}));
    tangle.strands[0].ends.push_back({"", Target{"jolly", button(2)}});
    start();
    press(kTrigger);
    EXPECT_EQ(at(button(KEY_G)), 1);
    EXPECT_EQ(at(button(2)), 1);
}

TEST_F(Goals, AChordThatSwitchesTheConsoleIsSentOnlyWhenItIsMeant)
{
    lead(kTrigger, keys({KEY_LEFTCTRL, KEY_LEFTALT, KEY_F3}));
    const auto found = findProblems(tangle);
    ASSERT_TRUE(hasErrors(found));
    EXPECT_THAT(found[0].sentence, HasSubstr("switches to another console"));
    start();
    press(kTrigger);
    EXPECT_THAT(seen(), IsEmpty());
    ASSERT_TRUE(remedyFor(found[0]));
    ASSERT_TRUE(remedyFor(found[0])->apply(tangle, found[0]));
    EXPECT_EQ(problem(), "");
    start();
    press(kTrigger);
    EXPECT_EQ(at(button(KEY_F3)), 1);
}

TEST_F(Goals, WhatTheComputerActsOnIsKnown)
{
    EXPECT_THAT(dangerOf(keys({KEY_RIGHTALT, KEY_LEFTCTRL, KEY_F12})), HasSubstr("console"));
    EXPECT_THAT(dangerOf(keys({KEY_LEFTALT, KEY_SYSRQ, KEY_B})), HasSubstr("kernel"));
    EXPECT_THAT(dangerOf(keys({KEY_LEFTALT, KEY_LEFTCTRL, KEY_DELETE})), HasSubstr("restart"));
    EXPECT_THAT(dangerOf(keys({KEY_LEFTALT, KEY_LEFTCTRL, KEY_BACKSPACE})), HasSubstr("session"));
    EXPECT_EQ(dangerOf(keys({KEY_LEFTALT, KEY_F3})), "");
    EXPECT_EQ(dangerOf(keys({KEY_LEFTCTRL, KEY_LEFTALT, KEY_G})), "");
}

TEST_F(Goals, WhatIsWrongWithAChordIsSaid)
{
    auto& goal = lead(kTrigger, keys({KEY_POWER})).goal;
    EXPECT_THAT(problem(), HasSubstr("POWER"));
    goal = keys({});
    EXPECT_THAT(problem(), HasSubstr("presses no keys"));
    goal = keys({KEY_A, KEY_B, KEY_A});
    EXPECT_THAT(problem(), HasSubstr("A twice at once"));
    goal = keys({1, 2, 3, 4, 5, 6, 7, 8, 9});
    EXPECT_THAT(problem(), HasSubstr("9 keys at once"));
    goal = Chord{"jolly", {KEY_A}};
    EXPECT_THAT(problem(), HasSubstr("no virtual keyboard"));
    goal = keys({KEY_A});
    EXPECT_EQ(problem(), "");
    tangle.strands[0].source.control = kX;
    EXPECT_THAT(problem(), HasSubstr("from an axis to keys"));
}

TEST_F(Goals, TwoControlsHaveAHalfOfAnAxisEach)
{
    addStrand(tangle, kThrottle, axis(4)).ends[0].part = Part::Upper;
    addStrand(tangle, kX, axis(4)).ends[0].part = Part::Lower;
    tangle.devices[0].settings.push_back({.control = axis(4), .meeting = Meeting::Sum});
    start();
    move(kThrottle, 1000);
    move(kX, -1000);
    EXPECT_EQ(at(axis(4)), 32767) << "all of the upper half";
    move(kThrottle, 0);
    EXPECT_EQ(at(axis(4)), 0) << "at rest in the middle";
    move(kX, 1000);
    EXPECT_EQ(at(axis(4)), -32768) << "all of the other's travel is the lower half";
    move(kX, 0);
    EXPECT_EQ(at(axis(4)), -16384);
}

TEST_F(Goals, AnAxisThatRestsAtItsLowEndHasNoHalves)
{
    addStrand(tangle, kX, axis(3)).ends[0].part = Part::Upper;
    EXPECT_THAT(problem(), HasSubstr("half of"));
}

TEST_F(Goals, AnOrderRecentresWhatIsKept)
{
    addStrand(tangle, kDial, axis(1), {{Glide{.step = 0.1}}});
    lead(kTrigger, Command{Order::Recentre, {"jolly", axis(1)}});
    start();
    move(kDial, 5);
    EXPECT_EQ(at(axis(1)), 16384);
    press(kTrigger);
    EXPECT_EQ(at(axis(1)), 0);
    move(kDial, 6);
    EXPECT_EQ(at(axis(1)), 3277) << "also while it is held: it is given once";
}

TEST_F(Goals, AnOrderTurnsAnAxisRoundUntilTheFlightEnds)
{
    addStrand(tangle, kX, axis(1));
    lead(kTrigger, Command{Order::Reverse, {"jolly", axis(1)}});
    start();
    move(kX, 500);
    press(kTrigger);
    EXPECT_EQ(at(axis(1)), -16384);
    move(kX, 1000);
    EXPECT_EQ(at(axis(1)), -32768);
    raws[kX] = {1000, 0};
    raws[kTrigger] = {1, 0};
    edit();
    EXPECT_EQ(at(axis(1)), -32768) << "an edit is no end";
    release(kTrigger);
    press(kTrigger);
    EXPECT_EQ(at(axis(1)), 32767) << "and back";
    release(kTrigger);
    press(kTrigger);
    machine->reset();
    move(kX, 1000);
    EXPECT_EQ(at(axis(1)), 32767);
}

TEST_F(Goals, AReversedAxisWithoutAControllerRests)
{
    addStrand(tangle, kThrottle, axis(3));
    lead(kTrigger, Command{Order::Reverse, {"jolly", axis(3)}});
    start();
    move(kThrottle, 250);
    press(kTrigger);
    EXPECT_EQ(at(axis(3)), 16383) << "three quarters of -32768..32767";
    lose(*machine, input(kThrottle), ++now);
    EXPECT_EQ(at(axis(3)), -32768);
}

TEST_F(Goals, AnOrderToStandDownIsGivenOnceForEachPress)
{
    lead(kToggle, Command{Order::StandDown, {}});
    start();
    prime(kToggle, 1);
    EXPECT_FALSE(machine->takeStandDown()) << "it stood there before";
    release(kToggle);
    press(kToggle);
    EXPECT_TRUE(machine->takeStandDown());
    EXPECT_FALSE(machine->takeStandDown());
}

TEST_F(Goals, AnOrderIsAboutAnAxisThatIsThere)
{
    lead(kTrigger, Command{Order::Reverse, {"jolly", button(1)}});
    EXPECT_THAT(problem(), HasSubstr("no virtual axis"));
}

TEST_F(Goals, PulsesThatAreTooManyAreCounted)
{
    tangle = smallTangle();
    auto& strand = addStrand(tangle, kDial, button(1), {{TurnPulses{.pulse = 40.0}}});
    strand.ends = {{"up", Target{"jolly", button(1)}}, {"down", Target{"jolly", button(2)}}};
    addStrand(tangle, kTrigger, button(3)).ends[0].how = How::PulseAtBoth;
    start();
    move(kDial, 150);
    EXPECT_EQ(machine->dropped(0), 0);
    move(kDial, 2000);
    const auto dial = machine->plan().strands[0].id == "strand-1" ? 0U : 1U;
    EXPECT_EQ(machine->dropped(dial), 1799) << "200 wait, one is pressed";
    for (int i = 0; i < 150; ++i) {
        press(kTrigger);
        release(kTrigger);
    }
    EXPECT_EQ(machine->dropped(1 - dial), 99);
}

TEST_F(Goals, EachGoalIsExplained)
{
    lead(kTrigger, keys({KEY_G, KEY_LEFTCTRL}));
    const auto said = [&] {
        return explainEnd(tangle, tangle.strands[0], tangle.strands[0].ends[0]);
    };
    auto& end = tangle.strands[0].ends[0];
    EXPECT_EQ(said(), "presses the keys LEFTCTRL + G while it is pressed");
    end.how = How::Pulse;
    EXPECT_THAT(said(), HasSubstr("pulses the keys LEFTCTRL + G for 40 ms"));
    end.goal = Command{Order::StandDown, {}};
    EXPECT_EQ(said(), "stands down when it is pressed");
    end.goal = Command{Order::Recentre, {"jolly", axis(1)}};
    EXPECT_THAT(said(), HasSubstr("Jolly, X begin anew"));
    end.goal = Command{Order::Reverse, {"jolly", axis(1)}};
    EXPECT_THAT(said(), HasSubstr("turns Jolly, X round"));
    tangle.strands[0].source.control = kX;
    end = {"", Target{"jolly", axis(1)}, How::Held, 40.0, Part::Lower};
    EXPECT_EQ(said(), "moves the lower half of Jolly, X");
    EXPECT_THAT(explainPlace(tangle, {"jolly", axis(1)}).front(), HasSubstr("lower half"));
}

}  // namespace
}  // namespace jolly
