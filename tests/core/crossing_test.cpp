// SPDX-License-Identifier: GPL-3.0-or-later
#include "button_story.h"
#include "layer_story.h"

/// Where two rules meet: a layer that comes or goes while something is under way, or kept, or
/// waits.
namespace jolly::test
{
namespace
{

using testing::ElementsAre;
using testing::IsEmpty;

class CrossingTest : public Layers
{
 protected:
    double value(std::uint16_t n) const
    {
        for (std::uint32_t i = 0; i < machine->plan().outputs.size(); ++i) {
            if (machine->plan().outputs[i].layout.control == axis(n))
                return machine->meetings().value(i).x;
        }
        return -9.0;
    }
    void flip(std::uint32_t place)
    {
        machine->flipLayer(place);
        static_cast<void>(seen());
    }
    void hand(int raw)
    {
        move(kX, raw);
        static_cast<void>(seen());
    }
    /// Lets all that moves by itself go on for so long, each at its time.
    void pass(int ms)
    {
        const auto end = now + ms * kMs;
        while (machine->nextTick() <= end) {
            now = machine->nextTick();
            machine->tick(now);
            for (const auto& line : seen()) lines.push_back(line);
        }
        now = end;
    }

    std::vector<std::string> lines;
};

TEST_F(CrossingTest, AnAxisThatIsPickedUpStaysWhereItIsUntilTheHandMeetsIt)
{
    layer(1).crossing = Crossing::PickUp;
    weave("base", kX, axis(1));
    weave("water", kX, axis(1), {{Invert{}}});
    start();
    hand(500);
    flip(1);
    EXPECT_NEAR(value(1), 0.5, 1e-9) << "idle thrust in flight is no way to change a layer";
    hand(300);
    EXPECT_NEAR(value(1), 0.5, 1e-9);
    hand(-495);
    EXPECT_NEAR(value(1), 0.495, 1e-9) << "met";
    hand(-100);
    EXPECT_NEAR(value(1), 0.1, 1e-9);
}

TEST_F(CrossingTest, AnAxisThatWasNotMetIsThereWhenTheLayerGoes)
{
    layer(1).crossing = Crossing::PickUp;
    weave("base", kX, axis(1));
    weave("water", kX, axis(1), {{Invert{}}});
    start();
    hand(500);
    flip(1);
    hand(400);
    flip(1);
    EXPECT_NEAR(value(1), 0.5, 1e-9) << "Base has to be picked up as well";
    hand(510);
    EXPECT_NEAR(value(1), 0.51, 1e-9);
}

TEST_F(CrossingTest, AnAxisThatIsTurnedRoundIsMetWhereItIs)
{
    layer(1).crossing = Crossing::PickUp;
    weave("base", kX, axis(1));
    weave("water", kX, axis(1));
    addStrand(tangle, kThumb, button(1)).ends[0].goal = Command{Order::Reverse, {"jolly", axis(1)}};
    start();
    hand(500);
    pressAndSee(kThumb);
    EXPECT_NEAR(value(1), -0.5, 1e-9);
    flip(1);
    hand(505);
    EXPECT_NEAR(value(1), -0.505, 1e-9) << "the hand is where the axis was led";
}

TEST_F(CrossingTest, EachAxisOfAStrandIsPickedUpByItself)
{
    layer(1).crossing = Crossing::PickUp;
    weave("base", kX, axis(1));
    weave("base", kX, axis(2), {{Scale{.gain = 0.5}}});
    weave("water", kX, axis(1), {{Invert{}}}).ends.push_back({{}, Target{"jolly", axis(2)}});
    start();
    hand(800);
    flip(1);
    hand(-400);
    EXPECT_NEAR(value(1), 0.8, 1e-9) << "not met yet";
    EXPECT_NEAR(value(2), 0.4, 1e-9) << "met";
    hand(-600);
    EXPECT_NEAR(value(1), 0.8, 1e-9);
    EXPECT_NEAR(value(2), 0.6, 1e-9);
    hand(-810);
    EXPECT_NEAR(value(1), 0.81, 1e-9);
}

TEST_F(CrossingTest, WhatMovesByItselfGoesOnWhileItWaitsForTheHand)
{
    layer(1).crossing = Crossing::PickUp;
    weave("base", kX, axis(1));
    weave("water", kX, axis(1), {{Drive{.speed = 1.0}}});
    start();
    hand(500);
    flip(1);
    pass(600);
    EXPECT_NEAR(value(1), 0.3, 0.35) << "half a second at half speed brings it there";
    pass(500);
    EXPECT_GT(value(1), 0.5) << "it met the axis and went on";
}

TEST_F(CrossingTest, AnAxisThatIsKeptYieldsToTheStrandThatIsBroughtIn)
{
    weave("base", kX, axis(1)).whenAway = WhenAway::Keep;
    weave("water", kX, axis(1), {{Invert{}}});
    start();
    hand(500);
    flip(1);
    EXPECT_NEAR(value(1), -0.5, 1e-9) << "axes jump to where the hand is";
}

TEST_F(CrossingTest, AnEditLeavesAnAxisThatIsKeptByAStrandThatDoesNotCount)
{
    weave("base", kX, axis(1)).whenAway = WhenAway::Keep;
    weave("water", kX, axis(2));
    start();
    raws[kX] = {500, 0};
    hand(500);
    flip(1);
    EXPECT_NEAR(value(1), 0.5, 1e-9);
    tangle.strands[0].note = "nothing that matters";
    edit();
    EXPECT_NEAR(value(1), 0.5, 1e-9);
}

TEST_F(CrossingTest, APulseGoesOnWhenItsReleaseLetsALayerHaveTheControl)
{
    auto& base = weave("base", kTrigger, button(1));
    base.ends[0].how = How::PulseAtRelease;
    weave("water", kTrigger, button(2));
    engageBy(kThumb, "water");
    start();
    press(kTrigger);
    press(kThumb);
    EXPECT_THAT(seen(), IsEmpty());
    release(kTrigger);
    EXPECT_THAT(seen(), ElementsAre("button 1 = 1")) << "the press was taken by Base";
    pass(60);
    EXPECT_THAT(lines, ElementsAre("button 1 = 0"));
}

TEST_F(CrossingTest, AShortPressThatWaitsForASecondOneIsGivenAlthoughTheLayerChanged)
{
    auto& kinds = weave("base", kTrigger, button(1), {{PressKinds{400, 250, 40}}});
    kinds.ends = {{"short", Target{"jolly", button(1)}}, {"twice", Target{"jolly", button(2)}}};
    weave("water", kTrigger, button(3));
    start();
    press(kTrigger);
    release(kTrigger);
    flip(1);
    pass(300);
    EXPECT_THAT(lines, ElementsAre("button 1 = 1", "button 1 = 0"));
    EXPECT_EQ(tap(kTrigger), "3") << "and the layer has the control";
}

TEST_F(CrossingTest, PulsesThatWaitAreGivenAlthoughTheLayerChanged)
{
    auto& turns = weave("base", kDial, button(1), {{TurnPulses{}}});
    turns.ends = {{"up", Target{"jolly", button(1)}}};
    weave("water", kDial, button(2), {{TurnPulses{}}});
    start();
    for (int i = 0; i < 3; ++i) move(kDial, i + 1);
    flip(1);
    pass(1000);
    EXPECT_EQ(std::ranges::count(lines, "button 1 = 1"), 2) << "and the first before";
    move(kDial, 4);
    EXPECT_THAT(seen(), ElementsAre("button 2 = 1"));
}

TEST_F(CrossingTest, WhatWasHeldIsLetGoAtOnce)
{
    auto& both = weave("base", kToggle, button(1));
    both.ends.push_back({{}, Target{"jolly", button(2)}, How::Pulse});
    weave("water", kToggle, button(3));
    start();
    press(kToggle);
    flip(1);
    EXPECT_EQ(pressed(), "23") << "the pulse goes on, what was held is let go";
    pass(100);
    EXPECT_EQ(pressed(), "3");
}

TEST_F(CrossingTest, ASwitchThatALayerDoesNotWantIsToldWhenItMoves)
{
    layer(1).tellsSwitches = false;
    weave("water", kToggle, button(2));
    start();
    press(kToggle);
    flip(1);
    EXPECT_EQ(pressed(), "") << "nobody had it, and the layer does not want it";
    releaseAndSee(kToggle);
    pressAndSee(kToggle);
    EXPECT_EQ(pressed(), "2");
}

TEST_F(CrossingTest, ASwitchThatIsUpIsNotToldEither)
{
    layer(1).tellsSwitches = false;
    auto& both = weave("water", kToggle, button(1), {{BothEnds{}}});
    both.ends = {{"on", Target{"jolly", button(1)}}, {"off", Target{"jolly", button(2)}}};
    start();
    prime(kToggle, 0);
    flip(1);
    EXPECT_EQ(pressed(), "");
    pressAndSee(kToggle);
    EXPECT_EQ(pressed(), "1");
}

TEST_F(CrossingTest, AHigherLayerThatWantsASwitchIsTold)
{
    layer(1).tellsSwitches = false;
    weave("base", kToggle, button(1));
    weave("water", kToggle, button(2));
    weave("trim", kToggle, button(3));
    start();
    press(kToggle);
    flip(1);
    EXPECT_EQ(pressed(), "1");
    flip(2);
    EXPECT_EQ(pressed(), "3");
}

TEST_F(CrossingTest, AFlipIsOfItsOwnTimeAndNotOfTheLastEvent)
{
    weave("water", kX, axis(1), {{Drive{.speed = 1.0}}});
    start();
    hand(1000);
    now += std::chrono::seconds(10);
    machine->flipLayer(1);
    static_cast<void>(seen());
    pass(100);
    EXPECT_NEAR(value(1), 0.1, 0.01) << "not ten seconds of it at once";
}

TEST_F(CrossingTest, UnpluggingASwitchGivesNoOrders)
{
    auto& lever = weave("base", kTrigger, button(1),
                        {{SwitchPositions{{{"up", Source{"stick", kTrigger}},
                                           {"down", Source{"stick", kThumb}},
                                           {"silent", std::nullopt}}}}});
    lever.ends = {{"down", Command{Order::StandDown}}, {"silent", Command{Order::Keep}}};
    start();
    press(kThumb);
    press(kTrigger);
    static_cast<void>(machine->takeStandDown());
    const std::vector<std::uint32_t> all = {input(kTrigger), input(kThumb)};
    machine->lose(all, ++now);
    EXPECT_FALSE(machine->takeStandDown());
    EXPECT_FALSE(machine->takeKeep());
}

TEST_F(CrossingTest, AStageThatWakesHoldsWhatItHeld)
{
    Slice slice;
    slice.slices = {{"high", 0.5, 1.0, 0.3, 1.0}};
    auto& strand = weave("base", kX, button(1), {{.parameters = slice}});
    strand.ends = {{"high", Target{"jolly", button(1)}}};
    weave("water", kX, button(2), {{.parameters = slice}}).ends = {
        {"high", Target{"jolly", button(2)}}};
    start();
    hand(800);
    EXPECT_EQ(pressed(), "1");
    flip(1);
    hand(400);
    flip(1);
    EXPECT_EQ(pressed(), "1") << "0.4 holds what is held, and begins nothing";
}

TEST_F(CrossingTest, OfThoseThatNobodyMovedTheFirstInOrderHasTheAxis)
{
    weave("base", kX, axis(1));
    weave("base", kY, axis(1));
    start();
    prime(kY, 700);
    EXPECT_NEAR(value(1), 0.7, 1e-9);
    prime(kX, 200);
    EXPECT_NEAR(value(1), 0.2, 1e-9) << "although the other spoke first";
}

class LateTest : public ButtonStory
{
};

TEST_F(LateTest, APulseIsAsLongAsItIsSaidWhateverTheStamp)
{
    weaveEnd(How::Pulse, 50.0);
    machine->move(input(kTrigger), false, 1, {100 * kMs, 450 * kMs});  // halted for 0.35 s
    now = 450 * kMs;
    EXPECT_THAT(seen(), ElementsAre("button 1 = 1"));
    EXPECT_EQ(machine->nextTick(), 500 * kMs);
}

TEST_F(LateTest, ADelayedPressThatComesOutLateIsAsLongAsItWasHeld)
{
    weave(Delay{100.0});
    machine->move(input(kTrigger), false, 1, Time{});
    machine->move(input(kTrigger), false, 0, 80 * kMs);
    now = 400 * kMs;
    machine->tick(now);
    EXPECT_THAT(seen(), ElementsAre("button 1 = 1"));
    EXPECT_EQ(machine->nextTick(), 480 * kMs);
}

TEST_F(LateTest, ATapIsHeardByTheStamps)
{
    weave(Tap{.within = 300.0});
    machine->move(input(kTrigger), false, 1, {Time{}, 500 * kMs});
    machine->move(input(kTrigger), false, 0, {200 * kMs, 501 * kMs});
    now = 501 * kMs;
    EXPECT_THAT(seen(), ElementsAre("button 1 = 1")) << "the hand was quick";
}

TEST_F(LateTest, ChatterOfItsOwnButtonIsNoUseOfAnother)
{
    tangle = smallTangle();
    addStrand(tangle, kTrigger, button(1), {{Debounce{15}}, {Tap{.within = 300.0}}});
    start();
    press(kTrigger);
    release(kTrigger);
    press(kTrigger);
    wait(50);
    release(kTrigger);
    wait(1);
    EXPECT_EQ(at(button(1)), 1);
}

TEST_F(LateTest, TurnsGoOnBeyondTheEndOfTheNumbers)
{
    tangle = smallTangle();
    addStrand(tangle, kDial, button(1), {{TurnPulses{}}}).ends = {
        {"up", Target{"jolly", button(1)}}, {"down", Target{"jolly", button(2)}}};
    start();
    prime(kDial, 0x7fffffff);
    move(kDial, wrapped(0x7fffffff, 1));
    EXPECT_THAT(seen(), ElementsAre("button 1 = 1")) << "one more is up, not a turn back";
}

/// A three-way switch whose positions pulse keys or buttons, others in a held layer.
TEST_F(Layers, PulsesOfASwitchAreSilentAtFlips)
{
    const SwitchPlaces places{
        {"up", Source{"stick", kToggle}}, {"middle", {}}, {"down", Source{"stick", kFourth}}};
    const auto lever = [&](const std::string& where, std::uint16_t first) {
        auto& strand = weave(where, kToggle, button(first), {{SwitchPositions{places}}});
        strand.ends.clear();
        for (const auto& place : places)
            strand.ends.push_back({place.name, Target{"jolly", button(first++)}, How::Pulse});
    };
    lever(std::string(kBase), 1);
    lever("water", 4);
    engageBy(kTrigger, "water");
    start();
    prime(kToggle, 0);
    press(kToggle);
    EXPECT_THAT(seen(), ElementsAre("button 1 = 1"));
    wait(200);
    static_cast<void>(seen());
    press(kTrigger);
    wait(200);
    EXPECT_THAT(seen(), IsEmpty());
    release(kToggle);
    EXPECT_THAT(seen(), ElementsAre("button 5 = 1"));
    wait(200);
    static_cast<void>(seen());
    release(kTrigger);
    wait(200);
    EXPECT_THAT(seen(), IsEmpty());
}

}  // namespace
}  // namespace jolly::test
