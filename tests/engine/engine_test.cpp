// SPDX-License-Identifier: GPL-3.0-or-later
#include "engine_story.h"
#include "support/allocation_guard.h"

namespace jolly
{
namespace
{

using namespace test;
using testing::HasSubstr;

using EngineTest = EngineStory;

TEST_F(EngineTest, ALeverMovesAVirtualAxis)
{
    addStrand(tangle, kX, axis(1));
    fly();
    move(kX, 1000);
    EXPECT_EQ(gameSees(axis(1)), 32767);
}

TEST_F(EngineTest, IdleNothingIsMadeAndNothingIsHeld)
{
    addStrand(tangle, kX, axis(1));
    weave();
    plugIn();
    move(kX, 1000);
    EXPECT_EQ(world.deviceCount(), 0U);
    EXPECT_FALSE(world.isHeld(stick));
    EXPECT_EQ(live.block().slots[0].raw, 32767) << "but one sees what it would be";
}

TEST_F(EngineTest, AtGoLiveEverythingIsTrueFromTheFirstMoment)
{
    addStrand(tangle, kX, axis(1));
    addStrand(tangle, kThrottle, axis(3));
    addStrand(tangle, kToggle, button(1));
    addStrand(tangle, kTrigger, button(2));
    fly({{kX, {500, 0}}, {kThrottle, {250, 0}}, {kToggle, {1, 0}}, {kTrigger, {1, 0}}});
    EXPECT_EQ(framesSent(), 0U) << "the values were there when the device was made";
    EXPECT_EQ(gameSees(axis(1)), 16384);
    EXPECT_EQ(gameSees(axis(3)), -16384);
    EXPECT_EQ(gameSees(button(1)), 1);
    EXPECT_EQ(gameSees(button(2)), 0) << "a push already held is not sent";
}

TEST_F(EngineTest, OneInputFrameGivesOneOutputFrameADevice)
{
    tangle.devices.push_back(tangle.devices[0]);
    tangle.devices[1].id = "other";
    tangle.devices[1].name = "Other";
    addStrand(tangle, kX, axis(1));
    addStrand(tangle, kY, axis(2)).ends.push_back({{}, Target{"other", axis(2)}});
    fly();
    world.move(stick, {moveOf(kX, 100), moveOf(kY, 100), moveOf(kX, 200)});
    step();
    EXPECT_EQ(framesSent(), 1U);
    EXPECT_EQ(world.device("Other")->frames.size(), 1U);
    EXPECT_EQ(world.device("Jolly")->frames[0].size(), 2U);
}

TEST_F(EngineTest, UnpluggingReleasesHeldButtonsAndRestsAxes)
{
    addStrand(tangle, kTrigger, button(1));
    addStrand(tangle, kX, axis(1));
    fly();
    press(kTrigger);
    move(kX, 1000);
    unplug();
    EXPECT_EQ(gameSees(button(1)), 0);
    EXPECT_EQ(gameSees(axis(1)), 0);
}

TEST_F(EngineTest, AControllerThatReturnsIsTrueAgain)
{
    addStrand(tangle, kX, axis(1));
    addStrand(tangle, kToggle, button(2));
    fly();
    unplug();
    plugIn({{kX, {-1000, 0}}, {kToggle, {1, 0}}});
    EXPECT_EQ(gameSees(axis(1)), -32768);
    EXPECT_EQ(gameSees(button(2)), 1);
    step();
    EXPECT_TRUE(world.isHeld(stick));
}

TEST_F(EngineTest, StandingDownReleasesThenEndsTheDevices)
{
    addStrand(tangle, kTrigger, button(1));
    fly();
    press(kTrigger);
    engine.standDown();
    EXPECT_EQ(gameSees(button(1)), 0) << "released while the game can still read it";
    EXPECT_EQ(world.deviceCount(), 1U);
    EXPECT_FALSE(world.isHeld(stick));
    EXPECT_FALSE(engine.isAtRest());
    waitFor(Fleet::kFarewell);
    EXPECT_EQ(world.deviceCount(), 0U);
    EXPECT_TRUE(engine.isAtRest());
}

TEST_F(EngineTest, AControllerIsHeldOnlyOnceNothingIsPressed)
{
    addStrand(tangle, kTrigger, button(1));
    fly({{kTrigger, {1, 0}}});
    EXPECT_FALSE(world.isHeld(stick));
    EXPECT_EQ(board.get()->controllers[0].hold, Hold::Waiting);
    release(kTrigger);
    EXPECT_TRUE(world.isHeld(stick));
    EXPECT_EQ(board.get()->controllers[0].hold, Hold::Held);
}

TEST_F(EngineTest, ASwitchThatStaysOnDoesNotKeepItsControllerFromBeingHeld)
{
    addStrand(tangle, kToggle, button(1));
    fly({{kToggle, {1, 0}}});
    EXPECT_TRUE(world.isHeld(stick));
}

TEST_F(EngineTest, OnlyControllersThatAreUsedAndMayBeHeldAreHeld)
{
    weave();
    plugIn();
    ASSERT_TRUE(engine.goLive());
    EXPECT_FALSE(world.isHeld(stick)) << "no strand uses it";
    addStrand(tangle, kX, axis(1));
    weave();
    EXPECT_TRUE(world.isHeld(stick));
    tangle.rig[0].hiding = Hiding::None;
    weave();
    EXPECT_FALSE(world.isHeld(stick));
}

TEST_F(EngineTest, ARefusedHoldIsNamedAndAskedForAgain)
{
    addStrand(tangle, kX, axis(1));
    world.faults.hold = Failure{Failure::Code::Busy, words("Another program holds Small Stick."),
                                words("Close it."), 0};
    fly();
    step();
    EXPECT_THAT(troubles(), HasSubstr("Another program holds Small Stick. Close it."));
    world.faults.hold.reset();
    waitFor(Engine::kHoldAgain);
    EXPECT_TRUE(world.isHeld(stick));
    EXPECT_EQ(troubles(), "");
}

TEST_F(EngineTest, ARefusedDeviceLeavesNothingHalfDone)
{
    tangle.devices.push_back(tangle.devices[0]);
    tangle.devices[1].id = "other";
    addStrand(tangle, kX, axis(1));
    weave();
    plugIn();
    world.faults.create =
        Failure{Failure::Code::NotAllowed, words("You may not."), words("Ask."), 13};
    const auto done = engine.goLive();
    ASSERT_FALSE(done);
    EXPECT_EQ(done.error().text(), "You may not. Ask.");
    EXPECT_FALSE(engine.isLive());
    EXPECT_FALSE(world.isHeld(stick));
    EXPECT_EQ(world.deviceCount(), 0U);
    EXPECT_THAT(troubles(), HasSubstr("You may not. Ask."));
    world.faults.create.reset();
    EXPECT_TRUE(engine.goLive());
    EXPECT_EQ(troubles(), "");
}

TEST_F(EngineTest, ARefusedFrameAndALostDeviceAreNamed)
{
    addStrand(tangle, kX, axis(1));
    fly();
    world.faults.write = WriteStatus::Refused;
    move(kX, 100);
    EXPECT_THAT(troubles(), HasSubstr("refused a movement of Jolly"));
    world.faults.write = WriteStatus::Gone;
    move(kX, 200);
    EXPECT_THAT(troubles(), HasSubstr("taken away by the system"));
}

TEST_F(EngineTest, AnEditWhileLiveKeepsTheDeviceAndTheHeldPress)
{
    addStrand(tangle, kTrigger, button(1));
    fly();
    press(kTrigger);
    const auto handle = world.device("Jolly")->handle;
    addStrand(tangle, kX, axis(1));
    weave();
    EXPECT_EQ(world.device("Jolly")->handle, handle);
    EXPECT_EQ(gameSees(button(1)), 1);
    release(kTrigger);
    move(kX, 1000);
    EXPECT_EQ(gameSees(button(1)), 0);
    EXPECT_EQ(gameSees(axis(1)), 32767);
}

TEST_F(EngineTest, AStrandTakenOutWhileItPressesLetsGo)
{
    addStrand(tangle, kTrigger, button(1));
    fly();
    press(kTrigger);
    tangle.strands.clear();
    weave();
    EXPECT_EQ(gameSees(button(1)), 0);
}

TEST_F(EngineTest, OursAloneIsAskedForOnceHeldAndGivenBackAfter)
{
    addStrand(tangle, kX, axis(1));
    tangle.rig[0].hiding = Hiding::OursAlone;
    fly();
    step();
    EXPECT_TRUE(world.isAlone(stick));
    EXPECT_TRUE(board.get()->controllers[0].isOursAlone);
    tangle.rig[0].hiding = Hiding::Held;
    weave();
    EXPECT_FALSE(world.isAlone(stick));
    EXPECT_TRUE(world.isHeld(stick));
    tangle.rig[0].hiding = Hiding::OursAlone;
    weave();
    EXPECT_TRUE(world.isAlone(stick));
    engine.standDown();
    step();
    EXPECT_FALSE(world.isAlone(stick));
    EXPECT_FALSE(world.isHeld(stick));
    EXPECT_FALSE(board.get()->controllers[0].isOursAlone);
}

TEST_F(EngineTest, WhatIsOursAloneStaysSoWhileItIsUnplugged)
{
    addStrand(tangle, kX, axis(1));
    tangle.rig[0].hiding = Hiding::OursAlone;
    fly();
    world.unplug(stick);
    step();
    EXPECT_TRUE(world.isAlone(stick)) << "the helper is told nothing new";
    engine.standDown();
    EXPECT_FALSE(world.isAlone(stick));
}

TEST_F(EngineTest, WhenTheHelperIsGoneThatIsSaid)
{
    addStrand(tangle, kX, axis(1));
    tangle.rig[0].hiding = Hiding::OursAlone;
    fly();
    step();
    world.loseAlone(
        {Failure::Code::NotThere, words("The helper ended."), words("Go live again."), 0});
    step();
    EXPECT_TRUE(world.isHeld(stick));
    EXPECT_FALSE(board.get()->controllers[0].isOursAlone);
    EXPECT_THAT(troubles(), HasSubstr("The helper ended. Go live again."));
    engine.standDown();
    step();
    EXPECT_EQ(troubles(), "");
}

TEST_F(EngineTest, WhereOursAloneCannotBeItIsHeldAndThatIsSaid)
{
    addStrand(tangle, kX, axis(1));
    tangle.rig[0].hiding = Hiding::OursAlone;
    world.faults.alone =
        Failure{Failure::Code::NotThere, words("It cannot be."), words("Hold it."), 0};
    fly();
    step();
    EXPECT_TRUE(world.isHeld(stick));
    EXPECT_FALSE(board.get()->controllers[0].isOursAlone);
    EXPECT_THAT(troubles(), HasSubstr("It cannot be. Hold it."));
    tangle.rig[0].hiding = Hiding::Held;
    weave();
    step();
    EXPECT_EQ(troubles(), "");
}

TEST_F(EngineTest, AlikeControllersAreADoubt)
{
    addStrand(tangle, kX, axis(1));
    weave();
    auto twin = describe(tangle.rig[0]);
    twin.identity.phys = "usb-8";
    world.plug(twin);
    twin.identity.phys = "usb-9";
    world.plug(twin);
    step();
    EXPECT_EQ(board.get()->doubts.size(), 1U);
    EXPECT_EQ(board.get()->controllers[0].rig, Match::kUnknown);
}

TEST_F(EngineTest, AnEditThatGivesNoSlotAnotherMeaningKeepsTheirGeneration)
{
    addStrand(tangle, kX, axis(1));
    fly();
    const auto before = *board.get();
    tangle.strands.front().stages = {{Invert{}}};
    tangle.name = "another name";
    weave();
    EXPECT_EQ(board.get()->generation, before.generation);
    EXPECT_GT(board.get()->edition, before.edition);
    EXPECT_EQ(board.get()->edition, engine.edition());
    EXPECT_EQ(board.get()->tangle, "another name");
}

TEST_F(EngineTest, SlotsThatMeanSomethingElseAreOfANewGeneration)
{
    auto second = tangle.devices.front();
    second.id = "second";
    second.name = "Second";
    auto last = board.get()->generation;
    const auto expectNew = [&](const char* what) {
        EXPECT_GT(board.get()->generation, last) << what;
        last = board.get()->generation;
    };
    weave();
    expectNew("a first tangle");
    ++tangle.devices.front().axes;
    weave();
    expectNew("an axis more");
    plugIn();
    expectNew("a controller came");
    tangle.devices.push_back(second);
    weave();
    expectNew("a device more");
    std::swap(tangle.devices[0], tangle.devices[1]);
    weave();
    expectNew("devices changed places, and are alike");
    unplug();
    expectNew("a controller went");
    weave();
    EXPECT_EQ(board.get()->generation, last) << "nothing";
}

TEST_F(EngineTest, TroublesOfTheWorldCanBeTakenBack)
{
    world.say({Severity::Warning, "/dev/input/event9", words("You may not read it."), words("Ask."),
               0, 0});
    step();
    EXPECT_THAT(troubles(), HasSubstr("You may not read it."));
    world.say({Severity::Warning, "/dev/input/event9", {}, {}, 0, 0});
    step();
    EXPECT_EQ(troubles(), "");
}

/// Nine controllers with 256 switches and 32 axes each, all far from rest, and tangles that lead
/// them to devices of many shapes.
class ManyTangles : public EngineStory
{
 protected:
    static constexpr std::uint16_t kControllers = 9;
    static constexpr std::uint16_t kSwitches = 256;
    static constexpr std::uint16_t kAxes = 32;

