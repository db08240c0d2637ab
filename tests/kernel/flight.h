// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "core/tangle/edit.h"
#include "core/tangle/lookup.h"
#include "format/tangle_text.h"
#include "linux/event_node.h"
#include "stand_in.h"
#include "support/program.h"

#include <gmock/gmock.h>

#include <fstream>
#include <thread>

namespace jolly::test
{

inline const std::string kPrograms = std::string(JOLLY_BUILD_DIR) + "/bin/";
inline const std::vector<StandIn::Axis> kTwoAxes = {{ABS_X, -32768, 32767}, {ABS_Y, 0, 1023, 512}};
inline const std::vector<int> kFourButtons = {BTN_TRIGGER, BTN_THUMB, BTN_THUMB2, BTN_TOP};

/// A tangle for one stand-in: X and Y to axes 1 and 2 one to one, its first buttons to buttons 1, 2
/// and so on, its first hat to hat 1.
inline Tangle straightTangle(const std::string& name)
{
    auto tangle = newTangle();
    tangle.devices[0].name = "Jolly 1";
    const auto node = EventNode::open(nodeOf(name));
    if (!node) return tangle;
    const ControllerDescription description{(*node)->identity(), ControllerKind::Stick,
                                            (*node)->controls(0)};
    const auto rig = adopt(description, tangle);
    for (const auto& control : rig.controls) {
        if (const auto target = nextFree(tangle, control.kind))
            static_cast<void>(connect(tangle, rig, control.code, *target));
    }
    return tangle;
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

    void fly(const Tangle& tangle)
    {
        engine = std::make_unique<Program>(std::vector<std::string>{
            kPrograms + "tangle", "run", write(tangle), "--world", "kernel"});
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

}  // namespace jolly::test
