// SPDX-License-Identifier: GPL-3.0-or-later
#include "slow_model.h"

#include "core/tangle/signals.h"

#include <algorithm>
#include <cmath>

namespace jolly::test
{

SlowModel::Name SlowModel::nameOf(const Source& source)
{
    return source.controller + " " + std::to_string(static_cast<int>(source.control.type)) + " " +
           std::to_string(source.control.code);
}

SlowModel::Name SlowModel::nameOf(const Target& target)
{
    return target.device + " " + toText(target.control);
}

SlowModel::EndName SlowModel::nameOf(const End& end)
{
    return {end.outlet, nameOf(*targetOf(end))};
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

bool SlowModel::works(const Stage& stage) const
{
    if (!stage.when) return true;
    const auto value = stage.when->output ? at(*stage.when->output) : valueOf(stage.when->control);
    return (value.x >= 0.5) != stage.when->isOff;
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
        if (stage->when && !stage->when->output && stage->when->control == source) return true;
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
    std::vector<Value> said;  // in the order of the strands
    for (const auto* strand : inOrder()) {
        const auto running = m_running.find(strand->id);
        if (running == m_running.end()) continue;
        for (const auto& end : strand->ends) {
            if (end.goal != Goal(target)) continue;
            const auto says = running->second.says.find(nameOf(end));
            if (says != running->second.says.end()) said.push_back(says->second);
        }
    }
    if (said.empty()) return {};
    const auto isDown = [](Value value) { return value.x >= 0.5; };
    if (target.control.kind == ControlKind::Button)
        return {std::ranges::any_of(said, isDown) ? 1.0 : 0.0, 0.0};
    const auto meeting = settings(target).meeting;
    if (target.control.kind == ControlKind::Hat || meeting == Meeting::MovedLast) {
        const auto owner = m_owners.find(nameOf(target));
        if (owner == m_owners.end()) return {};
        const auto& [strand, end] = owner->second;
        return m_running.at(strand).says.at(end);
    }
    double sum = 0.0;
    double larger = 0.0;
    for (const auto value : said) {
        sum += value.x;
        if (std::abs(value.x) > std::abs(larger)) larger = value.x;
    }
    if (meeting == Meeting::Larger) return {larger};
    if (meeting == Meeting::Average) return {sum / static_cast<double>(said.size())};
    return {std::clamp(sum, -1.0, 1.0)};
}

SlowModel::Running& SlowModel::running(const Strand& strand)
{
    auto& running = m_running[strand.id];
    const auto stages = stagesOf(strand);
    for (auto i = running.stages.size(); i < stages.size(); ++i)
        running.stages.emplace_back(stages[i]->parameters);
    return running;
}

void SlowModel::run(const Strand& strand, Why why, Time now)
{
    auto& state = running(strand);
    const auto stages = stagesOf(strand);
    auto signal = signalOf(m_tangle, strand.source);
    std::vector<Value> out = {valueOf(strand.source)};
    std::set<std::string> led;
    for (const auto& end : strand.ends)
        led.insert(end.outlet.empty() ? outletsOf(strand).front() : end.outlet);
    state.due = Time::max();
    for (std::size_t i = 0; i < stages.size(); ++i) {
        auto& stage = state.stages[i];
        const auto in = out[0];
        const bool forks = signalAfter(stages[i]->parameters, signal).kind != signal.kind ||
                           outletsOf(stages[i]->parameters).size() > 1;
        if (!works(*stages[i])) {
            stage.sleeps = true;
            if (forks) out.assign(outletsOf(stages[i]->parameters).size(), Value{});
        } else {
            if (stage.sleeps) stage.wake(in, now, see());
            stage.sleeps = false;
            out = stage.run(in, signal, now, see(), why != Why::Known, led);
            state.due = std::min(state.due, stage.nextAt(now));
        }
        signal = signalAfter(stages[i]->parameters, signal);
    }
    const auto names = outletsOf(strand);
    for (const auto& end : strand.ends) {
        if (!targetOf(end)) continue;
        const auto named = std::ranges::find(names, end.outlet);
        const auto place = named == names.end() ? 0 : named - names.begin();
        auto value = out[static_cast<std::size_t>(place)];
        if (signal.kind == ControlKind::Button && end.how != How::Held)
            value = pulsed(state, end, value, why, now);
        if (targetOf(end)->control.kind == ControlKind::Axis) {
            const auto sides =
                end.part == Part::Whole ? settings(*targetOf(end)).sides : Sides::One;
            if (signal.sides == Sides::Two && sides == Sides::One) value.x = (value.x + 1.0) / 2.0;
            if (signal.sides == Sides::One && sides == Sides::Two) value.x = 2.0 * value.x - 1.0;
            if (end.part == Part::Lower) value.x = -value.x;
        }
        say(strand, end, value, why);
    }
}

Value SlowModel::pulsed(Running& state, const End& end, Value value, Why why, Time now)
{
    auto& pulses = state.pulses[nameOf(end)];
    auto& wasDown = state.wereDown[nameOf(end)];
    const bool isDown = value.x >= 0.5;
    if (why != Why::Known && isDown && !wasDown && end.how != How::PulseAtRelease) ++pulses.waiting;
    if (why != Why::Known && !isDown && wasDown && end.how != How::Pulse) ++pulses.waiting;
    wasDown = isDown;
    pulses.run(Time(std::llround(end.pulse * 1e6)), now);
    if (pulses.until) state.due = std::min(state.due, *pulses.until);
    return {pulses.isDown ? 1.0 : 0.0, 0.0};
}

void SlowModel::say(const Strand& strand, const End& end, Value value, Why why)
{
    auto& says = running(strand).says;
    const auto name = nameOf(end);
    const auto said = says.find(name);
    const bool isSame = said != says.end() && std::abs(said->second.x - value.x) <= 1e-12 &&
                        said->second.y == value.y;
    if (isSame && why != Why::Known) return;
    says[name] = value;
    const auto target = nameOf(*targetOf(end));
    if (why == Why::Moved || !m_owners.contains(target)) m_owners[target] = {strand.id, name};
    noteFlips();
}

void SlowModel::runIfKnown(const Strand& strand, Why why, Time now)
{
    if (m_controls.contains(nameOf(strand.source)) && !running(strand).isMasked)
        run(strand, why, now);
}

void SlowModel::look(const Strand& strand, bool isNews)
{
    auto& state = running(strand);
    const auto stages = stagesOf(strand);
    for (std::size_t i = 0; i < stages.size(); ++i) {
        auto& stage = state.stages[i];
        if (!works(*stages[i])) {
            stage.sleeps = true;
        } else if (!stage.sleeps) {
            stage.look(see(), isNews);
        } else if (!m_controls.contains(nameOf(strand.source))) {
            stage.sleeps = false;
            stage.wake({}, {}, see());
        }
    }
}

void SlowModel::noteFlips()
{
    for (const auto& target : waitedFor()) {
        const bool isPressed = at(target).x >= 0.5;
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
            look(*strand, why != Why::Known);
            runIfKnown(*strand, why, now);
        }
    }
    m_flips.clear();
}

void SlowModel::prime(const Source& source, Counts raw)
{
    const auto& control = rigControl(source);
    const bool isHeld =
        control.kind == ControlKind::Button && control.buttonKind == ButtonKind::Push && raw.x != 0;
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
    for (const auto& controller : m_tangle.rig) {
        for (const auto& control : controller.controls) {
            const Source source{controller.id, control.code};
            if (!isPrimed(source)) continue;
            for (const bool isOwn : {true, false}) {
                for (const auto* strand : inOrder()) {
                    const bool does = isOwn ? strand->source == source
                                            : !isPrimed(strand->source) && looksAt(*strand, source);
                    if (!does) continue;
                    look(*strand, false);
                    runIfKnown(*strand, Why::Known, now);
                }
            }
        }
    }
    m_primed.clear();
    runFlips(Why::Known, now);
}

void SlowModel::move(const Source& source, bool isHatY, std::int32_t raw, Time now)
{
    const auto name = nameOf(source);
    const bool isNew = !m_controls.contains(name);
    auto& control = m_controls[name];
    auto& part = isHatY ? control.raw.y : control.raw.x;
    if (!isNew && part == raw) return;
    part = raw;
    if (raw == 0) control.isHeldFromBefore = false;
    if (control.isHeldFromBefore) return;
    const bool isDown = valueOf(source).x >= 0.5;
    for (const auto* strand : inOrder()) {
        if (strand->source != source) continue;
        auto& state = running(*strand);
        state.isMasked = state.isMasked && isDown;
        runIfKnown(*strand, Why::Moved, now);
    }
    for (const auto* strand : inOrder()) {
        if (strand->source == source || !looksAt(*strand, source)) continue;
        look(*strand, true);
        runIfKnown(*strand, Why::Moved, now);
    }
    runFlips(Why::Moved, now);
}

void SlowModel::lose(const Source& source, Time now)
{
    m_controls.erase(nameOf(source));
    for (const auto* strand : inOrder()) {
        if (strand->source != source) continue;
        auto& state = running(*strand);
        state.isMasked = false;
        state.due = Time::max();
        for (auto& stage : state.stages) stage.forget();
        state.pulses.clear();
        state.wereDown.clear();
        for (const auto& end : strand->ends) {
            if (!targetOf(end)) continue;
            const bool isAxis = targetOf(end)->control.kind == ControlKind::Axis;
            if (isAxis && strand->whenAway == WhenAway::Keep) continue;
            if (state.says.erase(nameOf(end)) == 0) continue;
            const auto target = nameOf(*targetOf(end));
            if (m_owners.contains(target) && m_owners[target] == Owner{strand->id, nameOf(end)})
                m_owners.erase(target);
            findOwners();
            noteFlips();
        }
    }
    for (const auto* strand : inOrder()) {
        if (strand->source == source || !looksAt(*strand, source)) continue;
        look(*strand, true);
        runIfKnown(*strand, Why::Gone, now);
    }
    runFlips(Why::Gone, now);
}

/// What nobody moved last is the first's that says anything there.
void SlowModel::findOwners()
{
    for (const auto* strand : inOrder()) {
        for (const auto& end : strand->ends) {
            if (targetOf(end) && running(*strand).says.contains(nameOf(end)))
                m_owners.try_emplace(nameOf(*targetOf(end)), strand->id, nameOf(end));
        }
    }
}

Time SlowModel::nextTick() const
{
    Time next = Time::max();
    for (const auto& [id, running] : m_running) next = std::min(next, running.due);
    return next;
}

void SlowModel::tick(Time now)
{
    while (nextTick() <= now) {
        const auto time = nextTick();
        for (const auto* strand : inOrder()) {
            if (running(*strand).due != time) continue;
            running(*strand).due = Time::max();
            runIfKnown(*strand, Why::Moved, now);
            runFlips(Why::Moved, now);
            break;
        }
    }
}

/// The first of a kind goes on from the first of that kind, the second from the second.
void SlowModel::continueStages(Running& now, const Strand& strand, Running& before,
                               const Strand& was) const
{
    const auto old = stagesOf(was);
    std::set<std::size_t> taken;
    for (const auto* stage : stagesOf(strand)) {
        now.stages.emplace_back(stage->parameters);
        for (std::size_t i = 0; i < std::min(old.size(), before.stages.size()); ++i) {
            if (taken.contains(i) || !before.stages[i].isOfKind(stage->parameters)) continue;
            now.stages.back() = before.stages[i];
            now.stages.back().change(stage->parameters);
            taken.insert(i);
            break;
        }
    }
}

void SlowModel::edit(const Tangle& tangle, Time now)
{
    const auto old = std::move(m_tangle);
    auto before = std::move(m_running);
    const auto owners = std::move(m_owners);
    m_tangle = tangle;
    order();
    m_running.clear();
    m_owners.clear();
    m_werePressed.clear();
    m_flips.clear();
    for (const auto* strand : inOrder()) {
        const auto known = m_controls.find(nameOf(strand->source));
        auto& state = m_running[strand->id];
        state.isMasked = known != m_controls.end() && known->second.raw.x != 0 &&
                         rigControl(strand->source).kind == ControlKind::Button &&
                         rigControl(strand->source).buttonKind == ButtonKind::Push;
        const auto was = std::ranges::find(old.strands, strand->id, &Strand::id);
        if (was == old.strands.end() || !was->isOn || was->source != strand->source) continue;
        auto& past = before[strand->id];
        state.isMasked = state.isMasked && past.isMasked;
        continueStages(state, *strand, past, *was);
        for (const auto& end : strand->ends) {
            if (!targetOf(end) || !past.says.contains(nameOf(end))) continue;
            const bool isKept = strand->whenAway == WhenAway::Keep &&
                                targetOf(end)->control.kind == ControlKind::Axis;
            if (known == m_controls.end() && !isKept) continue;
            state.says[nameOf(end)] = past.says[nameOf(end)];
            const auto wasEnd = std::ranges::find_if(
                was->ends, [&](const End& e) { return targetOf(e) && nameOf(e) == nameOf(end); });
            if (wasEnd->how == end.how) {
                state.pulses[nameOf(end)] = past.pulses[nameOf(end)];
                state.wereDown[nameOf(end)] = past.wereDown[nameOf(end)];
            }
            const auto owner = owners.find(nameOf(*targetOf(end)));
            if (owner != owners.end() && owner->second == Owner{strand->id, nameOf(end)})
                m_owners[owner->first] = owner->second;
        }
    }
    findOwners();
    for (const auto& target : waitedFor()) m_werePressed[nameOf(target)] = at(target).x >= 0.5;
    for (const auto& controller : m_tangle.rig) {
        for (const auto& control : controller.controls) {
            const auto name = nameOf(Source{controller.id, control.code});
            if (m_controls.contains(name)) m_primed.insert(name);
        }
    }
    begin(now);
}

}  // namespace jolly::test
