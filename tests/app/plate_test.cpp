// SPDX-License-Identifier: GPL-3.0-or-later
#include "core/faceplate/virtual_plate.h"
#include "format/tangle_text.h"
#include "support/golden.h"

#include <gtest/gtest.h>
#include <linux/input-event-codes.h>

namespace jolly
{
namespace
{

Tangle demo()
{
    return format::readTangle(test::textOf(test::shippedData() / "demo" / "marrowmere.tangle"))
        .tangle;
}

bool overlap(const Box& a, const Box& b)
{
    return a.left < b.right() && b.left < a.right() && a.top < b.bottom() && b.top < a.bottom();
}

/// A painter whose letters are seven pixels wide, and what stands on caps.
int capWidth(const Sentence& keys)
{
    return 24 + 7 * static_cast<int>(keys.english().size());
}

VirtualPlate shown(const Tangle& tangle, std::size_t device, ButtonsAs buttons = ButtonsAs::Grid)
{
    return virtualPlateOf(tangle.devices[device], tangle, StrandIndex(tangle), buttons,
                          [&](const Goal& goal) { return nameOfGoal(tangle, goal); });
}

/// Every control is drawn once, inside the plate, and no two drawings overlap.
void expectTidy(const PlateLayout& layout, std::size_t controls, int width)
{
    std::vector<int> seen(controls, 0);
    for (std::size_t i = 0; i < layout.items.size(); ++i) {
        const auto& item = layout.items[i];
        for (const int control : item.controls) ++seen[static_cast<std::size_t>(control)];
        EXPECT_GE(std::min(item.rect.left, item.rect.top), 0) << i;
        EXPECT_LE(item.rect.right(), width) << i;
        EXPECT_LE(item.rect.bottom(), layout.height) << i;
        for (std::size_t j = i + 1; j < layout.items.size(); ++j) {
            EXPECT_FALSE(overlap(item.rect, layout.items[j].rect)) << i << " and " << j;
        }
    }
    EXPECT_EQ(seen, std::vector<int>(controls, 1));
}

TEST(Plate, EveryControllerOfTheDemoIsLaidOutTidily)
{
    for (const auto& controller : demo().rig) {
        const auto plate = plateOf(controller);
        for (const int width : {290, 320, 420}) {
            SCOPED_TRACE(controller.alias + " at " + std::to_string(width));
            expectTidy(layOutController(plate, width), plate.controls.size(), width);
        }
    }
}

TEST(Plate, EveryVirtualDeviceOfTheDemoIsLaidOutTidily)
{
    const auto tangle = demo();
    for (std::size_t device = 0; device < tangle.devices.size(); ++device) {
        for (const auto buttons : {ButtonsAs::Grid, ButtonsAs::List}) {
            const auto plate = shown(tangle, device, buttons).plate;
            SCOPED_TRACE(tangle.devices[device].name);
            expectTidy(layOutVirtual(plate, 310, capWidth), plate.controls.size(), 310);
        }
    }
}

TEST(Plate, ACrowdedControllerAndAnEmptyOneAreLaidOutTidily)
{
    RigController crowded;
    for (std::uint16_t code = 0; code < 9; ++code)
        crowded.controls.push_back(
            {.code = {EventType::Abs, code}, .sides = code % 2 == 0 ? Sides::One : Sides::Two});
    for (std::uint16_t code = 0; code < 128; ++code) {
        crowded.controls.push_back(
            {.code = {EventType::Key, static_cast<std::uint16_t>(0x120 + code)},
             .label = "a very long name that fits nowhere at all",
             .kind = ControlKind::Button,
             .buttonKind = code % 3 == 0 ? ButtonKind::Switch : ButtonKind::Push});
    }
    const auto plate = plateOf(crowded);
    expectTidy(layOutController(plate, 320), plate.controls.size(), 320);
    EXPECT_TRUE(layOutController({}, 320).items.empty());
}

RigControl axisOf(int code, Sides sides)
{
    return {.code = {EventType::Abs, static_cast<std::uint16_t>(code), 0}, .sides = sides};
}

RigControl buttonOf(int code)
{
    return {.code = {EventType::Key, static_cast<std::uint16_t>(code), 0},
            .kind = ControlKind::Button};
}

TEST(Plate, EveryKindIsLaidOutTidilyWhateverItHas)
{
    RigController all;
    for (const int code : {ABS_X, ABS_Y, ABS_RX, ABS_RY, ABS_RZ})
        all.controls.push_back(axisOf(code, Sides::Two));
    for (const int code : {ABS_Z, ABS_THROTTLE, ABS_GAS})
        all.controls.push_back(axisOf(code, Sides::One));
    for (int code = KEY_ESC; code < KEY_KPDOT; ++code) all.controls.push_back(buttonOf(code));
    all.controls.push_back({.code = {EventType::Abs, ABS_HAT0X, 0}, .kind = ControlKind::Hat});
    all.controls.push_back({.code = {EventType::Rel, REL_DIAL, 0}, .kind = ControlKind::Turner});
    RigSwitch fuel{"Fuel", {{"off", std::nullopt, {}}}, {}};
    for (const int code : {KEY_A, KEY_B}) fuel.positions.push_back({"on", buttonOf(code).code, {}});
    all.switches.push_back(fuel);
    for (int kind = 0; kind <= static_cast<int>(ControllerKind::Pointer); ++kind) {
        all.kind = static_cast<ControllerKind>(kind);
        const auto plate = plateOf(all);
        for (const int width : {290, 400}) {
            SCOPED_TRACE("kind " + std::to_string(kind) + " at " + std::to_string(width));
            expectTidy(layOutController(plate, width), plate.controls.size(), width);
        }
    }
}

TEST(Plate, WhatTurnsAWheelIsDrawnAsAWheelAndKeysInTheirRows)
{
    RigController wheel{.kind = ControllerKind::Wheel};
    wheel.controls = {axisOf(ABS_X, Sides::Two), axisOf(ABS_Y, Sides::One)};
    const auto shapes = layOutController(plateOf(wheel), 320).items;
    EXPECT_EQ(shapes[0].shape, Shape::Wheel);
    EXPECT_EQ(shapes[1].shape, Shape::Lever);
    RigController keys{.kind = ControllerKind::Keyboard};
    for (const int code : {KEY_A, KEY_Q, KEY_W, KEY_S}) keys.controls.push_back(buttonOf(code));
    const auto plate = plateOf(keys);
    const auto rows = layOutController(plate, 320).items;
    EXPECT_EQ(plate.controls[0].number.english(), "A");
    EXPECT_EQ(rows[0].controls[0], 1) << "Q comes first";
    EXPECT_EQ(rows[0].rect.top, rows[1].rect.top);
    EXPECT_LT(rows[1].rect.top, rows[2].rect.top) << "A begins the next row";
}

TEST(Plate, AnArrangementIsFollowedAndWhatItDoesNotKnowComesBelow)
{
    RigController box{.kind = ControllerKind::Box};
    for (const int code : {BTN_TRIGGER, BTN_THUMB, BTN_TOP}) box.controls.push_back(buttonOf(code));
    putPart(box.faceplate, box.controls[1].code, {10, 5, 4, 4});
    box.faceplate.groups.push_back({"Radio", {8, 3, 10, 8}, {}});
    const auto layout = layOutController(plateOf(box), 400);
    const auto rectOf = [&](int control) {
        return std::ranges::find(layout.items, std::vector<int>{control}, &PlateItem::controls)
            ->rect;
    };
    EXPECT_EQ(rectOf(1), (Box{100, 50, 40, 40})) << "ten pixels a cell";
    ASSERT_EQ(layout.frames.size(), 1U);
    EXPECT_EQ(layout.frames[0].rect, (Box{80, 30, 100, 80}));
    EXPECT_GE(rectOf(0).top, layout.frames[0].rect.bottom());
    EXPECT_GE(rectOf(2).top, layout.frames[0].rect.bottom());
    expectTidy(layout, 3, 400);
}

TEST(Plate, TheWholeArrangementLooksLikeTheDrawing)
{
    for (const auto& controller : demo().rig) {
        auto plate = plateOf(controller);
        constexpr int kWidth = 400;
        const auto before = layOutController(plate, kWidth);
        plate.arrangement = wholeArrangement(plate, kWidth);
        const auto after = layOutController(plate, kWidth);
        ASSERT_EQ(before.items.size(), after.items.size());
        for (std::size_t i = 0; i < before.items.size(); ++i) {
            const auto& a = before.items[i].rect;
            const auto& b = after.items[i].rect;
            const int way = std::abs(a.left + a.right() - b.left - b.right()) +
                            std::abs(a.top + a.bottom() - b.top - b.bottom());
            EXPECT_LE(way / 2, kWidth / Cells::kColumns) << controller.alias << i;
        }
    }
}

TEST(Plate, AVirtualControlIsCalledAfterItsLabelOrItsStrand)
{
    auto tangle = demo();
    const auto plate = shown(tangle, 0).plate;
    EXPECT_EQ(plate.controls[0].label.english(), "roll");
    EXPECT_EQ(plate.controls[6].number.english(), "Throttle");
    EXPECT_EQ(plate.controls[8 + 8].label.english(), "flaps up")
        << "button 9 has no label of its own";
}

}  // namespace
}  // namespace jolly
