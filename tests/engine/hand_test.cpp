// SPDX-License-Identifier: GPL-3.0-or-later
#include "engine_story.h"

namespace jolly::test
{
namespace
{

using testing::HasSubstr;

/// A flight in which somebody moves virtual controls by hand.
class HandStory : public EngineStory
{
 protected:
    void SetUp() override
    {
        addStrand(tangle, kX, axis(1));
        addStrand(tangle, kThrottle, axis(3));
        addStrand(tangle, kTrigger, button(1));
        addStrand(tangle, kToggle, button(2));
        fly();
    }

    static Target place(VirtualControl control) { return {"jolly", control}; }
    static Value at(double x, double y = 0.0) { return {x, y}; }
};

TEST_F(HandStory, WhatTheHandHoldsIsTheHandsAndAllElseTheControllers)
{
    ASSERT_TRUE(engine.holdByHand(place(axis(1)), at(0.5)));
    EXPECT_EQ(gameSees(axis(1)), 16384);
    move(kX, -1000);
    EXPECT_EQ(gameSees(axis(1)), 16384) << "the stick waits";
    move(kThrottle, 1000);
    EXPECT_EQ(gameSees(axis(3)), 32767) << "the throttle does not";
    ASSERT_TRUE(engine.letGoByHand(place(axis(1))));
    EXPECT_EQ(gameSees(axis(1)), -32768) << "the axis is where the stick is";
}

TEST_F(HandStory, AButtonIsPressedByHandAlsoWhereNoStrandEnds)
{
    ASSERT_TRUE(engine.holdByHand(place(button(7)), at(1)));
    EXPECT_EQ(gameSees(button(7)), 1);
    engine.letGoByHand();
    EXPECT_EQ(gameSees(button(7)), 0);
}

TEST_F(HandStory, APressThatEndsMeanwhileStaysNotBehind)
{
    press(kTrigger);
    ASSERT_TRUE(engine.holdByHand(place(button(1)), at(0)));
    EXPECT_EQ(gameSees(button(1)), 0);
    release(kTrigger);
    engine.letGoByHand();
    EXPECT_EQ(gameSees(button(1)), 0);
    press(kTrigger);
    EXPECT_EQ(gameSees(button(1)), 1);
}

TEST_F(HandStory, AHatGoesWhereItIsPutAndATurnerTurns)
{
    ASSERT_TRUE(engine.holdByHand(place(hat(1)), at(-1, 1)));
    const auto& values = world.device("Jolly")->spec.values;
    EXPECT_THAT(values, testing::Contains(Counts{-1, 1}));
    engine.letGoByHand();
    EXPECT_THAT(values, testing::Not(testing::Contains(Counts{-1, 1})));
}

TEST_F(HandStory, AnEditLeavesItInTheHand)
{
    ASSERT_TRUE(engine.holdByHand(place(axis(1)), at(0.25)));
    const auto held = gameSees(axis(1));
    addStrand(tangle, kY, axis(2));
    weave();
    move(kX, 900);
    EXPECT_EQ(gameSees(axis(1)), held);
    engine.letGoByHand();
    EXPECT_GT(gameSees(axis(1)), held);
}

TEST_F(HandStory, AClientThatIsGoneHoldsNothingForLong)
{
    ASSERT_TRUE(engine.holdByHand(place(button(5)), at(1)));
    waitFor(Hand::kLease / 2);
    engine.keepHand();
    waitFor(Hand::kLease / 2 + std::chrono::seconds(1));
    EXPECT_EQ(gameSees(button(5)), 1) << "it was heard of";
    waitFor(Hand::kLease);
    waitFor(std::chrono::milliseconds(1));
    EXPECT_EQ(gameSees(button(5)), 0);
}

TEST_F(HandStory, StandingDownEndsIt)
{
    ASSERT_TRUE(engine.holdByHand(place(axis(1)), at(0.5)));
    engine.standDown();
    waitFor(std::chrono::milliseconds(100));
    ASSERT_TRUE(engine.goLive());
    EXPECT_EQ(gameSees(axis(1)), 0);
}

TEST_F(HandStory, WhileASimLearnsNothingElseReachesIt)
{
    ASSERT_TRUE(engine.learn({place(axis(3))}));
    const auto sent = framesSent();
    move(kX, 700);
    press(kTrigger);
    move(kThrottle, 800);
    EXPECT_EQ(framesSent(), sent) << "nothing but what is learned, and that only by its sweep";
    EXPECT_FALSE(engine.holdByHand(place(axis(1)), at(1)));
    ASSERT_TRUE(engine.learn({}));
    EXPECT_EQ(gameSees(axis(1)), 22937) << "then games get what differs";
    EXPECT_EQ(gameSees(button(1)), 1);
    EXPECT_GT(gameSees(axis(3)), 0);
}

/// The counts that a game saw of one slot, one after the other.
std::vector<std::int32_t> seenOf(const MemoryWorld& world, std::size_t slot)
{
    std::vector<std::int32_t> seen;
    for (const auto& frame : world.device("Jolly")->frames) {
        for (const auto& move : frame) {
            if (move.slot == slot) seen.push_back(move.raw.x);
        }
    }
    return seen;
}

TEST_F(HandStory, ASweepGoesFromRestOverAllTheTravelOnceAndBack)
{
    ASSERT_TRUE(engine.learn({place(axis(1))}));
    ASSERT_TRUE(engine.sweep(SweepWay::Up));
    for (int i = 0; i < 2000; ++i) {
        waitFor(std::chrono::milliseconds(4));
        engine.keepHand();
    }
    const auto seen = seenOf(world, 0);
    const auto top = std::ranges::max_element(seen);
    const auto bottom = std::ranges::min_element(seen);
    EXPECT_EQ(*top, 32767);
    EXPECT_EQ(*bottom, -32768);
    EXPECT_LT(top, bottom);
    EXPECT_TRUE(std::ranges::is_sorted(seen.begin(), top + 1));
    EXPECT_TRUE(std::ranges::is_sorted(top, bottom + 1, std::greater{}));
    EXPECT_TRUE(std::ranges::is_sorted(bottom, seen.end()));
    EXPECT_EQ(seen.back(), 0);
    EXPECT_GT(seen.size(), 100U) << "a sim sees it travel";
    for (const auto& frame : world.device("Jolly")->frames) EXPECT_EQ(frame.size(), 1U);
}

TEST_F(HandStory, AChordIsPressedInOrderAndLetGoInReverse)
{
    ASSERT_TRUE(engine.learn({place(button(3)), place(button(6))}));
    ASSERT_TRUE(engine.sweep(SweepWay::Up));
    for (int i = 0; i < 300; ++i) waitFor(std::chrono::milliseconds(4));
    std::vector<std::pair<int, int>> seen;
    const auto& slots = world.device("Jolly")->spec.slots;
    for (const auto& frame : world.device("Jolly")->frames) {
        for (const auto& move : frame)
            seen.emplace_back(slots[move.slot].control.number, move.raw.x);
    }
    EXPECT_EQ(seen, (std::vector<std::pair<int, int>>{{3, 1}, {6, 1}, {6, 0}, {3, 0}}));
}

TEST_F(HandStory, ASweepThatIsCutOffLeavesNothingPressed)
{
    ASSERT_TRUE(engine.learn({place(button(3))}));
    ASSERT_TRUE(engine.sweep(SweepWay::Up));
    for (int i = 0; i < 100; ++i) waitFor(std::chrono::milliseconds(4));
    EXPECT_EQ(gameSees(button(3)), 1);
    ASSERT_TRUE(engine.learn({}));
    EXPECT_EQ(gameSees(button(3)), 0);
}

TEST_F(HandStory, AnEditEndsTheLearning)
{
    ASSERT_TRUE(engine.learn({place(button(3))}));
    weave();
    move(kX, 500);
    EXPECT_GT(gameSees(axis(1)), 0);
    EXPECT_FALSE(engine.sweep(SweepWay::Up));
}

TEST_F(HandStory, WhatCannotBeDoneIsSaid)
{
    EXPECT_THAT(engine.holdByHand({"nowhere", axis(1)}, at(0)).error().text(),
                HasSubstr("no virtual device \"nowhere\""));
    EXPECT_THAT(engine.holdByHand(place(axis(9)), at(0)).error().text(),
                HasSubstr("no control \"axis 9\""));
    EXPECT_FALSE(engine.holdByHand(place(axis(1)), at(std::nan(""))));
    EXPECT_THAT(engine.sweep(SweepWay::Up).error().text(), HasSubstr("Choose a control"));
    EXPECT_FALSE(engine.learn({place(axis(1)), place(axis(2))})) << "one axis at a time";
    engine.standDown();
    EXPECT_THAT(engine.learn({place(axis(1))}).error().text(), HasSubstr("Go live first"));
    EXPECT_TRUE(engine.holdByHand(place(axis(1)), at(9.0))) << "idle, it shows what would be";
}

TEST_F(HandStory, WhatAClientHeldThatIsGoneIsLetGoWhateverAnotherHolds)
{
    ASSERT_TRUE(engine.holdByHand(place(button(7)), at(1), ":1.7"));
    ASSERT_TRUE(engine.holdByHand(place(button(8)), at(1), ":1.8"));
    for (int second = 1; second < 7; ++second) {
        waitFor(std::chrono::seconds(1));
        engine.keepHand(":1.8");
        step();
    }
    EXPECT_EQ(gameSees(button(7)), 0) << "its client was not heard of";
    EXPECT_EQ(gameSees(button(8)), 1);
    engine.letGoByHandOf(":1.7");
    EXPECT_EQ(gameSees(button(8)), 1) << "that is another's";
    engine.letGoByHandOf(":1.8");
    EXPECT_EQ(gameSees(button(8)), 0);
}

}  // namespace
}  // namespace jolly::test
