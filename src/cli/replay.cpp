// SPDX-License-Identifier: GPL-3.0-or-later
#include "cli/moves.h"
#include "core/plan/machine.h"
#include "core/tangle/lookup.h"
#include "format/files.h"
#include "format/tangle_text.h"

#include <nlohmann/json.hpp>

#include <iostream>
#include <map>
#include <memory>
#include <utility>

namespace jolly
{

namespace
{

using Json = nlohmann::json;

/// How long after the last move it is waited for what moves by itself.
constexpr Time kLongest = std::chrono::minutes(1);

/// Feeds recorded moves through a tangle in virtual time, and prints what leaves it.
class Replay
{
 public:
    explicit Replay(const Tangle& tangle) : m_tangle(tangle), m_machine(compile(tangle))
    {
        for (const auto& output : m_machine.plan().outputs) {
            if (output.device == kNoDevice) continue;  // a layer; those come behind the others
            m_heads.push_back(",\"device\":" + Json(tangle.devices[output.device].id).dump() +
                              ",\"control\":" + Json(toText(output.layout.control)).dump());
        }
    }

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
        if (m_machine.nextTick() <= move.time) runUntil(move.time);
        m_t = move.t;
        const bool isTurner = move.control.type == EventType::Rel;
        const auto raw = isTurner ? m_turned[*input] += move.raw : move.raw;
        m_machine.move(*input, isHatY(move.control), raw, move.time);
        return {};
    }

    /// A layer is flipped by hand, or another craft chosen. @return as feed().
    std::string doDeed(const RecordedMove& move)
    {
        flush();
        m_controller.clear();
        if (m_machine.nextTick() <= move.time) runUntil(move.time);
        m_t = move.t;
        const auto& name = move.controller;
        if (move.deed == RecordedMove::Deed::Fly) {
            const auto* craft = findNamed(m_tangle.craft, name);
            if (!craft) return "the tangle has no craft \"" + name + "\"";
            m_machine.chooseCraft(static_cast<std::uint32_t>(craft - m_tangle.craft.data()));
        } else {
            const auto* layer = findNamed(m_tangle.layers, name);
            if (!layer) return "the tangle has no layer \"" + name + "\"";
            if (layer == m_tangle.layers.data()) return "Base always is engaged";
            m_machine.flipLayer(static_cast<std::uint32_t>(layer - m_tangle.layers.data()));
        }
        flush();
        return {};
    }

    /// Lets what moves by itself go on.
    void runUntil(Time time)
    {
        while (m_machine.nextTick() <= time) {
            const auto now = m_machine.nextTick();
            flush();
            m_t = inSeconds(now);
            m_machine.tick(now);
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
        m_machine.takeChanges(
            [this](const Change& change) { print("{\"t\":" + Json(m_t).dump(), change); });
        tellLayers();
        if (m_machine.takeStandDown())
            std::cout << "{\"t\":" << Json(m_t).dump() << ",\"order\":\"stand down\"}\n";
    }

 private:
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
        return m_inputs.emplace(key, m_machine.plan().inputOf(key.first, key.second)).first->second;
    }

    /// Layers that were engaged or let go, and a craft that was chosen.
    void tellLayers()
    {
        const auto engaged = m_machine.layers().engaged();
        for (std::size_t layer = 1; layer < m_machine.plan().layers.size(); ++layer) {
            const bool is = ((engaged >> layer) & 1U) != 0;
            if (is == (((m_engaged >> layer) & 1U) != 0)) continue;
            std::cout << "{\"t\":" << Json(m_t).dump()
                      << ",\"layer\":" << Json(m_machine.plan().layers[layer].id).dump()
                      << ",\"engaged\":" << (is ? "true" : "false") << "}\n";
        }
        m_engaged = engaged;
        const auto craft = m_machine.routing().craft();
        if (craft == std::exchange(m_craft, craft)) return;
        std::cout << "{\"t\":" << Json(m_t).dump()
                  << ",\"craft\":" << Json(m_machine.plan().views[craft].craft).dump() << "}\n";
    }

    void print(const std::string& time, const Change& change)
    {
        std::cout << time << m_heads[change.output];
        auto raw = std::to_string(change.raw.x);
        const auto kind = m_machine.plan().outputs[change.output].layout.control.kind;
        if (kind == ControlKind::Axis) {  // + 0.0: never -0
            const double value = change.value.x + 0.0;
            std::cout << ",\"value\":" << Json(value).dump() << ",\"raw\":" << raw << "}\n";
            return;
        }
        if (kind == ControlKind::Turner)
            raw = std::to_string(change.raw.x - std::exchange(m_sent[change.output], change.raw.x));
        if (kind == ControlKind::Hat) raw = "[" + raw + "," + std::to_string(change.raw.y) + "]";
        std::cout << ",\"raw\":" << raw << ",\"value\":" << raw << "}\n";
    }

    const Tangle& m_tangle;
    Machine m_machine;
    double m_t = 0.0;
    std::string m_controller;
    std::size_t m_rig = 0;
    std::map<std::pair<std::size_t, ControlCode>, std::optional<std::uint32_t>> m_inputs;
    std::map<std::uint32_t, std::int32_t> m_turned;  ///< the sum of a turner's turns
    std::uint64_t m_engaged = 1;
    std::uint32_t m_craft = 0;
    std::map<std::uint32_t, std::int32_t> m_sent;  ///< the same of virtual ones, by output
    std::vector<std::string> m_heads;              ///< of each output's lines
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
    std::ios::sync_with_stdio(false);
    Replay replay(read.tangle);
    const auto code =
        forEachMove(movesFile, [&](const RecordedMove& move) { return replay.feed(move); });
    replay.flush();  // also what came right before a bad line
    if (code == ExitCode::Fine) replay.settle();
    std::cout.flush();
    return code;
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
