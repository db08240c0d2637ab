// SPDX-License-Identifier: GPL-3.0-or-later
#include "core/tangle/arrangement.h"
#include "core/tangle/edit.h"
#include "core/tangle/likely.h"
#include "core/tangle/lookup.h"
#include "core/tangle/roles.h"
#include "core/tangle/switches.h"
#include "support/small_tangle.h"

#include <gmock/gmock.h>
#include <linux/input-event-codes.h>

#include <cmath>

namespace jolly
{
namespace
{

using namespace test;
using testing::HasSubstr;

ControllerDescription device(const char* name, std::initializer_list<int> axes,
                             std::initializer_list<int> buttons)
{
    ControllerDescription d;
    d.identity.name = name;
    for (const int code : axes)
        d.controls.push_back(
            {{EventType::Abs, static_cast<std::uint16_t>(code), 0}, ControlKind::Axis, 0, 255});
    for (const int code : buttons)
        d.controls.push_back(
            {{EventType::Key, static_cast<std::uint16_t>(code), 0}, ControlKind::Button});
    return d;
}

TEST(Likely, TheKindComesFromPlainWordsElseFromWhatIsThere)
{
    EXPECT_EQ(likelyKind(device("Home Board", {ABS_X, ABS_Y}, {BTN_TRIGGER})),
              ControllerKind::Stick);
    EXPECT_EQ(likelyKind(device("Home Board", {ABS_X, ABS_Y, ABS_RZ}, {})), ControllerKind::Pedals);
    EXPECT_EQ(likelyKind(device("Home Board", {}, {BTN_TRIGGER})), ControllerKind::Box);
    EXPECT_EQ(likelyKind(device("Home Board", {ABS_THROTTLE}, {BTN_TRIGGER})),
              ControllerKind::Throttle);
    EXPECT_EQ(likelyKind(device("Home Board", {ABS_X}, {BTN_GEAR_DOWN})), ControllerKind::Wheel);
    EXPECT_EQ(likelyKind(device("Big PEDALS", {ABS_X, ABS_Y}, {BTN_TRIGGER})),
              ControllerKind::Pedals);
    auto pad = device("Wheel of a pad", {ABS_X}, {BTN_SOUTH});
    pad.kind = ControllerKind::Gamepad;
    EXPECT_EQ(likelyKind(pad), ControllerKind::Gamepad) << "what the world knows stays";
}

TEST(Likely, LeversAndPedalsRestAtTheirLowEnd)
{
    const auto pedals = device("Pedals", {ABS_X, ABS_Y, ABS_RZ}, {});
    const auto sidesOf = [](const ControllerDescription& d, int code) {
        return likelySides(d, likelyKind(d), {EventType::Abs, static_cast<std::uint16_t>(code), 0});
    };
    EXPECT_EQ(sidesOf(pedals, ABS_X), Sides::One);
    EXPECT_EQ(sidesOf(pedals, ABS_RZ), Sides::Two);
    EXPECT_EQ(sidesOf(device("Stick", {ABS_X, ABS_THROTTLE}, {}), ABS_X), Sides::Two);
    EXPECT_EQ(sidesOf(device("Stick", {ABS_X, ABS_THROTTLE}, {}), ABS_THROTTLE), Sides::One);
}

TEST(Adopt, AnImpossibleRangeGivesNoImpossibleValues)
{
    for (const auto& [low, high] : {std::pair(5, 5), std::pair(200, 100), std::pair(0, 0)}) {
        ControllerDescription board = device("Board", {ABS_X}, {});
        board.controls[0].low = low;
        board.controls[0].high = high;
        const auto rig = adopt(board, {});
        EXPECT_TRUE(rig.controls[0].calibration.isSound()) << low << " to " << high;
        for (const int raw : {-1000, low, high, 1000}) {
            const double value = rig.controls[0].calibration.valueOf(raw, Sides::Two);
            EXPECT_TRUE(std::isfinite(value) && std::abs(value) <= 1.0) << raw;
            EXPECT_TRUE(std::isfinite(board.controls[0].valueOf({raw, 0}).x));
        }
    }
}

TEST(Roles, ANameOfItsOwnComesBeforeTheRole)
{
    auto rig = smallStick();
    auto& lever = *findControl(rig, kThrottle);
    lever.role = "power lever";
    EXPECT_EQ(nameOf(rig, lever), "power lever");
    lever.label = "Left lever";
    EXPECT_EQ(nameOf(rig, lever), "Left lever");
    lever.more = "forward";
    EXPECT_EQ(natureOf(lever), "power lever, forward is more");
    lever.label.clear();
    EXPECT_EQ(natureOf(lever), "forward is more") << "the role is its name";
    EXPECT_EQ(natureOf(*findControl(rig, kX)), "");
}

TEST(Roles, TheHandsWayIsTold)
{
    RigControl roll{.role = "roll", .more = "right"};
    EXPECT_EQ(wayOf(roll, 0.5), "right");
    EXPECT_EQ(wayOf(roll, -0.5), "left");
    EXPECT_EQ(wayOf(roll, 0.001), "");
    roll.more = "into the wind";
    EXPECT_EQ(wayOf(roll, 0.5), "into the wind");
    EXPECT_EQ(wayOf(roll, -0.5), "") << "no word is known for that";
    for (const auto& role : knownRoles()) {
        EXPECT_EQ(role.more.empty(), role.kind != ControlKind::Axis) << role.name.english();
        EXPECT_TRUE(role.more.empty() ||
                    oppositeOf(oppositeOf(role.more.english())) == role.more.english());
    }
}

TEST(Switches, AButtonAloneMakesASwitchOfTwoPositions)
{
    auto rig = smallStick();
    auto made = twoPositions(kToggle);
    made.name = "Gear";
    ASSERT_TRUE(putSwitch(rig, std::nullopt, made));
    EXPECT_EQ(nameOf(rig, *findControl(rig, kToggle)), "Gear: on");
    EXPECT_EQ(findControl(rig, kToggle)->buttonKind, ButtonKind::Switch);
    EXPECT_EQ(positionOf(rig.switches[0], [](ControlCode) { return false; }), 1U);
    EXPECT_EQ(positionOf(rig.switches[0], [](ControlCode) { return true; }), 0U);
}

TEST(Switches, TwoButtonsMakeASwitchOfThreePositions)
{
    auto rig = smallStick();
    ASSERT_TRUE(putSwitch(rig, std::nullopt, threePositions(kTrigger, kThumb)));
    const auto& flaps = rig.switches[0];
    EXPECT_EQ(positionOf(flaps, [](ControlCode code) { return code == kThumb; }), 2U);
    EXPECT_EQ(positionOf(flaps, [](ControlCode) { return false; }), 1U) << "the middle";
    EXPECT_EQ(findControl(rig, kThumb)->buttonKind, ButtonKind::Selector);
    takeApart(rig, 0);
    EXPECT_TRUE(rig.switches.empty());
    EXPECT_EQ(findControl(rig, kThumb)->buttonKind, ButtonKind::Switch);
}

TEST(Switches, WhatMakesNoSenseIsRefusedAndChangesNothing)
{
    auto rig = smallStick();
    ASSERT_TRUE(putSwitch(rig, std::nullopt, twoPositions(kToggle)));
    const auto before = rig;
    const auto refused = [&](RigSwitch made) {
        const auto done = putSwitch(rig, std::nullopt, made);
        EXPECT_EQ(rig, before);
        return done ? std::string("taken") : done.error().sentence;
    };
    EXPECT_THAT(refused(twoPositions(kToggle)), HasSubstr("belongs to the switch switch"));
    EXPECT_THAT(refused(twoPositions(kX)), HasSubstr("ABS_X is no button"));
    EXPECT_THAT(refused(threePositions(kThumb, kThumb)), HasSubstr("report the same button"));
    EXPECT_THAT(refused(threePositions(kThumb, std::nullopt)), HasSubstr("they look alike"));
    EXPECT_THAT(refused({"x", {{"only", kThumb, {}}}, {}}), HasSubstr("two positions at least"));
    EXPECT_THAT(refused({"x", {{"", kThumb, {}}, {"b", {}, {}}}, {}}), HasSubstr("has no name"));
    EXPECT_THAT(refused({"", {{"a", kThumb, {}}, {"b", {}, {}}}, {}}), HasSubstr("has no name"));
}

TEST(Arrangement, EverythingStaysOnTheGrid)
{
    EXPECT_EQ(onGrid({-3, -1, 4, 4}), (Cells{0, 0, 4, 4}));
    EXPECT_EQ(onGrid({39, 500, 4, 0}), (Cells{36, 199, 4, 1}));
    EXPECT_EQ(onGrid({5, 5, 100, 2}), (Cells{0, 5, 40, 2}));
}

TEST(Arrangement, AGroupTakesWhatLiesInItAlong)
{
    Arrangement made;
    putPart(made, kTrigger, {2, 2, 4, 4});
    putPart(made, kThumb, {30, 2, 4, 4});
    putPart(made, kTrigger, {3, 2, 4, 4});
    ASSERT_EQ(made.parts.size(), 2U) << "a part is put again, not twice";
    made.groups.push_back({"Radio", {1, 1, 10, 10}, {}});
    moveGroup(made, 0, 5, -9);
    EXPECT_EQ(made.groups[0].cells, (Cells{6, 0, 10, 10})) << "no further than the edge";
    EXPECT_EQ(made.parts[0].cells, (Cells{8, 1, 4, 4}));
    EXPECT_EQ(made.parts[1].cells, (Cells{30, 2, 4, 4})) << "not in the group";
}

}  // namespace
}  // namespace jolly
