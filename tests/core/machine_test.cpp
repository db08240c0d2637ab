// SPDX-License-Identifier: GPL-3.0-or-later
#include "machine_story.h"

#include <gmock/gmock.h>

namespace jolly
{
namespace
{

using namespace test;
using testing::ElementsAre;
using testing::IsEmpty;

class MachineTest : public MachineStory
{
};

TEST_F(MachineTest, AnAxisFollowsItsSourceToTheLastCount)
{
    addStrand(tangle, kX, axis(1));
    start();
    move(kX, 1000);
    EXPECT_THAT(seen(), ElementsAre("axis 1 = 32767"));
    move(kX, -1000);
    EXPECT_THAT(seen(), ElementsAre("axis 1 = -32768"));
    move(kX, 0);
    EXPECT_THAT(seen(), ElementsAre("axis 1 = 0"));
}

TEST_F(MachineTest, EqualValuesAreNotSentTwice)
{
    addStrand(tangle, kX, axis(1), {{DeadZone{.below = 0.1, .above = 0.1}}});
    start();
    move(kX, 50);
    move(kX, 50);
    move(kX, 90);
    EXPECT_THAT(seen(), IsEmpty());
}

TEST_F(MachineTest, SeveralMovesOfAnAxisInOneFrameLeaveTheLast)
{
    addStrand(tangle, kX, axis(1));
    addStrand(tangle, kY, axis(2));
    start();
    move(kX, 100);
    move(kY, 1000);
    move(kX, 500);
    EXPECT_THAT(seen(), ElementsAre("axis 1 = 16384", "axis 2 = 32767"));
}

TEST_F(MachineTest, ThereAndBackInOneFrameIsNothing)
{
    addStrand(tangle, kTrigger, button(2));
    addStrand(tangle, kX, axis(1));
    start();
    move(kX, 300);
    EXPECT_EQ(seen().size(), 1U);
    press(kTrigger);
    move(kX, 800);
    release(kTrigger);
    move(kX, 300);
    EXPECT_THAT(seen(), IsEmpty());
}

TEST_F(MachineTest, AOneSidedLeverUsesTheWholeOfATwoSidedAxis)
{
    addStrand(tangle, kThrottle, axis(1));
    addStrand(tangle, kThrottle, axis(3));
    start();
    EXPECT_EQ(at(axis(3)), -32768) << "one-sided axes rest at their low end";
    move(kThrottle, 0);
    prime(kThrottle, 0);
    EXPECT_EQ(at(axis(1)), -32768);
    move(kThrottle, 1000);
    EXPECT_EQ(at(axis(1)), 32767);
    EXPECT_EQ(at(axis(3)), 32767);
}

TEST_F(MachineTest, AHatMovesAsOne)
{
    addStrand(tangle, kHat, hat(1));
    start();
    move(kHat, -1);
    moveHatY(1);
    EXPECT_THAT(seen(), ElementsAre("hat 1 = -1,1"));
}

TEST_F(MachineTest, StagesWorkInTheirOrderAndOnlyWhenSwitchedOn)
{
    addStrand(tangle, kX, axis(1),
              {{Invert{}}, {DeadZone{.below = 0.5, .above = 0.0}}, {Invert{}, false}});
    start();
    move(kX, 500);
    EXPECT_EQ(at(axis(1)), 0) << "below rest after inverting";
    move(kX, -500);
    EXPECT_EQ(at(axis(1)), 16384);
}

TEST_F(MachineTest, AButtonIsPressedWhileAnyStrandPressesIt)
{
    addStrand(tangle, kTrigger, button(1));
    addStrand(tangle, kThumb, button(1));
    start();
    press(kTrigger);
    press(kThumb);
    release(kTrigger);
    EXPECT_THAT(seen(), ElementsAre("button 1 = 1"));
    release(kThumb);
    EXPECT_THAT(seen(), ElementsAre("button 1 = 0"));
}

TEST_F(MachineTest, AnAxisFollowsTheStrandThatMovedLast)
{
    addStrand(tangle, kX, axis(1));
    addStrand(tangle, kY, axis(1));
    start();
    move(kX, 1000);
    move(kY, 500);
    EXPECT_EQ(at(axis(1)), 16384);
    move(kX, 0);
    EXPECT_EQ(at(axis(1)), 0);
}

struct MeetingRow {
    const char* name;
    Meeting meeting;
    std::int32_t expected;
};

class MeetingTable : public MachineTest, public testing::WithParamInterface<MeetingRow>
{
};

TEST_P(MeetingTable, GivesItsValue)
{
    tangle.devices[0].settings.push_back({.control = axis(1), .meeting = GetParam().meeting});
    addStrand(tangle, kX, axis(1));
    addStrand(tangle, kY, axis(1));
    start();
    move(kX, -800);
    move(kY, 400);
    EXPECT_EQ(at(axis(1)), GetParam().expected);
}

INSTANTIATE_TEST_SUITE_P(All, MeetingTable,
                         testing::Values(MeetingRow{"MovedLast", Meeting::MovedLast, 13107},
                                         MeetingRow{"Sum", Meeting::Sum, -13107},
                                         MeetingRow{"Larger", Meeting::Larger, -26214},
                                         MeetingRow{"Average", Meeting::Average, -6554}),
                         [](const auto& row) { return row.param.name; });

TEST_F(MachineTest, AtTheStartSwitchesCountAndHeldPushesDoNot)
{
    addStrand(tangle, kTrigger, button(1));
    addStrand(tangle, kToggle, button(2));
    addStrand(tangle, kX, axis(1));
    start();
    prime(kTrigger, 1);
    prime(kToggle, 1);
    prime(kX, 500);
    EXPECT_EQ(at(button(1)), 0);
    EXPECT_EQ(at(button(2)), 1);
    EXPECT_EQ(at(axis(1)), 16384);
}

TEST_F(MachineTest, APushHeldAtTheStartCountsFromItsNextPress)
{
    addStrand(tangle, kTrigger, button(1));
    start();
    prime(kTrigger, 1);
    release(kTrigger);
    EXPECT_THAT(seen(), IsEmpty());
    press(kTrigger);
    EXPECT_THAT(seen(), ElementsAre("button 1 = 1"));
}

TEST_F(MachineTest, LosingAControlReleasesItsPressAndRestsItsAxis)
{
    addStrand(tangle, kTrigger, button(1), {{Invert{}}});
    addStrand(tangle, kThrottle, axis(3));
    start();
    prime(kTrigger, 0);
    move(kThrottle, 700);
    seen();
    lose(*machine, input(kTrigger), Time{});
    lose(*machine, input(kThrottle), Time{});
    EXPECT_THAT(seen(), ElementsAre("button 1 = 0", "axis 3 = -32768"));
}

TEST_F(MachineTest, AnAxisCanKeepItsValueWhenItsControllerGoes)
{
    addStrand(tangle, kThrottle, axis(3)).whenAway = WhenAway::Keep;
    start();
    move(kThrottle, 1000);
    lose(*machine, input(kThrottle), Time{});
    EXPECT_EQ(at(axis(3)), 32767);
}

TEST_F(MachineTest, APressSurvivesAnEditOfItsStrand)
{
    addStrand(tangle, kTrigger, button(1));
    start();
    press(kTrigger);
    raws[kTrigger] = {1, 0};
    tangle.strands[0].name = "renamed";
    edit();
    EXPECT_EQ(at(button(1)), 1);
    release(kTrigger);
    EXPECT_EQ(at(button(1)), 0);
}

TEST_F(MachineTest, AStrandAddedUnderAHeldPushWaitsForTheNextPress)
{
    addStrand(tangle, kTrigger, button(1));
    start();
    press(kTrigger);
    raws[kTrigger] = {1, 0};
    addStrand(tangle, kTrigger, button(2));
    edit();
    EXPECT_EQ(at(button(1)), 1);
    EXPECT_EQ(at(button(2)), 0);
}

TEST_F(MachineTest, AStrandTakenOutLetsGo)
{
    addStrand(tangle, kTrigger, button(1));
    start();
    press(kTrigger);
    raws[kTrigger] = {1, 0};
    tangle.strands.clear();
    edit();
    EXPECT_EQ(at(button(1)), 0);
}

TEST_F(MachineTest, AnEditKeepsTheAxisWithTheStrandThatMovedIt)
{
    addStrand(tangle, kX, axis(1));
    addStrand(tangle, kY, axis(1));
    start();
    move(kY, 1000);
    raws[kY] = {1000, 0};
    addStrand(tangle, kThrottle, axis(2));
    edit();
    EXPECT_EQ(at(axis(1)), 32767);
}

TEST_F(MachineTest, NoiseIsNoMove)
{
    tangle.rig[0].controls[0].calibration.noise = 5;
    addStrand(tangle, kX, axis(1));
    start();
    move(kX, 0);
    move(kX, 5);
    EXPECT_THAT(seen(), IsEmpty());
    move(kX, 6);
    EXPECT_EQ(seen().size(), 1U);
}

TEST_F(MachineTest, StrandsOfOtherLayersSleep)
{
    tangle.layers.push_back({"water", "On water", {}});
    addStrand(tangle, kX, axis(1)).layer = "water";
    addStrand(tangle, kY, axis(2)).isOn = false;
    start();
    move(kX, 1000);
    move(kY, 1000);
    EXPECT_THAT(seen(), IsEmpty());
}

TEST_F(MachineTest, PressesAndReleasesBalanceWhateverHappens)
{
    for (int i = 0; i < 3; ++i) addStrand(tangle, i == 1 ? kThumb : kTrigger, button(1));
    start();
    unsigned seed = 12345;
    for (int i = 0; i < 2000; ++i) {
        seed = seed * 1664525U + 1013904223U;
        const auto code = (seed >> 24U) % 2 == 0 ? kTrigger : kThumb;
        const auto deed = (seed >> 16U) % 8;
        if (deed == 0) lose(*machine, input(code), Time{});
        if (deed == 1) prime(code, static_cast<int>((seed >> 10U) & 1U));
        if (deed > 1) move(code, static_cast<int>(deed & 1U));
        machine->dropChanges(Time{});
    }
    lose(*machine, input(kTrigger), Time{});
    lose(*machine, input(kThumb), Time{});
    EXPECT_EQ(at(button(1)), 0);
}

}  // namespace
}  // namespace jolly
