// SPDX-License-Identifier: GPL-3.0-or-later
#include "engine_story.h"

/// Alike controllers that come and go in flight.
namespace jolly::test
{
namespace
{

class BindingTest : public EngineStory
{
 protected:
    BindingTest()
    {
        addStrand(tangle, kX, axis(1));
        addStrand(tangle, kTrigger, button(1));
    }

    /// The stick is on another port than the tangle knows; a twin of it comes to the known one.
    Handle plugAt(const std::string& port)
    {
        auto description = describe(tangle.rig[0]);
        description.identity.phys = port;
        const auto handle =
            world.plug(description, std::vector<Counts>(description.controls.size()));
        step();
        return handle;
    }
    void moveOf(Handle handle, ControlCode code, std::int32_t raw)
    {
        world.move(handle, {EngineStory::moveOf(code, raw)});
        step();
    }
};

TEST_F(BindingTest, ATwinThatComesInFlightTakesNothingAway)
{
    weave();
    const auto first = plugAt("usb-9");
    ASSERT_TRUE(engine.goLive());
    moveOf(first, kTrigger, 1);
    const auto twin = plugAt(tangle.rig[0].identity.phys);
    EXPECT_EQ(gameSees(button(1)), 1);
    moveOf(first, kX, 1000);
    EXPECT_EQ(gameSees(axis(1)), 32767) << "its axes go on";
    moveOf(first, kTrigger, 0);
    EXPECT_EQ(gameSees(button(1)), 0);
    moveOf(twin, kTrigger, 1);
    EXPECT_EQ(gameSees(button(1)), 0) << "the twin is nobody yet";
    world.unplug(first);
    step();
    EXPECT_EQ(gameSees(axis(1)), 0) << "what went is lost";
    moveOf(twin, kX, -1000);
    EXPECT_EQ(gameSees(axis(1)), -32768) << "and the twin is taken in its place";
}

TEST_F(BindingTest, AnEditThatSaysWhichOneItIsLosesTheOtherAndItsPress)
{
    weave();
    const auto first = plugAt("usb-9");
    ASSERT_TRUE(engine.goLive());
    moveOf(first, kTrigger, 1);
    const auto twin = plugAt("usb-8");
    tangle.rig[0].identity.phys = "usb-8";
    weave();
    EXPECT_EQ(gameSees(button(1)), 0);
    step();
    EXPECT_FALSE(world.isHeld(first)) << "games may have it";
    moveOf(twin, kX, 1000);
    EXPECT_EQ(gameSees(axis(1)), 32767);
}

}  // namespace
}  // namespace jolly::test
