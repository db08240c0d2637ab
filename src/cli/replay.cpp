// SPDX-License-Identifier: GPL-3.0-or-later
#include "cli/change_printer.h"
#include "cli/moves.h"
#include "cli/plain_output.h"
#include "cli/recordings.h"
#include "core/flight/compare.h"
#include "core/flight/player.h"
#include "core/tangle/lookup.h"
#include "format/files.h"
#include "format/tangle_text.h"

#include <iostream>
#include <map>
#include <memory>
#include <utility>

namespace jolly
{

namespace
{

/// How long after the last move it is waited for what moves by itself.
constexpr Time kLongest = std::chrono::minutes(1);

/// Feeds recorded moves through a tangle in virtual time, and prints what leaves it.
class Replay
{
 public:
    explicit Replay(const Tangle& tangle)
        : m_tangle(tangle),
          m_player(tangle, [this](Time time,
                                  const Change& change) { m_printer.print(told(time), change); }),
          m_printer(tangle, m_player.machine())
    {
        m_player.onFrame([this](Time time) { m_printer.tellRest(told(time)); });
    }
    Replay(const Replay&) = delete;
    Replay& operator=(const Replay&) = delete;

    /// @return what is wrong with the move, as the end of a sentence; empty when nothing is.
    std::string feed(const RecordedMove& move)
    {
        if (move.deed != RecordedMove::Deed::Move) return doDeed(move);
        const bool isNewFrame = move.t != m_t || move.controller != m_controller;
        if (isNewFrame) flush();
        if (move.controller != m_controller) {
            if (auto wrong = choose(move.controller); !wrong.empty()) return wrong;
        }
        const auto input = inputOf(move.control);
        if (!input) return move.controller + " has no control " + toText(move.control);
        runUntil(move);
        const bool isTurner = move.control.type == EventType::Rel;
        auto raw = move.raw;
        if (isTurner) raw = m_turned[*input] = wrapped(m_turned[*input], raw);
        m_player.move(*input, isHatY(move.control), raw, move.time);
        return {};
    }

    /// Lets all of it arrive; what never does is left after a minute.
    void settle()
    {
        const auto next = m_player.machine().nextTick();
        if (next != Time::max()) m_player.runUntil(next + kLongest);
    }

    /// Ends the frame: prints what changed.
    void flush() { m_player.endFrame(m_now); }

 private:
    void runUntil(const RecordedMove& move)
    {
        m_player.runUntil(move.time);
        m_t = move.t;
        m_now = move.time;
    }

    /// A time as it was written where a move has it.
    double told(Time time) const { return time == m_now ? m_t : inSeconds(time); }

    /// A layer is flipped by hand, or another craft chosen. @return as feed().
    std::string doDeed(const RecordedMove& move)
    {
        flush();
        m_controller.clear();
        runUntil(move);
        const auto& name = move.controller;
        if (move.deed == RecordedMove::Deed::Fly) {
            const auto* craft = findNamed(m_tangle.craft, name);
            if (!craft) return "the tangle has no craft \"" + name + "\"";
            m_player.machine().chooseCraft(
                static_cast<std::uint32_t>(craft - m_tangle.craft.data()));
        } else {
            const auto* layer = findNamed(m_tangle.layers, name);
            if (!layer) return "the tangle has no layer \"" + name + "\"";
            if (layer == m_tangle.layers.data()) return "Base always is engaged";
            m_player.machine().flipLayer(
                static_cast<std::uint32_t>(layer - m_tangle.layers.data()));
        }
        flush();
        return {};
    }

    /// The controller that the next moves are of, by its alias or id.
    std::string choose(const std::string& name)
    {
        const auto* controller = findBy(m_tangle.rig, &RigController::alias, name);
        if (!controller) controller = findController(m_tangle, name);
        if (!controller) return "the tangle has no controller \"" + name + "\"";
        m_controller = name;
        m_rig = static_cast<std::size_t>(controller - m_tangle.rig.data());
        return {};
    }

