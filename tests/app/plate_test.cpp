// SPDX-License-Identifier: GPL-3.0-or-later
#include "app/faceplate/plate.h"

#include "format/tangle_text.h"
#include "support/golden.h"

#include <gtest/gtest.h>

namespace jolly::app
{
namespace
{

Tangle demo()
{
    return format::readTangle(test::textOf(test::shippedData() / "demo" / "marrowmere.tangle"))
        .tangle;
}

/// Every control is drawn once, inside the plate, and no two drawings overlap.
void expectTidy(const PlateLayout& layout, std::size_t controls, int width)
{
    std::vector<int> seen(controls, 0);
    for (std::size_t i = 0; i < layout.items.size(); ++i) {
        const auto& item = layout.items[i];
        for (const int control : item.controls) ++seen[static_cast<std::size_t>(control)];
        EXPECT_TRUE(QRect(0, 0, width, layout.height).contains(item.rect)) << i;
        for (std::size_t j = i + 1; j < layout.items.size(); ++j) {
            EXPECT_FALSE(item.rect.intersects(layout.items[j].rect)) << i << " and " << j;
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
    for (const auto& device : tangle.devices) {
        const auto plate = plateOf(device, tangle);
        SCOPED_TRACE(device.name);
        expectTidy(layOutVirtual(plate, 310), plate.controls.size(), 310);
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

TEST(Plate, AVirtualControlIsCalledAfterItsLabelOrItsStrand)
{
    auto tangle = demo();
    const auto plate = plateOf(tangle.devices[0], tangle);
    EXPECT_EQ(plate.controls[0].label, "roll");
    EXPECT_EQ(plate.controls[6].number, "Throttle");
    EXPECT_EQ(plate.controls[8 + 8].label, "flaps up") << "button 9 has no label of its own";
}

}  // namespace
}  // namespace jolly::app