    ManyTangles()
    {
        world.record(false);
        for (std::uint16_t c = 0; c < kControllers; ++c) {
            auto panel = smallStick("panel-" + std::to_string(c));
            panel.controls.clear();
            for (std::uint16_t i = 0; i < kSwitches; ++i)
                panel.controls.push_back({.code = {EventType::Key, i},
                                          .kind = ControlKind::Button,
                                          .buttonKind = ButtonKind::Switch});
            for (std::uint16_t i = 0; i < kAxes; ++i)
                panel.controls.push_back(
                    {.code = {EventType::Abs, i, 1}, .calibration = {-1000, 0, 1000, 0}});
            rig.push_back(panel);
            std::vector<Counts> state(kSwitches, Counts{1, 0});
            state.resize(kSwitches + kAxes, Counts{1000, 0});
            world.plug(describe(panel), state);
        }
        step();
    }

    /// Devices `first` to `last`, all of whose buttons and axes are fed by one controller each.
    [[nodiscard]] Tangle tangleOf(std::uint16_t first, std::uint16_t last, std::uint16_t buttons,
                                  std::uint16_t axes, bool isReversed) const
    {
        Tangle all;
        all.rig = rig;
        for (auto d = first; d <= last; ++d) {
            const auto id = std::to_string(d);
            all.devices.push_back(
                {.id = id, .name = "Jolly " + id, .number = d, .axes = axes, .buttons = buttons});
            const auto& panel = rig[d % kControllers];
            const auto add = [&](ControlCode from, VirtualControl to) {
                all.strands.push_back({.id = id + " " + toText(to),
                                       .source = {panel.id, from},
                                       .ends = endsAt({{id, to}})});
            };
            for (std::uint16_t i = 0; i < buttons; ++i)
                add({EventType::Key, i}, button(static_cast<std::uint16_t>(i + 1)));
            for (std::uint16_t i = 0; i < axes; ++i)
                add({EventType::Abs, i, 1}, axis(static_cast<std::uint16_t>(i + 1)));
        }
        if (isReversed) std::ranges::reverse(all.devices);
        return all;
    }

