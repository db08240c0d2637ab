// SPDX-License-Identifier: GPL-3.0-or-later
#include "engine_story.h"
#include "support/allocation_guard.h"

/// Layers and craft as games see them, and as the shared values tell them.
namespace jolly
{
namespace
{

using namespace test;
using testing::HasSubstr;

class LayersInFlight : public EngineStory
{
 protected:
    LayersInFlight()
    {
        tangle.layers.push_back({.id = "water", .name = "On water"});
        tangle.craft.push_back({.id = "gannet", .name = "Gannet 12", .parent = "everywhere"});
        addStrand(tangle, kTrigger, button(1));
        addStrand(tangle, kTrigger, button(2)).layer = "water";
        addStrand(tangle, kTrigger, button(3)).craft = "gannet";
    }

    std::uint64_t engaged() const { return live.block().header.layers; }
};

TEST_F(LayersInFlight, ALayerIsEngagedByAControlAndTold)
{
    addStrand(tangle, kThumb, button(1)).ends[0].goal = LayerGoal{"water"};
    fly();
    EXPECT_EQ(engaged(), 1U);
    press(kThumb);
    EXPECT_EQ(engaged(), 3U);
    press(kTrigger);
    EXPECT_EQ(gameSees(button(2)), 1);
    release(kThumb);
    EXPECT_EQ(gameSees(button(2)), 1) << "the press is still where it began";
    release(kTrigger);
    EXPECT_EQ(gameSees(button(2)), 0);
    EXPECT_EQ(engaged(), 1U);
}

TEST_F(LayersInFlight, ALayerIsFlippedByHandById)
{
    fly();
    ASSERT_TRUE(engine.flipLayer("On water"));
    EXPECT_EQ(engaged(), 3U);
    press(kTrigger);
    EXPECT_EQ(gameSees(button(2)), 1);
    release(kTrigger);
    ASSERT_TRUE(engine.flipLayer("water"));
    EXPECT_EQ(engaged(), 1U);
    EXPECT_THAT(engine.flipLayer("sky").error().text(),
                HasSubstr("no layer \"sky\". Name one of: water"));
    EXPECT_THAT(engine.flipLayer("base").error().text(),
                HasSubstr("always is engaged. Name one of: water"));
}

TEST_F(LayersInFlight, ACraftIsChosenInFlightAndNoDeviceVanishes)
{
    fly();
    press(kTrigger);
    ASSERT_TRUE(engine.chooseCraft("Gannet 12"));
    EXPECT_EQ(live.block().header.craft, 1U);
    EXPECT_EQ(gameSees(button(1)), 1);
    release(kTrigger);
    press(kTrigger);
    EXPECT_EQ(gameSees(button(3)), 1);
    EXPECT_EQ(gameSees(button(1)), 0);
    EXPECT_EQ(world.deviceCount(), 1U);
    EXPECT_THAT(engine.chooseCraft("boat").error().text(), HasSubstr("everywhere, gannet"));
}

TEST_F(LayersInFlight, ASwitchThatIsOnIsRightInTheFirstFrame)
{
    addStrand(tangle, kToggle, button(1)).ends[0].goal = LayerGoal{"water"};
    addStrand(tangle, kX, axis(1));
    addStrand(tangle, kX, axis(2)).layer = "water";
    fly({{kToggle, {1, 0}}, {kX, {1000, 0}}});
    EXPECT_EQ(framesSent(), 0U);
    EXPECT_EQ(gameSees(axis(2)), 32767);
    EXPECT_EQ(gameSees(axis(1)), 0);
}

TEST_F(LayersInFlight, FlipsAndSwitchesOfCraftAllocateNothing)
{
    addStrand(tangle, kThumb, button(1)).ends[0].goal = LayerGoal{"water"};
    addStrand(tangle, kX, axis(1), {{Curve{}}}).layer = "water";
    fly();
    auto machine = Machine(compile(tangle));
    const auto trigger = *machine.plan().inputOf(0, kTrigger);
    const auto thumb = *machine.plan().inputOf(0, kThumb);
    const auto x = *machine.plan().inputOf(0, kX);
    const AllocationGuard guard;
    for (int i = 0; i < 1000; ++i) {
        const Time now = i * std::chrono::milliseconds(4);
        machine.move(thumb, false, i / 3 % 2, now);
        machine.move(trigger, false, i % 2, now);
        machine.move(x, false, i, now);
        if (i % 5 == 0) machine.chooseCraft(static_cast<std::uint32_t>(i / 5 % 2));
        if (i % 7 == 0) machine.flipLayer(1);
        machine.tick(now);
        machine.dropChanges(now);
    }
    EXPECT_EQ(guard.count(), 0U);
}

}  // namespace
}  // namespace jolly
