// SPDX-License-Identifier: GPL-3.0-or-later
#include "cli/first_look.h"
#include "cli/moves.h"
#include "cli/open_world.h"
#include "core/calibration/judge.h"
#include "core/tangle/edit.h"
#include "core/tangle/lookup.h"
#include "core/value/percent.h"
#include "format/files.h"
#include "format/tangle_text.h"

#include <nlohmann/json.hpp>

#include <iostream>
#include <memory>
#include <optional>

namespace jolly
{

namespace
{

using Json = nlohmann::ordered_json;

struct MeasureOptions {
    WorldChoice world;
    std::string controller;
    double seconds = 20.0;
    std::string moves;
    std::string tangle;
    bool wantsJson = false;
};

/// The axes of one controller, and what each of them did.
class Measurement
{
 public:
    explicit Measurement(RigController rig) : m_rig(std::move(rig))
    {
        for (const auto& control : m_rig.controls) {
            const auto& c = control.calibration;
            const auto rest = control.sides == Sides::Two ? c.centre : c.low;
            if (control.kind == ControlKind::Axis)
                m_axes.push_back({&control, {c.low, c.high, rest}, {}});
        }
    }
    Measurement(const Measurement&) = delete;
    Measurement& operator=(const Measurement&) = delete;

    [[nodiscard]] bool isEmpty() const { return m_axes.empty(); }
    [[nodiscard]] const RigController& rig() const { return m_rig; }

    void take(ControlCode code, AxisSample sample)
    {
        const auto found =
            std::ranges::find(m_axes, code, [](const Axis& axis) { return axis.control->code; });
        if (found == m_axes.end()) return;
        if (!found->samples.empty())
            sample.time = std::max(sample.time, found->samples.back().time);
        found->samples.push_back(sample);
    }

    void print(Time until, bool wantsJson) const
    {
        auto json = Json::array();
        for (const auto& axis : m_axes) {
            const auto range = soundRange(axis.range, axis.samples);
            const auto& control = *axis.control;
            const auto sided = surveyRests(axis.samples, range, control.sides, until);
            const auto& found = sided.findings;
            const auto verdict =
                judge(found, sided, axis.range, control.sides, control.calibration);
            if (wantsJson) {
                json.push_back(jsonOf(axis, found, verdict));
            } else {
                printAxis(axis, found, verdict);
            }
        }
        if (wantsJson) std::cout << json.dump(2) << std::endl;
    }

 private:
    struct Axis {
        const RigControl* control;
        AxisRange range;
        std::vector<AxisSample> samples;
    };

    void printAxis(const Axis& axis, const AxisFindings& found, const AxisVerdict& verdict) const
    {
        std::cout << nameOf(m_rig, *axis.control) << " (" << toText(axis.control->code) << ")\n";
        if (found.samples > 0) {
            std::cout << "  counts " << found.low << " to " << found.high << " of "
                      << axis.range.low << " to " << axis.range.high;
            if (found.step > 0) std::cout << ", in steps of " << found.step;
            std::cout << "\n";
        }
        if (!found.rests.empty()) {
            std::cout << "  rest " << found.rest << ", " << found.rests.size()
                      << (found.rests.size() == 1 ? " time" : " times") << ", drift " << found.drift
                      << ", jitter " << found.jitter << "\n";
        }
        std::cout << "  " << verdict.words << std::endl;
    }

    [[nodiscard]] Json jsonOf(const Axis& axis, const AxisFindings& found,
                              const AxisVerdict& verdict) const
    {
        const auto& c = verdict.calibration;
        return {{"control", toText(axis.control->code)},
                {"name", nameOf(m_rig, *axis.control).english()},
                {"range", {axis.range.low, axis.range.high}},
                {"seen", {found.low, found.high}},
                {"deadTravel", {found.low - axis.range.low, axis.range.high - found.high}},
                {"sides", verdict.sides == Sides::Two ? "two" : "one"},
                {"step", found.step},
                {"levels", found.levels},
                {"rests", found.rests},
                {"rest", found.rest},
                {"drift", found.drift},
                {"jitter", found.jitter},
                {"spikes", found.spikes},
                {"spikesAMinute", found.spikesAMinute()},
                {"dwell", found.dwell},
                {"calibration",
                 {{"low", c.low}, {"centre", c.centre}, {"high", c.high}, {"noise", c.noise}}},
                {"deadZone", verdict.deadZone},
                {"words", verdict.words.english()}};
    }

    RigController m_rig;
    std::vector<Axis> m_axes;
};

ExitCode hasNoAxes(const std::string& controller)
{
    std::cerr << "tangle: " << controller << " has no axes, so there is nothing to measure."
              << std::endl;
    return ExitCode::WorldRefuses;
}

/// Listens to one controller of a world.
class Listener : public FirstLook
{
 public:
    explicit Listener(std::string name) : m_name(std::move(name)) {}

    void controllerArrived(Handle handle, const ControllerDescription& description,
                           std::span<const Counts> state) override
    {
        FirstLook::controllerArrived(handle, description, state);
        const auto& identity = description.identity;
        if (identity.name == m_name || identity.phys == m_name) m_candidates.push_back(handle);
    }
    void controllerGone(Handle handle) override
    {
        FirstLook::controllerGone(handle);
        std::erase(m_candidates, handle);
        m_isGone = m_isGone || (m_measured && handle == *m_measured);
    }
    void frame(Handle handle, std::span<const RawMove> moves, Time time) noexcept override
    {
        if (!m_measured || handle != *m_measured) return;
        const auto& controls = controllers[handle].description.controls;
        for (const auto& move : moves)
            m_measurement->take(controls[move.control].code, {time, move.raw});
    }