    /// Whether every device is there and shows what its controller does, and no other is.
    void expectTruth(const Tangle& flown) const
    {
        ASSERT_EQ(world.deviceCount(), flown.devices.size());
        for (const auto& device : flown.devices) {
            const auto* seen = world.device(device.name);
            ASSERT_TRUE(seen && seen->isThere) << device.name;
            for (std::size_t i = 0; i < seen->spec.slots.size(); ++i) {
                const auto& slot = seen->spec.slots[i];
                const auto wanted = slot.control.kind == ControlKind::Button
                                        ? (slot.control.number <= device.buttons ? 1 : 0)
                                        : (slot.control.number <= device.axes ? slot.high : 0);
                if (slot.control.kind != ControlKind::Hat) {
                    ASSERT_EQ(seen->spec.values[i].x, wanted)
                        << device.name << ", " << toText(slot.control);
                }
            }
        }
    }

    std::vector<RigController> rig;
};

TEST_F(ManyTangles, LoadedByTurnsInFlightEachShowsTheTruthAndTouchesNothingElse)
{
    const std::vector<Tangle> tangles = {tangleOf(1, 1, 8, 2, false),
                                         tangleOf(1, 10, 128, 8, false),
                                         Tangle{},
                                         tangleOf(1, 10, 128, 8, true),
                                         tangleOf(4, 6, 32, 4, false),
                                         tangleOf(1, 1, 128, 8, false),
                                         tangleOf(5, 9, 100, 6, true),
                                         tangleOf(2, 3, 8, 8, false)};
    engine.take(std::make_unique<WovenTangle>(tangles[0]));
    ASSERT_TRUE(engine.goLive());
    for (std::size_t i = 1; i <= 1000; ++i) {
        const auto& next = tangles[(i * i + i / 8) % tangles.size()];
        engine.take(std::make_unique<WovenTangle>(next));
        world.forgetGone();
        if (i % 7 == 0) continue;  // another comes before the farewells are over
        for (int k = 0; k < 3; ++k) waitFor(Fleet::kFarewell);
        expectTruth(next);
        if (HasFatalFailure()) FAIL() << "after load " << i;
    }
}

TEST_F(EngineTest, TheEventPathDoesNotAllocate)
{
    addStrand(tangle, kX, axis(1), {{DeadZone{}}, {Curve{}}, {Invert{}}});
    addStrand(tangle, kTrigger, button(1));
    fly();
    world.record(false);
    for (int i = 0; i < 100; ++i) world.move(stick, {moveOf(kX, i * 7), moveOf(kTrigger, i % 2)});
    const AllocationGuard guard;
    step();
    EXPECT_EQ(guard.count(), 0U);
    EXPECT_NE(gameSees(axis(1)), 0);
}

TEST_F(EngineTest, TheGuardSeesAnAllocation)
{
    const AllocationGuard guard;
    const auto something = std::make_unique<int>(7);
    EXPECT_EQ(guard.count(), 1U) << *something;
}

}  // namespace
}  // namespace jolly
