// SPDX-License-Identifier: GPL-3.0-or-later
#include "cli/first_look.h"
#include "cli/open_world.h"
#include "control/engine_client.h"
#include "control/status_json.h"

#include <iostream>

namespace jolly
{

namespace
{

/// How long a world may take to tell why nothing is there.
constexpr Time kLook = std::chrono::seconds(3);
constexpr Time kShortLook = std::chrono::milliseconds(300);

std::size_t countOf(const ControllerDescription& d, ControlKind kind)
{
    return static_cast<std::size_t>(
        std::ranges::count(d.controls, kind, &ControlDescription::kind));
}

/// What the engine that runs, if one does, does with these controllers: it holds them against
/// games.
void askEngine(std::vector<PresentController>& controllers)
{
    const auto engine = EngineClient::connect();
    const auto status = engine ? (*engine)->status() : Result<EngineStatus>();
    if (!engine || !status) return;
    for (auto& controller : controllers) {
        const auto known =
            std::ranges::find_if(status->controllers, [&](const PresentController& each) {
                return each.description.nodes == controller.description.nodes &&
                       each.description.identity == controller.description.identity;
            });
        if (known == status->controllers.end()) continue;
        controller.hold = known->hold;
        controller.rig = known->rig;
    }
}

void print(const PresentController& controller)
{
    const auto& d = controller.description;
    std::cout << d.identity.name << "\n  port "
              << (d.identity.phys.empty() ? "unknown" : d.identity.phys);
    if (!d.identity.uniq.empty()) std::cout << ", serial " << d.identity.uniq;
    if (!d.driver.empty()) std::cout << ", driver " << d.driver;
    for (const auto& node : d.nodes) std::cout << ", " << node;
    std::cout << "\n  " << countOf(d, ControlKind::Axis) << " axes, "
              << countOf(d, ControlKind::Button) << " buttons, " << countOf(d, ControlKind::Hat)
              << " hats, " << countOf(d, ControlKind::Turner) << " turners"
              << (controller.hold == Hold::Held ? "; held: games list it, but do not hear it" : "")
              << "\n ";
    for (const auto& control : d.controls) {
        std::cout << " " << toText(control.code);
        if (control.kind == ControlKind::Axis)
            std::cout << "[" << control.low << ".." << control.high
                      << (control.isFiltered() ? ", bent by the kernel" : "") << "]";
    }
    std::cout << "\n";
}

ExitCode list(const WorldChoice& choice, bool wantsJson)
{
    const auto world = choice.open();
    if (!world) {
        complain(world.error());
        return codeOf(world.error());
    }
    FirstLook look;
    const auto lookUntil = [&](Time end, auto isDone) {
        while ((*world)->now() < end && !isDone()) (*world)->wait(end, look);
    };
    lookUntil((*world)->now() + kShortLook, [] { return false; });
    lookUntil((*world)->now() + kLook,
              [&] { return !look.controllers.empty() || !look.troubles.empty(); });
    EngineStatus status;
    for (const auto& [handle, seen] : look.controllers)
        status.controllers.push_back({.description = seen.description});
    for (const auto& [path, problem] : look.troubles) status.troubles.push_back(problem);
    if (choice.isKernel()) askEngine(status.controllers);
    if (wantsJson) {
        std::cout << statusToJson(status) << std::endl;
        return ExitCode::Fine;
    }
    for (const auto& controller : status.controllers) print(controller);
    complain(status.troubles, "tangle");
    if (status.controllers.empty())
        std::cout << "No controller is there that you may read. See docs/permissions.md.\n";
    return status.controllers.empty() && !status.troubles.empty() ? ExitCode::WorldRefuses
                                                                  : ExitCode::Fine;
}

}  // namespace

void addDevices(CLI::App& app, ExitCode& code)
{
    struct Options {
        WorldChoice world;
        bool wantsJson = false;
    };
    auto options = std::make_shared<Options>();
    auto* command =
        app.add_subcommand("devices", "Lists the controllers that are there, and their controls");
    options->world.addTo(*command);
    command->add_flag("--json", options->wantsJson, "As JSON, with everything there is to know");
    command->callback([options, &code] { code = list(options->world, options->wantsJson); });
}

}  // namespace jolly
