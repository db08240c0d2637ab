// SPDX-License-Identifier: GPL-3.0-or-later
#include "linux/system_check.h"

#include <fcntl.h>
#include <sched.h>
#include <unistd.h>

#include <algorithm>
#include <array>
#include <cerrno>
#include <cstdio>

namespace jolly
{

namespace
{

constexpr const char* kRealtimePath = "/system/realtime";
/// Above ordinary programs, below what the kernel and sound servers use.
constexpr int kPriority = 8;

bool isRuleInstalled(const SystemPlaces& places)
{
    return std::ranges::any_of(places.ruleFolders, [](const auto& folder) {
        std::error_code error;
        return std::filesystem::exists(folder / kRulesName, error);
    });
}

Problem cannotMake(Sentence sentence, Words cure)
{
    return {.severity = Severity::Error,
            .path = kUinputPath,
            .sentence = std::move(sentence),
            .cure = cure,
            .meaning = words("No virtual device can be made, so no game gets anything."),
            .command = kPermitCommand};
}

Problem checkUinput(const SystemPlaces& places)
{
    if (access(places.uinput.c_str(), F_OK) != 0)
        return cannotMake(words("The kernel's uinput is not loaded."),
                          words("Load it, now and at every start."));
    if (faccessat(AT_FDCWD, places.uinput.c_str(), W_OK, AT_EACCESS) == 0)
        return {.path = kUinputPath, .sentence = {}};
    if (!isRuleInstalled(places))
        return cannotMake(say("You may not write to %1.", places.uinput.string()),
                          words("Give the person at the screen that permission, once."));
    auto problem = cannotMake(say("You may not write to %1, although the rule for it is installed.",
                                  places.uinput.string()),
                              words("Log in at this computer's own screen, or log out and in."));
    problem.command.clear();
    return problem;
}

}  // namespace

Problems checkSystem(const SystemPlaces& places)
{
    return {checkUinput(places)};
}

bool comeFirst()
{
    sched_param wish{};
    wish.sched_priority = kPriority;
    return sched_setscheduler(0, SCHED_FIFO | SCHED_RESET_ON_FORK, &wish) == 0 || errno != EPERM;
}

Problem checkRealtime()
{
    const int policy = sched_getscheduler(0);
    sched_param before{};
    sched_getparam(0, &before);
    if (comeFirst()) {
        sched_setscheduler(0, policy, &before);
        return {.path = kRealtimePath, .sentence = {}};
    }
    return {.severity = Severity::Warning,
            .path = kRealtimePath,
            .sentence = words("The engine may not come before other programs."),
            .cure = words("Permit it, once; it counts from the next login."),
            .meaning = words("While the computer is very busy, moves may reach the game late."),
            .command = std::string(kPermitCommand) + " --realtime"};
}

std::string ruleFor(std::uint16_t vendor, std::uint16_t product)
{
    std::array<char, 160> line{};
    const int size = std::snprintf(line.data(), line.size(),
                                   "SUBSYSTEM==\"input\", KERNEL==\"event*\", "
                                   "ATTRS{id/vendor}==\"%04x\", ATTRS{id/product}==\"%04x\", "
                                   "TAG+=\"uaccess\"\n",
                                   vendor, product);
    return {line.data(), static_cast<std::size_t>(size)};
}

}  // namespace jolly
