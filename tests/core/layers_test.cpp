// SPDX-License-Identifier: GPL-3.0-or-later
#include "core/layers/views.h"
#include "core/weave/weave.h"
#include "layer_story.h"

/// Layers, by tables, against docs/model.md.
namespace jolly
{
namespace
{

using namespace test;
using testing::ElementsAre;
using testing::HasSubstr;
using testing::IsEmpty;

TEST_F(Layers, AHeldControlEngagesALayerWhoseStrandsCountInstead)
{
    weave("base", kTrigger, button(1));
    weave("water", kTrigger, button(2));
    engageBy(kThumb, "water");
    start();
    EXPECT_EQ(tap(kTrigger), "1");
    pressAndSee(kThumb);
    EXPECT_EQ(tap(kTrigger), "2");
    releaseAndSee(kThumb);
    EXPECT_EQ(tap(kTrigger), "1");
}

TEST_F(Layers, WhatIsNotReplacedShowsThrough)
{
    weave("base", kTrigger, button(1));
    weave("base", kFourth, button(4));
    weave("water", kTrigger, button(2));
    engageBy(kThumb, "water");
    start();
    pressAndSee(kThumb);
    EXPECT_EQ(tap(kFourth), "4");
}

TEST_F(Layers, NothingSilences)
{
    weave("base", kTrigger, button(1));
    weave("water", kTrigger, button(2)).ends[0].goal = Nothing{};
    engageBy(kThumb, "water");
    start();
    pressAndSee(kThumb);
    EXPECT_EQ(tap(kTrigger), "");
}

TEST_F(Layers, OfSeveralTheHighestCounts)
{
    weave("base", kTrigger, button(1));
    weave("water", kTrigger, button(2));
    weave("trim", kTrigger, button(3));
    engageBy(kThumb, "water");
    engageBy(kFourth, "trim");
    start();
    pressAndSee(kFourth);
    pressAndSee(kThumb);
    EXPECT_EQ(tap(kTrigger), "3");
    releaseAndSee(kFourth);
    EXPECT_EQ(tap(kTrigger), "2");
}

TEST_F(Layers, FourMeaningsFromTwoHeldModifiers)
{
    layer(2).needs = {};
    tangle.layers.push_back({.id = "both", .name = "Both", .needs = {"water", "trim"}});
    for (const auto& [name, number] :
         {std::pair("base", 1), {"water", 2}, {"trim", 3}, {"both", 4}})
        weave(name, kTrigger, button(static_cast<std::uint16_t>(number)));
    engageBy(kThumb, "water");
    engageBy(kFourth, "trim");
    start();
    EXPECT_EQ(tap(kTrigger), "1");
    pressAndSee(kThumb);
    EXPECT_EQ(tap(kTrigger), "2");
    pressAndSee(kFourth);
    EXPECT_EQ(tap(kTrigger), "4") << "it needs both and counts above them";
    releaseAndSee(kThumb);
    EXPECT_EQ(tap(kTrigger), "3");
    releaseAndSee(kFourth);
    EXPECT_EQ(tap(kTrigger), "1");
}

TEST_F(Layers, APressEndsWhereItBegan)
{
    weave("base", kTrigger, button(1));
    weave("water", kTrigger, button(2));
    engageBy(kThumb, "water");
    start();
    pressAndSee(kTrigger);
    pressAndSee(kThumb);
    EXPECT_EQ(pressed(), "1") << "the layer flips while it is held";
    releaseAndSee(kTrigger);
    EXPECT_EQ(pressed(), "");
    pressAndSee(kTrigger);
    EXPECT_EQ(pressed(), "2");
    releaseAndSee(kThumb);
    EXPECT_EQ(pressed(), "2");
    releaseAndSee(kTrigger);
    EXPECT_EQ(pressed(), "");
    EXPECT_EQ(tap(kTrigger), "1");
}

TEST_F(Layers, TwoModifiersThatGoInOneFrameAreRightInEitherOrder)
{
    for (const bool isFirst : {true, false}) {
        tangle.strands.clear();
        weave("base", kTrigger, button(1));
        weave("water", kTrigger, button(2));
        weave("trim", kTrigger, button(3));
        engageBy(kThumb, "water");
        engageBy(kFourth, "trim");
        start();
        pressAndSee(kThumb);
        pressAndSee(kFourth);
        release(isFirst ? kThumb : kFourth);
        release(isFirst ? kFourth : kThumb);
        static_cast<void>(seen());
        EXPECT_EQ(engaged(), "");
        EXPECT_EQ(tap(kTrigger), "1");
    }
}

TEST_F(Layers, AFlipStaysUntilTheNext)
{
    weave("base", kTrigger, button(1));
    weave("water", kTrigger, button(2));
    engageBy(kThumb, "water", Engage::Flip);
    start();
    tap(kThumb);
    EXPECT_EQ(tap(kTrigger), "2");
    tap(kThumb);
    EXPECT_EQ(tap(kTrigger), "1");
}

TEST_F(Layers, ALatchBeforeItIsAFlipLikewise)
{
    engageBy(kThumb, "water", Engage::Hold, {{Latch{}}});
    start();
    tap(kThumb);
    EXPECT_EQ(engaged(), "water ");
    tap(kThumb);
    EXPECT_EQ(engaged(), "");
}

TEST_F(Layers, ASliceOfALeverEngages)
{
    engageBy(kThrottle, "water", Engage::Hold, {{Slice{{{"reverse", 0.9, 1.0, 0.85, 1.0}}}}});
    start();
    move(kThrottle, 950);
    static_cast<void>(seen());
    EXPECT_EQ(engaged(), "water ");
    move(kThrottle, 500);
    static_cast<void>(seen());
    EXPECT_EQ(engaged(), "");
}

TEST_F(Layers, ASwitchThatIsOnEngagesBeforeTheFirstFrame)
{
    weave("base", kThrottle, axis(3));
    weave("water", kThrottle, axis(4));
    engageBy(kToggle, "water");
    start();
    machine->prime(input(kToggle), {1, 0});
    machine->prime(input(kThrottle), {1000, 0});
    machine->begin(now);
    EXPECT_EQ(engaged(), "water ");
    EXPECT_EQ(at(axis(4)), 32767);
    EXPECT_EQ(at(axis(3)), -32768) << "the seat that is not taken gets nothing";
}

TEST_F(Layers, OfAGroupOneIsEngaged)
{
    layer(1).group = layer(2).group = "seat";
    engageBy(kThumb, "water", Engage::Flip);
    engageBy(kFourth, "trim", Engage::Flip);
    engageBy(kFifth, "water", Engage::Next);
    start();
    tap(kThumb);
    EXPECT_EQ(engaged(), "water ");
    tap(kFourth);
    EXPECT_EQ(engaged(), "trim ");
    tap(kFifth);
    EXPECT_EQ(engaged(), "water ") << "round and round";
    tap(kFifth);
    EXPECT_EQ(engaged(), "trim ");
    tap(kFourth);
    EXPECT_EQ(engaged(), "");
}

TEST_F(Layers, OfTwoHeldOnesOfAGroupTheLaterCounts)
{
    layer(1).group = layer(2).group = "seat";
    engageBy(kThumb, "water");
    engageBy(kFourth, "trim");
    start();
    pressAndSee(kFourth);
    pressAndSee(kThumb);
    EXPECT_EQ(engaged(), "water ");
    releaseAndSee(kThumb);
    EXPECT_EQ(engaged(), "trim ") << "it still is held";
}

TEST_F(Layers, ALayerThatNeedsAnotherWaitsForIt)
{
    layer(2).needs = {"water"};
    engageBy(kThumb, "water");
    engageBy(kFourth, "trim");
    start();
    pressAndSee(kFourth);
    EXPECT_EQ(engaged(), "");
    pressAndSee(kThumb);
    EXPECT_EQ(engaged(), "water trim ");
    releaseAndSee(kThumb);
    EXPECT_EQ(engaged(), "");
}

TEST_F(Layers, ACircleOfNeedsIsNeverEngagedAndSaid)
{
    layer(1).needs = {"trim"};
    layer(2).needs = {"water"};
    EXPECT_TRUE(hasErrors(findProblems(tangle)));
    start();
    static_cast<void>(seen());
    EXPECT_EQ(engaged(), "");
}

TEST_F(Layers, ALayerThatEngagesAndDisengagesItselfComesToAnEnd)
{
    engageBy(kToggle, "water");
    weave("water", kToggle, button(1)).ends[0].goal = Nothing{};
    start();
    press(kToggle);
    static_cast<void>(seen());
    press(kToggle);
    release(kToggle);
    static_cast<void>(seen());
    EXPECT_EQ(engaged(), "") << "nothing is left engaged when nothing is pressed";
}

TEST_F(Layers, AnAxisJumpsOrIsPickedUp)
{
    for (const auto crossing : {Crossing::Jump, Crossing::PickUp}) {
        tangle.strands.clear();
        layer(1).crossing = crossing;
        weave("base", kThrottle, axis(3));
        weave("water", kThrottle, axis(4));
        engageBy(kThumb, "water");
        start();
        machine->prime(input(kThrottle), {750, 0});
        machine->begin(now);
        EXPECT_EQ(at(axis(3)), 16383);
        pressAndSee(kThumb);
        EXPECT_EQ(at(axis(3)), -32768) << "it lost its lever, and rests";
        const bool isJump = crossing == Crossing::Jump;
        EXPECT_EQ(at(axis(4)), isJump ? 16384 : 0);
        move(kThrottle, 600);
        EXPECT_EQ(at(axis(4)), isJump ? 6553 : 0) << "two-sided: the middle is half of the lever";
        move(kThrottle, 490);
        EXPECT_LT(at(axis(4)), 0) << "past it";
        move(kThrottle, 1000);
        EXPECT_EQ(at(axis(4)), 32767) << "from then on it follows";
        releaseAndSee(kThumb);
    }
}

TEST_F(Layers, AnAxisThatIsKeptStaysWhereItWas)
{
    weave("base", kThrottle, axis(3)).whenAway = WhenAway::Keep;
    weave("water", kThrottle, axis(4));
    engageBy(kThumb, "water");
    start();
    move(kThrottle, 750);
    pressAndSee(kThumb);
    move(kThrottle, 0);
    EXPECT_EQ(at(axis(3)), 16383);
    releaseAndSee(kThumb);
    EXPECT_EQ(at(axis(3)), -32768) << "its lever is there again";
}

TEST_F(Layers, ASwitchSaysWhereItStandsUnlessItsLayerDoesNotWantThat)
{
    for (const bool tells : {true, false}) {
        tangle.strands.clear();
        layer(1).tellsSwitches = tells;
        weave("base", kToggle, button(1));
        weave("water", kToggle, button(2));
        engageBy(kThumb, "water");
        start();
        pressAndSee(kToggle);
        pressAndSee(kThumb);
        EXPECT_EQ(pressed(), tells ? "2" : "1") << "it stays where it was until it moves";
        releaseAndSee(kThumb);
        EXPECT_EQ(pressed(), "1");
        releaseAndSee(kToggle);
        EXPECT_EQ(pressed(), "");
    }
}

TEST_F(Layers, ALatchOutlivesItsLayerOrDoesNot)
{
    for (const bool remembers : {true, false}) {
        tangle.strands.clear();
        layer(1).remembers = remembers;
        weave("water", kTrigger, button(2), {{Latch{}}});
        engageBy(kThumb, "water");
        start();
        pressAndSee(kThumb);
        tap(kTrigger);
        EXPECT_EQ(pressed(), "2");
        releaseAndSee(kThumb);
        EXPECT_EQ(pressed(), "");
        pressAndSee(kThumb);
        EXPECT_EQ(pressed(), remembers ? "2" : "");
    }
}

TEST_F(Layers, AStageWorksWhileALayerIsEngaged)
{
    Stage invert{Invert{}};
    invert.when = When{.layer = "water"};
    weave("base", kX, axis(1), {invert});
    engageBy(kThumb, "water");
    start();
    move(kX, 500);
    EXPECT_EQ(at(axis(1)), 16384);
    pressAndSee(kThumb);
    EXPECT_EQ(at(axis(1)), -16384);
    releaseAndSee(kThumb);
    EXPECT_EQ(at(axis(1)), 16384);
}

TEST_F(Layers, UnpluggingLetsGoOfALayer)
{
    weave("base", kTrigger, button(1));
    weave("water", kTrigger, button(2));
    engageBy(kThumb, "water");
    start();
    pressAndSee(kThumb);
    pressAndSee(kTrigger);
    lose(*machine, input(kThumb), ++now);
    EXPECT_EQ(pressed(), "2") << "the press is still where it began";
    EXPECT_EQ(engaged(), "");
    lose(*machine, input(kTrigger), ++now);
    EXPECT_EQ(pressed(), "");
}

TEST_F(Layers, AnEditLeavesEngagedWhatIsEngaged)
{
    weave("base", kTrigger, button(1));
    weave("water", kTrigger, button(2));
    engageBy(kThumb, "water", Engage::Flip);
    start();
    tap(kThumb);
    pressAndSee(kTrigger);
    raws[kTrigger] = {1, 0};
    tangle.strands[0].note = "edited";
    std::swap(tangle.layers[1], tangle.layers[2]);
    edit();
    EXPECT_EQ(engaged(), "water ");
    EXPECT_EQ(pressed(), "2");
    tap(kThumb);
    EXPECT_EQ(pressed(), "2") << "the press ends where it began, after the edit too";
    releaseAndSee(kTrigger);
    EXPECT_EQ(pressed(), "");
    EXPECT_EQ(tap(kTrigger), "1");
}

TEST_F(Layers, APushThatWasHeldAtTheStartCountsInEveryLayerOnceItIsLetGo)
{
    weave("base", kTrigger, button(1));
    weave("water", kTrigger, button(2));
    engageBy(kThumb, "water");
    start();
    prime(kTrigger, 1);
    releaseAndSee(kTrigger);
    pressAndSee(kThumb);
    EXPECT_EQ(tap(kTrigger), "2");
}

}  // namespace
}  // namespace jolly
