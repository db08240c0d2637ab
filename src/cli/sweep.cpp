// SPDX-License-Identifier: GPL-3.0-or-later
#include "cli/with_engine.h"
#include "core/tangle/lookup.h"
#include "core/tangle/told.h"
#include "core/tangle/virtual_layout.h"
#include "format/tangle_text.h"

#include <csignal>
#include <iostream>
#include <memory>
#include <thread>

namespace jolly
{

namespace
{

struct SweepOptions {
    std::string device;
    std::vector<std::string> controls;
    std::string way = "up";
    double after = 0.0;
};

volatile std::sig_atomic_t g_isEnded = 0;

Result<std::vector<VirtualSlot>> slotsOf(const VirtualDevice& device,
                                         const std::vector<std::string>& controls)
{
    std::vector<VirtualSlot> slots;
    const auto layout = layoutOf(device);
    for (const auto& name : controls) {
        const auto found = std::ranges::find_if(layout, [&](const VirtualSlot& slot) {
            return name == toText(slot.control) || name == nameOf(device, slot.control);
        });
        if (found == layout.end())
            return fail(
                Failure::Code::NotThere, device.name + " has no control \"" + name + "\".",
                words("Name one such as \"axis 1\" or \"button 1\"; \"tangle map\" lists them."));
        slots.push_back(*found);
    }
    return slots;
}

/// Waits, letting the engine know that somebody is there. @return false when it was stopped.
bool waitFor(EngineLink& engine, Time length)
{
    constexpr auto kOften = std::chrono::milliseconds(500);
    const auto end = std::chrono::steady_clock::now() + length;
    while (g_isEnded == 0) {
        const auto left = end - std::chrono::steady_clock::now();
        if (left <= Time{}) return true;
        if (!engine.keepHand()) return false;
        std::this_thread::sleep_for(std::min<Time>(left, kOften));
    }
    return false;
}

Fallible sweepIt(EngineLink& engine, const SweepOptions& options)
{
    const auto text = engine.tangle();
    if (!text) return tl::unexpected(text.error());
    const auto tangle = format::readTangle(*text).tangle;
    const auto* device = findNamed(tangle.devices, options.device);
    if (!device)
        return fail(Failure::Code::NotThere,
                    say("There is no virtual device \"%1\".", options.device),
                    say("Name one of: %1.",
                        listed(tangle.devices, [](const VirtualDevice& d) { return d.name; })));
    const auto slots = slotsOf(*device, options.controls);
    if (!slots) return tl::unexpected(slots.error());
    std::vector<Target> places;
    for (const auto& slot : *slots) places.push_back({device->id, slot.control});
    if (auto done = engine.learn(places); !done) return done;
    const auto way = sweepWayNamed(options.way).value_or(SweepWay::Up);
    std::cerr << "Nothing else reaches games now. Ctrl+C ends it." << std::endl;
    const auto after = std::chrono::round<Time>(std::chrono::duration<double>(options.after));
    auto done = Fallible();
    if (waitFor(engine, after)) {
        done = engine.sweep(way);
        const auto steps = sweepOf(*slots, way);
        constexpr Time kSlack = std::chrono::milliseconds(200);
        if (done && !steps.empty()) waitFor(engine, steps.back().at + kSlack);
    }
    if (auto ended = engine.learn({}); !ended) return ended;
    return done;
}

}  // namespace

void addSweep(CLI::App& app, ExitCode& code)
{
    auto options = std::make_shared<SweepOptions>();
    auto* command = app.add_subcommand(
        "sweep",
        "Moves one virtual control once, while all else keeps still, so that a sim that "
        "listens learns it");
    command->add_option("DEVICE", options->device, "Virtual device, by its name or id")->required();
    command
        ->add_option("CONTROL", options->controls,
                     "\"axis 1\", \"button 3\", \"hat 1\"; several keys are pressed together")
        ->required();
    command->add_option("--way", options->way, "Of a hat: up, right, down or left")
        ->check(CLI::IsMember({"up", "right", "down", "left"}));
    command->add_option("--after", options->after, "Wait so many seconds before it")
        ->check(CLI::Range(0.0, 3600.0));
    command->callback([options, &code] {
        std::signal(SIGINT, [](int) { g_isEnded = 1; });
        code = withEngine([&](EngineLink& engine) { return sweepIt(engine, *options); });
    });
}

}  // namespace jolly
