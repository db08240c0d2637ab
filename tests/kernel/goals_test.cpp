// SPDX-License-Identifier: GPL-3.0-or-later
#include "core/tangle/signals.h"
#include "core/tangle/stage_edit.h"
#include "flight.h"

#include <csignal>

/// Keys, pointers, hats and pulses as programs of others read them from the kernel.
namespace jolly
{
namespace
{

using namespace test;

/// The words in this order, however far apart.
bool areInOrder(const std::string& text, const std::vector<std::string>& words)
{
    std::size_t at = 0;
    for (const auto& word : words) {
        at = text.find(word, at);
        if (at == std::string::npos) return false;
        at += word.size();
    }
    return true;
}

ControlCode keyOf(int code)
{
    return {EventType::Key, static_cast<std::uint16_t>(code), 0};
}

class GoalFlight : public Flight
{
 protected:
    GoalFlight() : tangle(newTangle()), rig(adopt(look("Test Stick"), tangle)) {}

    /// Weaves a control of the stick to a virtual control, and gives back its strand.
    Strand& weave(ControlCode from, const Target& to)
    {
        const auto woven = connect(tangle, rig, from, to);
        EXPECT_TRUE(woven) << woven.error().text();
        return *findStrand(tangle, *woven);
    }

    /// libinput as compositors use it, on one device.
    static std::unique_ptr<Program> libinput(const std::string& node)
    {
        settleUdev();
        auto program = std::make_unique<Program>(std::vector<std::string>{
            "stdbuf", "-oL", "libinput", "debug-events", "--show-keycodes", "--device", node});
        EXPECT_TRUE(program->prints("DEVICE_ADDED")) << program->text();
        return program;
    }

