// SPDX-License-Identifier: GPL-3.0-or-later
#include "control/preflight.h"

#include "cli/commands.h"
#include "cli/first_look.h"
#include "cli/open_world.h"
#include "cli/tangle_file.h"
#include "control/engine_client.h"
#include "control/status_json.h"
#include "core/tangle/matching.h"

#include <iostream>
#include <memory>

namespace jolly
{

namespace
{

struct PreflightOptions {
    WorldChoice world;
    std::string file;
    bool wantsJson = false;
};

/// What comes so soon counts as there; a busy machine may take longer to tell all there is.
constexpr Time kFirstLook = std::chrono::milliseconds(1500);
constexpr Time kLongestLook = std::chrono::minutes(1);
constexpr Time kGlance = std::chrono::milliseconds(100);

/// What is there, seen without an engine.
EngineStatus lookAround(World& world, const Tangle& tangle)
{
    FirstLook look(FirstLook::At::SystemToo);
    const auto began = world.now();
    for (auto now = began;
         now < began + kFirstLook || (!world.hasLookedRound() && now < began + kLongestLook);
         now = world.now())
        world.wait(now + kGlance, look);
    EngineStatus status;
    std::vector<Identity> present;
    for (const auto& [handle, seen] : look.controllers) {
        status.controllers.push_back({.description = seen.description});
        present.push_back(seen.description.identity);
    }
    auto match = matchRig(tangle.rig, present);
    for (std::size_t i = 0; i < present.size(); ++i) status.controllers[i].rig = match.rigOf[i];
    status.doubts = std::move(match.doubts);
    for (const auto& [path, problem] : look.troubles) status.troubles.push_back(problem);
    return status;
}

Result<Problems> check(const PreflightOptions& options, ExitCode& code)
{
    if (options.file.empty()) {
        auto engine = EngineClient::connect();
        if (!engine) return tl::unexpected(engine.error());
        return (*engine)->problems();
    }
    const auto tangle = readTangleFile(options.file, code);
    if (!tangle)
        return fail(Failure::Code::Unreadable, options.file + " cannot be flown.",
                    words("Mend it."));
    const auto world = options.world.open();
    if (!world) return tl::unexpected(world.error());
    return preflight(*tangle, lookAround(**world, *tangle));
}

void print(const Problems& problems)
{
    for (const auto& problem : problems) {
        std::cout << (problem.severity == Severity::Error ? "✕ " : "! ") << problem.sentence
                  << "\n";
        if (!problem.meaning.empty()) std::cout << "  " << problem.meaning << "\n";
        std::cout << "  " << problem.cure << "\n";
        if (!problem.command.empty()) std::cout << "  $ " << problem.command << "\n";
    }
    if (problems.empty()) std::cout << "Everything is ready.\n";
}

ExitCode run(const PreflightOptions& options)
{
    auto code = ExitCode::Fine;
    const auto problems = check(options, code);
    if (!problems) {
        complain(problems.error());
        return code == ExitCode::Fine ? codeOf(problems.error()) : code;
    }
    if (options.wantsJson) {
        std::cout << problemsToJson(*problems) << std::endl;
    } else {
        print(*problems);
    }
    return hasErrors(*problems) ? ExitCode::Faulty : ExitCode::Fine;
}

}  // namespace

void addPreflight(CLI::App& app, ExitCode& code)
{
    auto options = std::make_shared<PreflightOptions>();
    auto* command = app.add_subcommand(
        "preflight", "Says everything that stands in the way of a flight, with its cure");
    command->add_option("FILE", options->file, "Tangle file; without it, what the engine runs");
    options->world.addTo(*command);
    command->add_flag("--json", options->wantsJson, "As JSON");
    command->callback([options, &code] { code = run(*options); });
}

}  // namespace jolly
