// SPDX-License-Identifier: GPL-3.0-or-later
#include "cli/commands.h"
#include "format/files.h"
#include "format/tangle_text.h"

#include <iostream>
#include <memory>

namespace jolly
{

namespace
{

/// What is to be known of a file of an earlier version.
std::string ageOf(int version)
{
    if (version == format::kTangleVersion) return {};
    return " (version " + std::to_string(version) + " of the format; it is saved as version " +
           std::to_string(format::kTangleVersion) + ")";
}

ExitCode check(const std::string& file)
{
    const auto text = format::readText(file);
    if (!text) {
        complain(text.error());
        return ExitCode::Usage;
    }
    const auto read = format::readTangle(*text);
    complain(read.problems, file);
    if (hasErrors(read.problems)) return ExitCode::Faulty;
    std::cout << file << ": fine: " << read.tangle.rig.size() << " controllers, "
              << read.tangle.devices.size() << " virtual devices, " << read.tangle.strands.size()
              << " strands" << ageOf(read.version) << "\n";
    return ExitCode::Fine;
}

}  // namespace

void addCheck(CLI::App& app, ExitCode& code)
{
    auto files = std::make_shared<std::vector<std::string>>();
    auto* command =
        app.add_subcommand("check", "Says what is wrong with tangles, with line and column");
    command->add_option("FILE", *files, "Tangle files")->required();
    command->callback([files, &code] {
        for (const auto& file : *files) code = std::max(code, check(file));
    });
}

}  // namespace jolly