    /// Why it cannot begin, as a sentence; empty when there is exactly one such controller.
    [[nodiscard]] std::string complaint() const
    {
        if (m_candidates.size() == 1) return {};
        if (m_candidates.size() > 1) {
            std::string text =
                "Several controllers are called \"" + m_name + "\". Name one by its port:";
            for (const auto handle : m_candidates)
                text += " \"" + controllers.at(handle).description.identity.phys + "\"";
            return text + ".";
        }
        std::string text = "No controller that you may read is called \"" + m_name + "\".";
        if (!controllers.empty()) text += " There are:";
        for (const auto& [handle, seen] : controllers)
            text += " \"" + seen.description.identity.name + "\"";
        return text + (controllers.empty() ? "" : ".");
    }

    void begin(Time now)
    {
        m_measured = m_candidates.front();
        const auto& seen = controllers[*m_measured];
        m_measurement = std::make_unique<Measurement>(adopt(seen.description, {}));
        for (std::size_t i = 0; i < seen.state.size(); ++i)
            m_measurement->take(seen.description.controls[i].code, {now, seen.state[i].x});
    }

    [[nodiscard]] const Measurement& measurement() const { return *m_measurement; }
    [[nodiscard]] bool isGone() const { return m_isGone; }

 private:
    std::string m_name;
    std::vector<Handle> m_candidates;
    std::optional<Handle> m_measured;
    std::unique_ptr<Measurement> m_measurement;
    bool m_isGone = false;
};

ExitCode measureWorld(const MeasureOptions& options)
{
    constexpr Time kListen = std::chrono::seconds(2);
    const auto opened = options.world.open();
    if (!opened) {
        complain(opened.error());
        return codeOf(opened.error());
    }
    auto& world = **opened;
    Listener listener(options.controller);
    for (const auto end = world.now() + kListen;
         world.now() < end && !listener.complaint().empty();)
        world.wait(end, listener);
    if (const auto complaint = listener.complaint(); !complaint.empty()) {
        std::cerr << "tangle: " << complaint << std::endl;
        return ExitCode::WorldRefuses;
    }
    const auto start = world.now();
    listener.begin(start);
    if (listener.measurement().isEmpty()) return hasNoAxes(options.controller);
    std::cerr << "Move everything to both ends, then let go several times. Measuring for "
              << options.seconds << " s." << std::endl;
    const auto end =
        start + std::chrono::duration_cast<Time>(std::chrono::duration<double>(options.seconds));
    while (world.now() < end && !listener.isGone()) world.wait(end, listener);
    if (listener.isGone())
        std::cerr << "tangle: " << options.controller << " went away; this is what it did before."
                  << std::endl;
    listener.measurement().print(world.now(), options.wantsJson);
    return listener.isGone() ? ExitCode::WorldRefuses : ExitCode::Fine;
}

/// A recorded series knows no ranges: they come from a tangle.
ExitCode measureMoves(const MeasureOptions& options)
{
    const auto text = format::readText(options.tangle);
    if (!text) {
        complain(text.error());
        return ExitCode::Usage;
    }
    const auto read = format::readTangle(*text);
    complain(read.problems, options.tangle);
    if (!read.isReadable) return ExitCode::Faulty;
    const auto* rig = findBy(read.tangle.rig, &RigController::alias, options.controller);
    if (!rig) {
        std::cerr << "tangle: " << options.tangle << " has no controller \"" << options.controller
                  << "\"." << std::endl;
        return ExitCode::Usage;
    }
    Measurement measurement(*rig);
    if (measurement.isEmpty()) return hasNoAxes(options.controller);
    Time last{};
    const auto code = forEachMove(options.moves, [&](const RecordedMove& move) {
        if (move.deed != RecordedMove::Deed::Move) return std::string();
        last = std::chrono::duration_cast<Time>(std::chrono::duration<double>(move.t));
        if (move.controller == rig->alias || move.controller == rig->identity.name)
            measurement.take(move.control, {last, move.raw});
        return std::string();
    });
    if (code == ExitCode::Fine) measurement.print(last, options.wantsJson);
    return code;
}

}  // namespace

void addMeasure(CLI::App& app, ExitCode& code)
{
    auto options = std::make_shared<MeasureOptions>();
    auto* command = app.add_subcommand(
        "measure", "Measures the axes of a controller: ends, rest, drift, jitter, spikes");
    command->add_option("CONTROLLER", options->controller, "Its name, or its port")->required();
    options->world.addTo(*command);
    command->add_option("--for", options->seconds, "Measure for so many seconds")
        ->check(CLI::PositiveNumber)
        ->capture_default_str();
    auto* moves = command->add_option("--moves", options->moves,
                                      "Measure recorded moves instead, one JSON object a line");
    auto* tangle = command->add_option("--tangle", options->tangle,
                                       "The tangle that knows the recorded controller's ranges");
    moves->needs(tangle);
    tangle->needs(moves);
    command->add_flag("--json", options->wantsJson, "As JSON");
    command->callback([options, &code] {
        code = options->moves.empty() ? measureWorld(*options) : measureMoves(*options);
    });
}

}  // namespace jolly
