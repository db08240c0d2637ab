// SPDX-License-Identifier: GPL-3.0-or-later
#include "core/tangle/edit.h"
#include "core/tangle/lookup.h"
#include "core/tangle/signals.h"
#include "core/tangle/stage_edit.h"
#include "core/weave/weave.h"
#include "machine_story.h"

/// What buttons and hats become: tables of times by hand, against what docs/stages.md says.
namespace jolly
{
namespace
{

using namespace test;
using testing::ElementsAre;
using testing::IsEmpty;

constexpr Time kMs = std::chrono::milliseconds(1);

class Buttons : public MachineStory
{
 protected:
    /// A control through `stage`, outlet by outlet to control 1, 2 and so on of what it gives.
    Strand& weave(StageParameters stage, ControlCode from = kTrigger)
    {
        tangle = smallTangle();
        auto& strand = addStrand(tangle, from, button(1), {{std::move(stage)}});
        const auto kind = signalsOf(tangle, strand).back().kind;
        strand.ends.clear();
        std::uint16_t number = 1;
        for (const auto& outlet : outletsOf(strand))
            strand.ends.push_back({outlet, Target{"jolly", {kind, number++}}});
        start();
        return strand;
    }

    /// The trigger, straight to button 1 as `how` says.
    void weaveEnd(How how, double pulse = 40.0)
    {
        tangle = smallTangle();
        auto& end = addStrand(tangle, kTrigger, button(1)).ends.front();
        end.how = how;
        end.pulse = pulse;
        start();
    }

    /// What happens until `ms`, as "ms: control = counts".
    std::vector<std::string> until(int ms)
    {
        std::vector<std::string> lines;
        const auto tell = [&] {
            for (const auto& line : seen())
                lines.push_back(std::to_string(now / kMs) + ": " + line);
        };
        tell();
        while (machine->nextTick() <= ms * kMs) {
            now = machine->nextTick();
            machine->tick(now);
            tell();
        }
        now = ms * kMs - Time(1);
        return lines;
    }

    void hatAt(int x, int y)
    {
        move(kHat, x);
        moveHatY(y);
    }

