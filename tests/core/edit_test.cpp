// SPDX-License-Identifier: GPL-3.0-or-later
#include "core/tangle/edit.h"

#include "core/plan/machine.h"
#include "core/tangle/device_edit.h"
#include "core/tangle/goal_edit.h"
#include "core/tangle/lookup.h"
#include "core/tangle/stage_edit.h"
#include "core/weave/weave.h"
#include "support/small_tangle.h"

#include <gmock/gmock.h>

namespace jolly
{
namespace
{

using namespace test;
using testing::HasSubstr;

TEST(Edit, ANewTangleHasOneVirtualJoystickAndNoProblem)
{
    EXPECT_EQ(newTangle().devices.size(), 1U);
    EXPECT_TRUE(findProblems(newTangle()).empty());
}

TEST(Edit, AnAdoptedControllerHasAFreeNameAndItsControls)
{
    auto tangle = smallTangle();
    const auto description = describe(tangle.rig[0]);
    auto first = adopt(description, tangle);
    EXPECT_EQ(first.id, "small-stick");
    EXPECT_EQ(first.controls[2].sides, Sides::One) << "a throttle";
    tangle.rig.push_back(first);
    const auto second = adopt(description, tangle);
    EXPECT_EQ(second.id, "small-stick-1");
    EXPECT_EQ(second.alias, "Small Stick 2");
}

TEST(Edit, KeyboardsAreNotHeldByThemselves)
{
    EXPECT_EQ(adopt({{}, ControllerKind::Keyboard, {}}, {}).hiding, Hiding::None);
    EXPECT_EQ(adopt({{}, ControllerKind::Gamepad, {}}, {}).hiding, Hiding::Held);
}

TEST(Edit, PuttingIntoTheRigAddsOrReplaces)
{
    Tangle tangle = newTangle();
    auto stick = smallStick();
    putIntoRig(tangle, stick);
    stick.alias = "Another name";
    putIntoRig(tangle, stick);
    ASSERT_EQ(tangle.rig.size(), 1U);
    EXPECT_EQ(tangle.rig[0].alias, "Another name");
}

TEST(Edit, CoveringRestWidensTheDeadZoneOrPutsOneFirst)
{
    auto tangle = newTangle();
    const auto stick = smallStick();
    ASSERT_TRUE(connect(tangle, stick, kX, {"jolly-1", axis(1)}));
    ASSERT_TRUE(connect(tangle, stick, kX, {"jolly-1", axis(2)}));
    ASSERT_TRUE(connect(tangle, stick, kY, {"jolly-1", axis(3)}));
    tangle.strands[0].stages = {{Invert{}}, {DeadZone{0.02, 0.001, 0.1, 0.0}}};
    tangle.strands[1].stages = {{Invert{}}};
    coverRest(tangle, {stick.id, kX}, 0.009);
    EXPECT_EQ(tangle.strands[0].stages,
              (std::vector<Stage>{{Invert{}}, {DeadZone{0.02, 0.009, 0.1, 0.0}}}));
    EXPECT_EQ(tangle.strands[1].stages,
              (std::vector<Stage>{{DeadZone{0.009, 0.009, 0.0, 0.0}}, {Invert{}}}));
    EXPECT_TRUE(tangle.strands[2].stages.empty()) << "of another axis";
    EXPECT_EQ(coverOfRest(tangle.strands[0]), 0.009);
    EXPECT_EQ(coverOfRest(tangle.strands[2]), 0.0);
    tangle.strands[1].stages[0].isOn = false;
    EXPECT_EQ(coverOfRest(tangle.strands[1]), 0.0) << "switched off, it covers nothing";
}

TEST(Edit, ConnectingAStrangerTakesItIntoTheRig)
{
    auto tangle = newTangle();
    const auto stick = smallStick();
    ASSERT_TRUE(connect(tangle, stick, kX, {"jolly-1", axis(2)}));
    EXPECT_EQ(tangle.rig.size(), 1U);
    ASSERT_TRUE(connect(tangle, stick, kY, {"jolly-1", axis(3)}));
    EXPECT_EQ(tangle.rig.size(), 1U);
    EXPECT_NE(tangle.strands[0].id, tangle.strands[1].id);
    EXPECT_TRUE(findProblems(tangle).empty());
}

TEST(Edit, WhatDoesNotFitLeavesTheTangleAsItWas)
{
    auto tangle = smallTangle();
    const auto before = tangle;
    const auto done = connect(tangle, tangle.rig[0], kDial, {"jolly", hat(1)});
    ASSERT_FALSE(done);
    EXPECT_THAT(done.error().text(),
                HasSubstr("is a turner, hat 1 is a hat. Choose an axis or a button on the right."));
    EXPECT_EQ(tangle, before);
    EXPECT_FALSE(connect(tangle, tangle.rig[0], kX, {"gone", axis(1)}));
}

TEST(Edit, AnAxisThatIsWovenToAButtonIsSliced)
{
    auto tangle = smallTangle();
    const auto id = connect(tangle, tangle.rig[0], kThrottle, {"jolly", button(3)});
    ASSERT_TRUE(id);
    const auto& strand = *findStrand(tangle, *id);
    ASSERT_TRUE(std::holds_alternative<Slice>(strand.stages.at(0).parameters));
    EXPECT_EQ(strand.ends.at(0).outlet, "slice 1");
    EXPECT_TRUE(findProblems(tangle).empty());
}

TEST(Edit, EndsFollowTheirSlices)
{
    auto tangle = smallTangle();
    const auto id = *connect(tangle, tangle.rig[0], kThrottle, {"jolly", button(3)});
    const auto slices = [&]() -> SliceParts {
        return std::get<Slice>(findStrand(tangle, id)->stages[0].parameters).slices;
    };
    auto changed = slices();
    changed[0].name = "guard";
    setStage(tangle, id, 0, Slice{changed});
    EXPECT_EQ(findStrand(tangle, id)->ends,
              (std::vector<End>{{"guard", Target{"jolly", button(3)}}}));
    changed.push_back({"drop", 0.95, 1.0, 0.9, 1.0});
    setStage(tangle, id, 0, Slice{changed});
    EXPECT_EQ(findStrand(tangle, id)->ends.at(1), (End{"drop", Target{"jolly", button(4)}}));
    EXPECT_TRUE(findProblems(tangle).empty());
    changed.erase(changed.begin());
    setStage(tangle, id, 0, Slice{changed});
    EXPECT_EQ(findStrand(tangle, id)->ends,
              (std::vector<End>{{"drop", Target{"jolly", button(4)}}}));
}

TEST(Edit, AStrandOfButtonsMayBeDividedOtherwise)
{
    auto tangle = smallTangle();
    const auto id = *connect(tangle, tangle.rig[0], kThrottle, {"jolly", button(3)});
    findStrand(tangle, id)->stages.insert(findStrand(tangle, id)->stages.begin(), {Invert{}});
    addStage(tangle, id, EqualSlices{.count = 5});
    const auto& strand = *findStrand(tangle, id);
    ASSERT_EQ(strand.stages.size(), 2U) << "the inverted axis stays, the slice goes";
    ASSERT_EQ(strand.ends.size(), 5U);
    EXPECT_EQ(strand.ends[0], (End{"zone 1", Target{"jolly", button(3)}}));
    EXPECT_EQ(strand.ends[1], (End{"zone 2", Target{"jolly", button(4)}}));
    EXPECT_TRUE(findProblems(tangle).empty());
    addStage(tangle, id, Ratchet{});
    EXPECT_EQ(findStrand(tangle, id)->ends,
              (std::vector<End>{{"up", Target{"jolly", button(3)}},
                                {"down", Target{"jolly", button(4)}}}));
}

TEST(Edit, OutletsLeadToTheNextOnesInARow)
{
    auto tangle = smallTangle();
    addStrand(tangle, kThumb, button(7));
    const auto id = *connect(tangle, tangle.rig[0], kHat, {"jolly", button(5)});
    const auto& ends = findStrand(tangle, id)->ends;
    ASSERT_EQ(ends.size(), 4U);
    EXPECT_EQ(ends[0], (End{"up", Target{"jolly", button(5)}}));
    EXPECT_EQ(ends[1].goal, Goal(Target{"jolly", button(6)}));
    EXPECT_EQ(ends[2].goal, Goal(Target{"jolly", button(8)})) << "7 is taken";
    EXPECT_EQ(ends[3].goal, Goal(Target{"jolly", button(1)})) << "none is left behind it";
}

TEST(Edit, ADeviceThatSizesItselfGrowsForARow)
{
    auto tangle = newTangle();
    const auto stick = smallStick();
    const auto id = *connect(tangle, stick, kHat, {"jolly-1", button(31)});
    EXPECT_EQ(findStrand(tangle, id)->ends[3].goal, Goal(Target{"jolly-1", button(34)}));
    EXPECT_TRUE(findProblems(tangle).empty());
}

TEST(Edit, TwoInARowAreBoundOnlyWhenAsked)
{
    auto tangle = smallTangle();
    const auto id = *connect(tangle, tangle.rig[0], kTrigger, {"jolly", button(2)});
    addStage(tangle, id, PressKinds{});
    EXPECT_EQ(findStrand(tangle, id)->ends,
              (std::vector<End>{{"short", Target{"jolly", button(2)}},
                                {"long", Target{"jolly", button(3)}}}));
}

TEST(Edit, KeysOfASwitchArePulses)
{
    auto tangle = smallTangle();
    const Target key{keyboardOf(tangle), {ControlKind::Button, 30}};
    const auto howOf = [&](ControlCode from) {
        const auto id = *connect(tangle, tangle.rig[0], from, key);
        return findStrand(tangle, id)->ends.front().how;
    };
    EXPECT_EQ(howOf(kToggle), How::Pulse);
    EXPECT_EQ(howOf(kTrigger), How::Held);
    const auto id = *connect(tangle, tangle.rig[0], kToggle, {"jolly", button(1)});
    addStage(tangle, id, BothEnds{});
    const auto& ends = findStrand(tangle, id)->ends;
    ASSERT_EQ(ends.size(), 2U);
    EXPECT_EQ(ends[1].how, How::Held);
    ASSERT_TRUE(leadOutlet(tangle, id, "off", 1, key));
    EXPECT_EQ(ends[1].how, How::Pulse);
    ASSERT_TRUE(leadOutlet(tangle, id, "off", 1, Chord{key.device, {29, 30}}));
    EXPECT_EQ(ends[1].how, How::Pulse);
    ASSERT_TRUE(leadOutlet(tangle, id, "off", 1, Target{"jolly", button(4)}));
    EXPECT_EQ(ends[1].how, How::Held);
    ASSERT_TRUE(leadOutlet(tangle, id, "off", std::nullopt, key));
    EXPECT_EQ(ends[2].how, How::Pulse);
    findStrand(tangle, id)->ends[2].how = How::Held;
    ASSERT_TRUE(leadOutlet(tangle, id, "off", 2, Target{key.device, {ControlKind::Button, 31}}));
    EXPECT_EQ(ends[2].how, How::Held) << "as the pilot said";
}

TEST(Edit, TwoThatGoOneWayAreOneAxis)
{
    auto tangle = smallTangle();
    auto other = smallStick("other");
    other.alias = "Other";
    tangle.rig.push_back(other);
    const Target rudder{"jolly", axis(1)};
    const auto left = *connect(tangle, tangle.rig[0], kThrottle, rudder);
    const auto right = connectOtherWay(tangle, left, tangle.rig[1], kThrottle, rudder);
    ASSERT_TRUE(right);
    EXPECT_EQ(findStrand(tangle, left)->ends[0].part, Part::Lower);
    EXPECT_EQ(findStrand(tangle, *right)->ends[0].part, Part::Upper);
    EXPECT_TRUE(findProblems(tangle).empty()) << "they are meant to meet";
    Machine machine(compile(tangle));
    const auto at = [&](int one, int two) {
        machine.move(*machine.plan().inputOf(0, kThrottle), false, one, Time(0));
        machine.move(*machine.plan().inputOf(1, kThrottle), false, two, Time(0));
        return machine.meetings().raw(0).x;
    };
    EXPECT_EQ(at(0, 0), 0);
    EXPECT_EQ(at(1000, 0), -32768);
    EXPECT_EQ(at(0, 1000), 32767);
    EXPECT_EQ(at(500, 500), 0);
}

TEST(Edit, APairOfKeysIsOneAxisAndWhatGoesBothWaysIsNot)
{
    auto tangle = smallTangle();
    const Target axis2{"jolly", axis(2)};
    const auto forward = *connect(tangle, tangle.rig[0], kTrigger, axis2);
    const auto back = connectOtherWay(tangle, forward, tangle.rig[0], kThumb, axis2);
    ASSERT_TRUE(back);
    EXPECT_TRUE(findProblems(tangle).empty());
    Machine machine(compile(tangle));
    Time now{};
    const auto at = [&](bool one, bool two) {
        machine.move(*machine.plan().inputOf(0, kTrigger), false, one ? 1 : 0, now);
        machine.move(*machine.plan().inputOf(0, kThumb), false, two ? 1 : 0, now);
        now += 2000 * kMs;
        machine.tick(now);
        return machine.meetings().raw(1).x;
    };
    EXPECT_EQ(at(false, false), 0);
    EXPECT_EQ(at(true, false), -32768);
    EXPECT_EQ(at(false, true), 32767);
    EXPECT_EQ(at(true, true), 0);
    const auto roll = *connect(tangle, tangle.rig[0], kX, {"jolly", axis(1)});
    const auto before = tangle;
    EXPECT_FALSE(connectOtherWay(tangle, roll, tangle.rig[0], kThrottle, {"jolly", axis(1)}));
    EXPECT_EQ(tangle, before);
    tangle.devices.push_back(
        {.id = "pad", .name = "Pad", .kind = VirtualKind::Gamepad, .number = 2});
    const auto pull = *connect(tangle, tangle.rig[0], kTrigger, {"pad", axis(3)});
    EXPECT_FALSE(connectOtherWay(tangle, pull, tangle.rig[0], kThumb, {"pad", axis(3)}));
}

TEST(Edit, ZonesThatComeAndGoTakeTheirEndsAlong)
{
    auto tangle = smallTangle();
    const auto id = *connect(tangle, tangle.rig[0], kThrottle, {"jolly", button(3)});
    addStage(tangle, id, EqualSlices{.count = 3});
    setStage(tangle, id, 0, EqualSlices{.count = 4});
    const auto& strand = *findStrand(tangle, id);
    ASSERT_EQ(strand.ends.size(), 4U);
    EXPECT_EQ(strand.ends[0], (End{"zone 1", Target{"jolly", button(3)}}));
    EXPECT_EQ(strand.ends[3].outlet, "zone 4");
    EXPECT_TRUE(findProblems(tangle).empty());
    setStage(tangle, id, 0, EqualSlices{.count = 2});
    EXPECT_EQ(strand.ends.size(), 2U);
    EXPECT_TRUE(findProblems(tangle).empty());
}

TEST(Edit, AStageOfTheAxisStandsBeforeWhatMakesButtonsOfIt)
{
    auto tangle = smallTangle();
    const auto id = *connect(tangle, tangle.rig[0], kThrottle, {"jolly", button(3)});
    const auto& strand = *findStrand(tangle, id);
    const auto ends = strand.ends;
    for (const StageParameters& stage : {StageParameters(Curve{}), StageParameters(Invert{})}) {
        EXPECT_EQ(placeFor(tangle, strand, stage), strand.stages.size() - 1);
        addStage(tangle, id, stage);
    }
    ASSERT_EQ(strand.stages.size(), 3U);
    EXPECT_TRUE(std::holds_alternative<Slice>(strand.stages[2].parameters));
    EXPECT_EQ(strand.ends, ends);
    removeStage(tangle, id, 0);
    EXPECT_EQ(strand.ends, ends);
    removeStage(tangle, id, 1);
    ASSERT_EQ(strand.ends.size(), 1U);
    EXPECT_EQ(strand.ends[0].outlet, "") << "nothing forks any more";
}

TEST(Edit, TheNextFreeControlSkipsTakenOnesAndDevicesThatAreFull)
{
    auto tangle = smallTangle();
    tangle.devices.push_back({.id = "second", .name = "Second"});
    for (std::uint16_t n = 1; n <= 4; ++n) {
        EXPECT_EQ(nextFree(tangle, ControlKind::Axis), (Target{"jolly", axis(n)}));
        addStrand(tangle, kX, axis(n));
    }
    EXPECT_EQ(nextFree(tangle, ControlKind::Axis), (Target{"second", axis(1)}));
    EXPECT_FALSE(nextFree(tangle, ControlKind::Turner));
}

TEST(Edit, ADuplicateStandsBehindItsOriginalUnderItsOwnId)
{
    auto tangle = smallTangle();
    addStrand(tangle, kX, axis(1));
    addStrand(tangle, kY, axis(2));
    const auto copy = duplicate(tangle, "strand-1");
    EXPECT_EQ(tangle.strands[1].id, copy);
    EXPECT_EQ(tangle.strands[1].source, tangle.strands[0].source);
    EXPECT_EQ(duplicate(tangle, "gone"), "");
}

TEST(BeginAt, AStrandBeginsAtAnotherControlOfItsKindOnly)
{
    auto tangle = smallTangle();
    const auto id = addStrand(tangle, kX, axis(1)).id;
    const auto before = tangle;
    EXPECT_FALSE(beginAt(tangle, id, tangle.rig[0], kTrigger));
    EXPECT_FALSE(beginAt(tangle, "gone", tangle.rig[0], kY));
    EXPECT_EQ(tangle, before);
    const auto other = smallStick("other");
    ASSERT_TRUE(beginAt(tangle, id, other, kY));
    EXPECT_EQ(tangle.strands[0].source, (Source{"other", kY}));
    EXPECT_EQ(tangle.rig.size(), 2U) << "the rig knows it from now on";
}

TEST(Edit, TheFirstStrandOnAVirtualAxisLetsItRestWhereItsControlDoes)
{
    auto tangle = smallTangle();
    const auto rig = tangle.rig[0];
    ASSERT_TRUE(connect(tangle, rig, kThrottle, {"jolly", axis(1)}));
    EXPECT_EQ(settingsOf(tangle.devices[0], axis(1)).sides, Sides::One);
    ASSERT_TRUE(connect(tangle, rig, kX, {"jolly", axis(1)}));
    EXPECT_EQ(settingsOf(tangle.devices[0], axis(1)).sides, Sides::One) << "the first one counts";
    ASSERT_TRUE(connect(tangle, rig, kX, {"jolly", axis(3)}));
    EXPECT_EQ(settingsOf(tangle.devices[0], axis(3)).sides, Sides::Two);
}

}  // namespace
}  // namespace jolly
