// SPDX-License-Identifier: GPL-3.0-or-later
#include "core/tangle/device_edit.h"

#include "core/tangle/lookup.h"
#include "core/tangle/virtual_layout.h"
#include "core/weave/remedies.h"
#include "core/weave/weave.h"

#include <gmock/gmock.h>

namespace jolly
{
namespace
{

constexpr VirtualControl button(std::uint16_t number)
{
    return {ControlKind::Button, number};
}
constexpr VirtualControl axis(std::uint16_t number)
{
    return {ControlKind::Axis, number};
}

/// A tangle with one joystick that sizes itself, and strands that end where a test says.
class DeviceEdit : public testing::Test
{
 protected:
    DeviceEdit()
    {
        first = addDevice(tangle, VirtualKind::Joystick);
        fitDevices(tangle);
    }

    void weave(const std::string& id, const Target& target)
    {
        tangle.strands.push_back({.id = id, .name = id, .ends = endsAt({target})});
        fitDevices(tangle);
    }
    VirtualDevice& device(const std::string& id) { return *findDevice(tangle, id); }
    Target end(const std::string& strand)
    {
        return *targetOf(findStrand(tangle, strand)->ends.at(0));
    }

    Tangle tangle;
    std::string first;
};

TEST_F(DeviceEdit, NewDevicesGetFreeNamesAndNumbers)
{
    const auto second = addDevice(tangle, VirtualKind::Joystick);
    const auto pad = addDevice(tangle, VirtualKind::Gamepad);
    const auto otherPad = addDevice(tangle, VirtualKind::Gamepad);
    EXPECT_EQ(device(first).name, "Jolly 1");
    EXPECT_EQ(device(second).name, "Jolly 2");
    EXPECT_EQ(device(pad).name, "Jolly Pad");
    EXPECT_EQ(device(otherPad).name, "Jolly Pad 2");
    EXPECT_EQ(device(otherPad).number, 4);
}

TEST_F(DeviceEdit, NumbersStayWhenAnEarlierDeviceGoes)
{
    const auto second = addDevice(tangle, VirtualKind::Joystick);
    const auto ids = idsOf(device(second));
    EXPECT_EQ(removeDevice(tangle, first, Ends::Cut), 0U);
    EXPECT_EQ(idsOf(device(second)), ids);
    EXPECT_EQ(physOf(device(second)), "jolly-tangle-2");
    EXPECT_EQ(freeNumber(tangle), 1);
}

TEST_F(DeviceEdit, ACopyHasTheShapeAndTheFunctionsButIsNoTwin)
{
    device(first).settings = {{.control = button(3), .function = "mail hatch"}};
    device(first).ids = VirtualIds{3, 4, 5, 6, {}};
    const auto copy = copyDevice(tangle, first);
    EXPECT_EQ(device(copy).settings, device(first).settings);
    EXPECT_NE(device(copy).name, device(first).name);
    EXPECT_NE(idsOf(device(copy)), idsOf(device(first)));
    EXPECT_EQ(copyDevice(tangle, "none"), "");
}

TEST_F(DeviceEdit, RefusesNamesThatCannotBe)
{
    const auto second = addDevice(tangle, VirtualKind::Joystick);
    const auto before = tangle;
    for (const auto& name :
         {std::string(), std::string("  "), std::string("Jolly 1"), std::string(80, 'x')})
        EXPECT_FALSE(renameDevice(tangle, second, name)) << name;
    EXPECT_FALSE(renameDevice(tangle, "none", "Mail desk"));
    EXPECT_EQ(tangle, before);
    EXPECT_TRUE(renameDevice(tangle, second, "Mail desk"));
    EXPECT_TRUE(renameDevice(tangle, second, "Mail desk")) << "its own name is no other's";
}

TEST_F(DeviceEdit, SizesItselfInStepsOf32AndNeverBelowEightAxesAndAHat)
{
    EXPECT_EQ(device(first).buttons, 32);
    EXPECT_EQ(device(first).axes, 8);
    weave("a", {first, button(33)});
    EXPECT_EQ(device(first).buttons, 64);
    weave("b", {first, button(97)});
    EXPECT_EQ(device(first).buttons, 126);
    weave("c", {first, button(127)});
    EXPECT_EQ(device(first).buttons, 128);
    weave("d", {first, axis(10)});
    EXPECT_EQ(device(first).axes, 10);
    tangle.strands.clear();
    fitDevices(tangle);
    EXPECT_EQ(device(first).buttons, 32);
    device(first).sizing = Sizing::Fixed;
    weave("e", {first, button(60)});
    EXPECT_EQ(device(first).buttons, 32);
}

TEST_F(DeviceEdit, AnEndThatIsNotThereHasARemedyThatGrowsTheDevice)
{
    device(first).sizing = Sizing::Fixed;
    weave("lamp", {first, button(40)});
    auto problems = findStrandProblems(tangle, 0);
    ASSERT_EQ(problems.back().remedy, "grow");
    EXPECT_TRUE(remedyFor(problems.back())->apply(tangle, problems.back()));
    EXPECT_EQ(device(first).buttons, 64);
    targetOf(tangle.strands[0].ends[0])->control = button(129);
    problems = findStrandProblems(tangle, 0);
    ASSERT_EQ(problems.back().remedy, "next-free") << "no device has so many";
    EXPECT_TRUE(remedyFor(problems.back())->apply(tangle, problems.back()));
    EXPECT_EQ(end("lamp"), (Target{first, button(1)}));
}

TEST_F(DeviceEdit, TheNextFreeOneSkipsWhatIsTakenAndLetsADeviceGrow)
{
    for (std::uint16_t n = 1; n <= 32; ++n) weave("b" + std::to_string(n), {first, button(n)});
    EXPECT_EQ(nextFree(tangle, ControlKind::Button), (Target{first, button(33)}));
    device(first).sizing = Sizing::Fixed;
    EXPECT_FALSE(nextFree(tangle, ControlKind::Button));
    const auto keys = addDevice(tangle, VirtualKind::Keyboard);
    EXPECT_FALSE(nextFree(tangle, ControlKind::Button)) << "a key is never picked by itself";
    const auto second = addDevice(tangle, VirtualKind::Joystick);
    fitDevices(tangle);
    EXPECT_EQ(nextFree(tangle, ControlKind::Button), (Target{second, button(1)}));
    EXPECT_FALSE(nextFree(tangle, ControlKind::Button, second));
    EXPECT_EQ(keys, "jolly-keys-1");
}

TEST_F(DeviceEdit, MovingAnEndTakesFunctionAndSidesAlongAndLeavesNothing)
{
    weave("gear", {first, axis(3)});
    device(first).settings = {{.control = axis(3), .function = "propeller", .sides = Sides::One}};
    ASSERT_TRUE(moveEnd(tangle, "gear", 0, {first, axis(7)}));
    EXPECT_EQ(end("gear"), (Target{first, axis(7)}));
    ASSERT_EQ(device(first).settings.size(), 1U);
    EXPECT_EQ(settingsOf(device(first), axis(7)).function, "propeller");
    EXPECT_EQ(settingsOf(device(first), axis(7)).sides, Sides::One);
}

TEST_F(DeviceEdit, MovingToATakenPlaceExchangesTheTwo)
{
    weave("hatch", {first, button(1)});
    weave("light", {first, button(2)});
    device(first).settings = {{.control = button(1), .function = "mail hatch"},
                              {.control = button(2), .function = "landing light"}};
    ASSERT_TRUE(moveEnd(tangle, "hatch", 0, {first, button(2)}));
    EXPECT_EQ(end("hatch"), (Target{first, button(2)}));
    EXPECT_EQ(end("light"), (Target{first, button(1)}));
    EXPECT_EQ(settingsOf(device(first), button(2)).function, "mail hatch");
    EXPECT_EQ(settingsOf(device(first), button(1)).function, "landing light");
}

TEST_F(DeviceEdit, WhereOthersStillEndTheSettingsStay)
{
    weave("one", {first, axis(1)});
    weave("two", {first, axis(1)});
    device(first).settings = {{.control = axis(1), .function = "roll"}};
    ASSERT_TRUE(moveEnd(tangle, "one", 0, {first, axis(5)}));
    EXPECT_EQ(end("two"), (Target{first, axis(1)}));
    EXPECT_EQ(settingsOf(device(first), axis(1)).function, "roll");
    EXPECT_EQ(settingsOf(device(first), axis(5)).function, "");
}

TEST_F(DeviceEdit, MovingToAnotherKindOrFromNowhereIsRefused)
{
    weave("roll", {first, axis(1)});
    const auto before = tangle;
    EXPECT_FALSE(moveEnd(tangle, "roll", 0, {first, button(1)}));
    EXPECT_FALSE(moveEnd(tangle, "roll", 1, {first, axis(2)}));
    EXPECT_FALSE(moveEnd(tangle, "none", 0, {first, axis(2)}));
    EXPECT_FALSE(moveEnd(tangle, "roll", 0, {"none", axis(2)}));
    EXPECT_TRUE(moveEnd(tangle, "roll", 0, {first, axis(1)}));
    EXPECT_EQ(tangle, before);
}

TEST_F(DeviceEdit, RemovingADeviceMovesItsEndsOrCutsThem)
{
    weave("roll", {first, axis(1)});
    weave("hatch", {first, button(5)});
    findStrand(tangle, "hatch")->ends.push_back({{}, Target{"jolly-2", button(1)}});
    const auto second = addDevice(tangle, VirtualKind::Joystick);
    fitDevices(tangle);
    auto cut = tangle;
    EXPECT_EQ(removeDevice(cut, first, Ends::Cut), 0U);
    ASSERT_EQ(cut.strands.size(), 1U) << "roll ended nowhere else";
    EXPECT_EQ(cut.strands[0].ends, endsAt({{second, button(1)}}));
    EXPECT_EQ(removeDevice(tangle, first, Ends::Moved), 0U);
    EXPECT_EQ(end("roll"), (Target{second, axis(1)}));
    EXPECT_EQ(end("hatch"), (Target{second, button(2)}));
}

TEST_F(DeviceEdit, RemovingTheOnlyDeviceSaysWhatFoundNoPlace)
{
    weave("roll", {first, axis(1)});
    EXPECT_EQ(removeDevice(tangle, first, Ends::Moved), 1U);
    EXPECT_TRUE(tangle.devices.empty());
    EXPECT_TRUE(tangle.strands.empty());
}

}  // namespace
}  // namespace jolly