    std::optional<std::uint32_t> inputOf(ControlCode control)
    {
        const std::pair key(m_rig, isHatCode(control) ? hatOf(control) : control);
        const auto known = m_inputs.find(key);
        if (known != m_inputs.end()) return known->second;
        const auto& plan = m_player.machine().plan();
        return m_inputs.emplace(key, plan.inputOf(key.first, key.second)).first->second;
    }

    const Tangle& m_tangle;
    Player m_player;
    ChangePrinter m_printer;
    double m_t = 0.0;  ///< the time of what is printed, as it was written
    Time m_now{};
    std::string m_controller;
    std::size_t m_rig = 0;
    std::map<std::pair<std::size_t, ControlCode>, std::optional<std::uint32_t>> m_inputs;
    std::map<std::uint32_t, std::int32_t> m_turned;  ///< the sum of a turner's turns
};

ExitCode replayMoves(const Tangle& tangle, const std::string& movesFile)
{
    Replay replay(tangle);
    const auto code =
        forEachMove(movesFile, [&](const RecordedMove& move) { return replay.feed(move); });
    replay.flush();  // also what came right before a bad line
    if (code == ExitCode::Fine) replay.settle();
    return code;
}

/// Plays a recording through a tangle and prints what leaves it.
ExitCode replayRecording(const Tangle& tangle, const std::string& file)
{
    const auto recording = openRecording(file);
    if (!recording) {
        complain(recording.error());
        return ExitCode::Usage;
    }
    if (const auto stranger = strangerIn(*recording, tangle); !stranger.empty())
        std::cerr << "tangle: " << stranger << std::endl;
    std::unique_ptr<ChangePrinter> printer;
    FlightPlayer player(*recording, tangle, [&](Time time, const Change& change) {
        if (printer) printer->print(inSeconds(time), change);
    });
    printer = std::make_unique<ChangePrinter>(tangle, player.machine());
    Time last = recording->first();
    const auto done = recording->forEach(
        0, [&](const Standing& standing) { player.begin(standing, last); },
        [&](const Happening& happening) {
            player.feed(happening);
            last = happening.time;
            printer->tellRest(inSeconds(last));
            return true;
        });
    player.finish();
    printer->tellRest(inSeconds(last));
    if (done) return ExitCode::Fine;
    std::cout.flush();
    complain(done.error());
    return ExitCode::Usage;
}

ExitCode replay(const std::string& file, const std::string& moves, const std::string& recording)
{
    const auto text = format::readText(file);
    if (!text) {
        complain(text.error());
        return ExitCode::Usage;
    }
    const auto read = format::readTangle(*text);
    complain(read.problems, file);
    if (hasErrors(read.problems)) return ExitCode::Faulty;
    std::ios::sync_with_stdio(false);  // which gives the streams other buffers: plain ones, too
    const PlainOutput plainOut(std::cout);
    const PlainOutput plainErr(std::cerr);
    const auto code = recording.empty() ? replayMoves(read.tangle, moves)
                                        : replayRecording(read.tangle, recording);
    std::cout.flush();
    return code;
}

}  // namespace

void addReplay(CLI::App& app, ExitCode& code)
{
    struct Options {
        std::string file;
        std::string moves;
        std::string recording;
    };
    auto options = std::make_shared<Options>();
    auto* command = app.add_subcommand(
        "replay", "Feeds recorded moves or a recording through a tangle, without devices");
    command->add_option("FILE", options->file, "Tangle file")->required();
    auto* what = command->add_option_group("what");
    what->add_option("--moves", options->moves, "Recorded moves, one JSON object a line");
    what->add_option("--recording", options->recording,
                     "A recording of the flight recorder, or of evemu");
    what->require_option(1);
    command->callback(
        [options, &code] { code = replay(options->file, options->moves, options->recording); });
}

}  // namespace jolly
