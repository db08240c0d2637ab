// SPDX-License-Identifier: GPL-3.0-or-later
#include "cli/first_look.h"
#include "cli/open_world.h"
#include "cli/recordings.h"
#include "cli/with_engine.h"
#include "core/flight/chunk_maker.h"
#include "format/evemu.h"
#include "format/recording_file.h"
#include "format/save.h"

#include <csignal>
#include <iostream>
#include <memory>
#include <thread>

namespace jolly
{

namespace
{

struct RecordOptions {
    WorldChoice world;
    bool isOfWorld = false;
    std::string file;
    double seconds = 0.0;
    std::string evemu;
};

volatile std::sig_atomic_t g_isStopped = 0;

Time lengthOf(double seconds)
{
    return std::chrono::round<Time>(std::chrono::duration<double>(seconds));
}

/// Writes down what the controllers of a world do.
class Scribe : public FirstLook
{
 public:
    void controllerArrived(Handle handle, const ControllerDescription& description,
                           std::span<const Counts> state) override
    {
        FirstLook::controllerArrived(handle, description, state);
        m_numbers[handle] = m_maker.addController(description);
        m_maker.arrive(m_numbers[handle], state, m_now());
    }
    void controllerGone(Handle handle) override
    {
        m_maker.add({.kind = Happening::Kind::Gone, .what = m_numbers[handle], .time = m_now()});
        FirstLook::controllerGone(handle);
    }
    void frame(Handle handle, std::span<const RawMove> moves, Time time) noexcept override
    {
        bool isFirst = true;
        auto& seen = controllers[handle];
        for (const auto& move : moves) {
            auto& counts = seen.state[move.control];
            const auto kind = seen.description.controls[move.control].kind;
            auto& raw = move.isHatY ? counts.y : counts.x;
            raw = kind == ControlKind::Turner ? wrapped(raw, move.raw) : move.raw;
            m_maker.add({Happening::Kind::Move, move.isHatY, isFirst,
                         m_maker.trackOf({m_numbers[handle], move.control, {}}), raw, time});
            isFirst = false;
        }
    }
    void lost(Handle handle, Time time) noexcept override
    {
        m_maker.add({Happening::Kind::Lost, false, false, m_numbers[handle], 1, time});
    }

    explicit Scribe(std::function<Time()> now) : m_now(std::move(now)) {}
    [[nodiscard]] Recording finish() { return m_maker.finish(); }

 private:
    std::function<Time()> m_now;
    std::map<Handle, std::uint32_t> m_numbers;
    RecordingMaker m_maker;
};

Result<Recording> recordWorld(const RecordOptions& options)
{
    auto world = options.world.open();
    if (!world) return tl::unexpected(world.error());
    Scribe scribe([&] { return (*world)->now(); });
    const auto end =
        options.seconds > 0.0 ? (*world)->now() + lengthOf(options.seconds) : Time::max();
    std::cerr << "Recording. Ctrl+C ends it. A controller that is held by a live engine keeps "
                 "silent here."
              << std::endl;
    while (g_isStopped == 0 && (*world)->now() < end) (*world)->wait(end, scribe);
    auto recording = scribe.finish();
    const auto real = std::chrono::system_clock::now().time_since_epoch();
    recording.clock = std::chrono::duration_cast<Time>(real - (*world)->now()).count();
    return recording;
}

/// What the engine recorded: from now on for a while, or all that it keeps.
Result<Recording> recordEngine(const RecordOptions& options)
{
    Time since{};
    if (options.seconds > 0.0) {
        if (const auto there = EngineClient::connect(); !there)
            return tl::unexpected(there.error());
        since = std::chrono::steady_clock::now().time_since_epoch();
        const auto end = std::chrono::steady_clock::now() + lengthOf(options.seconds);
        std::cerr << "Recording for " << options.seconds << " s. Ctrl+C ends it." << std::endl;
        while (g_isStopped == 0 && std::chrono::steady_clock::now() < end)
            std::this_thread::sleep_for(std::chrono::milliseconds(20));
    }
    return recordingOfEngine(since);
}

/// What one controller of a recording did, for evemu-play.
Result<std::string> evemuOf(const Recording& recording, const std::string& name)
{
    for (std::uint32_t c = 0; c < recording.controllers.size(); ++c) {
        const auto& identity = recording.controllers[c].identity;
        if (identity.name == name || identity.phys == name) return format::writeEvemu(recording, c);
    }
    std::vector<Sentence> names;
    for (const auto& controller : recording.controllers)
        names.push_back(say("\"%1\"", controller.identity.name));
    return fail(Failure::Code::NotThere, say("No controller \"%1\" was recorded.", name),
                names.empty() ? words("Plug it in first.") : say("There are: %1.", inARow(names)));
}

Fallible record(const RecordOptions& options)
{
    const auto recording = options.isOfWorld ? recordWorld(options) : recordEngine(options);
    if (!recording) return tl::unexpected(recording.error());
    const auto bytes = options.evemu.empty() ? format::writeRecording(*recording)
                                             : evemuOf(*recording, options.evemu);
    if (!bytes) return tl::unexpected(bytes.error());
    if (options.evemu.empty()) {
        if (auto may = format::mayReplaceRecording(options.file); !may) return may;
    }
    if (auto done = format::replaceText(options.file, *bytes); !done) return done;
    std::cerr << "Wrote " << inSeconds(recording->last() - recording->first()) << " s to "
              << options.file << "." << std::endl;
    return {};
}

}  // namespace

void addRecord(CLI::App& app, ExitCode& code)
{
    auto options = std::make_shared<RecordOptions>();
    auto* command = app.add_subcommand(
        "record",
        "Writes a recording: what the engine that runs keeps of its flight, or what the "
        "controllers of a world do");
    command->add_option("FILE", options->file, "Where to write it, NAME.flight")->required();
    command
        ->add_option("--for", options->seconds,
                     "From now on for so many seconds; without it all that the engine keeps")
        ->check(CLI::PositiveNumber);
    command->add_option("--evemu", options->evemu,
                        "What this controller did alone, as text for evemu-play");
    options->world.addTo(*command);
    command->callback([options, command, &code] {
        std::signal(SIGINT, [](int) { g_isStopped = 1; });
        options->isOfWorld = command->count("--world") > 0;
        const auto done = record(*options);
        if (!done) complain(done.error());
        code = done ? ExitCode::Fine : codeOf(done.error());
    });
}

}  // namespace jolly
