// SPDX-License-Identifier: GPL-3.0-or-later
#include "cli/commands.h"
#include "cli/tangle_file.h"
#include "core/tangle/device_edit.h"
#include "core/tangle/function_edit.h"
#include "core/tangle/game_numbers.h"
#include "core/tangle/lookup.h"
#include "core/tangle/virtual_layout.h"
#include "core/weave/shape_check.h"

#include <nlohmann/json.hpp>

#include <iomanip>
#include <iostream>
#include <memory>

namespace jolly
{

namespace
{

using Json = nlohmann::ordered_json;

constexpr std::pair<Reader, const char*> kReaders[] = {
    {Reader::Sdl, "sdl"}, {Reader::Joydev, "joydev"}, {Reader::WindowsLayer, "windowsLayer"}};

Json toJson(const Tangle& tangle, const VirtualDevice& device, const VirtualSlot& slot)
{
    const Target place{device.id, slot.control};
    Json row{{"control", toText(slot.control)},
             {"name", nameOf(device, slot.control).english()},
             {"code", toText(slot.code)}};
    for (const auto& [reader, key] : kReaders) {
        const auto number = gameNumber(device, slot.control, reader);
        row[key] = number ? Json(*number) : Json(nullptr);
    }
    row["function"] = functionName(tangle, settingsOf(device, slot.control).function);
    row["strands"] = Json::array();
    for (const auto* strand : takersOf(tangle, place)) row["strands"].push_back(strand->name);
    return row;
}

/// What readers make of a device that its pilot would not expect.
std::vector<std::string> notesOn(const VirtualDevice& device)
{
    std::vector<std::string> notes;
    for (const auto& note : readerNotes(device)) notes.push_back(note.english());
    for (const auto& problem : findShapeProblems(device, ""))
        notes.push_back(oneAfterOther({problem.sentence, problem.meaning, problem.cure}).english());
    return notes;
}

Json toJson(const Tangle& tangle)
{
    auto devices = Json::array();
    for (const auto& device : tangle.devices) {
        const auto ids = idsOf(device);
        Json controls = Json::array();
        for (const auto& slot : layoutOf(device)) controls.push_back(toJson(tangle, device, slot));
        devices.push_back({{"id", device.id},
                           {"name", device.name},
                           {"bus", ids.bus},
                           {"vendor", ids.vendor},
                           {"product", ids.product},
                           {"version", ids.version},
                           {"phys", physOf(device)},
                           {"notes", notesOn(device)},
                           {"controls", controls}});
    }
    return devices;
}

std::string numberText(const VirtualDevice& device, VirtualControl control, Reader reader)
{
    const auto number = gameNumber(device, control, reader);
    return number ? std::to_string(*number) : "-";
}

void print(const Tangle& tangle, const VirtualDevice& device)
{
    std::cout << device.name << " (" << physOf(device) << ")\n"
              << "  control            code                    SDL  js   Win  taken by\n";
    for (const auto& slot : layoutOf(device)) {
        const auto takers = takersOf(tangle, {device.id, slot.control});
        if (takers.empty() && !device.isForGames()) continue;
        std::string names;
        for (const auto* strand : takers) names += (names.empty() ? "" : ", ") + strand->name;
        std::cout << "  " << std::left << std::setw(19) << nameOf(device, slot.control)
                  << std::setw(24) << toText(slot.code);
        for (const auto& [reader, key] : kReaders)
            std::cout << std::setw(5) << numberText(device, slot.control, reader);
        std::cout << (names.empty() ? "free" : names) << "\n";
    }
    for (const auto& note : notesOn(device)) std::cout << "  Mind: " << note << "\n";
}

ExitCode map(const std::string& file, bool wantsJson)
{
    auto code = ExitCode::Fine;
    const auto tangle = readTangleFile(file, code);
    if (!tangle) return code;
    if (wantsJson) std::cout << toJson(*tangle).dump(2) << std::endl;
    for (const auto& device : tangle->devices) {
        if (!wantsJson) print(*tangle, device);
    }
    return code;
}

}  // namespace

void addMap(CLI::App& app, ExitCode& code)
{
    auto file = std::make_shared<std::string>();
    auto wantsJson = std::make_shared<bool>(false);
    auto* command = app.add_subcommand(
        "map", "Shows what is taken on each virtual device, what is free, and the games' numbers");
    command->add_option("FILE", *file, "Tangle file")->required();
    command->add_flag("--json", *wantsJson, "As JSON");
    command->callback([file, wantsJson, &code] { code = map(*file, *wantsJson); });
}

}  // namespace jolly
