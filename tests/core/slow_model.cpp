// SPDX-License-Identifier: GPL-3.0-or-later
#include "slow_model.h"

#include "core/tangle/signals.h"

#include <algorithm>
#include <cmath>

namespace jolly::test
{

namespace
{

bool isDownNow(Value value)
{
    return value.x >= 0.5;
}

bool isAxis(const std::optional<Target>& place)
{
    return place && place->control.kind == ControlKind::Axis;
}

}  // namespace

SlowModel::SlowModel(const Tangle& tangle) : m_tangle(tangle), m_stack(tangle)
{
    order();
    forEachControlOfRig([this](const Source& source) {
        m_routes[nameOf(source)] = wanted(source);
        countOnly(source);
    });
}

SlowModel::Name SlowModel::nameOf(const Source& source)
{
    return source.controller + " " + std::to_string(static_cast<int>(source.control.type)) + " " +
           std::to_string(source.control.code);
}

SlowModel::Name SlowModel::nameOf(const Target& target)
{
    return target.device + " " + toText(target.control);
}

/// The virtual control that an end moves, or the layer that it holds engaged.
std::optional<Target> SlowModel::placeOf(const End& end)
{
    if (const auto* target = targetOf(end)) return *target;
    const auto* layer = std::get_if<LayerGoal>(&end.goal);
    if (layer && layer->engage == Engage::Hold) return Target{"layer " + layer->layer, button(1)};
    return std::nullopt;
}

SlowModel::EndName SlowModel::nameOf(const End& end)
{
    return {end.outlet, nameOf(*placeOf(end))};
}

void SlowModel::forEachControlOfRig(const std::function<void(const Source&)>& visit) const
{
    for (const auto& controller : m_tangle.rig) {
        for (const auto& control : controller.controls) visit({controller.id, control.code});
    }
}

const Strand& SlowModel::strandOf(const Name& id) const
{
    return **std::ranges::find(m_order, id, [](const Strand* strand) { return strand->id; });
}

const Layer& SlowModel::layerOf(const Name& id) const
{
    return *std::ranges::find(m_tangle.layers, id, &Layer::id);
}

const RigControl& SlowModel::rigControl(const Source& source) const
{
    for (const auto& controller : m_tangle.rig) {
        for (const auto& control : controller.controls) {
            if (controller.id == source.controller && control.code == source.control)
                return control;
        }
    }
    throw std::logic_error("no such control");
}

Value SlowModel::valueOf(const Source& source) const
{
    const auto known = m_controls.find(nameOf(source));
    if (known == m_controls.end() || known->second.isHeldFromBefore) return {};
    const auto& control = rigControl(source);
    const auto raw = known->second.raw;
    if (control.kind != ControlKind::Axis)
        return {static_cast<double>(raw.x), static_cast<double>(raw.y)};
    const double at = std::clamp(raw.x, control.calibration.low, control.calibration.high);
    return {at / control.calibration.high};  // the small stick's axes rest at 0
}

/// Whether a press of it is under way.
bool SlowModel::isPressed(const Source& source) const
{
    const auto kind = rigControl(source).kind;
    const auto value = valueOf(source);
    if (kind == ControlKind::Hat) return value.x != 0.0 || value.y != 0.0;
    return kind == ControlKind::Button && isDownNow(value);
}

bool SlowModel::isSwitch(const Source& source) const
{
    const auto& control = rigControl(source);
    return control.kind == ControlKind::Button && !springsBack(control.buttonKind);
}

SlowStage::See SlowModel::see() const
{
    return [this](const Source& source) { return valueOf(source); };
}

VirtualSettings SlowModel::settings(const Target& target) const
{
    for (const auto& device : m_tangle.devices) {
        for (const auto& settings : device.settings) {
            if (device.id == target.device && settings.control == target.control) return settings;
        }
    }
    return {};
}

bool SlowModel::isFollowed(const Target& target) const
{
    return target.control.kind == ControlKind::Hat ||
           (target.control.kind == ControlKind::Axis &&
            settings(target).meeting == Meeting::MovedLast);
}

bool SlowModel::works(const Stage& stage) const
{
    if (!stage.when) return true;
    const auto& when = *stage.when;
    if (!when.layer.empty()) return engaged().contains(when.layer) != when.isOff;
    return isDownNow(when.output ? at(*when.output) : valueOf(when.control)) != when.isOff;
}

/// By the place of their control in the rig, then of themselves in the tangle.
void SlowModel::order()
{
    m_order.clear();
    m_waitedFor.clear();
    for (const auto& controller : m_tangle.rig) {
        for (const auto& control : controller.controls) {
            for (const auto& strand : m_tangle.strands) {
                if (strand.isOn && strand.source == Source{controller.id, control.code})
                    m_order.push_back(&strand);
            }
        }
    }
    for (const auto* strand : m_order) {
        for (const auto* stage : stagesOf(*strand)) {
            if (stage->when && stage->when->output) m_waitedFor.push_back(*stage->when->output);
        }
    }
}

std::vector<const Stage*> SlowModel::stagesOf(const Strand& strand)
{
    std::vector<const Stage*> stages;
    for (const auto& stage : strand.stages) {
        if (stage.isOn) stages.push_back(&stage);
    }
    return stages;
}

bool SlowModel::looksAt(const Strand& strand, const Source& source) const
{
    for (const auto* stage : stagesOf(strand)) {
        if (stage->when && !stage->when->output && stage->when->layer.empty() &&
            stage->when->control == source)
            return true;
        bool does = false;
        forEachControl(stage->parameters,
                       [&](const auto&, const auto& seen) { does = does || seen == source; });
        if (does) return true;
    }
    return false;
}

bool SlowModel::waitsFor(const Strand& strand, const Target& target) const
{
    return std::ranges::any_of(stagesOf(strand), [&](const Stage* stage) {
        return stage->when && stage->when->output == target;
    });
}

/// A stage that waits for something sleeps until its strand runs, and it is so.
SlowModel::Running& SlowModel::running(const Strand& strand)
{
    auto& running = m_running[strand.id];
    const auto stages = stagesOf(strand);
    for (auto i = running.stages.size(); i < stages.size(); ++i) {
        running.stages.emplace_back(stages[i]->parameters);
        running.stages.back().sleeps = stages[i]->when.has_value();
    }
    running.values.resize(stages.size());
    return running;
}

/// @return what comes out, by outlet.
std::vector<Value> SlowModel::runStages(const Strand& strand, Value in, bool isNews, Time now)
{
    auto& state = running(strand);
    const auto stages = stagesOf(strand);
    auto signal = signalOf(m_tangle, strand.source);
    std::vector<Value> out = {in};
    std::set<std::string> led;
    for (const auto& end : strand.ends)
        led.insert(end.outlet.empty() ? outletsOf(strand).front() : end.outlet);
    for (std::size_t i = 0; i < stages.size(); ++i) {
        auto& stage = state.stages[i];
        in = out[0];
        const bool forks = signalAfter(stages[i]->parameters, signal).kind != signal.kind ||
                           outletsOf(stages[i]->parameters).size() > 1;
        if (!works(*stages[i])) {
            stage.sleeps = true;
            if (forks) out.assign(outletsOf(stages[i]->parameters).size(), Value{});
        } else {
            if (stage.sleeps) {
                stage.stop();
                stage.wake(in, now, see());
            }
            stage.sleeps = false;
            out = stage.run(in, signal, now, see(), isNews, led);
        }
        state.values[i] = out[0];
        signal = signalAfter(stages[i]->parameters, signal);
    }
    return out;
}

/// What an end says for what came out of the stages, before pulses are made of it.
Value SlowModel::outOf(const Strand& strand, const End& end, const std::vector<Value>& out) const
{
    const auto names = outletsOf(strand);
    const auto named = std::ranges::find(names, end.outlet);
    auto value = out[named == names.end() ? 0 : static_cast<std::size_t>(named - names.begin())];
    const auto place = placeOf(end);
    if (!isAxis(place)) return value;
    const auto signal = signalsOf(m_tangle, strand).back();
    const auto sides = end.part == jolly::Part::Whole ? settings(*place).sides : Sides::One;
    if (signal.sides == Sides::Two && sides == Sides::One) value.x = (value.x + 1.0) / 2.0;
    if (signal.sides == Sides::One && sides == Sides::Two) value.x = 2.0 * value.x - 1.0;
    if (end.part == jolly::Part::Lower) value.x = -value.x;
    return value;
}

void SlowModel::run(const Strand& strand, Value in, Why why, Time now)
{
    auto& state = running(strand);
    state.in = in;
    const auto out = runStages(strand, in, why == Why::Moved, now);
    bool isMet = false;
    for (const auto& end : strand.ends) {
        if (!placeOf(end)) continue;
        auto value = outOf(strand, end, out);
        if (state.waits[nameOf(end)] != Waits::No) {
            if (!hasMet(strand, end, value)) continue;
            isMet = true;
        }
        if (!pulses(end)) say(strand, end, value, why);
    }
    if (isMet) dropLeft(strand.source);
    for (const auto& end : strand.ends)
        if (pulses(end)) hear(strand, end, outOf(strand, end, out), why, now);
    giveOrders(strand, out, why);
    state.due = dueOf(strand, now);
}

/// When it wants to run by itself.
Time SlowModel::dueOf(const Strand& strand, Time now)
{
    auto& state = running(strand);
    auto due = Time::max();
    for (const auto& stage : state.stages) {
        if (!stage.sleeps) due = std::min(due, stage.nextAt(now));
    }
    return due == Time::max() ? due : std::max(due, now + Time(1));
}

void SlowModel::runIfKnown(const Strand& strand, Why why, Time now)
{
    const auto& state = running(strand);
    if (m_controls.contains(nameOf(strand.source)) && !state.isMasked && state.part == Part::Counts)
        run(strand, valueOf(strand.source), why, now);
}

void SlowModel::look(const Strand& strand, bool isNews)
{
    auto& state = running(strand);
    if (state.part != Part::Counts) return;
    const auto stages = stagesOf(strand);
    for (std::size_t i = 0; i < stages.size(); ++i) {
        auto& stage = state.stages[i];
        if (!works(*stages[i])) {
            stage.sleeps = true;
        } else if (!stage.sleeps) {
            stage.look(see(), isNews);
        } else if (!m_controls.contains(nameOf(strand.source))) {
            stage.sleeps = false;
            stage.stop();
            stage.wake({}, {}, see());
        }
    }
}

void SlowModel::prime(const Source& source, Counts raw)
{
    const auto& control = rigControl(source);
    const bool isHeld =
        control.kind == ControlKind::Button && springsBack(control.buttonKind) && raw.x != 0;
    m_controls[nameOf(source)] = {raw, isHeld};
    m_primed.insert(nameOf(source));
    for (const auto* strand : inOrder()) {
        if (strand->source == source) running(*strand).isMasked = isHeld;
    }
}

void SlowModel::begin(Time now)
{
    const auto isPrimed = [this](const Source& source) {
        return m_primed.contains(nameOf(source));
    };
    forEachControlOfRig([&](const Source& source) {
        if (!isPrimed(source)) return;
        for (const auto& id : Route(present(source)).strands) {
            look(strandOf(id), false);
            runIfKnown(strandOf(id), Why::Known, now);
        }
        for (const auto* strand : inOrder()) {
            if (isPrimed(strand->source) || !looksAt(*strand, source)) continue;
            look(*strand, false);
            runIfKnown(*strand, Why::Known, now);
        }
        notePress(source, now);
    });
    m_primed.clear();
    runFlips(Why::Known, now);
    settle(now);
}

void SlowModel::move(const Source& source, bool isHatY, std::int32_t raw, Time now)
{
    const auto name = nameOf(source);
    const bool isNew = !m_controls.contains(name);
    if (!isNew && (isHatY ? m_controls[name].raw.y : m_controls[name].raw.x) == raw) return;
    if (isSwitch(source) && m_taken.contains(name)) {  // from now on it goes its way
        const auto taken = m_taken[name];
        m_taken.erase(name);
        changeRoute(source, taken, m_routes[name], now);
    }
    auto& control = m_controls[name];
    (isHatY ? control.raw.y : control.raw.x) = raw;
    if (raw == 0) control.isHeldFromBefore = false;
    if (control.isHeldFromBefore) return;
    if (!isDownNow(valueOf(source))) {
        for (const auto* strand : inOrder()) {
            if (strand->source == source) running(*strand).isMasked = false;
        }
    }
    for (const auto& id : Route(present(source)).strands) {
        if (!running(strandOf(id)).isMasked) run(strandOf(id), valueOf(source), Why::Moved, now);
    }
    notePress(source, now);
    for (const auto* strand : inOrder()) {
        if (strand->source == source || !looksAt(*strand, source)) continue;
        look(*strand, true);
        runIfKnown(*strand, Why::Moved, now);
    }
    runFlips(Why::Moved, now);
}

void SlowModel::lose(const std::vector<Source>& sources, Time now)
{
    for (const auto& source : sources) {
        m_controls.erase(nameOf(source));
        m_taken.erase(nameOf(source));
        for (const auto* strand : inOrder()) {
            if (strand->source == source) running(*strand).isMasked = false;
        }
    }
    for (const auto& source : sources) {
        for (const auto* strand : inOrder()) {
            if (strand->source != source) continue;
            auto& state = running(*strand);
            forget(*strand);
            state.due = Time::max();
            for (auto end = strand->ends.rbegin(); end != strand->ends.rend(); ++end) {
                if (!placeOf(*end)) continue;
                if (!isAxis(placeOf(*end)) || strand->whenAway == WhenAway::Rest)
                    unsay(*strand, *end);
            }
            state.pulses.clear();
            state.wereDown.clear();
            state.waits.clear();
            state.given.clear();
        }
        countOnly(source);
    }
    for (const auto& source : sources) {
        for (const auto* strand : inOrder()) {
            if (strand->source == source || !looksAt(*strand, source)) continue;
            look(*strand, false);
            runIfKnown(*strand, Why::Gone, now);
        }
    }
    runFlips(Why::Gone, now);
}

/// Its stages begin anew; one that waits for something sleeps until it is so.
void SlowModel::forget(const Strand& strand)
{
    auto& state = running(strand);
    const auto stages = stagesOf(strand);
    for (std::size_t i = 0; i < stages.size(); ++i) {
        state.stages[i].forget();
        state.stages[i].sleeps = stages[i]->when.has_value();
    }
}

}  // namespace jolly::test
