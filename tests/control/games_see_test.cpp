// SPDX-License-Identifier: GPL-3.0-or-later
#include "control/games_see.h"

#include "support/small_tangle.h"

#include <gmock/gmock.h>

namespace jolly
{
namespace
{

using namespace test;
using Meaning = GameSight::Meaning;

class GamesSee : public testing::Test
{
 protected:
    GamesSee()
    {
        addStrand(tangle, kX, axis(1));
        status.controllers.push_back({.description = describe(smallStick()), .rig = 0});
        status.devices.push_back({"jolly", true, 0});
        status.isLive = true;
    }

    Meaning stick() const { return whatGamesSee(tangle, status).at(1).meaning; }

    Tangle tangle = smallTangle();
    EngineStatus status;
};

TEST_F(GamesSee, TheVirtualOnesComeFirstAndAreThereWhileLive)
{
    auto all = whatGamesSee(tangle, status);
    ASSERT_EQ(all.size(), 2U);
    EXPECT_TRUE(all[0].isVirtual);
    EXPECT_EQ(all[0].meaning, Meaning::Fine);
    status.devices[0].isThere = false;
    EXPECT_EQ(whatGamesSee(tangle, status)[0].meaning, Meaning::Missing);
}

TEST_F(GamesSee, AWovenControllerIsDoubleInputUntilItIsHeld)
{
    EXPECT_EQ(stick(), Meaning::DoubleInput);
    status.controllers[0].hold = Hold::Waiting;
    EXPECT_EQ(stick(), Meaning::DoubleInput);
    status.controllers[0].hold = Hold::Held;
    EXPECT_EQ(stick(), Meaning::Silent);
    status.controllers[0].isOursAlone = true;
    EXPECT_EQ(stick(), Meaning::Hidden);
}

TEST_F(GamesSee, HidingFromLaunchedGamesIsHiding)
{
    tangle.rig[0].hiding = Hiding::FromLaunched;
    EXPECT_EQ(stick(), Meaning::Hidden);
}

TEST_F(GamesSee, WhatIsNotWovenOrNotLiveIsFine)
{
    status.isLive = false;
    EXPECT_EQ(stick(), Meaning::Fine);
    status.isLive = true;
    tangle.strands.clear();
    EXPECT_EQ(stick(), Meaning::Fine);
    status.controllers[0].rig = Match::kUnknown;
    EXPECT_EQ(stick(), Meaning::Fine);
}

TEST_F(GamesSee, KeyboardsAndPointersAreNoJoysticks)
{
    status.controllers[0].description.kind = ControllerKind::Keyboard;
    tangle.devices.push_back(
        {.id = "keys", .name = "Keys", .kind = VirtualKind::Keyboard, .number = 2});
    EXPECT_EQ(whatGamesSee(tangle, status).size(), 1U);
}

}  // namespace
}  // namespace jolly
