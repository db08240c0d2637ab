// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "cli/first_look.h"
#include "core/tangle/device_edit.h"
#include "core/tangle/edit.h"
#include "core/tangle/lookup.h"
#include "format/tangle_text.h"
#include "linux/event_node.h"
#include "linux/kernel_world.h"
#include "stand_in.h"
#include "support/program.h"

#include <gmock/gmock.h>

#include <filesystem>
#include <fstream>
#include <thread>

namespace jolly::test
{

inline const std::string kSdlReader = std::string(JOLLY_BUILD_DIR) + "/tests/sdl_reader";
inline const std::string kPrograms = std::string(JOLLY_BUILD_DIR) + "/bin/";
inline const std::vector<StandIn::Axis> kTwoAxes = {{ABS_X, -32768, 32767}, {ABS_Y, 0, 1023, 512}};
inline const std::vector<int> kFourButtons = {BTN_TRIGGER, BTN_THUMB, BTN_THUMB2, BTN_TOP};

/// What the stand-ins of this name are as controllers, when all their event nodes are there.
inline std::vector<ControllerDescription> lookAt(const std::string& name, std::size_t count,
                                                 std::size_t controls = 1)
{
    KernelWorld world(true);
    FirstLook seen;
    std::vector<ControllerDescription> found;
    for (const auto end = world.now() + std::chrono::seconds(60);
         world.now() < end && found.size() < count;) {
        world.wait(end, seen);
        found.clear();
        for (const auto& [handle, controller] : seen.controllers) {
            const auto& each = controller.description;
            if (each.identity.name == name && each.controls.size() >= controls)
                found.push_back(each);
        }
    }
    EXPECT_GE(found.size(), count) << name << " is not there";
    found.resize(count);
    return found;
}

inline ControllerDescription look(const std::string& name, std::size_t controls = 1)
{
    return lookAt(name, 1, controls).front();
}

/// A tangle for one stand-in: its axes to axes 1, 2 and so on one to one, its buttons to buttons 1,
/// 2 and so on, its first hat to hat 1.
inline Tangle straightTangle(const std::string& name)
{
    auto tangle = newTangle();
    tangle.devices[0].name = "Jolly 1";
    const auto rig = adopt(look(name), tangle);
    for (const auto& control : rig.controls) {
        if (const auto target = nextFree(tangle, control.kind))
            static_cast<void>(connect(tangle, rig, control.code, *target));
    }
    return tangle;
}

/// The old joystick node of a device, from its event node.
inline std::string jsOf(const std::string& node)
{
    const auto folder = "/sys/class/input/" + node.substr(node.rfind('/') + 1) + "/device";
    for (const auto& entry : std::filesystem::directory_iterator(folder)) {
        const auto name = entry.path().filename().string();
        if (name.starts_with("js")) return "/dev/input/" + name;
    }
    return {};
}

/// A command as the person at the screen runs it, who has no privileges and a session bus.
inline std::vector<std::string> asPilot(const std::vector<std::string>& command)
{
    std::vector<std::string> words = {"setpriv",
                                      "--reuid=1000",
                                      "--regid=1000",
                                      "--clear-groups",
                                      "env",
                                      "HOME=/tmp/pilot",
                                      "XDG_RUNTIME_DIR=/tmp/pilot",
                                      "DBUS_SESSION_BUS_ADDRESS=unix:path=/tmp/pilot/bus"};
    words.insert(words.end(), command.begin(), command.end());
    return words;
}

/// The engine on the real kernel, with a tangle of its own.
class Flight : public testing::Test
{
 protected:
    std::string write(const Tangle& tangle)
    {
        const auto file = "/tmp/flight-" + std::to_string(getpid()) + ".tangle";
        std::ofstream(file) << format::writeTangle(tangle);
        return file;
    }

    void fly(const Tangle& tangle, const std::vector<std::string>& options = {})
    {
        std::vector<std::string> words = {kPrograms + "tangle", "run", write(tangle)};
        words.insert(words.end(), options.begin(), options.end());
        engine = std::make_unique<Program>(words);
        ASSERT_TRUE(engine->prints("Live.")) << engine->text();
        ASSERT_FALSE(nodeOf("Jolly 1").empty());
    }

    void TearDown() override
    {
        if (!engine) return;
        engine->signal(SIGTERM);
        engine->end();
        engine.reset();
        for (int i = 0; i < 200 && isThere("Jolly 1"); ++i) pause(0.02);
    }

    static void pause(double seconds)
    {
        std::this_thread::sleep_for(std::chrono::duration<double>(seconds));
    }

    /// A program from Debian that reads an event node.
    static std::unique_ptr<Program> evtest(const std::string& node)
    {
        auto program = std::make_unique<Program>(std::vector<std::string>{"evtest", node});
        EXPECT_TRUE(program->prints("Testing ...")) << program->text();
        return program;
    }

    std::unique_ptr<Program> engine;
};

/// A flight of a person without privileges, who has a session bus.
class PilotFlight : public Flight
{
 protected:
    void SetUp() override
    {
        std::filesystem::remove("/tmp/pilot/bus");
        bus = std::make_unique<Program>(
            asPilot({"dbus-daemon", "--session", "--nofork", "--address=unix:path=/tmp/pilot/bus",
                     "--print-address"}));
        ASSERT_TRUE(bus->prints("unix:path")) << bus->text();
    }

    /// What a shell of that person prints.
    static std::string pilotsShell(const std::string& script)
    {
        Program shell(asPilot({"sh", "-c", script + "; echo over"}));
        EXPECT_TRUE(shell.prints("over\n", 30)) << shell.text();
        return shell.text();
    }

    std::unique_ptr<Program> bus;
    const std::string reader = std::string(JOLLY_BUILD_DIR) + "/tests/sdl_reader";
};

}  // namespace jolly::test
