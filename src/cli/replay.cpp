// SPDX-License-Identifier: GPL-3.0-or-later
#include "cli/commands.h"
#include "core/plan/machine.h"
#include "core/tangle/lookup.h"
#include "format/files.h"
#include "format/tangle_text.h"

#include <nlohmann/json.hpp>

#include <cmath>
#include <fstream>
#include <iostream>
#include <memory>

namespace jolly
{

namespace
{

using Json = nlohmann::ordered_json;

/// One line of a moves file, bound to the tangle.
struct Move {
    double t = 0.0;
    std::string controller;
    std::uint32_t input = 0;
    bool isHatY = false;
    std::int32_t raw = 0;
};

/// Feeds recorded moves through a tangle in virtual time.
class Replay
{
 public:
    explicit Replay(const Tangle& tangle) : m_tangle(tangle), m_machine(compile(tangle)) {}

    /// @return what is wrong with the line, as a sentence; empty when nothing is.
    std::string feed(const std::string& line)
    {
        Move move;
        if (auto wrong = read(line, move); !wrong.empty()) return wrong;
        if (move.t < m_t)
            return "its time is before that of the line above; moves go forward in time";
        if (move.t != m_t || move.controller != m_controller || m_machine.isFull()) flush();
        m_t = move.t;
        m_controller = move.controller;
        const auto time = std::chrono::duration_cast<Time>(std::chrono::duration<double>(move.t));
        m_machine.move(move.input, move.isHatY, move.raw, time);
        return {};
    }

    /// Ends the frame: prints what changed.
    void flush()
    {
        for (const auto& change : m_machine.changes()) print(change);
        m_machine.clearChanges();
    }

 private:
    std::string read(const std::string& line, Move& move) const
    {
        const auto json = Json::parse(line, nullptr, false);
        const char* const kExpected =
            "expected {\"t\": seconds, \"controller\": alias, \"control\": \"ABS_X\", \"raw\": "
            "512}";
        if (!json.is_object() || !json.contains("t") || !json["t"].is_number() ||
            !json.contains("raw") || !json["raw"].is_number_integer() ||
            !json.contains("controller") || !json["controller"].is_string() ||
            !json.contains("control") || !json["control"].is_string()) {
            return kExpected;
        }
        const double raw = json["raw"];
        if (std::abs(raw) > 2147483647.0) return "its raw count is larger than any device's";
        move.t = json["t"];
        move.raw = static_cast<std::int32_t>(raw);
        move.controller = json["controller"];
        return bind(json["control"], move);
    }

    std::string bind(const std::string& control, Move& move) const
    {
        const auto* controller = findBy(m_tangle.rig, &RigController::alias, move.controller);
        if (!controller) controller = findController(m_tangle, move.controller);
        if (!controller) return "the tangle has no controller \"" + move.controller + "\"";
        const auto code = parseControlCode(control);
        if (!code) return "\"" + control + "\" is no control; expected a name such as \"ABS_X\"";
        const auto rig = static_cast<std::size_t>(controller - m_tangle.rig.data());
        const auto input = m_machine.plan().inputOf(rig, isHatCode(*code) ? hatOf(*code) : *code);
        if (!input) return move.controller + " has no control " + control;
        move.input = *input;
        move.isHatY = isHatY(*code);
        return {};
    }

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
    const auto moves = format::readText(movesFile);
    for (const auto* each : {&text, &moves}) {
        if (*each) continue;
        complain(each->error());
        return ExitCode::Usage;
    }
    const auto read = format::readTangle(*text);
    complain(read.problems, file);
    if (hasErrors(read.problems)) return ExitCode::Faulty;
    Replay replay(read.tangle);
    std::istringstream in(*moves);
    int number = 0;
    for (std::string line; std::getline(in, line);) {
        ++number;
        if (line.find_first_not_of(" \t\r") == std::string::npos) continue;
        if (const auto wrong = replay.feed(line); !wrong.empty()) {
            std::cerr << movesFile << ":" << number << ": this line was not replayed: " << wrong
                      << "." << std::endl;
            return ExitCode::Usage;
        }
    }
    replay.flush();
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
