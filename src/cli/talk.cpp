// SPDX-License-Identifier: GPL-3.0-or-later
#include "cli/with_engine.h"
#include "control/status_json.h"
#include "core/tangle/told.h"
#include "format/tangle_text.h"

#include <nlohmann/json.hpp>

#include <iostream>

/// The commands that talk to a running engine: status, live, down.
namespace jolly
{

namespace
{

const char* wordFor(Hold hold)
{
    switch (hold) {
        case Hold::Held:
            return "held";
        case Hold::Waiting:
            return "waits to be held";
        case Hold::Free:
            return "games hear it";
    }
    return "";
}

void print(const EngineStatus& status)
{
    std::cout << "\"" << status.tangle << "\" is " << (status.isLive ? "live" : "idle") << ".\n";
    for (const auto& c : status.controllers) {
        std::cout << "  " << c.description.identity.name << ": "
                  << (c.rig < 0 ? "not in the tangle, " : "") << wordFor(c.hold) << "\n";
    }
    for (const auto& d : status.devices)
        std::cout << "  " << d.id << ": " << (d.isThere ? "games see it" : "not made") << "\n";
}

/// The craft that is flown, and the layers that are engaged above Base, by their ids.
struct Meanings {
    std::string craft;
    std::vector<std::string> layers;
};

Result<Meanings> meaningsOf(EngineLink& engine)
{
    const auto text = engine.tangle();
    if (!text) return tl::unexpected(text.error());
    const auto view = engine.values();
    if (!view) return tl::unexpected(view.error());
    const auto tangle = format::readTangle(*text).tangle;
    LiveSnapshot now;
    static_cast<void>(view->read(0, now));
    Meanings meanings;
    if (now.craft < tangle.craft.size()) meanings.craft = tangle.craft[now.craft].id;
    for (std::size_t layer = 1; layer < std::min<std::size_t>(tangle.layers.size(), 64); ++layer) {
        if (((now.layers >> layer) & 1U) != 0) meanings.layers.push_back(tangle.layers[layer].id);
    }
    return meanings;
}

Fallible tellStatus(EngineLink& engine, bool wantsJson)
{
    const auto status = engine.status();
    if (!status) return tl::unexpected(status.error());
    const auto meanings = meaningsOf(engine);
    if (!meanings) return tl::unexpected(meanings.error());
    if (wantsJson) {
        auto json = nlohmann::ordered_json::parse(statusToJson(*status));
        json["craft"] = meanings->craft;
        json["engaged"] = meanings->layers;
        std::cout << json.dump(2) << std::endl;
        return {};
    }
    print(*status);
    std::cout << "  craft: " << meanings->craft << "; engaged: "
              << (meanings->layers.empty() ? words("Base alone")
                                           : listed(meanings->layers, std::identity()))
              << "\n";
    const auto problems = engine.problems();
    if (!problems) return tl::unexpected(problems.error());
    for (const auto& problem : *problems)
        std::cout << "  " << problem.sentence << " " << problem.cure << "\n";
    return {};
}

}  // namespace

void addStatus(CLI::App& app, ExitCode& code)
{
    auto wantsJson = std::make_shared<bool>(false);
    auto* command = app.add_subcommand("status", "Says what the running engine is doing");
    command->add_flag("--json", *wantsJson, "As JSON");
    command->callback([wantsJson, &code] {
        code = withEngine([&](EngineLink& engine) { return tellStatus(engine, *wantsJson); });
    });
}

void addLive(CLI::App& app, ExitCode& code)
{
    auto* command = app.add_subcommand("live", "Makes the running engine go live");
    command->callback(
        [&code] { code = withEngine([](EngineLink& engine) { return engine.goLive(); }); });
}

void addLayer(CLI::App& app, ExitCode& code)
{
    auto name = std::make_shared<std::string>();
    auto* command = app.add_subcommand("layer", "Engages a layer by hand, or lets it go again");
    command->add_option("NAME", *name, "Its name or id")->required();
    command->callback([name, &code] {
        code = withEngine([&](EngineLink& engine) { return engine.flipLayer(*name); });
    });
}

void addCraft(CLI::App& app, ExitCode& code)
{
    auto name = std::make_shared<std::string>();
    auto* command = app.add_subcommand("craft", "Flies another craft of the tangle that runs");
    command->add_option("NAME", *name, "Its name or id")->required();
    command->callback([name, &code] {
        code = withEngine([&](EngineLink& engine) { return engine.chooseCraft(*name); });
    });
}

void addDown(CLI::App& app, ExitCode& code)
{
    auto quits = std::make_shared<bool>(false);
    auto* command = app.add_subcommand("down", "Makes the running engine stand down");
    command->add_flag("--quit", *quits, "End the engine, too");
    command->callback([quits, &code] {
        code = withEngine(
            [&](EngineLink& engine) { return *quits ? engine.quit() : engine.standDown(); });
    });
}

}  // namespace jolly
