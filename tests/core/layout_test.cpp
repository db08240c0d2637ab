// SPDX-License-Identifier: GPL-3.0-or-later
#include "core/tangle/game_numbers.h"
#include "core/tangle/lookup.h"
#include "core/tangle/virtual_layout.h"

#include <gtest/gtest.h>

#include <algorithm>

namespace jolly
{
namespace
{

VirtualDevice joystick(std::uint16_t axes, std::uint16_t buttons, std::uint16_t hats)
{
    VirtualDevice device;
    device.axes = axes;
    device.buttons = buttons;
    device.hats = hats;
    return device;
}

std::vector<std::uint16_t> codesOf(const VirtualDevice& device, ControlKind kind)
{
    std::vector<std::uint16_t> codes;
    for (const auto& slot : layoutOf(device)) {
        if (slot.control.kind == kind) codes.push_back(slot.code.code);
    }
    return codes;
}

TEST(VirtualLayout, EveryNumberOfButtonsIsMetInAscendingCodes)
{
    for (std::uint16_t count = kFewestButtons; count <= kMostButtons; ++count) {
        const auto codes = codesOf(joystick(8, count, 0), ControlKind::Button);
        ASSERT_EQ(codes.size(), count);
        EXPECT_TRUE(std::ranges::is_sorted(codes));
        EXPECT_EQ(std::set<std::uint16_t>(codes.begin(), codes.end()).size(), count);
    }
}

TEST(VirtualLayout, NoButtonIsAKeyAMouseATabletOrAGhost)
{
    for (const auto count : {16, 79, 80, 126, 128}) {
        for (const auto code :
             codesOf(joystick(8, static_cast<std::uint16_t>(count), 0), ControlKind::Button)) {
            const bool isFit = (code >= 0x120 && code < 0x130) || (code > 0x130 && code < 0x140) ||
                               (code >= 0x150 && code < 0x160) ||
                               (count == 128 && (code == 0x14e || code == 0x14f)) ||
                               (code >= 0x220 && code < 0x230) || (code >= 0x2c0 && code < 0x2ff);
            EXPECT_TRUE(isFit) << std::hex << code;
        }
    }
}

TEST(VirtualLayout, AxesHaveNoGapsAndTheFullRange)
{
    EXPECT_EQ(codesOf(joystick(8, 2, 0), ControlKind::Axis),
              (std::vector<std::uint16_t>{0, 1, 2, 3, 4, 5, 6, 7}));
    for (const auto& slot : layoutOf(joystick(8, 2, 0))) {
        if (slot.control.kind != ControlKind::Axis) continue;
        EXPECT_EQ(slot.low, -32768);
        EXPECT_EQ(slot.high, 32767);
    }
}

TEST(VirtualLayout, HatsFollowEachOther)
{
    EXPECT_EQ(codesOf(joystick(8, 2, 4), ControlKind::Hat),
              (std::vector<std::uint16_t>{0x10, 0x12, 0x14, 0x16}));
}

TEST(VirtualLayout, AGamepadHasItsOwnSetAndTriggersThatRestAtNothing)
{
    VirtualDevice pad;
    pad.kind = VirtualKind::Gamepad;
    EXPECT_EQ(codesOf(pad, ControlKind::Button).size(), 11U);
    const auto layout = layoutOf(pad);
    const auto* trigger =
        findBy(layout, &VirtualSlot::control, VirtualControl{ControlKind::Axis, 3});
    ASSERT_NE(trigger, nullptr);
    EXPECT_EQ(trigger->sides, Sides::One);
    EXPECT_EQ(trigger->high, 255);
}

TEST(VirtualLayout, AKeyboardIsNamedByKeyCodesAndNeverSwitchesTheComputerOff)
{
    const auto layout = layoutOf({.kind = VirtualKind::Keyboard});
    EXPECT_EQ(nameOf({.kind = VirtualKind::Keyboard}, {ControlKind::Button, 30}), "key A");
    for (const auto& slot : layout) EXPECT_EQ(slot.control.number, slot.code.code);
    for (const auto key : std::initializer_list<std::uint16_t>{116, 142, 205})
        EXPECT_EQ(findBy(layout, &VirtualSlot::control, VirtualControl{ControlKind::Button, key}),
                  nullptr);
    EXPECT_GT(layout.size(), 200U);
}

TEST(VirtualLayout, APointerHasButtonsAndTurnersWithNames)
{
    const VirtualDevice pointer{.kind = VirtualKind::Pointer};
    EXPECT_EQ(codesOf(pointer, ControlKind::Button).front(), 0x110);
    EXPECT_EQ(codesOf(pointer, ControlKind::Turner),
              (std::vector<std::uint16_t>{0, 1, 8, 6, 11, 12}));
    EXPECT_EQ(nameOf(pointer, {ControlKind::Turner, 3}), "wheel");
    EXPECT_EQ(nameOf(pointer, {ControlKind::Button, 2}), "right button");
}

TEST(GameNumbers, AreTheSamePlaceForEveryReaderInTheSafeShape)
{
    const auto device = joystick(kSafeAxes, kSafeButtons, kSafeHats);
    for (const auto& slot : layoutOf(device)) {
        const auto control = slot.control;
        EXPECT_EQ(gameNumber(device, control, Reader::Sdl), control.number - 1U);
        if (control.kind == ControlKind::Button) {
            EXPECT_EQ(gameNumber(device, control, Reader::Joydev), control.number - 1U);
            EXPECT_EQ(gameNumber(device, control, Reader::WindowsLayer), control.number);
        }
    }
    EXPECT_EQ(gameNumber(device, {ControlKind::Hat, 1}, Reader::Joydev), 8U) << "after eight axes";
    EXPECT_EQ(gameNumber(device, {ControlKind::Axis, 8}, Reader::WindowsLayer), 7U);
}

TEST(GameNumbers, AreEmptyForWhatAReaderNeverSees)
{
    const auto large = joystick(11, 32, 2);
    EXPECT_FALSE(gameNumber(large, {ControlKind::Axis, 9}, Reader::WindowsLayer));
    EXPECT_FALSE(gameNumber(large, {ControlKind::Hat, 2}, Reader::WindowsLayer));
    EXPECT_FALSE(gameNumber(large, {ControlKind::Axis, 10}, Reader::Sdl)) << "Gas, with two hats";
    EXPECT_TRUE(gameNumber(large, {ControlKind::Axis, 9}, Reader::Sdl)) << "Wheel is safe";
    EXPECT_TRUE(gameNumber(joystick(11, 32, 1), {ControlKind::Axis, 10}, Reader::Sdl));
    EXPECT_FALSE(gameNumber(joystick(0, 32, 0), {ControlKind::Button, 1}, Reader::WindowsLayer));
    EXPECT_FALSE(gameNumber(large, {ControlKind::Button, 33}, Reader::Sdl)) << "not there";
}

TEST(VirtualControl, IsReadBackAsItself)
{
    for (const auto kind :
         {ControlKind::Axis, ControlKind::Button, ControlKind::Hat, ControlKind::Turner}) {
        const VirtualControl control{kind, 21};
        EXPECT_EQ(parseVirtualControl(toText(control)), control);
    }
    for (const auto* text :
         {"", "axis", "axis 0", "axis -1", "axis 99999", "button 1x", "lever 1"}) {
        EXPECT_FALSE(parseVirtualControl(text)) << text;
    }
}

}  // namespace
}  // namespace jolly
