// SPDX-License-Identifier: GPL-3.0-or-later
#include "flight.h"

#include <fcntl.h>

#include <csignal>

namespace jolly
{
namespace
{

using namespace test;
using testing::Contains;
using testing::Field;
using testing::HasSubstr;
using testing::Not;

using WithoutUdev = Flight;
using KernelFlight = Flight;

TEST_F(WithoutUdev, AControllerPluggedInLaterIsFoundByItsNode)
{
    Tangle tangle;
    {
        const StandIn known("Late Stick", "usb-late", kTwoAxes, kFourButtons);
        tangle = straightTangle("Late Stick");
    }
    fly(tangle);
    StandIn stick("Late Stick", "usb-late", kTwoAxes, kFourButtons);
    const auto game = evtest(nodeOf("Jolly 1"));
    bool isHeard = false;
    for (int i = 0; i < 200 && !isHeard; ++i) {  // until the folder was looked at
        stick.move(ABS_X, 12345 + i);
        isHeard = game->prints("code 0 (ABS_X), value 12", 0.3);
    }
    EXPECT_TRUE(isHeard) << game->text();
}

TEST_F(KernelFlight, EvtestSeesTheLayoutAndTheTrueValues)
{
    StandIn stick("Test Stick", "usb-a", {{ABS_X, -32768, 32767, -20000}, {ABS_Y, 0, 1023, 0}},
                  kFourButtons);
    fly(straightTangle("Test Stick"));
    const auto game = evtest(nodeOf("Jolly 1"));
    EXPECT_THAT(game->text(), HasSubstr("bus 0x6 vendor 0x6a74 product 0x101 version 0x1"));
    EXPECT_THAT(game->text(), HasSubstr("Event code 0 (ABS_X)\n      Value -20000\n      Min   "
                                        "-32768\n      Max    32767\n    Event code 1"))
        << "exact range, no fuzz, no flat, true from the first moment";
    EXPECT_THAT(game->text(), HasSubstr("Event code 1 (ABS_Y)\n      Value -32768"));
    EXPECT_THAT(game->text(), HasSubstr("Event code 7 (ABS_RUDDER)"));
    EXPECT_THAT(game->text(), HasSubstr("Event code 16 (ABS_HAT0X)\n      Value      0\n      Min  "
                                        "     -1\n      Max        1"));
    EXPECT_THAT(game->text(), HasSubstr("Event code 719 (BTN_TRIGGER_HAPPY16)"));
    EXPECT_THAT(game->text(), Not(HasSubstr("Event code 720")));
}

TEST_F(KernelFlight, JstestAndSdlCountTheSameControls)
{
    StandIn stick("Test Stick", "usb-a", kTwoAxes, kFourButtons);
    fly(straightTangle("Test Stick"));
    Program sdl({std::string(JOLLY_BUILD_DIR) + "/tests/sdl_reader", "Jolly 1"});
    EXPECT_TRUE(sdl.prints("Jolly 1: 8 axes, 32 buttons, 1 hats, controller 0")) << sdl.text();
    stick.press(BTN_THUMB2);
    EXPECT_TRUE(sdl.prints("button 2 down")) << sdl.text();
    stick.release(BTN_THUMB2);
    EXPECT_TRUE(sdl.prints("button 2 up")) << sdl.text();
    stick.move(ABS_X, 30001);
    EXPECT_TRUE(sdl.prints("axis 0 30001")) << sdl.text();
    const auto node = nodeOf("Jolly 1");
    const auto folder = "/sys/class/input/" + node.substr(node.rfind('/') + 1) + "/device";
    Program jstest({"sh", "-c",
                    "timeout 3 jstest --event /dev/input/$(basename $(ls -d " + folder + "/js*))"});
    EXPECT_TRUE(jstest.prints("has 10 axes (X, Y, Z, Rx, Ry, Rz, Throttle, Rudder, Hat0X, Hat0Y)"))
        << jstest.text();
    EXPECT_TRUE(jstest.prints("and 32 buttons")) << jstest.text();
}

TEST_F(KernelFlight, ValuesArriveToTheLastCountAndInOrder)
{
    StandIn stick("Test Stick", "usb-a", kTwoAxes, kFourButtons);
    fly(straightTangle("Test Stick"));
    const auto game = evtest(nodeOf("Jolly 1"));
    std::vector<int> values;
    for (int value = -32768; value <= 32767; value += 257) values.push_back(value);
    for (const int value : values) {
        stick.move(ABS_X, value);
        pause(0.002);
    }
    ASSERT_TRUE(game->prints("value " + std::to_string(values.back())));
    std::size_t at = 0;
    for (const int value : values) {
        at = game->text().find("code 0 (ABS_X), value " + std::to_string(value) + "\n", at);
        ASSERT_NE(at, std::string::npos) << value;
    }
}

TEST_F(KernelFlight, AHeldControllerIsSilentForEveryoneElseUntilStandDown)
{
    StandIn stick("Test Stick", "usb-a", kTwoAxes, kFourButtons);
    fly(straightTangle("Test Stick"));
    const auto other = evtest(nodeOf("Test Stick"));
    other->forget();
    stick.move(ABS_X, 5000);
    stick.press(BTN_TRIGGER);
    stick.release(BTN_TRIGGER);
    other->listen(0.5);
    EXPECT_THAT(other->text(), Not(HasSubstr("value")));
    engine->signal(SIGTERM);
    EXPECT_EQ(engine->end(), 0);
    stick.move(ABS_X, 6000);
    EXPECT_TRUE(other->prints("value 6000")) << other->text();
    EXPECT_FALSE(isThere("Jolly 1"));
}

/// The kernel's filter of the HID stand-in's first axis: fuzz and flat.
std::pair<int, int> fuzzOf()
{
    const UniqueFd node(::open(nodeOf("Test HID Stick").c_str(), O_RDONLY));
    input_absinfo info{};
    EXPECT_EQ(ioctl(node.get(), EVIOCGABS(ABS_X), &info), 0);
    return {info.fuzz, info.flat};
}

TEST_F(KernelFlight, AHidJoystickKeepsEveryCountWhileHeldAndItsFiltersAfterwards)
{
    HidStandIn stick("Test HID Stick");
    stick.report({0, 0}, 0, {});
    EXPECT_EQ(fuzzOf(), std::pair(255, 4095)) << "as the kernel's HID driver sets them";
    fly(straightTangle("Test HID Stick"));
    EXPECT_EQ(fuzzOf(), std::pair(0, 0));
    const auto game = evtest(nodeOf("Jolly 1"));
    for (const int value : {100, 101, 103, 100}) {
        stick.report({value}, 3, {1, 20});
        EXPECT_TRUE(game->prints("code 0 (ABS_X), value " + std::to_string(value))) << value << "\n"
                                                                                    << game->text();
        game->forget();
        pause(0.02);
    }
    stick.report({100}, 0, {20});
    EXPECT_TRUE(game->prints("code 288 (BTN_TRIGGER), value 0")) << game->text();
    EXPECT_TRUE(game->prints("code 16 (ABS_HAT0X), value 0")) << game->text();
    engine->signal(SIGTERM);
    engine->end();
    EXPECT_EQ(fuzzOf(), std::pair(255, 4095));
}

TEST_F(KernelFlight, KillingTheEngineGivesEverythingBackAtOnce)
{
    StandIn stick("Test Stick", "usb-a", kTwoAxes, kFourButtons);
    fly(straightTangle("Test Stick"));
    Program sdl({std::string(JOLLY_BUILD_DIR) + "/tests/sdl_reader", "Jolly 1"});
    ASSERT_TRUE(sdl.prints("controller 0"));
    const auto other = evtest(nodeOf("Test Stick"));
    stick.press(BTN_TRIGGER);
    EXPECT_TRUE(sdl.prints("button 0 down"));
    engine->signal(SIGKILL);
    EXPECT_EQ(engine->end(), -1);
    EXPECT_TRUE(sdl.prints("removed")) << sdl.text();
    EXPECT_THAT(sdl.text(), HasSubstr("button 0 up")) << "nothing stays pressed in the game";
    EXPECT_FALSE(isThere("Jolly 1"));
    stick.release(BTN_TRIGGER);
    EXPECT_TRUE(other->prints("code 288 (BTN_TRIGGER), value 0")) << "the stick is heard again";
}

TEST_F(KernelFlight, StandingDownReleasesBeforeTheDeviceGoes)
{
    StandIn stick("Test Stick", "usb-a", kTwoAxes, kFourButtons);
    fly(straightTangle("Test Stick"));
    const auto game = evtest(nodeOf("Jolly 1"));
    stick.press(BTN_TRIGGER);
    stick.move(ABS_X, 9999);
    EXPECT_TRUE(game->prints("value 9999"));
    game->forget();
    engine->signal(SIGTERM);
    EXPECT_EQ(engine->end(), 0);
    EXPECT_TRUE(game->prints("code 288 (BTN_TRIGGER), value 0")) << game->text();
    EXPECT_TRUE(game->prints("code 0 (ABS_X), value 0")) << game->text();
}

TEST_F(KernelFlight, UnpluggingWhilePressedReleasesAndPluggingInAgainGoesOn)
{
    auto stick = std::make_unique<StandIn>("Test Stick", "usb-a", kTwoAxes, kFourButtons);
    fly(straightTangle("Test Stick"));
    const auto game = evtest(nodeOf("Jolly 1"));
    stick->press(BTN_TRIGGER);
    stick->move(ABS_X, 20000);
    EXPECT_TRUE(game->prints("value 20000"));
    game->forget();
    stick->unplug();
    EXPECT_TRUE(game->prints("code 288 (BTN_TRIGGER), value 0")) << game->text();
    EXPECT_TRUE(game->prints("code 0 (ABS_X), value 0")) << game->text();
    stick = std::make_unique<StandIn>(
        "Test Stick", "usb-a",
        std::vector<StandIn::Axis>{{ABS_X, -32768, 32767, 777}, {ABS_Y, 0, 1023, 512}},
        kFourButtons);
    EXPECT_TRUE(game->prints("code 0 (ABS_X), value 777")) << "true again after it returned\n"
                                                           << game->text();
    stick->move(ABS_X, -3);
    EXPECT_TRUE(game->prints("code 0 (ABS_X), value -3"));
}

TEST_F(KernelFlight, AControllerThatAnotherProgramHoldsIsNamedAndTakenWhenItIsFree)
{
    StandIn stick("Test Stick", "usb-a", kTwoAxes, kFourButtons);
    const auto tangle = straightTangle("Test Stick");
    auto thief = std::make_unique<Program>(
        std::vector<std::string>{"evtest", "--grab", nodeOf("Test Stick")});
    ASSERT_TRUE(thief->prints("Testing ..."));
    fly(tangle);
    EXPECT_TRUE(engine->prints("Another program holds Test Stick")) << engine->text();
    thief.reset();
    pause(2.5);
    const auto other = evtest(nodeOf("Test Stick"));
    other->forget();
    stick.move(ABS_X, 4321);
    other->listen(0.4);
    EXPECT_THAT(other->text(), Not(HasSubstr("value"))) << "held now";
}

TEST_F(KernelFlight, AfterTheKernelLostEventsTheTruthIsFetched)
{
    StandIn stick("Test Stick", "usb-a", kTwoAxes, kFourButtons);
    fly(straightTangle("Test Stick"));
    const auto game = evtest(nodeOf("Jolly 1"));
    stick.press(BTN_THUMB);
    ASSERT_TRUE(game->prints("code 289 (BTN_THUMB), value 1"));
    engine->signal(SIGSTOP);
    for (int i = 0; i < 500; ++i) stick.move(ABS_X, i);
    stick.release(BTN_THUMB);
    for (int i = 0; i < 500; ++i) stick.move(ABS_X, -i);
    engine->signal(SIGCONT);
    EXPECT_TRUE(game->prints("code 289 (BTN_THUMB), value 0")) << game->text();
    EXPECT_TRUE(game->prints("code 0 (ABS_X), value -499")) << game->text();
}

TEST_F(KernelFlight, AReaderIsNudgedSoThatItShowsTheTruth)
{
    StandIn stick("Test Stick", "usb-a", {{ABS_X, -32768, 32767, 5000}, {ABS_Y, 0, 1023, 512}},
                  kFourButtons);
    fly(straightTangle("Test Stick"));
    pause(4.0);
    const auto game = evtest(nodeOf("Jolly 1"));
    EXPECT_TRUE(game->prints("code 7 (ABS_RUDDER), value 0")) << game->text();
    const auto text = game->text();
    for (const auto* axis : {"code 1 (ABS_Y)", "code 2 (ABS_Z)", "code 3 (ABS_RX)",
                             "code 4 (ABS_RY)", "code 5 (ABS_RZ)", "code 6 (ABS_THROTTLE)"}) {
        EXPECT_THAT(text, HasSubstr(axis)) << "some readers show each axis after its own report";
    }
    EXPECT_THAT(text, HasSubstr("code 0 (ABS_X), value 5001"));
    EXPECT_THAT(text, HasSubstr("code 0 (ABS_X), value 5000"));
}

TEST_F(KernelFlight, WhatAKilledEngineClearedIsGivenBackByTheNextProgram)
{
    HidStandIn stick("Test HID Stick");
    stick.report({0, 0}, 0, {});
    const auto tangle = straightTangle("Test HID Stick");
    for (const bool fliesAgain : {false, true}) {
        fly(tangle);
        EXPECT_EQ(fuzzOf(), std::pair(0, 0));
        Program looker({kPrograms + "tangle", "devices"});
        EXPECT_EQ(looker.end(), 0);
        EXPECT_EQ(fuzzOf(), std::pair(0, 0)) << "who only looks leaves a live engine's alone";
        engine->signal(SIGKILL);
        engine->end();
        for (int i = 0; i < 500 && isThere("Jolly 1"); ++i) pause(0.02);
        EXPECT_EQ(fuzzOf(), std::pair(0, 0)) << "else the test shows nothing";
        if (fliesAgain) {
            fly(tangle);
            engine->signal(SIGTERM);
            engine->end();
        } else {
            Program next({kPrograms + "tangle", "devices"});
            EXPECT_EQ(next.end(), 0);
        }
        EXPECT_EQ(fuzzOf(), std::pair(255, 4095));
    }
}

TEST_F(KernelFlight, TheEndOfItsTerminalStandsDown)
{
    StandIn stick("Test Stick", "usb-a", kTwoAxes, kFourButtons);
    fly(straightTangle("Test Stick"));
    const auto game = evtest(nodeOf("Jolly 1"));
    stick.move(ABS_X, 20000);
    EXPECT_TRUE(game->prints("code 0 (ABS_X), value 20000")) << game->text();
    engine->signal(SIGHUP);
    EXPECT_TRUE(game->prints("code 0 (ABS_X), value 0\n")) << game->text();
    EXPECT_EQ(engine->end(), 0);
}

TEST_F(KernelFlight, FastUnpluggingSaysNothingThatAPilotCannotUse)
{
    const auto plug = [] {
        return std::make_unique<StandIn>("Test Stick", "usb-a", kTwoAxes, kFourButtons);
    };
    auto stick = plug();
    fly(straightTangle("Test Stick"));
    for (int i = 0; i < 40; ++i) {
        stick.reset();
        stick = plug();
        if (i % 4 == 0) settleUdev();
        for (int count = 0; count < 20; ++count) stick->move(ABS_X, 100 + i + count);
    }
    const auto game = evtest(nodeOf("Jolly 1"));
    for (int i = 0; i < 100 && !game->prints("(ABS_X), value 4", 0.1); ++i)
        stick->move(ABS_X, 4000 + i);
    EXPECT_THAT(game->text(), HasSubstr("(ABS_X), value 4")) << engine->text();
    EXPECT_THAT(engine->text(), Not(HasSubstr("drain")));
    EXPECT_THAT(engine->text(), Not(HasSubstr("cannot be held")));
    EXPECT_THAT(engine->text(), Not(HasSubstr("libevdev")));
}

TEST_F(KernelFlight, OurOwnDevicesAreNeverTakenForControllers)
{
    StandIn stick("Test Stick", "usb-a", kTwoAxes, kFourButtons);
    fly(straightTangle("Test Stick"));
    Program devices({kPrograms + "tangle", "devices"});
    EXPECT_EQ(devices.end(), 0);
    EXPECT_THAT(devices.text(), HasSubstr("Test Stick"));
    EXPECT_THAT(devices.text(), Not(HasSubstr("Jolly 1")));
}

TEST_F(KernelFlight, ADeviceOfSeveralNodesIsOneController)
{
    HidStandIn stick("Test HID Stick", HidStandIn::Parts::StickAndPanel);
    const auto whole = look("Test HID Stick", 8 + 80 + 1 + 8);
    EXPECT_EQ(whole.driver, "hid-generic");
    EXPECT_EQ(whole.nodes.size(), 2U);
    EXPECT_THAT(whole.controls, Contains(Field(&ControlDescription::code,
                                               ControlCode{EventType::Key, BTN_GAMEPAD, 1})));
    auto tangle = newTangle();
    tangle.devices[0].name = "Jolly 1";
    const auto rig = adopt(whole, tangle);
    for (const ControlCode code : {ControlCode{EventType::Key, BTN_TRIGGER, 0},
                                   ControlCode{EventType::Key, BTN_GAMEPAD, 1}}) {
        ASSERT_TRUE(connect(tangle, rig, code, *nextFree(tangle, ControlKind::Button)));
    }
    fly(tangle);
    const auto game = evtest(nodeOf("Jolly 1"));
    stick.report({}, 0, {1});
    EXPECT_TRUE(game->prints("code 288 (BTN_TRIGGER), value 1")) << game->text();
    stick.reportPanel(1);
    EXPECT_TRUE(game->prints("code 289 (BTN_THUMB), value 1")) << game->text();
    stick.reportPanel(0);
    EXPECT_TRUE(game->prints("code 289 (BTN_THUMB), value 0")) << game->text();
}

TEST_F(KernelFlight, KeyboardsAndPointersCountOnlyWhenAllowed)
{
    std::vector<int> keys;
    for (int key = KEY_ESC; key <= KEY_S; ++key) keys.push_back(key);
    StandIn keyboard("Test Keys", "usb-k", {}, keys);
    StandIn pointer("Test Pointer", "usb-p", {}, {BTN_LEFT}, {REL_X, REL_Y});
    Program without({kPrograms + "tangle", "devices"});
    EXPECT_EQ(without.end(), 0) << without.text();
    EXPECT_THAT(without.text(), Not(HasSubstr("Test ")));
    Program with({kPrograms + "tangle", "devices", "--keyboards"});
    EXPECT_EQ(with.end(), 0) << with.text();
    EXPECT_THAT(with.text(), HasSubstr("0 axes, 31 buttons, 0 hats, 0 turners"));
    EXPECT_THAT(with.text(), HasSubstr("0 axes, 1 buttons, 0 hats, 2 turners"));
    fly(straightTangle("Test Keys"), {"--keyboards"});
    const auto game = evtest(nodeOf("Jolly 1"));
    const auto desk = evtest(nodeOf("Test Keys"));
    keyboard.press(KEY_ESC);
    EXPECT_TRUE(game->prints("code 288 (BTN_TRIGGER), value 1")) << game->text();
    EXPECT_TRUE(desk->prints("code 1 (KEY_ESC), value 1")) << "the desk still has its keyboard";
    keyboard.release(KEY_ESC);
    EXPECT_TRUE(game->prints("code 288 (BTN_TRIGGER), value 0")) << game->text();
}

TEST_F(KernelFlight, OnlyControllersThatMayNotBeReadAreToldOf)
{
    StandIn pointer("Test Pointer", "usb-p", {}, {BTN_LEFT}, {REL_X, REL_Y});
    StandIn stick("Test Stick", "usb-a", kTwoAxes, kFourButtons);
    Program blind({"setpriv", "--reuid=65534", "--clear-groups", kPrograms + "tangle", "devices"});
    EXPECT_EQ(blind.end(), 3) << blind.text();
    EXPECT_THAT(blind.text(), HasSubstr("Test Stick is there, but you may not read it"));
    EXPECT_THAT(blind.text(), Not(HasSubstr("Test Pointer")));
    Program watch({"setpriv", "--reuid=65534", "--clear-groups", kPrograms + "tangle", "watch"});
    EXPECT_TRUE(watch.prints("Test Stick is there, but you may not read it")) << watch.text();
    Program permit({"chmod", "a+r", nodeOf("Test Stick")});
    EXPECT_EQ(permit.end(), 0);
    for (int i = 0; i < 10; ++i) {
        stick.move(ABS_X, i % 2 == 0 ? 30000 : -30000);
        pause(0.5);
    }
    EXPECT_TRUE(watch.prints("ABS_X  30000")) << watch.text();
}

TEST_F(KernelFlight, WithoutPermissionTheSentenceNamesTheCure)
{
    StandIn stick("Test Stick", "usb-a", kTwoAxes, kFourButtons);
    const auto file = write(straightTangle("Test Stick"));
    Program refused(
        {"setpriv", "--reuid=65534", "--clear-groups", kPrograms + "tangle", "run", file});
    EXPECT_EQ(refused.end(), 3) << refused.text();
    EXPECT_THAT(refused.text(), HasSubstr("You may not write to /dev/uinput, so no virtual device "
                                          "can be made. Install the udev rules"));
}

TEST_F(KernelFlight, TheWindowCanBeKilledWithoutAnythingMovingForTheGame)
{
    StandIn stick("Test Stick", "usb-a", kTwoAxes, kFourButtons);
    const auto file = write(straightTangle("Test Stick"));
    Program window({kPrograms + "jolly-tangle", file, "--live"});
    const auto node = nodeOf("Jolly 1");
    window.listen(0.1);
    ASSERT_FALSE(node.empty()) << window.text();
    const auto game = evtest(node);
    stick.press(BTN_TRIGGER);
    EXPECT_TRUE(game->prints("code 288 (BTN_TRIGGER), value 1"));
    game->listen(4.0);  // a new reader is nudged twice within three seconds
    game->forget();
    window.signal(SIGKILL);
    EXPECT_EQ(window.end(), -1);
    game->listen(1.0);
    EXPECT_THAT(game->text(), Not(HasSubstr("value"))) << "no virtual control moved";
    stick.move(ABS_X, 1234);
    EXPECT_TRUE(game->prints("code 0 (ABS_X), value 1234")) << "and the flight goes on";
    Program down({kPrograms + "tangle", "down", "--quit"});
    EXPECT_EQ(down.end(), 0) << down.text();
    EXPECT_TRUE(game->prints("code 288 (BTN_TRIGGER), value 0"));
}

/// How often the engine's thread has allocated so far.
unsigned long allocationsIn(const std::string& file)
{
    unsigned long count = 0;
    std::ifstream(file, std::ios::binary).read(reinterpret_cast<char*>(&count), sizeof count);
    return count;
}

TEST_F(KernelFlight, TheRealProcessAllocatesNothingForAnEventNorForANudge)
{
    StandIn stick("Test Stick", "usb-a", kTwoAxes, kFourButtons);
    const std::string counts = "/tmp/allocations";
    std::filesystem::remove(counts);
    engine = std::make_unique<Program>(std::vector<std::string>{
        "env", "LD_PRELOAD=" + std::string(JOLLY_BUILD_DIR) + "/tests/count_allocations.so",
        "JOLLY_COUNT_FILE=" + counts, kPrograms + "tangle", "run",
        write(straightTangle("Test Stick"))});
    ASSERT_TRUE(engine->prints("Live.")) << engine->text();
    const auto node = nodeOf("Jolly 1");
    {
        const auto first = evtest(node);  // it is told of the device, and nudged for the first time
        pause(4.0);
    }
    const auto before = allocationsIn(counts);
    ASSERT_GT(before, 100UL) << "it counts";
    const auto game = evtest(node);
    for (int i = 1; i <= 5000; ++i) {
        stick.move(ABS_X, i * 6);
        stick.send(EV_KEY, BTN_TRIGGER, i % 2);
        if (i % 1000 != 0) continue;
        Program status({kPrograms + "tangle", "devices"});  // a client that asks for the status
        EXPECT_EQ(status.end(), 0) << status.text();
    }
    // The reader lags, and the kernel drops what it cannot keep for it: the last of the burst too.
    int end = 31'000;
    while (end < 31'030 && !game->prints("(ABS_X), value " + std::to_string(end), 1.0))
        stick.move(ABS_X, ++end);
    EXPECT_LT(end, 31'030) << game->text();
    pause(4.0);  // both nudges of the second reader
    EXPECT_EQ(allocationsIn(counts) - before, 0UL);
    engine->signal(SIGSTOP);  // the engine itself lags, and asks the kernel for what it missed
    for (int i = 1; i <= 500; ++i) stick.move(ABS_X, i);
    engine->signal(SIGCONT);
    EXPECT_TRUE(game->prints("(ABS_X), value 500")) << game->text();
    EXPECT_EQ(allocationsIn(counts) - before, 0UL) << "after a loss";
}

}  // namespace
}  // namespace jolly
