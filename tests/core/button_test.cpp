// SPDX-License-Identifier: GPL-3.0-or-later
#include "button_story.h"
#include "core/tangle/edit.h"
#include "core/tangle/lookup.h"
#include "core/tangle/stage_edit.h"
#include "core/weave/weave.h"

/// What buttons become: tables of times by hand, against what docs/stages.md says.
namespace jolly
{
namespace
{

using namespace test;
using testing::ElementsAre;
using testing::IsEmpty;

using Buttons = ButtonStory;

TEST_F(Buttons, ALatchFlipsWithEachPress)
{
    weave(Latch{Source{"stick", kThumb}});
    std::string states;
    for (int i = 0; i < 3; ++i) {
        press(kTrigger);
        release(kTrigger);
        states += pressed().empty() ? "0" : "1";
    }
    EXPECT_EQ(states, "101") << "the first press counts, although nothing was heard before";
    press(kThumb);
    EXPECT_EQ(pressed(), "") << "let go by the other";
    press(kTrigger);
    EXPECT_EQ(pressed(), "") << "which still is pressed";
    release(kThumb);
    EXPECT_EQ(pressed(), "");
}

TEST_F(Buttons, WhatIsPressedAtTheStartIsNoPress)
{
    for (const StageParameters& stage :
         {StageParameters(Latch{}), StageParameters(SetAndClear{Source{"stick", kThumb}}),
          StageParameters(Repeat{}), StageParameters(PressKinds{})}) {
        weave(stage, kToggle);
        prime(kToggle, 1);
        EXPECT_THAT(until(2000), IsEmpty()) << infoOf(stage).name;
        release(kToggle);
        press(kToggle);
        EXPECT_THAT(until(4000), testing::Not(IsEmpty())) << infoOf(stage).name;
    }
}

TEST_F(Buttons, OneButtonPressesAndAnotherLetsGo)
{
    weave(SetAndClear{Source{"stick", kThumb}});
    press(kTrigger);
    release(kTrigger);
    EXPECT_EQ(pressed(), "1");
    press(kTrigger);
    EXPECT_EQ(pressed(), "1");
    press(kThumb);
    EXPECT_EQ(pressed(), "") << "also while the first is held";
    release(kThumb);
    EXPECT_EQ(pressed(), "") << "it takes a press to come back";
}

TEST_F(Buttons, AShortPressALongOneAndTwoInARowAreThreeThings)
{
    weave(PressKinds{.longAfter = 400, .twiceWithin = 250, .pulse = 40});
    press(kTrigger);
    EXPECT_THAT(until(100), IsEmpty());
    release(kTrigger);
    EXPECT_THAT(until(1000), ElementsAre("350: button 1 = 1", "390: button 1 = 0"));
    press(kTrigger);
    EXPECT_THAT(until(1900), ElementsAre("1400: button 2 = 1")) << "while it is still held";
    release(kTrigger);
    EXPECT_THAT(until(3000), ElementsAre("1900: button 2 = 0"));
    press(kTrigger);
    EXPECT_THAT(until(3100), IsEmpty());
    release(kTrigger);
    EXPECT_THAT(until(3200), IsEmpty());
    press(kTrigger);
    EXPECT_THAT(until(5000), ElementsAre("3200: button 3 = 1")) << "for as long as it is held";
    release(kTrigger);
    EXPECT_THAT(until(9000), ElementsAre("5000: button 3 = 0"));
}

TEST_F(Buttons, AShortPressWaitsForNothingThatLeadsNowhere)
{
    weave(PressKinds{.longAfter = 400}).ends.pop_back();
    start();
    press(kTrigger);
    EXPECT_THAT(until(100), IsEmpty());
    release(kTrigger);
    EXPECT_THAT(until(1000), ElementsAre("100: button 1 = 1", "140: button 1 = 0"));
    auto& ends = weave(PressKinds{}).ends;
    ends.resize(1);
    start();
    now = 1000 * kMs - Time(1);
    press(kTrigger);
    EXPECT_THAT(until(2000), ElementsAre("1000: button 1 = 1"));
    release(kTrigger);
    EXPECT_THAT(until(3000), ElementsAre("2000: button 1 = 0"));
}

TEST_F(Buttons, ATwoWaySwitchHasTwoPositions)
{
    weave(BothEnds{}, kToggle);
    prime(kToggle, 0);
    EXPECT_EQ(pressed(), "2") << "from the start";
    press(kToggle);
    EXPECT_EQ(pressed(), "1");
    release(kToggle);
    EXPECT_EQ(pressed(), "2");
}

TEST_F(Buttons, AChatteringContactIsHeardOnce)
{
    weave(Debounce{15});
    for (const int at : {100, 102, 103, 105}) {
        until(at);
        move(kTrigger, at % 2 == 0 ? 1 : 0);
        if (at == 100) {
            EXPECT_THAT(seen(), ElementsAre("button 1 = 1")) << "at once";
        } else {
            EXPECT_THAT(seen(), IsEmpty()) << at;
        }
    }
    EXPECT_THAT(until(500), ElementsAre("115: button 1 = 0")) << "what is so then counts";
}

TEST_F(Buttons, ADelayKeepsHowLongAPressWas)
{
    weave(Delay{500});
    until(100);
    press(kTrigger);
    EXPECT_THAT(until(130), IsEmpty());
    release(kTrigger);
    EXPECT_THAT(until(2000), ElementsAre("600: button 1 = 1", "630: button 1 = 0"));
    for (int i = 0; i < 100; ++i) move(kTrigger, i % 2 == 0 ? 1 : 0);
    until(9000);
    EXPECT_EQ(pressed(), "") << "however many there were, it ends as the button is";
}

TEST_F(Buttons, AHeldButtonIsPressedAgainAndAgain)
{
    weave(Repeat{.after = 400, .every = 100});
    until(1000);
    press(kTrigger);
    EXPECT_THAT(until(1520),
                ElementsAre("1000: button 1 = 1", "1050: button 1 = 0", "1400: button 1 = 1",
                            "1450: button 1 = 0", "1500: button 1 = 1"));
    release(kTrigger);
    EXPECT_THAT(until(3000), ElementsAre("1550: button 1 = 0"))
        << "a press that has begun is long enough to be seen";
}

TEST_F(Buttons, AButtonSetsAnAxis)
{
    weave(SetValue{.to = 0.5, .back = -1.0});
    prime(kTrigger, 0);
    EXPECT_EQ(at(axis(1)), -32768);
    press(kTrigger);
    EXPECT_EQ(at(axis(1)), 16384);
    EXPECT_FALSE(SetValue({.to = 1.0, .back = -0.5, .rests = Sides::One}).complaint().empty());
}

TEST_F(Buttons, ARampRisesAndFallsInItsTime)
{
    weave(Ramp{.to = 1.0, .rise = 100, .fall = 50});
    until(1000);
    press(kTrigger);
    until(1050);
    machine->tick(now);
    EXPECT_NEAR(at(axis(1)), 16384, 1400) << "half of the way, to a tick";
    until(2000);
    EXPECT_EQ(at(axis(1)), 32767);
    EXPECT_EQ(machine->nextTick(), Time::max()) << "at rest nothing runs";
    release(kTrigger);
    until(2025);
    EXPECT_NEAR(at(axis(1)), 16384, 2800);
    until(3000);
    EXPECT_EQ(at(axis(1)), 0);
}

TEST_F(Buttons, ARampThatStaysGoesTheOtherWayWithTheNextPress)
{
    weave(Ramp{.to = -1.0, .rise = 100, .fall = 100, .stays = true});
    until(1000);
    press(kTrigger);
    until(1050);
    release(kTrigger);
    const auto stood = at(axis(1));
    EXPECT_LT(stood, -14000);
    until(2000);
    EXPECT_EQ(at(axis(1)), stood) << "it stays";
    press(kTrigger);
    until(3000);
    EXPECT_EQ(at(axis(1)), 0);
}

TEST_F(Buttons, PressesNudgeAnAxisWithinItsLimits)
{
    weave(Nudge{.back = Source{"stick", kThumb},
                .step = 0.25,
                .lowest = -0.5,
                .highest = 0.5,
                .after = 400,
                .every = 100});
    prime(kTrigger, 0);
    until(1000);
    press(kTrigger);
    EXPECT_EQ(at(axis(1)), 8192);
    until(1390);
    EXPECT_EQ(at(axis(1)), 8192);
    until(1410);
    EXPECT_EQ(at(axis(1)), 16384) << "held, it goes on";
    until(3000);
    EXPECT_EQ(at(axis(1)), 16384) << "and no further than its limit";
    release(kTrigger);
    for (int i = 0; i < 5; ++i) {
        press(kThumb);
        release(kThumb);
    }
    EXPECT_EQ(at(axis(1)), -16384);
    EXPECT_EQ(machine->nextTick(), Time::max());
}

TEST_F(Buttons, OnlyStagesThatFitAreUseful)
{
    tangle = smallTangle();
    const auto names = [&](ControlCode from, std::vector<Stage> stages, VirtualControl to) {
        tangle.strands.clear();
        const auto& strand = addStrand(tangle, from, to, std::move(stages));
        std::string text;
        StageList::forEach([&](const auto& kind) {
            if (isUseful(tangle, strand, kind)) text += std::string(kind.kInfo.name) + ", ";
        });
        return text;
    };
    EXPECT_EQ(names(kTrigger, {}, button(1)),
              "invert, latch, set and clear, press kinds, tap, both ends, debounce, delay, repeat, "
              "switch, switch steps, ");
    EXPECT_EQ(names(kHat, {}, hat(1)), "hat turn, four ways, ");
    EXPECT_EQ(names(kHat, {{HatSplit{}}}, button(1)), "hat split, hat turn, four ways, ");
    EXPECT_EQ(names(kDial, {}, axis(1)), "glide, ");
    EXPECT_EQ(names(kThrottle, {{Slice{}}}, button(1)).find("hat of axes"), std::string::npos);
    EXPECT_NE(names(kThrottle, {{Slice{}}}, button(1)).find("latch"), std::string::npos)
        << "a slice alone is a button to go on with";
}

TEST_F(Buttons, WeavingBetweenKindsPutsAStageInBetween)
{
    tangle = smallTangle();
    const auto stageOf = [this](ControlCode control, VirtualControl target) -> std::string {
        const auto id = connect(tangle, tangle.rig[0], control, {"jolly", target});
        if (!id) return id.error().text().english();
        return std::string(infoOf(findStrand(tangle, *id)->stages.at(0).parameters).name);
    };
    EXPECT_EQ(stageOf(kTrigger, axis(3)), "ramp");
    EXPECT_EQ(stageOf(kHat, axis(1)), "hat to axes");
    EXPECT_EQ(stageOf(kHat, button(1)), "hat split");
    EXPECT_THAT(findProblems(tangle), IsEmpty());
    const auto& ends = tangle.strands.back().ends;
    ASSERT_EQ(ends.size(), 4U) << "the other ways lead to the next free buttons";
    EXPECT_EQ(ends[3], (End{"left", Target{"jolly", button(4)}}));
    EXPECT_EQ(stageOf(kX, hat(1)), "hat of axes");
    EXPECT_EQ(stageOf(kTrigger, hat(1)), "hat join");
}

}  // namespace
}  // namespace jolly
