// SPDX-License-Identifier: GPL-3.0-or-later
#include "cli/commands.h"
#include "cli/plain_output.h"

#include <cstdio>
#include <iostream>

namespace
{

/// @return the exit code that cli/commands.h documents.
int run(int argc, char** argv)
{
    CLI::App app{
        "Jolly Tangle: merges flight and racing controllers into virtual joysticks that games "
        "see."};
    app.name("tangle");
    app.set_version_flag("--version", "tangle " JOLLY_VERSION);
    app.require_subcommand(1);
    auto code = jolly::ExitCode::Fine;
    for (const auto add : jolly::kCommands) add(app, code);
    try {
        app.parse(argc, argv);
    } catch (const CLI::Success& request) {
        return app.exit(request);
    } catch (const CLI::ParseError& error) {
        app.exit(error);
        return static_cast<int>(jolly::ExitCode::Usage);
    }
    return static_cast<int>(code);
}

}  // namespace

int main(int argc, char** argv)
{
    const jolly::PlainOutput plainOut(std::cout);
    const jolly::PlainOutput plainErr(std::cerr);
    try {
        return run(argc, argv);
    } catch (const std::exception& error) {
        std::fprintf(stderr, "tangle: something unforeseen happened: %s\n", error.what());
        return static_cast<int>(jolly::ExitCode::WorldRefuses);
    }
}
