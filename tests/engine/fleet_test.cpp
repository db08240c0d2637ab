// SPDX-License-Identifier: GPL-3.0-or-later
#include "core/tangle/device_edit.h"
#include "engine_story.h"

#include <gmock/gmock.h>

namespace jolly
{
namespace
{

using namespace test;
using testing::HasSubstr;
using testing::Not;

/// An edit of the virtual devices while a flight goes on.
class FleetTest : public EngineStory
{
 protected:
    void SetUp() override
    {
        addStrand(tangle, kX, axis(1));
        fly({{kX, {300, 0}}});
    }

    void addSecond()
    {
        tangle.devices.push_back({.id = "second", .name = "Second", .number = 2});
        weave();
    }
    Handle handle() const { return world.device("Jolly")->handle; }
};

TEST_F(FleetTest, AnAddedDeviceIsThereAtOnceAndTheOtherNeverBlinks)
{
    const auto before = handle();
    const auto frames = framesSent();
    addSecond();
    EXPECT_EQ(world.deviceCount(), 2U);
    EXPECT_EQ(handle(), before);
    EXPECT_EQ(framesSent(), frames);
    EXPECT_EQ(troubles(), "");
    tangle.devices.pop_back();
    weave();
    waitFor(Fleet::kFarewell);
    EXPECT_EQ(world.deviceCount(), 1U);
    EXPECT_EQ(handle(), before);
    EXPECT_EQ(framesSent(), frames);
}

TEST_F(FleetTest, AChangedShapeIsMadeAnewWhenTheOldOneIsGoneAndSaysSo)
{
    const auto before = handle();
    addSecond();
    tangle.devices[0].buttons = 12;
    weave();
    EXPECT_THAT(troubles(), HasSubstr("Jolly was changed and is made anew."));
    EXPECT_EQ(world.deviceCount(), 2U) << "the old one takes leave";
    waitFor(Fleet::kFarewell / 2);
    EXPECT_EQ(handle(), before);
    waitFor(Fleet::kFarewell / 2);
    EXPECT_NE(handle(), before);
    EXPECT_EQ(world.deviceCount(), 2U);
    EXPECT_TRUE(board.get()->devices[0].isThere) << "and it is told";
}

TEST_F(FleetTest, WhatMovesDuringTheFarewellIsThereFromTheFirstMoment)
{
    tangle.devices[0].buttons = 12;
    weave();
    move(kX, 900);
    waitFor(Fleet::kFarewell);
    const auto seen = gameSees(axis(1));
    EXPECT_TRUE(world.device("Jolly")->frames.empty()) << "its first values, not a later frame";
    move(kX, 1023);
    EXPECT_GT(gameSees(axis(1)), seen);
    EXPECT_GT(seen, 20000);
}

TEST_F(FleetTest, ANewNameOrNewIdsMakeItAnewToo)
{
    auto before = handle();
    tangle.devices[0].ids = VirtualIds{3, 1, 2, 3, {}};
    weave();
    waitFor(Fleet::kFarewell);
    EXPECT_NE(handle(), before);
    EXPECT_EQ(world.device("Jolly")->spec.ids.product, 2);
    tangle.devices[0].name = "Mail desk";
    weave();
    waitFor(Fleet::kFarewell);
    ASSERT_NE(world.device("Mail desk"), nullptr);
    EXPECT_EQ(world.deviceCount(), 1U);
}

TEST_F(FleetTest, ARemovedDeviceThatComesBackAtOnceIsNeverThereTwice)
{
    addSecond();
    const auto kept = tangle.devices;
    tangle.devices.pop_back();
    weave();
    tangle.devices = kept;
    weave();
    EXPECT_EQ(world.deviceCount(), 2U) << "the one that takes leave, and Jolly";
    waitFor(Fleet::kFarewell);
    EXPECT_EQ(world.deviceCount(), 2U);
    EXPECT_TRUE(world.device("Second")->isThere);
}

TEST_F(FleetTest, GoingLiveAgainAtOnceLeavesNoTwin)
{
    engine.standDown();
    ASSERT_TRUE(engine.goLive());
    EXPECT_EQ(world.deviceCount(), 1U);
}

TEST_F(FleetTest, OnlyTheDeviceThatIsLostIsNamed)
{
    addSecond();
    world.destroy(handle());
    move(kX, 900);
    waitFor(Time(1));
    EXPECT_THAT(troubles(), HasSubstr("Jolly was taken away"));
    EXPECT_THAT(troubles(), Not(HasSubstr("Second")));
}

TEST_F(FleetTest, ADeviceThatCannotBeMadeIsSaidAndTheOthersFlyOn)
{
    world.faults.create =
        Failure{Failure::Code::System, words("No more."), words("Take one away."), 0};
    addSecond();
    EXPECT_THAT(troubles(), HasSubstr("No more. Take one away."));
    EXPECT_TRUE(world.device("Jolly")->isThere);
    move(kX, 900);
    EXPECT_GT(gameSees(axis(1)), 20000);
    EXPECT_EQ(tangle.devices.size(), 2U);
}

}  // namespace
}  // namespace jolly
