// SPDX-License-Identifier: GPL-3.0-or-later
#include "cli/open_world.h"

#include "control/helper_client.h"
#include "format/files.h"
#include "linux/kernel_world.h"
#include "pretend/pretend_world.h"

namespace jolly
{

void WorldChoice::addTo(CLI::App& command)
{
    command.add_option("--world", world, "Where controllers come from: \"kernel\" or a world file")
        ->capture_default_str();
    command.add_flag("--keyboards", takesKeyboards,
                     "Keyboards and pointers count as controllers, too");
}

Result<std::unique_ptr<World>> WorldChoice::open() const
{
    if (world == "kernel")
        return std::make_unique<KernelWorld>(takesKeyboards, std::make_unique<HelperClient>());
    const auto text = format::readText(world);
    if (!text) {
        auto failure = text.error();
        failure.code = Failure::Code::Unreadable;
        return tl::unexpected(std::move(failure));
    }
    auto read = readWorld(*text);
    if (read.problems.empty()) return std::make_unique<PretendWorld>(std::move(read.script));
    complain(read.problems, world);
    return fail(Failure::Code::Unreadable, "The world file " + world + " has problems.",
                words("Mend them, or choose another one."));
}

}  // namespace jolly
