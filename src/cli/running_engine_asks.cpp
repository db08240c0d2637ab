// SPDX-License-Identifier: GPL-3.0-or-later
#include "cli/running_engine.h"
#include "format/recording_file.h"
#include "format/save.h"

#include <fcntl.h>
#include <sys/mman.h>
#include <unistd.h>

#include <algorithm>
#include <cerrno>
#include <cstring>
#include <ctime>
#include <filesystem>
#include <vector>

/// What clients ask of an engine that runs.
namespace jolly
{

namespace
{

/// A deed that cannot fail.
template <class Deed>
EngineDoor::Deed always(Deed deed)
{
    return [deed = std::move(deed)](Engine& engine) -> Fallible {
        deed(engine);
        return {};
    };
}

tl::unexpected<Failure> noMemory()
{
    return fail(
        Failure::Code::System,
        say("The recording could not be handed over: %1.", std::string(std::strerror(errno))),
        words("Free some memory."), errno);
}

/// Where flights are kept that were given no name.
std::filesystem::path keptFolder()
{
    const char* data = std::getenv("XDG_DATA_HOME");
    if (data && *data == '/') return std::filesystem::path(data) / "jolly-tangle" / "flights";
    const char* home = std::getenv("HOME");
    return std::filesystem::path(home ? home : ".") / ".local/share/jolly-tangle/flights";
}

/// So many recordings that were kept by themselves stay; older ones go.
constexpr std::size_t kMostByItself = 10;
constexpr std::string_view kByItself = "trouble ";

void forgetOldest(const std::filesystem::path& folder)
{
    std::vector<std::filesystem::path> kept;
    std::error_code error;
    for (const auto& entry : std::filesystem::directory_iterator(folder, error)) {
        if (entry.path().filename().string().starts_with(kByItself)) kept.push_back(entry.path());
    }
    std::ranges::sort(kept);  // their names are times
    for (std::size_t i = 0; i + kMostByItself < kept.size(); ++i)
        std::filesystem::remove(kept[i], error);
}

/// A name by the present time, as nobody has it yet.
Result<std::filesystem::path> freshPath(std::string_view before = {})
{
    const auto folder = keptFolder();
    std::error_code error;
    std::filesystem::create_directories(folder, error);
    if (error)
        return fail(Failure::Code::System,
                    "The folder for kept flights, " + folder.string() +
                        ", could not be made: " + error.message() + ".",
                    words("Give the recording a name in another folder."));
    const auto now = std::time(nullptr);
    std::tm local{};
    localtime_r(&now, &local);
    char name[32];
    std::strftime(name, sizeof name, "%Y-%m-%d %H.%M.%S", &local);
    for (int i = 1; i < 100; ++i) {
        const auto path = folder / (std::string(before) + name +
                                    (i == 1 ? "" : " " + std::to_string(i)) + ".flight");
        if (!std::filesystem::exists(path, error)) return path;
    }
    return fail(Failure::Code::System, words("There are too many kept flights of this second."),
                words("Try again."));
}

}  // namespace

/// On the engine's own thread: no more than a write.
void RunningEngine::askToKeep(bool isByItself) noexcept
{
    if (!isByItself) m_wantsKept.store(true, std::memory_order_relaxed);
    constexpr std::uint64_t kOne = 1;
    static_cast<void>(::write(m_keepBell.get(), &kOne, sizeof kOne) == sizeof kOne);
}

/// On a thread of its own. By itself no more than one a minute is kept.
void RunningEngine::keepAside()
{
    constexpr auto kSeldom = std::chrono::minutes(1);
    const auto now = std::chrono::steady_clock::now();
    const bool isWanted = m_wantsKept.exchange(false);
    const bool isFirst = m_keptByItself == std::chrono::steady_clock::time_point{};
    if (!isWanted && !isFirst && now - m_keptByItself < kSeldom) return;
    if (!isWanted) {
        m_keptByItself = now;
        forgetOldest(keptFolder());
    }
    const auto path = isWanted ? freshPath() : freshPath(kByItself);
    const auto kept = path ? keepRecording(path->string()) : tl::unexpected(path.error());
    m_keeperTells.say(kept ? "The last minutes are kept as " + *kept + "."
                           : kept.error().text().english());
}

Fallible RunningEngine::goLive()
{
    return m_door.ask([](Engine& engine) { return engine.goLive(); });
}

Fallible RunningEngine::standDown()
{
    return m_door.ask(always([](Engine& engine) { engine.standDown(); }));
}

Fallible RunningEngine::flipLayer(const std::string& layer)
{
    return m_door.ask([layer](Engine& engine) { return engine.flipLayer(layer); });
}

Fallible RunningEngine::chooseCraft(const std::string& craft)
{
    return m_door.ask([craft](Engine& engine) { return engine.chooseCraft(craft); });
}

Fallible RunningEngine::holdByHand(const Target& place, Value value)
{
    return m_door.ask(
        [=, client = m_client](Engine& engine) { return engine.holdByHand(place, value, client); });
}

Fallible RunningEngine::letGoByHand(const Target& place)
{
    return m_door.ask([=](Engine& engine) { return engine.letGoByHand(place); });
}

Fallible RunningEngine::letGoAllByHand()
{
    return m_door.ask(
        always([client = m_client](Engine& engine) { engine.letGoByHandOf(client); }));
}

Fallible RunningEngine::keepHand()
{
    return m_door.ask(always([client = m_client](Engine& engine) { engine.keepHand(client); }));
}

Fallible RunningEngine::learn(const std::vector<Target>& places)
{
    return m_door.ask(
        [=, client = m_client](Engine& engine) { return engine.learn(places, client); });
}

Fallible RunningEngine::sweep(SweepWay way)
{
    return m_door.ask([way](Engine& engine) { return engine.sweep(way); });
}

Fallible RunningEngine::lookAsGame()
{
    m_lookout.ask();
    return {};
}

Result<UniqueFd> RunningEngine::recording(Time since)
{
    const auto bytes = format::writeRecording(m_recorder.recording(since));
    if (!bytes) return tl::unexpected(bytes.error());
    UniqueFd fd(memfd_create("jolly-tangle-flight", MFD_CLOEXEC | MFD_ALLOW_SEALING));
    for (std::size_t at = 0; fd.isOpen() && at < bytes->size();) {
        const auto count = ::write(fd.get(), bytes->data() + at, bytes->size() - at);
        if (count < 0 && errno != EINTR) return noMemory();
        if (count > 0) at += static_cast<std::size_t>(count);
    }
    if (!fd.isOpen()) return noMemory();
    return fd;
}

Result<std::string> RunningEngine::keepRecording(const std::string& path)
{
    const auto bytes = format::writeRecording(m_recorder.recording());
    if (!bytes) return tl::unexpected(bytes.error());
    auto where = path.empty() ? freshPath() : Result<std::filesystem::path>(path);
    if (!where) return tl::unexpected(where.error());
    if (const auto may = format::mayReplaceRecording(*where); !may)
        return tl::unexpected(may.error());
    if (const auto done = format::replaceText(*where, *bytes); !done)
        return tl::unexpected(done.error());
    return where->string();
}

}  // namespace jolly
