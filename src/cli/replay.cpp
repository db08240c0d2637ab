// SPDX-License-Identifier: GPL-3.0-or-later
#include "cli/moves.h"
#include "core/plan/machine.h"
#include "core/tangle/lookup.h"
#include "format/files.h"
#include "format/tangle_text.h"

#include <nlohmann/json.hpp>

#include <iostream>
#include <memory>

namespace jolly
{

namespace
{

using Json = nlohmann::ordered_json;

/// Feeds recorded moves through a tangle in virtual time.
/// How long after the last move it is waited for what moves by itself.
constexpr Time kLongest = std::chrono::minutes(1);

class Replay
{
 public:
    explicit Replay(const Tangle& tangle) : m_tangle(tangle), m_machine(compile(tangle)) {}

    /// @return what is wrong with the move, as the end of a sentence; empty when nothing is.
    std::string feed(const RecordedMove& move)
    {
        const auto* controller = findBy(m_tangle.rig, &RigController::alias, move.controller);
        if (!controller) controller = findController(m_tangle, move.controller);
        if (!controller) return "the tangle has no controller \"" + move.controller + "\"";
        const auto rig = static_cast<std::size_t>(controller - m_tangle.rig.data());
        const auto code = isHatCode(move.control) ? hatOf(move.control) : move.control;
        const auto input = m_machine.plan().inputOf(rig, code);
        if (!input) return move.controller + " has no control " + toText(move.control);
        if (move.t != m_t || move.controller != m_controller || m_machine.isFull()) flush();
        const auto time = std::chrono::duration_cast<Time>(std::chrono::duration<double>(move.t));
        runUntil(time);
        m_t = move.t;
        m_controller = move.controller;
        m_machine.move(*input, isHatY(move.control), move.raw, time);
        return {};
    }

    /// Lets what moves by itself go on.
    void runUntil(Time time)
    {
        while (m_machine.nextTick() <= time) {
            const auto now = m_machine.nextTick();
            flush();
            m_t = inSeconds(now);
            while (m_machine.tick(now)) flush();
            flush();
        }
    }

    /// Lets all of it arrive; what never does is left after a minute.
    void settle()
    {
        if (m_machine.nextTick() != Time::max()) runUntil(m_machine.nextTick() + kLongest);
    }

    /// Ends the frame: prints what changed.
    void flush()
    {
        for (const auto& change : m_machine.changes()) print(change);
        m_machine.clearChanges();
    }

 private:
    void print(const Change& change) const
    {
        const auto& output = m_machine.plan().outputs[change.output];
        Json line{{"t", m_t},
                  {"device", m_tangle.devices[output.device].id},
                  {"control", toText(output.layout.control)}};
        switch (output.layout.control.kind) {
            case ControlKind::Hat:
                line["value"] = line["raw"] = {change.raw.x, change.raw.y};
                break;
            case ControlKind::Axis:
                line["value"] = m_machine.outputValue(change.output).x + 0.0;  // never -0
                line["raw"] = change.raw.x;
                break;
            default:
                line["value"] = line["raw"] = change.raw.x;
        }
        std::cout << line.dump() << "\n";
    }

    const Tangle& m_tangle;
    Machine m_machine;
    double m_t = 0.0;
    std::string m_controller;
};

ExitCode replay(const std::string& file, const std::string& movesFile)
{
    const auto text = format::readText(file);
    if (!text) {
        complain(text.error());
        return ExitCode::Usage;
    }
    const auto read = format::readTangle(*text);
    complain(read.problems, file);
    if (hasErrors(read.problems)) return ExitCode::Faulty;
    Replay replay(read.tangle);
    const auto code =
        forEachMove(movesFile, [&](const RecordedMove& move) { return replay.feed(move); });
    if (code != ExitCode::Fine) return code;
    replay.flush();
    replay.settle();
    return ExitCode::Fine;
}

}  // namespace

void addReplay(CLI::App& app, ExitCode& code)
{
    struct Options {
        std::string file;
        std::string moves;
    };
    auto options = std::make_shared<Options>();
    auto* command =
        app.add_subcommand("replay", "Feeds recorded moves through a tangle, without devices");
    command->add_option("FILE", options->file, "Tangle file")->required();
    command->add_option("--moves", options->moves, "Recorded moves, one JSON object a line")
        ->required();
    command->callback([options, &code] { code = replay(options->file, options->moves); });
}

}  // namespace jolly
