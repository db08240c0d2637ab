// SPDX-License-Identifier: GPL-3.0-or-later
#include "cli/commands.h"
#include "cli/tangle_file.h"
#include "format/files.h"
#include "linux/child.h"
#include "linux/system_check.h"
#include "ports/unique_fd.h"

#include <fcntl.h>
#include <pwd.h>
#include <sys/stat.h>
#include <unistd.h>

#include <algorithm>
#include <array>
#include <cerrno>
#include <charconv>
#include <cstdio>
#include <cstring>
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

/// A login name that is there, and holds nothing but what login names are made of: it becomes a
/// line of a file that is obeyed as root.
std::string known(const char* name)
{
    const std::string_view text(name ? name : "");
    const auto isPlain = [](char c) {
        return (c >= 'a' && c <= 'z') || (c >= 'A' && c <= 'Z') || (c >= '0' && c <= '9') ||
               c == '_' || c == '-' || c == '.';
    };
    const bool isName = !text.empty() && text.front() != '-' && std::ranges::all_of(text, isPlain);
    return isName && getpwnam(name) ? name : std::string();
}

/// The person who asked for it by sudo or through the window.
std::string personAsking()
{
    if (const char* name = std::getenv("SUDO_USER")) return known(name);
    if (const char* number = std::getenv("PKEXEC_UID")) {
        uid_t uid = 0;
        const char* end = number + std::strlen(number);
        const auto [stop, error] = std::from_chars(number, end, uid);
        const auto* entry = error == std::errc{} && stop == end ? getpwuid(uid) : nullptr;
        if (entry) return known(entry->pw_name);
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

/// The same name however the numbers are written.
std::string deviceRules(std::uint16_t vendor, std::uint16_t product)
{
    std::array<char, 48> name{};
    std::snprintf(name.data(), name.size(), "70-jolly-tangle-%04x-%04x.rules", vendor, product);
    return name.data();
}

/// Files in the same folder whose names differ in nothing but the case of letters.
std::vector<fs::path> inAnyCase(const fs::path& file)
{
    const auto isAlike = [](char a, char b) {
        const auto lower = [](char c) { return c >= 'A' && c <= 'Z' ? c - 'A' + 'a' : c + 0; };
        return lower(a) == lower(b);
    };
    std::vector<fs::path> found;
    std::error_code error;
    for (const auto& entry : fs::directory_iterator(file.parent_path(), error)) {
        if (std::ranges::equal(entry.path().filename().string(), file.filename().string(), isAlike))
            found.push_back(entry.path());
    }
    return found;
}

Result<std::vector<PermitFile>> filesFor(const PermitOptions& options)
{
    if (!options.device.empty()) {
        const auto ids = parseIds(options.device);
        if (!ids)
            return fail(
                Failure::Code::Unreadable, "\"" + options.device + "\" is no device.",
                words("Give its vendor and product number, such as 1234:ab56; \"sudo tangle "
                      "devices --json\" tells them."));
        return std::vector<PermitFile>{{fs::path(kRules) / deviceRules(ids->first, ids->second),
                                        ruleFor(ids->first, ids->second)}};
    }
    if (options.isRealtime) {
        const auto person = personAsking();
        if (person.empty())
            return fail(Failure::Code::NotThere, words("It is not clear whom to permit that."),
                        words("Run it by sudo from your own login."));
        return std::vector<PermitFile>{{kLimits, person + " - rtprio 10\n"}};
    }
    const auto rules = format::readText(shippedFile(std::string("udev/") + kRulesName));
    const auto modules = format::readText(shippedFile("udev/jolly-tangle.conf"));
    if (!rules) return tl::unexpected(rules.error());
    if (!modules) return tl::unexpected(modules.error());
    return std::vector<PermitFile>{{fs::path(kRules) / kRulesName, *rules}, {kModules, *modules}};
}

tl::unexpected<Failure> cannotWrite(const fs::path& path, int error)
{
    if (error == ELOOP)
        return fail(Failure::Code::NotAllowed, path.string() + " is a link, so it was left alone.",
                    words("Take the link away first."), error);
    return fail(Failure::Code::NotAllowed,
                path.string() + " cannot be written: " + std::strerror(error) + ".",
                "Run it as root: \"" + std::string(kPermitCommand) + "\".", error);
}

Fallible takeAway(const PermitFile& file)
{
    std::error_code error;
    for (const auto& path : inAnyCase(file.path)) {
        fs::remove(path, error);
        if (error) return cannotWrite(path, error.value());
    }
    return {};
}

/// Writes it, never through a link to somewhere else.
Fallible put(const PermitFile& file)
{
    std::error_code error;
    fs::create_directories(file.path.parent_path(), error);
    constexpr int kFlags = O_WRONLY | O_CREAT | O_NOFOLLOW | O_NONBLOCK | O_CLOEXEC;
    const UniqueFd out(::open(file.path.c_str(), kFlags, 0644));
    struct stat info {
    };
    if (!out.isOpen() || fstat(out.get(), &info) != 0) return cannotWrite(file.path, errno);
    if (!S_ISREG(info.st_mode) || info.st_nlink != 1) return cannotWrite(file.path, ELOOP);
    const auto size = static_cast<ssize_t>(file.text.size());
    if (ftruncate(out.get(), 0) != 0 ||
        ::write(out.get(), file.text.data(), file.text.size()) != size)
        return cannotWrite(file.path, errno);
    return {};
}

/// A program of the system by its whole path, whatever PATH says; empty when it is not there.
std::string systemProgram(const std::string& name)
{
    for (const auto* folder : {"/usr/sbin/", "/usr/bin/", "/sbin/", "/bin/"}) {
        if (::access((folder + name).c_str(), X_OK) == 0) return folder + name;
    }
    return {};
}

/// Lets what was written count without a restart. What is not there is passed over.
void takeEffect()
{
    const std::vector<std::vector<std::string>> kCommands = {
        {"modprobe", "uinput"},
        {"udevadm", "control", "--reload"},
        {"udevadm", "trigger", "--settle", "/dev/uinput"},
        {"udevadm", "trigger", "--settle", "--subsystem-match=input", "--action=change"}};
    for (auto command : kCommands) {
        command.front() = systemProgram(command.front());
        if (command.front().empty()) continue;
        if (const auto child = Child::start(command, Child::Output::Quiet))
            static_cast<void>(child->wait());
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
        if (const auto done = options.undoes ? takeAway(file) : put(file); !done) {
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
