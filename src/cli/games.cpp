// SPDX-License-Identifier: GPL-3.0-or-later
#include "cli/commands.h"
#include "control/engine_client.h"
#include "control/games_see.h"
#include "format/tangle_text.h"

#include <nlohmann/json.hpp>

#include <iostream>
#include <memory>

namespace jolly
{

namespace
{

constexpr const char* kMeanings[] = {"fine", "double input", "silent", "hidden", "missing"};

static_assert(std::size(kMeanings) == static_cast<std::size_t>(GameSight::Meaning::Missing) + 1);

const char* wordFor(GameSight::Meaning meaning)
{
    return kMeanings[static_cast<std::size_t>(meaning)];
}

void printJson(const std::vector<GameSight>& all)
{
    auto list = nlohmann::ordered_json::array();
    for (const auto& each : all) {
        list.push_back({{"name", each.name},
                        {"virtual", each.isVirtual},
                        {"nodes", each.nodes},
                        {"meaning", wordFor(each.meaning)},
                        {"sentence", each.sentence.english()}});
    }
    std::cout << list.dump(2, ' ', false, nlohmann::ordered_json::error_handler_t::replace)
              << std::endl;
}

Fallible tell(bool wantsJson)
{
    auto engine = EngineClient::connect();
    if (!engine) return tl::unexpected(engine.error());
    const auto status = (*engine)->status();
    if (!status) return tl::unexpected(status.error());
    const auto text = (*engine)->tangle();
    if (!text) return tl::unexpected(text.error());
    const auto all = whatGamesSee(format::readTangle(*text).tangle, *status);
    if (wantsJson) printJson(all);
    for (const auto& each : all) {
        if (!wantsJson)
            std::cout << each.name << (each.isVirtual ? " (virtual)" : "") << ": "
                      << wordFor(each.meaning) << ". " << each.sentence << "\n";
    }
    return {};
}

}  // namespace

void addGames(CLI::App& app, ExitCode& code)
{
    auto wantsJson = std::make_shared<bool>(false);
    auto* command = app.add_subcommand(
        "games", "Lists all joysticks as a game finds them now, and what each means");
    command->add_flag("--json", *wantsJson, "As JSON");
    command->callback([wantsJson, &code] {
        if (const auto done = tell(*wantsJson); !done) {
            complain(done.error());
            code = codeOf(done.error());
        }
    });
}

}  // namespace jolly
