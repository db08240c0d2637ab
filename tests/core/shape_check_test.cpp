// SPDX-License-Identifier: GPL-3.0-or-later
#include "core/weave/shape_check.h"

#include "core/tangle/device_edit.h"
#include "core/weave/remedies.h"
#include "core/weave/weave.h"

#include <gmock/gmock.h>

namespace jolly
{
namespace
{

using testing::AllOf;
using testing::Contains;
using testing::ElementsAre;
using testing::Field;
using testing::HasSubstr;
using testing::IsEmpty;

VirtualDevice joystick(std::uint16_t axes, std::uint16_t buttons, std::uint16_t hats)
{
    return {
        .id = "j", .name = "Jolly 1", .number = 1, .axes = axes, .buttons = buttons, .hats = hats};
}

auto says(const char* words)
{
    return Contains(Field(&Problem::sentence, HasSubstr(words)));
}

struct TrapRow {
    const char* name;
    VirtualDevice device;
    const char* says;
};

void PrintTo(const TrapRow& row, std::ostream* out)
{
    *out << row.name;
}

class ShapeTrap : public testing::TestWithParam<TrapRow>
{
};

TEST_P(ShapeTrap, IsNamedWithItsMeaningAndItsRemedyMendsIt)
{
    Tangle tangle{.devices = {GetParam().device}};
    auto problems = findShapeProblems(tangle.devices[0], "/devices/0");
    ASSERT_THAT(problems, says(GetParam().says));
    for (const auto& problem : problems) {
        EXPECT_NE(problem.meaning, "");
        EXPECT_NE(problem.cure, "");
        if (const auto* remedy = remedyFor(problem)) {
            EXPECT_TRUE(remedy->apply(tangle, problem));
        }
    }
    EXPECT_THAT(findShapeProblems(tangle.devices[0], "/devices/0"),
                testing::Not(says(GetParam().says)));
}

VirtualDevice withPedal()
{
    auto device = joystick(2, 4, 0);
    device.settings = {{.control = {ControlKind::Axis, 2}, .sides = Sides::One}};
    return device;
}

INSTANTIATE_TEST_SUITE_P(
    Traps, ShapeTrap,
    testing::Values(TrapRow{"NoAxis", joystick(0, 32, 0), "has no axis"},
                    TrapRow{"OneAxis", joystick(1, 32, 0), "one axis only"},
                    TrapRow{"OneButton", joystick(4, 1, 0), "fewer than two buttons"},
                    TrapRow{"SixAxes", joystick(6, 14, 0), "has six axes"},
                    TrapRow{"FourAxesAndAHat", joystick(4, 32, 1), "has six axes"},
                    TrapRow{"OddAxesAndAHat", joystick(5, 32, 1), "odd number of axes"},
                    TrapRow{"NinthAxis", joystick(9, 32, 1), "more than eight axes"},
                    TrapRow{"GasAndHats", joystick(11, 32, 2), "beside a second hat"},
                    TrapRow{"TwoAxesOnePedal", withPedal(), "rests at its low end"}),
    [](const auto& row) { return std::string(row.param.name); });

TEST(ShapeCheck, TheLargestSafeShapeIsFine)
{
    EXPECT_THAT(findShapeProblems(joystick(8, 126, 1), "/devices/0"), IsEmpty());
    EXPECT_THAT(findShapeProblems(joystick(6, 13, 1), "/devices/0"), IsEmpty());
}

TEST(ShapeCheck, WhatSomeReadersOnlyMissIsSaid)
{
    EXPECT_THAT(findShapeProblems(joystick(8, 32, 2), ""), says("more than one hat"));
    EXPECT_THAT(findShapeProblems(joystick(8, 128, 1), ""), says("more than 126 buttons"));
}

TEST(ShapeCheck, WhatAFewReadersMakeOfAGoodShapeIsNoted)
{
    EXPECT_THAT(readerNotes(joystick(8, 32, 1)), IsEmpty());
    EXPECT_THAT(readerNotes(joystick(8, 33, 1)), testing::Contains(testing::HasSubstr("PLIB")));
    VirtualDevice pad{.id = "pad", .name = "Pad", .kind = VirtualKind::Gamepad};
    EXPECT_THAT(readerNotes(pad), testing::Contains(testing::HasSubstr("GLFW")));
}

TEST(ShapeCheck, NamesThatGamesShowOtherwiseAreSaid)
{
    const auto named = [](const char* name) {
        auto device = joystick(8, 32, 1);
        device.name = name;
        return findShapeProblems(device, "/devices/0");
    };
    EXPECT_THAT(named("Jolly 1"), IsEmpty());
    EXPECT_THAT(named("Stick of my stick"), says("first word again"));
    EXPECT_THAT(named("Jolly IR"), says("part of another device"));
    EXPECT_THAT(named("H\xc3\xb6hensteuer"), says("cannot show"));
    EXPECT_THAT(named(std::string(80, 'a').c_str()), says("79 letters"));
}

TEST(DeviceProblems, TwinsAreNamedAndTheirRemediesTellThemApart)
{
    Tangle tangle{.devices = {joystick(8, 32, 1), joystick(8, 32, 1)}};
    tangle.devices[1].id = "k";
    const auto problems = findDeviceProblems(tangle);
    EXPECT_THAT(problems, says("same name"));
    EXPECT_THAT(problems, says("same number"));
    for (const auto& problem : problems) EXPECT_TRUE(remedyFor(problem)->apply(tangle, problem));
    EXPECT_THAT(findDeviceProblems(tangle), IsEmpty());
    EXPECT_EQ(tangle.devices[1].name, "Jolly 1 2");
}

TEST(DeviceProblems, OwnIdsThatAreThoseOfAnotherAreNamed)
{
    Tangle tangle{.devices = {joystick(8, 32, 1), joystick(8, 32, 1)}};
    tangle.devices[1].name = "Jolly 2";
    tangle.devices[1].number = 2;
    EXPECT_THAT(findDeviceProblems(tangle), IsEmpty());
    tangle.devices[1].ids = idsOf(tangle.devices[0]);
    const auto problems = findDeviceProblems(tangle);
    ASSERT_THAT(problems, says("same ids"));
    EXPECT_TRUE(remedyFor(problems[0])->apply(tangle, problems[0]));
    EXPECT_THAT(findDeviceProblems(tangle), IsEmpty());
}

TEST(Remedies, AllHaveTheirOwnKeyAndFailOnWhatIsGone)
{
    std::set<std::string_view> keys;
    for (const auto& remedy : allRemedies()) {
        EXPECT_TRUE(keys.insert(remedy.key).second);
        EXPECT_NE(remedy.label, "");
        Tangle empty;
        EXPECT_FALSE(remedy.apply(empty, {.path = "/devices/7"}));
        EXPECT_FALSE(remedy.apply(empty, {.path = "/strands/7/ends/0"}));
        EXPECT_FALSE(remedy.apply(empty, {}));
        EXPECT_EQ(empty, Tangle{});
    }
}

}  // namespace
}  // namespace jolly
