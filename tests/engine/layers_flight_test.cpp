// SPDX-License-Identifier: GPL-3.0-or-later
#include "engine_story.h"

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

}  // namespace
}  // namespace jolly
