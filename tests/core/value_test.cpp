// SPDX-License-Identifier: GPL-3.0-or-later
#include "core/calibration/calibration.h"
#include "core/value/control_code.h"
#include "core/value/percent.h"

#include <gtest/gtest.h>

#include <utility>

namespace jolly
{
namespace
{

TEST(ControlCode, IsWrittenAsTheKernelNamesIt)
{
    EXPECT_EQ(toText(ControlCode{EventType::Abs, 0x00}), "ABS_X");
    EXPECT_EQ(toText(ControlCode{EventType::Key, 0x120}), "BTN_TRIGGER");
    EXPECT_EQ(toText(ControlCode{EventType::Key, 0x2e8}), "BTN_0x2e8");
    EXPECT_EQ(toText(ControlCode{EventType::Abs, 0x00, 1}), "ABS_X@2");
}

TEST(ControlCode, EveryCodeIsReadBackAsItself)
{
    for (const auto& [type, count] :
         {std::pair{EventType::Abs, 0x40}, {EventType::Key, 0x300}, {EventType::Rel, 0x10}}) {
        for (int code = 0; code < count; ++code) {
            const ControlCode original{type, static_cast<std::uint16_t>(code), 2};
            EXPECT_EQ(parseControlCode(toText(original)), original) << toText(original);
        }
    }
}

TEST(ControlCode, NonsenseIsNoControl)
{
    for (const auto* text :
         {"", "X", "ABS_", "ABS_NOPE", "BTN_0x300", "BTN_0xzz", "ABS_X@1", "ABS_X@", "EV_ABS"}) {
        EXPECT_FALSE(parseControlCode(text)) << text;
    }
}

TEST(ControlCode, BothHalvesOfAHatAreOneHat)
{
    const auto y = *parseControlCode("ABS_HAT1Y");
    EXPECT_TRUE(isHatY(y));
    EXPECT_EQ(toText(hatOf(y)), "ABS_HAT1X");
    EXPECT_FALSE(isHatCode(*parseControlCode("ABS_WHEEL")));
}

TEST(Calibration, EachSideIsScaledOnItsOwn)
{
    const Calibration c{0, 400, 1000, 0};
    EXPECT_DOUBLE_EQ(c.valueOf(0, Sides::Two), -1.0);
    EXPECT_DOUBLE_EQ(c.valueOf(200, Sides::Two), -0.5);
    EXPECT_DOUBLE_EQ(c.valueOf(400, Sides::Two), 0.0);
    EXPECT_DOUBLE_EQ(c.valueOf(700, Sides::Two), 0.5);
    EXPECT_DOUBLE_EQ(c.valueOf(2000, Sides::Two), 1.0);
    EXPECT_DOUBLE_EQ(c.valueOf(250, Sides::One), 0.25);
}

TEST(Calibration, AFullRangeAxisKeepsEveryCount)
{
    const auto c = Calibration::ofRange(-32768, 32767);
    EXPECT_EQ(c.centre, 0);
    for (std::int32_t raw = -32768; raw <= 32767; ++raw) {
        ASSERT_EQ(c.rawOf(c.valueOf(raw, Sides::Two), Sides::Two), raw);
        ASSERT_EQ(c.rawOf(c.valueOf(raw, Sides::One), Sides::One), raw);
    }
}

TEST(Calibration, TheCentreOfARangeIsItsMiddle)
{
    EXPECT_EQ(Calibration::ofRange(0, 255).centre, 128);
    EXPECT_EQ(Calibration::ofRange(-127, 127).centre, 0);
    EXPECT_EQ(Calibration::ofRange(-10, -5).centre, -7);
    EXPECT_TRUE(Calibration::ofRange(0, 1).isSound());
    EXPECT_FALSE((Calibration{5, 5, 5, 0}).isSound());
}

TEST(Percent, HasOneDecimal)
{
    EXPECT_EQ(percent(0.581), "58.1 %");
    EXPECT_EQ(percent(-0.08), "-8.0 %");
    EXPECT_EQ(percent(-0.0001), "0.0 %");
}

TEST(ValueOfCounts, AHatIsADirectionWhateverADeviceCounts)
{
    EXPECT_EQ(valueOfCounts(ControlKind::Hat, {-5, 300}), (Value{-1.0, 1.0}));
    EXPECT_EQ(valueOfCounts(ControlKind::Hat, {0, 1}), (Value{0.0, 1.0}));
    EXPECT_EQ(valueOfCounts(ControlKind::Button, {2, 0}), (Value{1.0, 0.0}));
    EXPECT_EQ(valueOfCounts(ControlKind::Turner, {-3, 0}), (Value{-3.0, 0.0}));
}

}  // namespace
}  // namespace jolly
