// SPDX-License-Identifier: GPL-3.0-or-later
#include "cli/commands.h"
#include "cli/tangle_file.h"
#include "core/sim/sheet_check.h"
#include "core/sim/spread.h"
#include "core/tangle/device_edit.h"
#include "format/save.h"
#include "format/sheet_text.h"

#include <nlohmann/json.hpp>

#include <iostream>
#include <memory>

namespace jolly
{

namespace
{

using Json = nlohmann::ordered_json;

struct PlanOptions {
    std::string file;
    std::string sheet;
    bool applies = false;
    bool wantsJson = false;
};

Json toJson(const Tangle& before, const Tangle& after, const Spread& plan)
{
    Json json{{"sheet", before.sheet->name},
              {"added", Json::array()},
              {"moves", Json::array()},
              {"removed", plan.removed},
              {"homeless", Json::array()}};
    for (const auto& device : plan.added) json["added"].push_back(device.name);
    for (const auto& move : plan.moves)
        json["moves"].push_back({{"function", functionAt(before, move.from).english()},
                                 {"from", placeName(before, move.from).english()},
                                 {"to", placeName(after, move.to).english()}});
    for (const auto& place : plan.homeless)
        json["homeless"].push_back({{"function", functionAt(before, place).english()},
                                    {"at", placeName(before, place).english()}});
    return json;
}

void print(const Tangle& before, const Spread& plan, bool applies)
{
    for (const auto& line : differenceOf(before, plan)) std::cout << line << "\n";
    if (plan.changesNothing() && plan.homeless.empty()) {
        std::cout << "Everything fits " << before.sheet->name << " as it is.\n";
    } else if (plan.changesNothing()) {
        std::cout << "No other plan fits " << before.sheet->name << " better.\n";
    } else {
        std::cout << (applies ? "Done.\n" : "Nothing was changed; \"--apply\" does it.\n");
    }
}

ExitCode plan(const PlanOptions& options)
{
    auto code = ExitCode::Fine;
    auto tangle = readTangleFile(options.file, code);
    if (!tangle) return code;
    if (!options.sheet.empty()) {
        auto sheet = format::sheetNamed(options.sheet, format::sheetFolders(programFolder()));
        if (!sheet) {
            complain(sheet.error());
            return ExitCode::Usage;
        }
        tangle->sheet = *sheet;
    }
    if (!tangle->sheet) {
        complain(Failure{.sentence = words("No sim sheet is chosen for this tangle."),
                         .cure = words("Name one with --sheet; \"tangle sheets\" lists them.")});
        return ExitCode::Usage;
    }
    const auto found = spread(*tangle);
    auto after = *tangle;
    applySpread(after, found);
    if (options.wantsJson) {
        std::cout << toJson(*tangle, after, found).dump(2) << std::endl;
    } else {
        print(*tangle, found, options.applies);
    }
    if (options.applies) {
        if (const auto saved = format::saveText(options.file, format::writeTangle(after)); !saved) {
            complain(saved.error());
            return ExitCode::Usage;
        }
    }
    return found.homeless.empty() ? ExitCode::Fine : ExitCode::Faulty;
}

void listSheets()
{
    for (const auto& each : format::findSheets(format::sheetFolders(programFolder()))) {
        std::cout << each.path.stem().string() << ": "
                  << (each.read.isReadable ? each.read.sheet.name : "cannot be read") << "\n  "
                  << each.path.string() << "\n";
        complain(each.read.problems, each.path.string());
    }
}

}  // namespace

void addPlan(CLI::App& app, ExitCode& code)
{
    auto options = std::make_shared<PlanOptions>();
    auto* command = app.add_subcommand(
        "plan",
        "Fits a tangle's virtual devices to what a sim takes, moving as little as possible");
    command->add_option("FILE", options->file, "Tangle file")->required();
    command->add_option("--sheet", options->sheet,
                        "Sim sheet: a file, or a name from \"tangle sheets\"; without it, the one "
                        "the tangle has");
    command->add_flag("--apply", options->applies, "Do it: save the tangle with its sheet");
    command->add_flag("--json", options->wantsJson, "As JSON");
    command->callback([options, &code] { code = plan(*options); });
}

void addSheets(CLI::App& app, ExitCode&)
{
    app.add_subcommand("sheets", "Lists the sim sheets that are there")->callback(listSheets);
}

}  // namespace jolly
