// SPDX-License-Identifier: GPL-3.0-or-later
#include "linux/game_room.h"

#include "core/tangle/virtual_device.h"
#include "linux/child.h"

#include <fcntl.h>
#include <poll.h>
#include <spawn.h>
#include <sys/signalfd.h>
#include <sys/wait.h>
#include <unistd.h>

#include <algorithm>
#include <csignal>
#include <cstdlib>
#include <fstream>

namespace jolly
{

namespace
{

namespace fs = std::filesystem;

constexpr const char* kInput = "/dev/input";
/// Where the links in the room lead: the true folder, at a place that nobody scans.
constexpr const char* kBehind = "/dev/.jolly-tangle-input";
constexpr const char* kProbe =
    "command -v bwrap >/dev/null 2>&1 || exit 3; "
    "bwrap --unshare-pid --dev-bind / / --proc /proc true >/dev/null 2>&1 || exit 4";
/// Where the keeper reads its orders.
constexpr int kOrders = 3;
/// How often it is looked for virtual devices that came or went. A watch of the folder would cost
/// every reader of every node in it time at each event.
constexpr int kLookEveryMs = 1000;
constexpr int kEnders[] = {SIGINT, SIGTERM, SIGHUP};

/// Waits for the end of the program that holds the other end of its input, then takes a folder
/// away.
constexpr const char* kCaretaker = "trap '' INT TERM HUP; read -r gone; rm -rf -- \"$1\"";

/// @return its process, or -1; `lifeline` is the end to hold.
pid_t startCaretaker(const std::string& folder, UniqueFd& lifeline)
{
    int ends[2] = {-1, -1};
    if (pipe2(ends, O_CLOEXEC) != 0) return -1;
    const UniqueFd theirs(ends[0]);
    lifeline = UniqueFd(ends[1]);
    posix_spawn_file_actions_t files;
    posix_spawn_file_actions_init(&files);
    posix_spawn_file_actions_adddup2(&files, theirs.get(), STDIN_FILENO);
    posix_spawnattr_t attributes;
    posix_spawnattr_init(&attributes);
    posix_spawnattr_setflags(&attributes, POSIX_SPAWN_SETSID);
    const char* words[] = {"sh", "-c", kCaretaker, "jolly-tangle-room", folder.c_str(), nullptr};
    pid_t pid = -1;
    const int error =
        posix_spawnp(&pid, "sh", &files, &attributes, const_cast<char* const*>(words), environ);
    posix_spawnattr_destroy(&attributes);
    posix_spawn_file_actions_destroy(&files);
    return error == 0 ? pid : -1;
}

bool isNode(const std::string& name)
{
    return name.starts_with("event") || name.starts_with("js");
}

bool isOurs(const fs::path& device)
{
    std::ifstream file(device / "phys");
    std::string phys;
    std::getline(file, phys);
    return phys.starts_with(kOurPhys);
}

/// What stays of /dev beside the input devices, in the order of names.
std::vector<fs::path> restOfDev()
{
    std::vector<fs::path> rest;
    std::error_code error;
    for (const auto& entry : fs::directory_iterator("/dev", error)) {
        const auto name = entry.path().filename().string();
        if (name != "input" && !name.starts_with("hidraw")) rest.push_back(entry.path());
    }
    std::ranges::sort(rest);
    return rest;
}

}  // namespace

std::vector<std::string> ourNodes(const fs::path& sysfs)
{
    std::vector<std::string> nodes;
    std::error_code error;
    for (const auto& device : fs::directory_iterator(sysfs, error)) {
        if (!isOurs(device.path())) continue;
        for (const auto& child : fs::directory_iterator(device.path(), error)) {
            const auto name = child.path().filename().string();
            if (isNode(name)) nodes.push_back(name);
        }
    }
    std::ranges::sort(nodes);
    return nodes;
}

Result<std::unique_ptr<GameRoom>> GameRoom::open()
{
    const int status = std::system(kProbe);
    const int code = WIFEXITED(status) ? WEXITSTATUS(status) : -1;
    if (code == 3)
        return fail(Failure::Code::NotThere,
                    words("bubblewrap is not installed, so no game can have a view of its own."),
                    words("Install it with \"sudo apt install bubblewrap\"."));
    if (code != 0)
        return fail(
            Failure::Code::NotAllowed,
            words("This system does not let programs make a private view of /dev."),
            words("Allow it with \"sudo sysctl kernel.unprivileged_userns_clone=1\", or hold the "
                  "controllers instead."));
    const char* runtime = std::getenv("XDG_RUNTIME_DIR");
    auto pattern = (fs::path(runtime ? runtime : "/tmp") / "jolly-tangle-room-XXXXXX").string();
    if (!mkdtemp(pattern.data()))
        return fail(Failure::Code::System, words("No folder could be made for the game's devices."),
                    say("Free some room in %1.", fs::path(pattern).parent_path().string()), errno);
    std::unique_ptr<GameRoom> room(new GameRoom(pattern));
    room->refresh();
    return room;
}

GameRoom::GameRoom(fs::path folder) : m_folder(std::move(folder))
{
    m_caretaker = startCaretaker(m_folder, m_lifeline);
}

GameRoom::~GameRoom()
{
    std::error_code error;
    fs::remove_all(m_folder, error);
    m_lifeline = UniqueFd();
    if (m_caretaker > 0) waitpid(m_caretaker, nullptr, 0);
}

bool GameRoom::refresh()
{
    const auto nodes = ourNodes();
    std::error_code error;
    for (const auto& link : fs::directory_iterator(m_folder, error)) {
        if (!std::ranges::binary_search(nodes, link.path().filename().string()))
            fs::remove(link.path(), error);
    }
    bool areReadable = true;
    for (const auto& node : nodes) {
        const bool isReadable = access((fs::path(kInput) / node).c_str(), R_OK) == 0;
        areReadable = areReadable && isReadable;
        if (isReadable) fs::create_symlink(fs::path(kBehind) / node, m_folder / node, error);
    }
    return areReadable;
}

std::vector<std::string> GameRoom::command(const std::vector<std::string>& game,
                                           const fs::path& keeper) const
{
    std::vector<std::string> words = {"bwrap",
                                      "--die-with-parent",
                                      "--unshare-pid",
                                      "--as-pid-1",
                                      "--dev-bind",
                                      "/",
                                      "/",
                                      "--proc",
                                      "/proc",
                                      "--tmpfs",
                                      "/dev"};
    std::error_code error;
    for (const auto& path : restOfDev()) {
        if (fs::is_symlink(path, error)) {
            words.insert(words.end(), {"--symlink", fs::read_symlink(path, error), path});
        } else {
            words.insert(words.end(), {"--dev-bind-try", path, path});
        }
    }
    words.insert(words.end(), {"--dev-bind-try", kInput, kBehind, "--bind", m_folder, kInput});
    // SDL follows the folder then; what udev tells of is the true one.
    words.insert(words.end(), {"--setenv", "SDL_JOYSTICK_DISABLE_UDEV", "1", "--"});
    words.insert(words.end(), {keeper, "keep-room", "--orders", std::to_string(kOrders), "--"});
    words.insert(words.end(), game.begin(), game.end());
    return words;
}

/// Starts the room with our blocked signals: bubblewrap would end by one that a terminal sends to
/// all of us, and the game with it before it is done. The keeper lets the game have them.
pid_t GameRoom::start(const std::vector<std::string>& words, UniqueFd& orders) const
{
    int ends[2] = {-1, -1};
    if (pipe2(ends, O_CLOEXEC) != 0) return -1;
    const UniqueFd theirs(ends[0]);
    orders = UniqueFd(ends[1]);
    std::vector<char*> arguments;
    for (const auto& word : words) arguments.push_back(const_cast<char*>(word.c_str()));
    arguments.push_back(nullptr);
    posix_spawn_file_actions_t files;
    posix_spawn_file_actions_init(&files);
    posix_spawn_file_actions_adddup2(&files, theirs.get(), kOrders);
    pid_t pid = -1;
    const int error = posix_spawnp(&pid, arguments[0], &files, nullptr, arguments.data(), environ);
    posix_spawn_file_actions_destroy(&files);
    return error == 0 ? pid : -1;
}

Result<int> GameRoom::run(const std::vector<std::string>& game, const fs::path& keeper)
{
    sigset_t signals;
    sigemptyset(&signals);
    for (const int signal : kEnders) sigaddset(&signals, signal);
    sigaddset(&signals, SIGCHLD);
    sigprocmask(SIG_BLOCK, &signals, nullptr);
    const UniqueFd news(signalfd(-1, &signals, SFD_CLOEXEC | SFD_NONBLOCK));
    UniqueFd orders;
    const pid_t room = start(command(game, keeper), orders);
    if (room < 0)
        return fail(Failure::Code::System, say("%1 could not be started.", game.front()),
                    words("Check that bubblewrap works."), errno);
    const auto order = [&](std::uint32_t signal) {
        const auto number = static_cast<unsigned char>(signal);
        [[maybe_unused]] const auto done = ::write(orders.get(), &number, 1);
    };
    auto end = std::chrono::steady_clock::time_point::max();
    int status = 0;
    while (waitpid(room, &status, WNOHANG) == 0) {
        pollfd watched{news.get(), POLLIN, 0};
        if (poll(&watched, 1, kLookEveryMs) == 0) refresh();
        const auto now = std::chrono::steady_clock::now();
        signalfd_siginfo signal{};
        while (::read(news.get(), &signal, sizeof signal) == sizeof signal) {
            // What a terminal sends reaches the game, too.
            if (signal.ssi_signo == SIGCHLD || signal.ssi_code == SI_KERNEL) continue;
            order(signal.ssi_signo);
            end = std::min(end, now + kGrace);
        }
        if (now >= end) order(SIGKILL);
    }
    return exitCodeOf(status);
}

}  // namespace jolly
