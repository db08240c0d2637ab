// SPDX-License-Identifier: GPL-3.0-or-later
#include "cli/commands.h"
#include "cli/tangle_file.h"
#include "format/files.h"
#include "linux/child.h"
#include "linux/system_check.h"

#include <pwd.h>
#include <unistd.h>

#include <charconv>
#include <fstream>
#include <iostream>
#include <memory>

namespace jolly
{

namespace
{

namespace fs = std::filesystem;

struct PermitOptions {
    std::string device;
    bool isRealtime = false;
    bool onlyShows = false;
    bool undoes = false;
};

/// A file that is to be written, or taken away.
struct PermitFile {
    fs::path path;
    std::string text;
};

constexpr const char* kRules = "/etc/udev/rules.d";
constexpr const char* kModules = "/etc/modules-load.d/jolly-tangle.conf";
constexpr const char* kLimits = "/etc/security/limits.d/70-jolly-tangle.conf";

/// The person who asked for it by sudo or through the window.
std::string personAsking()
{
    if (const char* name = std::getenv("SUDO_USER")) return name;
    if (const char* number = std::getenv("PKEXEC_UID")) {
        if (const auto* entry = getpwuid(static_cast<uid_t>(std::strtoul(number, nullptr, 10))))
            return entry->pw_name;
    }
    return {};
}

/// "1234:ab56" as its two numbers.
std::optional<std::pair<std::uint16_t, std::uint16_t>> parseIds(const std::string& text)
{
    const auto colon = text.find(':');
    if (colon == std::string::npos) return std::nullopt;
    std::uint16_t ids[2] = {};
    const char* ends[2] = {text.data() + colon, text.data() + text.size()};
    const char* begins[2] = {text.data(), text.data() + colon + 1};
    for (int i = 0; i < 2; ++i) {
        const auto [stop, error] = std::from_chars(begins[i], ends[i], ids[i], 16);
        if (error != std::errc{} || stop != ends[i]) return std::nullopt;
    }
    return std::pair(ids[0], ids[1]);
}

Result<std::vector<PermitFile>> filesFor(const PermitOptions& options)
{
    if (!options.device.empty()) {
        const auto ids = parseIds(options.device);
        if (!ids)
            return fail(Failure::Code::Unreadable, "\"" + options.device + "\" is no device.",
                        "Give its vendor and product number, such as 1234:ab56; \"sudo tangle "
                        "devices --json\" tells them.");
        auto name = options.device;
        name[name.find(':')] = '-';
        return std::vector<PermitFile>{{fs::path(kRules) / ("70-jolly-tangle-" + name + ".rules"),
                                        ruleFor(ids->first, ids->second)}};
    }
    if (options.isRealtime) {
        const auto person = personAsking();
        if (person.empty())
            return fail(Failure::Code::NotThere, "It is not clear whom to permit that.",
                        "Run it by sudo from your own login.");
        return std::vector<PermitFile>{{kLimits, person + " - rtprio 10\n"}};
    }
    const auto rules = format::readText(shippedFile(std::string("udev/") + kRulesName));
    const auto modules = format::readText(shippedFile("udev/jolly-tangle.conf"));
    if (!rules) return tl::unexpected(rules.error());
    if (!modules) return tl::unexpected(modules.error());
    return std::vector<PermitFile>{{fs::path(kRules) / kRulesName, *rules}, {kModules, *modules}};
}

Fallible put(const PermitFile& file, bool undoes)
{
    std::error_code error;
    if (undoes) {
        fs::remove(file.path, error);
    } else {
        fs::create_directories(file.path.parent_path(), error);
        std::ofstream out(file.path);
        out << file.text << std::flush;
        if (!out) error = std::error_code(errno, std::generic_category());
    }
    if (!error) return {};
    return fail(Failure::Code::NotAllowed,
                file.path.string() + " cannot be written: " + error.message() + ".",
                "Run it as root: \"" + std::string(kPermitCommand) + "\".", error.value());
}

/// Lets what was written count without a restart. What is not there is passed over.
void takeEffect()
{
    const std::vector<std::vector<std::string>> kCommands = {
        {"modprobe", "uinput"},
        {"udevadm", "control", "--reload"},
        {"udevadm", "trigger", "--settle", "/dev/uinput"},
        {"udevadm", "trigger", "--settle", "--subsystem-match=input", "--action=change"}};
    for (const auto& command : kCommands) {
        if (const auto child = Child::start(command, Child::Output::Quiet))
            static_cast<void>(child->wait(-1, [] {}));
    }
}

ExitCode permit(const PermitOptions& options)
{
    const auto files = filesFor(options);
    if (!files) {
        complain(files.error());
        return codeOf(files.error());
    }
    for (const auto& file : *files) {
        std::cout << (options.undoes ? "Take away " : "Write ") << file.path.string() << "\n";
        if (!options.undoes) std::cout << file.text;
        if (options.onlyShows) continue;
        if (const auto done = put(file, options.undoes); !done) {
            complain(done.error());
            return ExitCode::WorldRefuses;
        }
    }
    if (options.onlyShows) return ExitCode::Fine;
    takeEffect();
    std::cout << "Done." << (options.isRealtime ? " It counts from the next login." : "") << "\n";
    return ExitCode::Fine;
}

}  // namespace

void addPermit(CLI::App& app, ExitCode& code)
{
    auto options = std::make_shared<PermitOptions>();
    auto* command = app.add_subcommand(
        "permit", "Gives the person at the screen the permissions that are needed; run by sudo");
    command->add_option("--device", options->device,
                        "Permission to read one device that the system takes for something else, "
                        "by its numbers: 1234:ab56");
    command->add_flag("--realtime", options->isRealtime,
                      "Permission to come before other programs");
    command->add_flag("--show", options->onlyShows, "Only show what would be written");
    command->add_flag("--undo", options->undoes, "Take it away again");
    command->callback([options, &code] { code = permit(*options); });
}

}  // namespace jolly
