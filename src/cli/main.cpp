// SPDX-License-Identifier: GPL-3.0-or-later
#include "cli/commands.h"

#include <iostream>

int main(int argc, char** argv)
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
    } catch (const std::exception& error) {
        std::cerr << "tangle: something unforeseen happened: " << error.what() << std::endl;
        return static_cast<int>(jolly::ExitCode::WorldRefuses);
    }
    return static_cast<int>(code);
}
