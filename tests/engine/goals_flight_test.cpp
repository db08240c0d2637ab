// SPDX-License-Identifier: GPL-3.0-or-later
#include "engine_story.h"
#include "support/allocation_guard.h"

#include <linux/input-event-codes.h>

/// What games get of turners, keys and orders.
namespace jolly
{
namespace
{

using namespace test;
using testing::ElementsAre;
using testing::HasSubstr;

class GoalsInFlight : public EngineStory
{
 protected:
    GoalsInFlight()
    {
        tangle.devices.push_back(
            {.id = "pointer", .name = "Pointer", .kind = VirtualKind::Pointer, .number = 2});
        tangle.devices.push_back(
            {.id = "keys", .name = "Keys", .kind = VirtualKind::Keyboard, .number = 3});
    }

    Strand& lead(ControlCode from, Goal goal, std::vector<Stage> stages = {})
    {
        auto& strand = addStrand(tangle, from, button(1), std::move(stages));
        strand.ends[0].goal = std::move(goal);
        return strand;
    }

    /// What a device was told, frame by frame, as "code = value".
    std::vector<std::string> frames(const char* name) const
    {
        std::vector<std::string> told;
        const auto& device = *world.device(name);
        for (const auto& frame : device.frames) {
            std::string text;
            for (const auto& each : frame) {
                text += (text.empty() ? "" : ", ") + toText(device.spec.slots[each.slot].code) +
                        " = " + std::to_string(each.raw.x);
            }
            told.push_back(text);
        }
        return told;
    }
};

TEST_F(GoalsInFlight, ATurnerIsSentAsWhatItTurned)
{
    lead(kDial, Target{"pointer", {ControlKind::Turner, 1}});
    fly();
    move(kDial, 5);
    move(kDial, -2);
    EXPECT_THAT(frames("Pointer"), ElementsAre("REL_X = 5", "REL_X = -2"));
}

TEST_F(GoalsInFlight, AWheelIsSentCoarseAndFineInOneFrame)
{
    lead(kDial, Target{"pointer", {ControlKind::Turner, 3}});
    fly();
    move(kDial, -1);
    EXPECT_THAT(frames("Pointer"), ElementsAre("REL_WHEEL = -1, REL_WHEEL_HI_RES = -120"));
}

TEST_F(GoalsInFlight, AnEditInFlightTurnsNothing)
{
    lead(kDial, Target{"pointer", {ControlKind::Turner, 1}});
    fly();
    move(kDial, 5);
    tangle.name = "edited";
    weave();
    move(kDial, 1);
    EXPECT_THAT(frames("Pointer"), ElementsAre("REL_X = 5", "REL_X = 1"));
    engine.standDown();
    EXPECT_EQ(frames("Pointer").size(), 2U) << "nor does its end";
}

TEST_F(GoalsInFlight, AHeldAxisKeepsThePointerMoving)
{
    lead(kX, Target{"pointer", {ControlKind::Turner, 1}},
         {{PointerSpeed{.speed = 1000.0, .curve = 1.0}}});
    fly();
    move(kX, 1000);
    for (int i = 0; i < 100; ++i) waitFor(std::chrono::milliseconds(4));
    int sum = 0;
    for (const auto& frame : world.device("Pointer")->frames) sum += frame.front().raw.x;
    EXPECT_NEAR(sum, 400, 5);
}

TEST_F(GoalsInFlight, AChordIsOneFrameDownAndOneUp)
{
    lead(kTrigger, Chord{.device = "keys", .keys = {KEY_G, KEY_LEFTCTRL}});
    fly();
    press(kTrigger);
    release(kTrigger);
    EXPECT_THAT(frames("Keys"),
                ElementsAre("KEY_LEFTCTRL = 1, KEY_G = 1", "KEY_G = 0, KEY_LEFTCTRL = 0"));
}

TEST_F(GoalsInFlight, StandingDownLetsModifiersGoLast)
{
    lead(kTrigger, Chord{.device = "keys", .keys = {KEY_LEFTCTRL, KEY_Z}});
    fly();
    press(kTrigger);
    engine.standDown();
    EXPECT_EQ(frames("Keys").back(), "KEY_Z = 0, KEY_LEFTCTRL = 0");
}

TEST_F(GoalsInFlight, AnOrderStandsDown)
{
    lead(kTrigger, Command{Order::StandDown, {}});
    fly();
    press(kTrigger);
    EXPECT_FALSE(engine.isLive());
    waitFor(Fleet::kFarewell);
    EXPECT_EQ(world.deviceCount(), 0U);
    release(kTrigger);
    press(kTrigger);
    ASSERT_TRUE(engine.goLive());
    step();
    EXPECT_TRUE(engine.isLive()) << "what was pressed while idle is no order to the next flight";
}

TEST_F(GoalsInFlight, AnAxisThatWasReversedGoesItsWayInTheNextFlight)
{
    addStrand(tangle, kX, axis(1));
    lead(kTrigger, Command{Order::Reverse, {"jolly", axis(1)}});
    fly();
    move(kX, 1000);
    press(kTrigger);
    EXPECT_EQ(gameSees(axis(1)), -32768);
    engine.standDown();
    waitFor(Fleet::kFarewell);
    ASSERT_TRUE(engine.goLive());
    EXPECT_EQ(gameSees(axis(1)), 32767);
}

TEST_F(GoalsInFlight, MorePulsesThanCanBeSentAreSaid)
{
    auto& strand = lead(kDial, Target{"jolly", button(1)}, {{TurnPulses{}}});
    strand.ends[0].outlet = "up";
    strand.ends.push_back({"down", Target{"jolly", button(2)}});
    fly();
    move(kDial, 100);
    waitFor(std::chrono::seconds(2));
    EXPECT_EQ(troubles(), "");
    move(kDial, 2000);
    for (int i = 0; i < 100; ++i) waitFor(std::chrono::milliseconds(20));
    EXPECT_THAT(troubles(), HasSubstr("faster than its pulses can be sent"));
    EXPECT_THAT(troubles(), HasSubstr("were left out"));
    for (int i = 0; i < 1200; ++i) waitFor(std::chrono::milliseconds(20));
    EXPECT_EQ(gameSees(button(1)), 0) << "nothing is left pressed";
}

TEST_F(GoalsInFlight, KeysAndTurnersAllocateNothing)
{
    lead(kTrigger, Chord{.device = "keys", .keys = {KEY_G, KEY_LEFTCTRL}});
    lead(kX, Target{"pointer", {ControlKind::Turner, 1}}, {{PointerSpeed{}}});
    fly();
    press(kTrigger);
    release(kTrigger);
    move(kX, 1000);
    waitFor(std::chrono::milliseconds(4));
    auto machine = Machine(compile(tangle));
    const auto trigger = *machine.plan().inputOf(0, kTrigger);
    const auto x = *machine.plan().inputOf(0, kX);
    const AllocationGuard guard;
    for (int i = 0; i < 1000; ++i) {
        const Time now = i * std::chrono::milliseconds(4);
        machine.move(trigger, false, i % 2, now);
        machine.move(x, false, i, now);
        machine.tick(now);
        machine.dropChanges(now);
    }
    EXPECT_EQ(guard.count(), 0U);
}

}  // namespace
}  // namespace jolly
