// SPDX-License-Identifier: GPL-3.0-or-later
#include "core/plan/machine.h"
#include "core/tangle/device_edit.h"
#include "core/tangle/edit.h"
#include "core/tangle/lookup.h"
#include "core/tangle/virtual_layout.h"
#include "core/weave/like_for_like.h"
#include "said_of_strands.h"
#include "support/small_tangle.h"

#include <gmock/gmock.h>
#include <linux/input-event-codes.h>

namespace jolly
{
namespace
{

using namespace test;
using testing::HasSubstr;
using testing::IsEmpty;

constexpr ControlCode kZ{EventType::Abs, ABS_Z}, kRz{EventType::Abs, ABS_RZ};

/// A controller of a kind with these controls, beside an empty tangle.
class LikeForLikeTest : public testing::Test
{
 protected:
    RigController made(ControllerKind kind,
                       const std::vector<std::pair<ControlCode, ControlKind>>& controls)
    {
        RigController controller{.id = "made", .alias = "Made", .kind = kind};
        controller.identity.name = "Made";
        for (const auto& [code, what] : controls) {
            controller.controls.push_back(
                {.code = code, .kind = what, .calibration = Calibration::ofRange(-1000, 1000)});
        }
        return controller;
    }
    RigController box(std::uint16_t buttons)
    {
        std::vector<std::pair<ControlCode, ControlKind>> controls;
        for (std::uint16_t b = 0; b < buttons; ++b)
            controls.push_back(
                {{EventType::Key, static_cast<std::uint16_t>(0x120 + b)}, ControlKind::Button});
        return made(ControllerKind::Box, controls);
    }
    LikeForLike lead(const RigController& controller, const char* way)
    {
        auto done = leadLikeForLike(tangle, controller, *likeWay(way));
        EXPECT_TRUE(done) << done.error().sentence;
        return done ? *done : LikeForLike{};
    }
    /// Where a control leads: "jolly-1 button 3, jolly-1 button 4".
    std::string goalsOf(ControlCode control) const
    {
        std::string goals;
        for (const auto& strand : tangle.strands) {
            if (strand.source.control != control) continue;
            for (const auto& end : strand.ends)
                goals += (goals.empty() ? "" : ", ") + targetOf(end)->device + " " +
                         toText(targetOf(end)->control);
        }
        return goals;
    }
    Tangle tangle = newTangle();
};

TEST_F(LikeForLikeTest, AStickGetsAJoystickOfItsOwn)
{
    const auto done = lead(smallStick(), "own");
    EXPECT_EQ(done.strands.size(), smallStick().controls.size());
    EXPECT_THAT(done.left, IsEmpty());
    ASSERT_EQ(tangle.devices.size(), 2U);
    EXPECT_EQ(goalsOf(kX), "jolly-2 axis 1");
    EXPECT_EQ(goalsOf(kThrottle), "jolly-2 axis 3");
    EXPECT_EQ(sidesOf(tangle.devices[1], axis(3)), Sides::One);
    EXPECT_EQ(goalsOf(kTrigger), "jolly-2 button 1");
    EXPECT_EQ(goalsOf(kHat), "jolly-2 hat 1");
    EXPECT_EQ(goalsOf(kDial), "jolly-2 button 4, jolly-2 button 5") << "a dial presses two";
    EXPECT_THAT(saidOfStrands(tangle), IsEmpty());
}

TEST_F(LikeForLikeTest, WhatIsLedAlreadyStaysAndASecondTimeIsRefused)
{
    ASSERT_TRUE(connect(tangle, smallStick(), kX, {"jolly-1", axis(4)}));
    lead(smallStick(), "own");
    EXPECT_EQ(goalsOf(kX), "jolly-1 axis 4");
    const auto before = tangle;
    const auto again = leadLikeForLike(tangle, tangle.rig[0], *likeWay("own"));
    ASSERT_FALSE(again);
    EXPECT_THAT(again.error().sentence, HasSubstr("Nothing of Small stick is left"));
    EXPECT_EQ(tangle, before);
}

TEST_F(LikeForLikeTest, ABoxSpillsOverWhereTheSimTakesNoMore)
{
    tangle.sheet = SimSheet{.name = "Narrow", .buttons = 32};
    lead(box(70), "own");
    ASSERT_EQ(tangle.devices.size(), 4U);
    EXPECT_EQ(goalsOf({EventType::Key, 0x120}), "jolly-2 button 1");
    EXPECT_EQ(goalsOf({EventType::Key, 0x120 + 31}), "jolly-2 button 32");
    EXPECT_EQ(goalsOf({EventType::Key, 0x120 + 32}), "jolly-3 button 1");
    EXPECT_EQ(goalsOf({EventType::Key, 0x120 + 69}), "jolly-4 button 6");
}

TEST_F(LikeForLikeTest, WhatIsFreeIsUsedFirst)
{
    tangle.devices[0].sizing = Sizing::Fixed;
    tangle.devices[0].buttons = 4;
    ASSERT_TRUE(connect(tangle, smallStick(), kTrigger, {"jolly-1", button(2)}));
    lead(box(4), "free");
    EXPECT_EQ(goalsOf({EventType::Key, 0x120}), "jolly-1 button 2, jolly-1 button 1")
        << "that of the stick, and the first of the box";
    EXPECT_EQ(goalsOf({EventType::Key, 0x122}), "jolly-1 button 4");
    EXPECT_EQ(goalsOf({EventType::Key, 0x123}), "jolly-2 button 1");
}

TEST_F(LikeForLikeTest, WhatASimDoesNotTakeAtAllIsLeft)
{
    tangle.sheet = SimSheet{.name = "No hats", .hats = 0};
    const auto done = lead(smallStick(), "own");
    EXPECT_EQ(done.left, std::vector{kHat});
}

TEST_F(LikeForLikeTest, ACheapPadIsAStandardOne)
{
    std::vector<std::pair<ControlCode, ControlKind>> controls;
    for (const auto& code : {kX, kY, kZ, kRz}) controls.push_back({code, ControlKind::Axis});
    controls.push_back({{EventType::Abs, ABS_HAT0X}, ControlKind::Hat});
    for (std::uint16_t b = 0; b < 12; ++b)
        controls.push_back(
            {{EventType::Key, static_cast<std::uint16_t>(0x120 + b)}, ControlKind::Button});
    lead(made(ControllerKind::Stick, controls), "pad");
    EXPECT_EQ(goalsOf({EventType::Abs, ABS_Z}), "jolly-pad-1 axis 4") << "its second stick";
    EXPECT_EQ(goalsOf({EventType::Key, 0x120}), "jolly-pad-1 button 1");
    EXPECT_EQ(goalsOf({EventType::Key, 0x126}), "jolly-pad-1 axis 3")
        << "a trigger that is a button";
    EXPECT_EQ(goalsOf({EventType::Key, 0x128}), "jolly-pad-1 button 7");
    EXPECT_EQ(goalsOf({EventType::Abs, ABS_HAT0X}), "jolly-pad-1 hat 1");
    EXPECT_THAT(saidOfStrands(tangle), IsEmpty());
}

TEST_F(LikeForLikeTest, AKnownPadGoesByTheKernelsNames)
{
    auto pad = made(ControllerKind::Gamepad, {{{EventType::Key, BTN_START}, ControlKind::Button},
                                              {{EventType::Key, BTN_SOUTH}, ControlKind::Button},
                                              {{EventType::Abs, ABS_RZ}, ControlKind::Axis}});
    pad.controls[2].sides = Sides::One;
    lead(pad, "pad");
    EXPECT_EQ(goalsOf({EventType::Key, BTN_START}), "jolly-pad-1 button 8");
    EXPECT_EQ(goalsOf({EventType::Key, BTN_SOUTH}), "jolly-pad-1 button 1");
    EXPECT_EQ(goalsOf({EventType::Abs, ABS_RZ}), "jolly-pad-1 axis 6");
}

TEST_F(LikeForLikeTest, KeysAreAPadWithSticks)
{
    const auto keys =
        made(ControllerKind::Keyboard, {{{EventType::Key, KEY_A}, ControlKind::Button},
                                        {{EventType::Key, KEY_D}, ControlKind::Button},
                                        {{EventType::Key, KEY_Z}, ControlKind::Button},
                                        {{EventType::Key, KEY_F5}, ControlKind::Button}});
    const auto done = lead(keys, "keys");
    EXPECT_EQ(done.left, (std::vector{ControlCode{EventType::Key, KEY_F5}}));
    EXPECT_THAT(saidOfStrands(tangle), IsEmpty());
    Machine machine(compile(tangle));
    Time now{};
    const auto stick = [&](bool left, bool right) {
        machine.move(*machine.plan().inputOf(0, {EventType::Key, KEY_A}), false, left, now);
        machine.move(*machine.plan().inputOf(0, {EventType::Key, KEY_D}), false, right, now);
        now += 2000 * kMs;
        machine.tick(now);
        const auto& outputs = machine.plan().outputs;
        const Target x{"jolly-pad-1", axis(1)};
        const auto at = std::ranges::find(outputs, x, &PlanOutput::place) - outputs.begin();
        return machine.meetings().raw(static_cast<std::uint32_t>(at)).x;
    };
    EXPECT_EQ(stick(false, false), 0);
    EXPECT_EQ(stick(true, false), -32768);
    EXPECT_EQ(stick(false, true), 32767);
}

TEST_F(LikeForLikeTest, ThePointerIsAStick)
{
    const auto pointer =
        made(ControllerKind::Pointer, {{{EventType::Key, BTN_LEFT}, ControlKind::Button},
                                       {{EventType::Rel, REL_X}, ControlKind::Turner},
                                       {{EventType::Rel, REL_Y}, ControlKind::Turner},
                                       {{EventType::Rel, REL_WHEEL}, ControlKind::Turner},
                                       {{EventType::Rel, REL_WHEEL_HI_RES}, ControlKind::Turner}});
    const auto done = lead(pointer, "pointer");
    EXPECT_THAT(done.left, IsEmpty());
    EXPECT_EQ(goalsOf({EventType::Rel, REL_Y}), "jolly-2 axis 2");
    EXPECT_EQ(goalsOf({EventType::Rel, REL_WHEEL}), "jolly-2 axis 3");
    EXPECT_EQ(goalsOf({EventType::Rel, REL_WHEEL_HI_RES}), "");
    EXPECT_THAT(saidOfStrands(tangle), IsEmpty());
}

TEST_F(LikeForLikeTest, EachKindOfControllerIsOfferedWhatItCanBe)
{
    const auto offered = [](ControllerKind kind) {
        std::string keys;
        RigController controller;
        controller.kind = kind;
        for (const auto& way : likeWays())
            keys += way.fits(controller) ? std::string(way.key) + " " : "";
        return keys;
    };
    EXPECT_EQ(offered(ControllerKind::Box), "own free ");
    EXPECT_EQ(offered(ControllerKind::Gamepad), "own free pad ");
    EXPECT_EQ(offered(ControllerKind::Keyboard), "keys ");
    EXPECT_EQ(offered(ControllerKind::Pointer), "pointer ");
}

}  // namespace
}  // namespace jolly
