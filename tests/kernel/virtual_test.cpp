// SPDX-License-Identifier: GPL-3.0-or-later
#include "control/engine_client.h"
#include "core/tangle/device_edit.h"
#include "core/tangle/virtual_layout.h"
#include "flight.h"

#include <csignal>
#include <filesystem>

namespace jolly
{
namespace
{

using namespace test;
using testing::HasSubstr;
using testing::Not;

/// What the kernel shows of a device: its name, ids and port.
std::string identityOf(const std::string& node)
{
    const auto folder = "/sys/class/input/" + node.substr(node.rfind('/') + 1) + "/device/";
    std::string text;
    for (const auto* file :
         {"name", "phys", "id/bustype", "id/vendor", "id/product", "id/version"}) {
        std::ifstream in(folder + file);
        std::string line;
        std::getline(in, line);
        text += line + " ";
    }
    return text;
}

class VirtualFlight : public Flight
{
 protected:
    /// One stick whose buttons lead to the given buttons of a device of that size.
    Tangle sized(std::uint16_t buttons, const std::vector<std::uint16_t>& used)
    {
        auto tangle = newTangle();
        tangle.devices[0].sizing = Sizing::Fixed;
        tangle.devices[0].buttons = buttons;
        const auto rig = adopt(look("Test Stick"), tangle);
        for (std::size_t i = 0; i < used.size(); ++i) {
            const ControlCode code{EventType::Key, static_cast<std::uint16_t>(kFourButtons[i]), 0};
            EXPECT_TRUE(connect(tangle, rig, code, {"jolly-1", {ControlKind::Button, used[i]}}));
        }
        return tangle;
    }

    /// Gives the running engine another tangle.
    void change(const Tangle& tangle)
    {
        const auto client = EngineClient::connect();
        ASSERT_TRUE(client) << client.error().text();
        EXPECT_TRUE((*client)->load(format::writeTangle(tangle)));
    }