    StandIn stick{"Test Stick", "usb-a", kTwoAxes, kFourButtons};
    Tangle tangle;
    RigController rig;
};

TEST_F(GoalFlight, AChordIsReadByEvtestAndLibinputInItsOrder)
{
    const auto keyboard = addDevice(tangle, VirtualKind::Keyboard);
    weave(keyOf(BTN_TRIGGER), {keyboard, {ControlKind::Button, KEY_G}}).ends[0].goal =
        Chord{.device = keyboard, .keys = {KEY_G, KEY_LEFTSHIFT, KEY_LEFTCTRL}};
    fly(tangle);
    const auto node = nodeOf(findDevice(tangle, keyboard)->name);
    ASSERT_FALSE(node.empty());
    const auto reader = evtest(node);
    const auto compositor = libinput(node);
    stick.press(BTN_TRIGGER);
    ASSERT_TRUE(compositor->prints("KEY_G (34) pressed")) << compositor->text();
    stick.release(BTN_TRIGGER);
    ASSERT_TRUE(compositor->prints("KEY_LEFTSHIFT (42) released")) << compositor->text();
    EXPECT_TRUE(areInOrder(
        compositor->text(),
        {"KEY_LEFTSHIFT (42) pressed", "KEY_LEFTCTRL (29) pressed", "KEY_G (34) pressed",
         "KEY_G (34) released", "KEY_LEFTCTRL (29) released", "KEY_LEFTSHIFT (42) released"}))
        << compositor->text();
    ASSERT_TRUE(reader->prints("(KEY_LEFTSHIFT), value 0")) << reader->text();
    EXPECT_TRUE(areInOrder(reader->text(), {"(KEY_LEFTSHIFT), value 1", "(KEY_LEFTCTRL), value 1",
                                            "(KEY_G), value 1", "SYN_REPORT", "(KEY_G), value 0",
                                            "(KEY_LEFTCTRL), value 0", "(KEY_LEFTSHIFT), value 0"}))
        << reader->text();
}

TEST_F(GoalFlight, ThePointerIsOneForLibinput)
{
    const auto pointer = addDevice(tangle, VirtualKind::Pointer);
    weave({EventType::Abs, ABS_X, 0}, {pointer, {ControlKind::Turner, 1}});
    weave(keyOf(BTN_TRIGGER), {pointer, {ControlKind::Button, 1}});
    weave(keyOf(BTN_THUMB), {pointer, {ControlKind::Turner, 3}});
    fly(tangle);
    const auto node = nodeOf(findDevice(tangle, pointer)->name);
    ASSERT_FALSE(node.empty());
    const auto compositor = libinput(node);
    EXPECT_TRUE(compositor->prints("cap:p")) << compositor->text();
    stick.move(ABS_X, 32767);
    EXPECT_TRUE(compositor->prints("POINTER_MOTION")) << compositor->text();
    stick.move(ABS_X, 0);
    stick.press(BTN_TRIGGER);
    EXPECT_TRUE(compositor->prints("BTN_LEFT (272) pressed")) << compositor->text();
    stick.release(BTN_TRIGGER);
    EXPECT_TRUE(compositor->prints("BTN_LEFT (272) released")) << compositor->text();
    stick.press(BTN_THUMB);
    EXPECT_TRUE(compositor->prints("POINTER_SCROLL_WHEEL")) << compositor->text();
    EXPECT_TRUE(compositor->prints("vert -15.00")) << "a notch up is 15 degrees\n"
                                                   << compositor->text();
    stick.release(BTN_THUMB);
}

/// Four buttons as a hat, whose places SDL tells as bits: up 1, right 2, down 4, left 8.
class HatFlight : public GoalFlight, public testing::WithParamInterface<Ways>
{
};

TEST_P(HatFlight, FourButtonsAreAHatInSdlAndJstest)
{
    auto& strand = weave(keyOf(BTN_TRIGGER), {tangle.devices[0].id, {ControlKind::Hat, 1}});
    const auto at = [&](int code) { return Source{rig.id, keyOf(code)}; };
    strand.stages = {{HatJoin{at(BTN_THUMB), at(BTN_THUMB2), at(BTN_TOP), GetParam()}}};
    tangle.devices[0].name = "Jolly 1";
    fly(tangle);
    Program sdl({kSdlReader, "Jolly 1"});
    ASSERT_TRUE(sdl.prints("1 hats")) << sdl.text();
    const auto node = nodeOf("Jolly 1");
    Program jstest({"jstest", "--event", jsOf(node)});
    ASSERT_TRUE(jstest.prints("Testing")) << jstest.text();
    const std::map<int, int> kBits = {
        {BTN_TRIGGER, 1}, {BTN_THUMB, 2}, {BTN_THUMB2, 4}, {BTN_TOP, 8}};
    const auto expect = [&](int bits) {
        EXPECT_TRUE(sdl.prints("hat 0 " + std::to_string(bits) + "\n")) << sdl.text();
        sdl.forget();
    };
    sdl.forget();
    for (const auto& [button, bit] : kBits) {
        stick.press(button);
        expect(bit);
        stick.release(button);
        expect(0);
    }
    for (const int vertical : {BTN_TRIGGER, BTN_THUMB2}) {
        for (const int across : {BTN_THUMB, BTN_TOP}) {
            stick.press(vertical);
            expect(kBits.at(vertical));
            stick.press(across);
            expect(GetParam() == Ways::Eight ? kBits.at(vertical) | kBits.at(across)
                                             : kBits.at(across));
            stick.release(across);
            expect(kBits.at(vertical));
            stick.release(vertical);
            expect(0);
        }
    }
    for (const auto* end : {"value 32767", "value -32767"})
        EXPECT_TRUE(jstest.prints(end)) << jstest.text();
}

INSTANTIATE_TEST_SUITE_P(Ways, HatFlight, testing::Values(Ways::Four, Ways::Eight));

/// Runs where the clock counts instructions, so that a game that looks 60 times a second does.
using ExactFlight = GoalFlight;

TEST_F(ExactFlight, OfABurstOfDetentsAGameThatPollsLosesNone)
{
    constexpr int kDetents = 200;
    auto& strand = weave(keyOf(BTN_TRIGGER), {tangle.devices[0].id, {ControlKind::Button, 1}});
    strand.ends[0].how = How::Pulse;
    tangle.devices[0].name = "Jolly 1";
    fly(tangle);
    Program game({kSdlReader, "Jolly 1", "0"});
    ASSERT_TRUE(game.prints("polls Jolly 1")) << game.text();
    const auto kernel = evtest(nodeOf("Jolly 1"));
    for (int i = 0; i < kDetents; ++i) {
        stick.press(BTN_TRIGGER);
        pause(0.001);
        stick.release(BTN_TRIGGER);
        pause(0.004);
    }
    EXPECT_TRUE(game.prints("press " + std::to_string(kDetents) + "\n", 40)) << game.text();
    kernel->listen(1.0);
    int sent = 0;
    const auto& told = kernel->text();
    for (auto at = told.find("(BTN_TRIGGER), value 1"); at != std::string::npos;
         at = told.find("(BTN_TRIGGER), value 1", at + 1))
        ++sent;
    EXPECT_EQ(sent, kDetents);
    game.listen(0.5);
    EXPECT_EQ(game.text().find("press " + std::to_string(kDetents + 1)), std::string::npos);
}

}  // namespace
}  // namespace jolly
