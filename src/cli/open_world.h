// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "cli/commands.h"
#include "ports/world.h"

#include <memory>
#include <string>

namespace jolly
{

/// Which world a command works in: the option --world and what goes with it.
struct WorldChoice {
    std::string world = "kernel";
    bool takesKeyboards = false;

    [[nodiscard]] bool isKernel() const { return world == "kernel"; }

    void addTo(CLI::App& command);

    /// Opens it. A world file's problems are said on standard error.
    [[nodiscard]] Result<std::unique_ptr<World>> open() const;
};

}  // namespace jolly
