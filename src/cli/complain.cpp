// SPDX-License-Identifier: GPL-3.0-or-later
#include "cli/commands.h"
#include "format/place.h"

#include <iostream>

namespace jolly
{

void complain(const Failure& failure)
{
    std::cerr << "tangle: " << failure.text() << std::endl;
}

void complain(const Problems& problems, const std::string& file)
{
    for (const auto& problem : problems) std::cerr << format::toText(problem, file) << "\n";
    std::cerr.flush();
}

ExitCode codeOf(const Failure& failure)
{
    return failure.code == Failure::Code::Unreadable ? ExitCode::Usage : ExitCode::WorldRefuses;
}

}  // namespace jolly