    StandIn stick{"Test Stick", "usb-a", kTwoAxes, kFourButtons};
};

class NumbersInGames : public VirtualFlight, public testing::WithParamInterface<std::uint16_t>
{
};

TEST_P(NumbersInGames, AreOursInSdlJoydevAndEvtest)
{
    const auto most = GetParam();
    const auto tangle = sized(most, {1, 17, 32, most});
    fly(tangle);
    const auto node = nodeOf("Jolly 1");
    const auto count = std::to_string(most);
    Program sdl({kSdlReader, "Jolly 1"});
    ASSERT_TRUE(sdl.prints("Jolly 1: 8 axes, " + count + " buttons, 1 hats, controller 0"))
        << sdl.text();
    Program jstest({"jstest", "--event", jsOf(node)});
    ASSERT_TRUE(jstest.prints("and " + count + " buttons")) << jstest.text();
    const auto raw = evtest(node);
    const auto layout = layoutOf(tangle.devices[0]);
    const std::uint16_t used[] = {1, 17, 32, most};
    for (std::size_t i = 0; i < 4; ++i) {
        const auto number = std::to_string(used[i] - 1);
        const auto* slot =
            findBy(layout, &VirtualSlot::control, VirtualControl{ControlKind::Button, used[i]});
        stick.press(kFourButtons[i]);
        EXPECT_TRUE(sdl.prints("button " + number + " down")) << sdl.text();
        EXPECT_TRUE(jstest.prints("number " + number + ", value 1")) << jstest.text();
        EXPECT_TRUE(raw->prints("code " + std::to_string(slot->code.code) + " ")) << raw->text();
        stick.release(kFourButtons[i]);
        EXPECT_TRUE(sdl.prints("button " + number + " up")) << sdl.text();
    }
}

INSTANTIATE_TEST_SUITE_P(Buttons, NumbersInGames, testing::Values(32, 64, 80, 126, 128));

TEST_F(VirtualFlight, AGamepadIsOneWithoutAMappingAndItsTriggersRestAtNothing)
{
    auto tangle = sized(32, {1});
    addDevice(tangle, VirtualKind::Gamepad);
    fly(tangle);
    Program sdl({kSdlReader, "Jolly Pad"});
    ASSERT_TRUE(sdl.prints("Jolly Pad: 6 axes, 11 buttons, 1 hats, controller 1")) << sdl.text();
    EXPECT_TRUE(sdl.prints("start axis 2 -32768")) << sdl.text();
    EXPECT_TRUE(sdl.prints("start axis 5 -32768")) << sdl.text();
    EXPECT_TRUE(sdl.prints("start axis 0 0")) << sdl.text();
}

TEST_F(VirtualFlight, DevicesComeChangeAndGoWhileAnotherIsReadWithoutAGap)
{
    auto tangle = straightTangle("Test Stick");
    fly(tangle);
    const auto game = evtest(nodeOf("Jolly 1"));
    std::vector<int> values;
    for (int i = 0; i < 240; ++i) values.push_back(-30000 + 250 * i);
    for (std::size_t i = 0; i < values.size(); ++i) {
        if (i == 40) addDevice(tangle, VirtualKind::Joystick);
        if (i == 90) {
            tangle.devices[1].sizing = Sizing::Fixed;
            tangle.devices[1].buttons = 80;
        }
        if (i == 140) addDevice(tangle, VirtualKind::Gamepad);
        if (i == 190) static_cast<void>(removeDevice(tangle, "jolly-2", Ends::Cut));
        if (i % 50 == 40) change(tangle);
        stick.move(ABS_X, values[i]);
        pause(0.004);
        if (i == 130) {
            EXPECT_FALSE(nodeOf("Jolly 2").empty());
        }
    }
    ASSERT_TRUE(game->prints("value " + std::to_string(values.back()))) << game->text();
    std::size_t at = 0;
    for (const int value : values) {
        at = game->text().find("code 0 (ABS_X), value " + std::to_string(value) + "\n", at);
        ASSERT_NE(at, std::string::npos) << value << " was lost";
    }
    pause(0.5);
    EXPECT_FALSE(isThere("Jolly 2"));
    EXPECT_TRUE(isThere("Jolly Pad"));
}

TEST_F(VirtualFlight, IdentitiesAreTheSameAfterARestartAndWithoutTheFirstDevice)
{
    auto tangle = straightTangle("Test Stick");
    addDevice(tangle, VirtualKind::Joystick);
    fly(tangle);
    const auto first = identityOf(nodeOf("Jolly 1"));
    const auto second = identityOf(nodeOf("Jolly 2"));
    EXPECT_NE(first, second);
    EXPECT_THAT(second, HasSubstr("jolly-tangle-2 0006 6a74 0102 0001"));
    TearDown();
    fly(tangle);
    EXPECT_EQ(identityOf(nodeOf("Jolly 1")), first);
    EXPECT_EQ(identityOf(nodeOf("Jolly 2")), second);
    static_cast<void>(removeDevice(tangle, "jolly-1", Ends::Cut));
    change(tangle);
    pause(0.5);
    EXPECT_EQ(identityOf(nodeOf("Jolly 2")), second);
    EXPECT_FALSE(isThere("Jolly 1"));
}

TEST_F(VirtualFlight, AVirtualKeyboardAndPointerAreWhatTheySay)
{
    auto tangle = sized(32, {1});
    addDevice(tangle, VirtualKind::Keyboard);
    addDevice(tangle, VirtualKind::Pointer);
    tangle.strands[0].ends = endsAt({{"jolly-keys-1", {ControlKind::Button, KEY_M}},
                                     {"jolly-pointer-1", {ControlKind::Button, 2}}});
    fly(tangle);
    const auto keys = evtest(nodeOf("Jolly Keys"));
    EXPECT_THAT(keys->text(), HasSubstr("(EV_REP)"));
    EXPECT_THAT(keys->text(), Not(HasSubstr("KEY_POWER")));
    const auto pointer = evtest(nodeOf("Jolly Pointer"));
    EXPECT_THAT(pointer->text(), HasSubstr("REL_WHEEL_HI_RES"));
    stick.press(BTN_TRIGGER);
    EXPECT_TRUE(keys->prints("(KEY_M), value 1")) << keys->text();
    EXPECT_TRUE(pointer->prints("(BTN_RIGHT), value 1")) << pointer->text();
    stick.release(BTN_TRIGGER);
    EXPECT_TRUE(keys->prints("(KEY_M), value 0"));
}

TEST_F(VirtualFlight, AHeldKeyboardLeavesTheDeskUsableAndGivesUpOnThePanicChord)
{
    std::vector<int> keys;
    for (int key = KEY_ESC; key <= KEY_RIGHTSHIFT; ++key) keys.push_back(key);
    StandIn keyboard("Test Keys", "usb-k", {}, keys);
    auto tangle = newTangle();
    auto rig = adopt(look("Test Keys", 30), tangle);
    rig.hiding = Hiding::Held;
    ASSERT_TRUE(
        connect(tangle, rig, {EventType::Key, KEY_A, 0}, {"jolly-1", {ControlKind::Button, 3}}));
    fly(tangle, {"--keyboards"});
    const auto desk = evtest(nodeOf("Jolly Tangle desk keyboard"));
    const auto game = evtest(nodeOf("Jolly 1"));
    const auto other = evtest(nodeOf("Test Keys"));
    pause(1.5);
    for (const int key : {KEY_A, KEY_B}) {
        keyboard.press(key);
        keyboard.release(key);
    }
    EXPECT_TRUE(desk->prints("(KEY_B), value 0")) << desk->text();
    EXPECT_THAT(desk->text(), Not(HasSubstr("(KEY_A), value")));
    EXPECT_TRUE(game->prints("(BTN_THUMB2), value 0")) << game->text();
    EXPECT_THAT(other->text(), Not(HasSubstr("), value")));
    for (const int key : {KEY_LEFTSHIFT, KEY_RIGHTSHIFT, KEY_ESC}) keyboard.press(key);
    EXPECT_TRUE(engine->prints("Both Shift keys and Esc were pressed")) << engine->text();
    for (const int key : {KEY_LEFTSHIFT, KEY_RIGHTSHIFT, KEY_ESC}) keyboard.release(key);
    keyboard.press(KEY_C);
    EXPECT_TRUE(other->prints("(KEY_C), value 1")) << other->text();
    for (int i = 0; i < 100 && isThere("Jolly 1"); ++i) pause(0.02);
    EXPECT_FALSE(isThere("Jolly 1"));
}

}  // namespace
}  // namespace jolly
