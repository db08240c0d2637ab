// SPDX-License-Identifier: GPL-3.0-or-later
#include "slow_model.h"

#include "core/tangle/signals.h"

#include <algorithm>
#include <cmath>

namespace jolly::test
{

namespace
{

constexpr double kMeets = 0.02;

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

Value SlowModel::at(const Target& target) const
{
    const auto hand = m_hands.find(nameOf(target));
    return hand == m_hands.end() ? said(target) : hand->second;
}

/// What the strands say there, whatever a hand does.
Value SlowModel::said(const Target& target) const
{
    std::vector<Value> all;  // in the order of the strands
    for (const auto* strand : inOrder()) {
        const auto running = m_running.find(strand->id);
        if (running == m_running.end()) continue;
        for (const auto& end : strand->ends) {
            if (placeOf(end) != target) continue;
            const auto says = running->second.says.find(nameOf(end));
            if (says != running->second.says.end()) all.push_back(says->second);
        }
    }
    if (all.empty()) return {};
    if (target.control.kind == ControlKind::Button)
        return {std::ranges::any_of(all, isDownNow) ? 1.0 : 0.0, 0.0};
    if (isFollowed(target)) {
        const auto owner = m_owners.find(nameOf(target));
        if (owner == m_owners.end()) return {};
        const auto& [strand, end] = owner->second;
        return m_running.at(strand).says.at(end);
    }
    double sum = 0.0;
    double larger = 0.0;
    for (const auto value : all) {
        sum += value.x;
        if (std::abs(value.x) > std::abs(larger)) larger = value.x;
    }
    const auto meeting = settings(target).meeting;
    if (meeting == Meeting::Larger) return {larger};
    if (meeting == Meeting::Average) return {sum / static_cast<double>(all.size())};
    return {std::clamp(sum, -1.0, 1.0)};
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
    const bool areButtons = signalsOf(m_tangle, strand).back().kind == ControlKind::Button;
    bool isMet = false;
    for (const auto& end : strand.ends) {
        if (!placeOf(end)) continue;
        auto value = outOf(strand, end, out);
        if (state.waits[nameOf(end)] != Waits::No) {
            if (!hasMet(strand, end, value)) continue;
            isMet = true;
        }
        if (areButtons && end.how != How::Held) value = pulsed(state, end, value, why, now);
        say(strand, end, value, why);
    }
    if (isMet) dropLeft(strand.source);
    giveOrders(strand, out, why);
    state.due = dueOf(strand, now);
}

/// When it wants to run by itself.
Time SlowModel::dueOf(const Strand& strand, Time now, bool doStagesRun)
{
    auto& state = running(strand);
    auto due = Time::max();
    for (const auto& stage : state.stages) {
        if (doStagesRun && !stage.sleeps) due = std::min(due, stage.nextAt(now));
    }
    for (const auto& [end, pulses] : state.pulses) {
        if (pulses.until) due = std::min(due, *pulses.until);
    }
    return due == Time::max() ? due : std::max(due, now + Time(1));
}

Value SlowModel::pulsed(Running& state, const End& end, Value value, Why why, Time now)
{
    auto& pulses = state.pulses[nameOf(end)];
    auto& wasDown = state.wereDown[nameOf(end)];
    const bool isNews = why == Why::Moved;
    if (isNews && isDownNow(value) && !wasDown && end.how != How::PulseAtRelease) ++pulses.waiting;
    if (isNews && !isDownNow(value) && wasDown && end.how != How::Pulse) ++pulses.waiting;
    wasDown = isDownNow(value);
    pulses.run(Time(std::llround(end.pulse * 1e6)), now);
    return {pulses.isDown ? 1.0 : 0.0, 0.0};
}

/// The hand comes to where the axis is, or past it. Where several meet it comes to what was left by
/// a strand of the same control.
bool SlowModel::hasMet(const Strand& strand, const End& end, Value value)
{
    const auto place = *placeOf(end);
    double axis = said(place).x;
    bool isFound = isFollowed(place);
    for (const auto* other : inOrder()) {
        if (other->source != strand.source) continue;
        for (const auto& its : other->ends) {
            if (isFound || placeOf(its) != place) continue;
            if (!running(*other).left.contains(nameOf(its))) continue;
            axis = running(*other).says.at(nameOf(its)).x;
            isFound = true;
        }
    }
    auto& waits = running(strand).waits[nameOf(end)];
    const auto is = value.x - axis < 0.0 ? Waits::IsBelow : Waits::IsAbove;
    const bool isPast = waits != Waits::Begins && waits != is;
    const bool isNear = std::abs(value.x - axis) < kMeets;
    waits = isPast || isNear ? Waits::No : is;
    return isPast || isNear;
}

void SlowModel::giveOrders(const Strand& strand, const std::vector<Value>& out, Why why)
{
    auto& given = running(strand).given;
    for (std::size_t e = 0; e < strand.ends.size(); ++e) {
        const auto& end = strand.ends[e];
        if (placeOf(end)) continue;
        const bool isPress = isDownNow(outOf(strand, end, out));
        const bool isGiven = isPress && !given.contains(e) && why == Why::Moved;
        if (isPress) given.insert(e);
        if (!isPress) given.erase(e);
        if (!isGiven) continue;
        if (const auto* layer = std::get_if<LayerGoal>(&end.goal)) {
            if (layer->engage == Engage::Flip) m_stack.flip(layer->layer);
            if (layer->engage == Engage::Next) m_stack.step(layer->layer, 1);
            if (layer->engage == Engage::Previous) m_stack.step(layer->layer, -1);
        }
        if (const auto* craft = std::get_if<CraftGoal>(&end.goal)) {
            const auto count = m_tangle.craft.size();
            const auto place = static_cast<std::size_t>(
                std::ranges::find(m_tangle.craft, m_wantedCraft, &Craft::id) -
                m_tangle.craft.begin());
            if (craft->choose == Choose::This) m_wantedCraft = craft->craft;
            if (craft->choose == Choose::Next)
                m_wantedCraft = m_tangle.craft[(place + 1) % count].id;
            if (craft->choose == Choose::Previous)
                m_wantedCraft = m_tangle.craft[(place + count - 1) % count].id;
        }
    }
}

/// Whether an end comes before another one that leads to the same place.
bool SlowModel::isFirst(const Strand& strand, const End& end, const Owner& other) const
{
    for (const auto* each : inOrder()) {
        for (const auto& its : each->ends) {
            if (!placeOf(its)) continue;
            const Owner owner{each->id, nameOf(its)};
            if (owner == Owner{strand.id, nameOf(end)}) return true;
            if (owner == other) return false;
        }
    }
    return false;
}

void SlowModel::say(const Strand& strand, const End& end, Value value, Why why)
{
    auto& state = running(strand);
    const auto name = nameOf(end);
    const auto said = state.says.find(name);
    const bool isSame = said != state.says.end() && !state.left.contains(name) &&
                        std::abs(said->second.x - value.x) <= 1e-12 && said->second.y == value.y;
    if (isSame && (why == Why::Moved || why == Why::Gone)) return;
    state.says[name] = value;
    state.left.erase(name);
    const auto target = nameOf(*placeOf(end));
    const auto owner = m_owners.find(target);
    const Owner me{strand.id, name};
    if (why == Why::Moved) {
        m_owners[target] = me;
        m_moved.insert(target);
    } else if (owner == m_owners.end()) {
        m_owners[target] = me;
    } else if (why == Why::Brought &&
               m_running[owner->second.first].left.contains(owner->second.second)) {
        owner->second = me;
    } else if (!m_moved.contains(target) && isFirst(strand, end, owner->second)) {
        owner->second = me;
    }
    noteFlips();
}

void SlowModel::unsay(const Strand& strand, const End& end)
{
    auto& state = running(strand);
    const auto name = nameOf(end);
    state.left.erase(name);
    if (state.says.erase(name) == 0) return;
    const auto target = nameOf(*placeOf(end));
    if (m_owners.contains(target) && m_owners[target] == Owner{strand.id, name}) {
        m_owners.erase(target);
        m_moved.erase(target);
    }
    findOwners();
    noteFlips();
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

void SlowModel::noteFlips()
{
    for (const auto& target : waitedFor()) {
        const bool isPressed = isDownNow(at(target));
        auto& was = m_werePressed[nameOf(target)];
        if (was == isPressed) continue;
        was = isPressed;
        if (std::ranges::find(m_flips, target) == m_flips.end()) m_flips.push_back(target);
    }
}

void SlowModel::runFlips(Why why, Time now)
{
    for (std::size_t i = 0; i < m_flips.size(); ++i) {
        const auto target = m_flips[i];
        for (const auto* strand : inOrder()) {
            if (!waitsFor(*strand, target)) continue;
            look(*strand, why == Why::Moved);
            runIfKnown(*strand, why, now);
        }
    }
    m_flips.clear();
}

void SlowModel::hold(const Target& target, Value value, Time now)
{
    m_hands[nameOf(target)] = value;
    noteFlips();
    runFlips(Why::Moved, now);
}

void SlowModel::letGo(const Target& target, Time now)
{
    m_hands.erase(nameOf(target));
    noteFlips();
    runFlips(Why::Moved, now);
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

/// What nobody moved last is the first's that says anything there.
void SlowModel::findOwners()
{
    for (const auto* strand : inOrder()) {
        for (const auto& end : strand->ends) {
            if (placeOf(end) && running(*strand).says.contains(nameOf(end)))
                m_owners.try_emplace(nameOf(*placeOf(end)), strand->id, nameOf(end));
        }
    }
}

Time SlowModel::nextTick() const
{
    Time next = Time::max();
    for (const auto& [id, running] : m_running) next = std::min(next, running.due);
    return next;
}

std::string SlowModel::nextStrand() const
{
    for (const auto& [id, running] : m_running) {
        if (running.due == nextTick() && running.due != Time::max())
            return id + " part " + std::to_string(static_cast<int>(running.part));
    }
    return "none";
}

void SlowModel::tick(Time now)
{
    while (nextTick() <= now) {
        const auto time = nextTick();
        for (const auto* strand : inOrder()) {
            auto& state = running(*strand);
            if (state.due != time) continue;
            state.due = Time::max();
            if (state.part == Part::Finishing) {
                finish(*strand, now);
                dropLeft(strand->source);
            } else {
                runIfKnown(*strand, Why::Moved, now);
            }
            runFlips(Why::Moved, now);
            break;
        }
    }
}

}  // namespace jolly::test
