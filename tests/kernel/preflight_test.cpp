// SPDX-License-Identifier: GPL-3.0-or-later
#include "flight.h"

namespace jolly
{
namespace
{

using namespace test;
using testing::HasSubstr;
using testing::Not;

/// What a person without privileges is told before a flight, and what one command changes.
class PreflightFlight : public Flight
{
 protected:
    std::string preflight()
    {
        Program program(asPilot({kPrograms + "tangle", "preflight", write(newTangle())}));
        EXPECT_NE(program.end(), -1);
        return program.text();
    }

    /// Runs, as the administrator, the command that a line of the text offers after "$ sudo ".
    static std::vector<std::string> offered(const std::string& text, const std::string& about)
    {
        const auto line = text.find("$ sudo ", text.find(about));
        if (line == std::string::npos) return {};
        std::istringstream words(text.substr(line + 7, text.find('\n', line) - line - 7));
        std::vector<std::string> command;
        for (std::string word; words >> word;) command.push_back(word);
        command[0] = kPrograms + command[0];
        return command;
    }

    static std::string run(const std::vector<std::string>& command)
    {
        Program program(command);
        EXPECT_EQ(program.end(), 0) << program.text();
        return program.text();
    }
};

struct Misjudged {
    const char* name;
    std::vector<StandIn::Axis> axes;
    std::vector<int> buttons;
    const char* reason;
};

void PrintTo(const Misjudged& row, std::ostream* out)
{
    *out << row.name;
}

class MisjudgedDevice : public PreflightFlight, public testing::WithParamInterface<Misjudged>
{
};

TEST_P(MisjudgedDevice, IsNamedWithTheReasonAndPermittedByItsOwnRule)
{
    const auto& row = GetParam();
    const StandIn device(row.name, "usb-misjudged", row.axes, row.buttons);
    ASSERT_FALSE(nodeOf(row.name).empty());
    pause(1);
    const auto before = preflight();
    EXPECT_THAT(before, HasSubstr(std::string(row.name) + " is there, but you may not read it"));
    EXPECT_THAT(before, HasSubstr(row.reason));
    auto command = offered(before, row.name);
    ASSERT_FALSE(command.empty()) << before;
    EXPECT_THAT(run(command), HasSubstr("TAG+=\"uaccess\""));
    EXPECT_THAT(preflight(), Not(HasSubstr(row.name)));
    command.push_back("--undo");
    run(command);
}

INSTANTIATE_TEST_SUITE_P(
    Devices, MisjudgedDevice,
    testing::Values(Misjudged{"Test Pedals",
                              {{ABS_X, 0, 255}, {ABS_Y, 0, 255}, {ABS_Z, 0, 255}},
                              {},
                              "for a motion sensor: it has X, Y and Z, but no button"},
                    Misjudged{"Test Panel", {}, {BTN_0, BTN_1, KEY_OK}, "for a keyboard"},
                    Misjudged{"Test Lever",
                              {{ABS_X, 0, 255}, {ABS_Y, 0, 255}},
                              {BTN_TRIGGER},
                              "it has too little of a joystick"}));

TEST_F(PreflightFlight, WithTheRulesAPersonAtTheScreenMayMakeDevices)
{
    const auto text = preflight();
    EXPECT_THAT(text, Not(HasSubstr("uinput"))) << "the rules were installed by tangle permit";
    EXPECT_THAT(text, HasSubstr("The engine may not come before other programs."));
    EXPECT_THAT(text, HasSubstr("$ sudo tangle permit --realtime"));
}

TEST_F(PreflightFlight, TheEngineOfAnotherPersonIsNoticed)
{
    const StandIn stick("Test Stick", "usb-a", kTwoAxes, kFourButtons);
    fly(straightTangle("Test Stick"));
    EXPECT_THAT(preflight(), HasSubstr("Another engine is live: its Jolly 1 is there."));
}

TEST_F(PreflightFlight, AHeldControllerIsListedButSilentForAnUnprivilegedGame)
{
    StandIn stick("Test Stick", "usb-a", kTwoAxes, kFourButtons);
    fly(straightTangle("Test Stick"));
    Program game(asPilot({std::string(JOLLY_BUILD_DIR) + "/tests/sdl_reader"}));
    ASSERT_TRUE(game.prints("Test Stick: 2 axes")) << game.text();
    ASSERT_TRUE(game.prints("Jolly 1: 8 axes")) << game.text();
    const auto place = game.text().find("Test Stick:") < game.text().find("Jolly 1:") ? "1" : "0";
    game.forget();
    stick.press(BTN_THUMB2);
    const auto heard = std::string("joystick ") + place + " button 2 down";
    EXPECT_TRUE(game.prints(heard)) << game.text();
    stick.release(BTN_THUMB2);
    EXPECT_TRUE(game.prints(std::string("joystick ") + place + " button 2 up")) << game.text();
    EXPECT_THAT(game.text(), Not(HasSubstr(place[0] == '1' ? "joystick 0" : "joystick 1")));
}

TEST_F(PreflightFlight, AHeldHidControllerIsSilentForJstestAndStillHeardByHidraw)
{
    HidStandIn stick("Test HID Stick");
    stick.report({0, 0}, 0, {});
    const auto node = nodeOf("Test HID Stick");
    const auto js =
        "$(basename $(ls -d /sys/class/input/" + node.substr(node.rfind('/') + 1) + "/device/js*))";
    fly(straightTangle("Test HID Stick"));
    pause(0.5);
    Program jstest({"sh", "-c", "timeout 120 jstest --event /dev/input/" + js});
    Program raw({"sh", "-c", "timeout 120 head -c 28 $(ls /dev/hidraw* | tail -n 1) | wc -c"});
    ASSERT_TRUE(jstest.prints("Testing ...")) << jstest.text();
    pause(1);
    jstest.forget();
    stick.report({12000, 0}, 0, {});
    EXPECT_TRUE(raw.prints("28")) << "a grab does not reach hidraw: docs/virtual-devices.md";
    jstest.listen(0.5);
    EXPECT_THAT(jstest.text(), Not(HasSubstr("value 12000")));
}

}  // namespace
}  // namespace jolly
