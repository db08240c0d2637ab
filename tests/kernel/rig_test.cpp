// SPDX-License-Identifier: GPL-3.0-or-later
#include "flight.h"

#include <fcntl.h>
#include <libevdev/libevdev.h>
#include <sys/ioctl.h>

#include <chrono>
#include <iostream>

namespace jolly::test
{
namespace
{

using testing::HasSubstr;
using testing::Not;

constexpr ControlCode kAxisX{EventType::Abs, ABS_X, 0};

/// Recognising controllers on the real kernel.
class KernelRig : public Flight
{
 protected:
    /// A tangle for two alike sticks: X of the one that `isFirst` tells leads to axis 1, X of the
    /// other one to axis 2.
    static Tangle twinTangle(const std::string& name,
                             const std::function<bool(const Identity&)>& isFirst)
    {
        auto tangle = newTangle();
        tangle.devices[0].name = "Jolly 1";
        auto both = lookAt(name, 2);
        if (!isFirst(both[0].identity)) std::swap(both[0], both[1]);
        EXPECT_TRUE(isFirst(both[0].identity) && !isFirst(both[1].identity));
        for (std::uint16_t i = 0; i < 2; ++i) {
            const auto rig = adopt(both[i], tangle);
            EXPECT_TRUE(connect(
                tangle, rig, kAxisX,
                {tangle.devices[0].id, {ControlKind::Axis, static_cast<std::uint16_t>(i + 1)}}));
        }
        return tangle;
    }

    static std::pair<int, int> filterOf(const std::string& node)
    {
        const UniqueFd fd(::open(node.c_str(), O_RDONLY | O_CLOEXEC));
        input_absinfo info{};
        EXPECT_EQ(ioctl(fd.get(), EVIOCGABS(ABS_X), &info), 0);
        return {info.fuzz, info.flat};
    }
};

TEST_F(KernelRig, TwinsWithSerialsAreThemselvesOnEachOthersPort)
{
    const auto plug = [](const char* serial, const char* port) {
        return std::make_unique<HidStandIn>("Test Twin", HidStandIn::Parts::Stick, serial, port);
    };
    auto left = plug("LEFT", "usb-1/input0");
    auto right = plug("RIGHT", "usb-2/input0");
    fly(twinTangle("Test Twin", [](const Identity& id) { return id.uniq == "LEFT"; }));
    const auto game = evtest(nodeOf("Jolly 1"));
    left->report({8000}, 0, {});
    EXPECT_TRUE(game->prints("code 0 (ABS_X), value 8000")) << game->text();
    right->report({-9000}, 0, {});
    EXPECT_TRUE(game->prints("code 1 (ABS_Y), value -9000")) << game->text();
    left.reset();
    right.reset();
    EXPECT_TRUE(game->prints("code 1 (ABS_Y), value 0")) << game->text();
    right = plug("RIGHT", "usb-1/input0");  // in swapped order and on the other's port
    left = plug("LEFT", "usb-2/input0");
    lookAt("Test Twin", 2);
    game->forget();
    right->report({4000}, 0, {});
    EXPECT_TRUE(game->prints("code 1 (ABS_Y), value 4000")) << game->text();
    left->report({-5000}, 0, {});
    EXPECT_TRUE(game->prints("code 0 (ABS_X), value -5000")) << game->text();
}

TEST_F(KernelRig, TwinsWithoutSerialsAreToldApartByTheirPorts)
{
    const auto plug = [](const char* port) {
        return std::make_unique<StandIn>("Test Stick", port, kTwoAxes, kFourButtons);
    };
    auto one = plug("usb-a");
    auto other = plug("usb-b");
    fly(twinTangle("Test Stick", [](const Identity& id) { return id.phys == "usb-a"; }));
    const auto game = evtest(nodeOf("Jolly 1"));
    one->move(ABS_X, 8000);
    EXPECT_TRUE(game->prints("code 0 (ABS_X), value 8000")) << game->text();
    one.reset();
    other.reset();
    other = plug("usb-b");  // in swapped order
    one = plug("usb-a");
    lookAt("Test Stick", 2);
    game->forget();
    other->move(ABS_X, 7000);
    EXPECT_TRUE(game->prints("code 1 (ABS_Y), value 7000")) << game->text();
    one->move(ABS_X, -6000);
    EXPECT_TRUE(game->prints("code 0 (ABS_X), value -6000")) << game->text();
}

TEST_F(KernelRig, AControllerThatComesLateIsTakenUpWithoutAnyAction)
{
    auto stick = std::make_unique<StandIn>("Test Stick", "usb-a", kTwoAxes, kFourButtons);
    const auto tangle = straightTangle("Test Stick");
    stick.reset();
    for (int i = 0; i < 100 && isThere("Test Stick"); ++i) pause(0.02);
    fly(tangle);
    const auto game = evtest(nodeOf("Jolly 1"));
    const auto before = std::chrono::steady_clock::now();
    stick = std::make_unique<StandIn>(
        "Test Stick", "usb-z",
        std::vector<StandIn::Axis>{{ABS_X, -32768, 32767, 4321}, {ABS_Y, 0, 1023, 512}},
        kFourButtons);
    EXPECT_TRUE(game->prints("code 0 (ABS_X), value 4321")) << "true at once, on another port\n"
                                                            << game->text();
    const std::chrono::duration<double> took = std::chrono::steady_clock::now() - before;
    std::cout << "from plugging in to the game: " << took.count() << " s" << std::endl;
    stick->move(ABS_X, 99);
    EXPECT_TRUE(game->prints("code 0 (ABS_X), value 99")) << game->text();
}

TEST_F(KernelRig, TheKernelsOwnBendIsOffForAStraightControllerAndPutBack)
{
    HidStandIn stick("Test HID Stick");
    auto tangle = straightTangle("Test HID Stick");
    tangle.rig[0].hiding = Hiding::None;
    tangle.rig[0].isStraight = true;
    const auto node = nodeOf("Test HID Stick");
    const auto bent = filterOf(node);
    EXPECT_GT(bent.first, 0) << "as the kernel's HID driver sets it";
    fly(tangle);
    for (int i = 0; i < 100 && filterOf(node).first != 0; ++i) pause(0.05);
    EXPECT_EQ(filterOf(node), std::pair(0, 0)) << "off, although it is not held";
    engine->signal(SIGTERM);
    EXPECT_EQ(engine->end(), 0);
    EXPECT_EQ(filterOf(node), bent);
}

TEST_F(KernelRig, AnImpossibleRangeIsFlownAsFarAsItGoes)
{
    StandIn board("Test Board", "usb-a", {{ABS_X, 5, 5}, {ABS_Y, 0, 1023, 512}}, kFourButtons);
    fly(straightTangle("Test Board"));
    const auto game = evtest(nodeOf("Jolly 1"));
    board.move(ABS_X, 900);
    EXPECT_TRUE(game->prints("code 0 (ABS_X), value 32767")) << game->text();
    board.move(ABS_X, -900);
    EXPECT_TRUE(game->prints("code 0 (ABS_X), value -32768")) << game->text();
    Program devices({kPrograms + "tangle", "devices", "--json"});
    EXPECT_EQ(devices.end(), 0);
    EXPECT_THAT(devices.text(), HasSubstr("\"hold\": \"held\""))
        << "as the engine that runs has it";
}

}  // namespace
}  // namespace jolly::test