    /// Which of the first eight buttons are pressed.
    std::string pressed() const
    {
        std::string numbers;
        for (std::uint16_t n = 1; n <= 8; ++n)
            numbers += at(button(n)) == 1 ? std::to_string(n) : "";
        return numbers;
    }
};

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

TEST_F(Buttons, AHatIsSplitWithItsDiagonals)
{
    const auto round = [this](Diagonals diagonals) {
        weave(HatSplit{diagonals}, kHat);
        tangle.devices.front().buttons = 8;
        start();
        std::vector<std::string> ways;
        for (const auto& [x, y] : std::initializer_list<std::pair<int, int>>{
                 {0, 0}, {0, -1}, {1, -1}, {1, 0}, {1, 1}, {0, 1}, {-1, 1}, {-1, 0}, {-1, -1}}) {
            hatAt(x, y);
            ways.push_back(pressed());
        }
        return ways;
    };
    EXPECT_THAT(round(Diagonals::Both),
                ElementsAre("", "1", "12", "2", "23", "3", "34", "4", "14"));
    EXPECT_THAT(round(Diagonals::Own), ElementsAre("", "1", "2", "3", "4", "5", "6", "7", "8"));
    EXPECT_THAT(round(Diagonals::Ignored), ElementsAre("", "1", "", "2", "", "3", "", "4", ""));
}

TEST_F(Buttons, AHatIsTurnedAndMovesTwoAxes)
{
    weave(HatTurn{2}, kHat);
    hatAt(0, -1);
    EXPECT_THAT(seen(), ElementsAre("hat 1 = 1,0")) << "up becomes right";
    weave(HatTurn{-1}, kHat);
    hatAt(0, -1);
    EXPECT_THAT(seen(), ElementsAre("hat 1 = -1,-1"));
    weave(HatToAxes{}, kHat);
    hatAt(1, -1);
    EXPECT_THAT(seen(), ElementsAre("axis 1 = 32767", "axis 2 = -32768"));
}

TEST_F(Buttons, FourButtonsMakeAHat)
{
    const HatJoin eight{Source{"stick", kThumb}, Source{"stick", kToggle},
                        Source{"other", kTrigger}};
    auto& strand = weave(eight);
    tangle.rig.push_back(smallStick("other"));
    start();
    press(kTrigger);
    EXPECT_THAT(seen(), ElementsAre("hat 1 = 0,-1"));
    press(kThumb);
    EXPECT_THAT(seen(), ElementsAre("hat 1 = 1,-1"));
    press(kToggle);
    EXPECT_THAT(seen(), ElementsAre("hat 1 = 1,0")) << "up and down cancel each other";
    auto four = eight;
    four.ways = Ways::Four;
    strand.stages.front().parameters = four;
    start();
    press(kTrigger);
    press(kThumb);
    EXPECT_THAT(seen(), ElementsAre("hat 1 = 1,0")) << "the one that came last";
    release(kThumb);
    EXPECT_THAT(seen(), ElementsAre("hat 1 = 0,-1"));
}

TEST_F(Buttons, AStickIsAHatThatDoesNotFlicker)
{
    weave(HatOfAxes{.other = Source{"stick", kY}, .presses = 0.5, .letsGo = 0.4}, kX);
    const auto stick = [this](int x, int y) {
        move(kX, x);
        move(kY, y);
        return seen();
    };
    EXPECT_THAT(stick(490, 0), IsEmpty());
    EXPECT_THAT(stick(510, 0), ElementsAre("hat 1 = 1,0"));
    EXPECT_THAT(stick(410, 0), IsEmpty()) << "held until it is let go";
    EXPECT_THAT(stick(390, 0), ElementsAre("hat 1 = 0,0"));
    stick(800, 0);
    EXPECT_THAT(stick(800, 390), IsEmpty()) << "26 degrees: a little beyond the edge it stays";
    EXPECT_THAT(stick(800, 600), ElementsAre("hat 1 = 1,1"));
    EXPECT_THAT(stick(800, 350), IsEmpty()) << "and back";
    EXPECT_THAT(stick(0, -1000), ElementsAre("hat 1 = 0,-1")) << "up";
}

TEST_F(Buttons, WhatIsTurnedAddsUpToAnAxis)
{
    auto& strand =
        weave(Glide{.step = 0.25, .lowest = -0.5, .reset = Source{"stick", kThumb}}, kDial);
    EXPECT_THAT(findProblems(tangle), IsEmpty());
    move(kDial, 1);
    EXPECT_EQ(at(axis(1)), 8192) << "the first count counts";
    move(kDial, 900);
    EXPECT_EQ(at(axis(1)), 32767) << "and no further than the end";
    move(kDial, 899);
    EXPECT_EQ(at(axis(1)), 24575) << "from where it comes back at once";
    move(kDial, 0);
    EXPECT_EQ(at(axis(1)), -16384);
    press(kThumb);
    EXPECT_EQ(at(axis(1)), 0);
    strand.stages.clear();
    EXPECT_EQ(findProblems(tangle).front().sentence,
              "Strand \"strand-1\" leads the counts of a turner to X of Jolly.");
    weave(Glide{.step = 0.25}, kDial);
    prime(kDial, 500);
    EXPECT_EQ(at(axis(1)), 0) << "what was turned before does not count";
    move(kDial, 501);
    EXPECT_EQ(at(axis(1)), 8192);
}

TEST_F(Buttons, NotchesOfAWheelArePulses)
{
    weave(TurnPulses{.counts = 2, .pulse = 40}, kDial);
    until(1000);
    move(kDial, 5);
    EXPECT_THAT(until(2000), ElementsAre("1000: button 1 = 1", "1040: button 1 = 0",
                                         "1080: button 1 = 1", "1120: button 1 = 0"));
    move(kDial, 2);
    EXPECT_THAT(until(3000), ElementsAre("2000: button 2 = 1", "2040: button 2 = 0"));
    move(kDial, 100'000'000);
    std::size_t pulses = 0;
    for (const auto& line : until(1'000'000)) pulses += line.ends_with("= 1") ? 1 : 0;
    EXPECT_EQ(pulses, static_cast<std::size_t>(Pulses::kMost)) << "bounded";
}

TEST_F(Buttons, AnEndGivesAPulseAtEitherEdge)
{
    weaveEnd(How::Pulse, 60);
    until(1000);
    press(kTrigger);
    EXPECT_THAT(until(1500), ElementsAre("1000: button 1 = 1", "1060: button 1 = 0"));
    release(kTrigger);
    EXPECT_THAT(until(2000), IsEmpty());
    weaveEnd(How::PulseAtRelease);
    press(kTrigger);
    EXPECT_THAT(until(2500), IsEmpty());
    release(kTrigger);
    EXPECT_THAT(until(3000), ElementsAre("2500: button 1 = 1", "2540: button 1 = 0"));
    weaveEnd(How::PulseAtBoth);
    press(kTrigger);
    release(kTrigger);
    EXPECT_THAT(until(4000), ElementsAre("3000: button 1 = 1", "3040: button 1 = 0",
                                         "3080: button 1 = 1", "3120: button 1 = 0"))
        << "one after the other, with a gap";
}

TEST_F(Buttons, ABurstOfAnEncoderLosesNothing)
{
    weaveEnd(How::Pulse, 20);
    until(1000);
    for (int i = 0; i < 200; ++i) {  // in a second
        press(kTrigger);
        now += kMs;
        release(kTrigger);
        now += 4 * kMs;
        machine->tick(now);
    }
    std::size_t presses = 0;
    while (machine->nextTick() != Time::max()) {
        now = machine->nextTick();
        machine->tick(now);
        for (const auto& line : seen()) presses += line == "button 1 = 1" ? 1 : 0;
    }
    EXPECT_GE(presses, 170U) << "those that were still to come";
}

TEST_F(Buttons, ALostButtonLetsGoOfItsPulse)
{
    weaveEnd(How::Pulse);
    for (int i = 0; i < 6; ++i) move(kTrigger, i % 2 == 0 ? 1 : 0);
    EXPECT_THAT(seen(), ElementsAre("button 1 = 1"));
    machine->lose(input(kTrigger), ++now);
    EXPECT_THAT(seen(), ElementsAre("button 1 = 0"));
    EXPECT_EQ(machine->nextTick(), Time::max()) << "and of those that waited";
}

TEST_F(Buttons, AnEditInFlightDoesNotCutAPulse)
{
    weaveEnd(How::Pulse, 100);
    raws[kTrigger] = {1, 0};
    until(1000);
    press(kTrigger);
    until(1050);
    tangle.strands.front().note = "an edit";
    edit();
    static_cast<void>(seen());
    EXPECT_EQ(pressed(), "1");
    EXPECT_THAT(until(2000), ElementsAre("1100: button 1 = 0"));
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
              "invert, latch, set and clear, press kinds, both ends, debounce, delay, repeat, ");
    EXPECT_EQ(names(kHat, {}, hat(1)), "hat turn, ");
    EXPECT_EQ(names(kHat, {{HatSplit{}}}, button(1)), "hat split, hat turn, ");
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
        if (!id) return id.error().text();
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
