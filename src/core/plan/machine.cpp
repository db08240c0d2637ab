// SPDX-License-Identifier: GPL-3.0-or-later
#include "core/plan/machine.h"

#include <algorithm>
#include <cmath>

namespace jolly
{

namespace
{

constexpr std::size_t kFewestChanges = 256;

Counts rawOf(const PlanOutput& output, Value value) noexcept
{
    switch (output.layout.control.kind) {
        case ControlKind::Axis:
            return {output.range.rawOf(value.x, output.layout.sides), 0};
        case ControlKind::Hat:
            return {static_cast<int>(value.x), static_cast<int>(value.y)};
        default:
            return {value.isPressed() ? 1 : 0, 0};
    }
}

}  // namespace

Machine::Machine(Plan plan)
    : m_plan(std::move(plan)),
      m_raws(m_plan.inputs.size()),
      m_values(m_plan.inputs.size()),
      m_areThere(m_plan.inputs.size()),
      m_strands(m_plan.strands.size()),
      m_links(m_plan.links.size()),
      m_outputs(m_plan.outputs.size())
{
    for (const auto& input : m_plan.inputs) {
        std::size_t links = 0;
        for (std::uint32_t s = 0; s < input.strands.count; ++s)
            links += m_plan.strands[input.strands.first + s].links.count;
        for (std::uint32_t w = 0; w < input.watchers.count; ++w)
            links += m_plan.strands[m_plan.watchers[input.watchers.first + w]].links.count;
        m_mostChangesAMove = std::max(m_mostChangesAMove, links);
    }
    for (const auto& output : m_plan.outputs) {
        for (std::uint32_t w = 0; w < output.watchers.count; ++w)
            m_mostChangesAMove +=
                m_plan.strands[m_plan.watchers[output.watchers.first + w]].links.count;
    }
    m_flipped.reserve(m_plan.outputs.size());
    m_moving.reserve(m_plan.strands.size());
    m_changes.reserve(std::max(kFewestChanges, 2 * m_mostChangesAMove));
    m_fullAt = m_changes.capacity() - m_mostChangesAMove + 1;
    reset();
}

void Machine::reset() noexcept
{
    std::ranges::fill(m_raws, Counts{});
    std::ranges::fill(m_values, Value{});
    m_areThere.assign(m_areThere.size(), false);
    for (auto& stage : m_plan.stages) jolly::reset(stage.runner);
    m_moving.clear();
    m_flipped.clear();
    m_ticked = 0;
    m_nextTick = Time::max();
    std::ranges::fill(m_strands, StrandState{});
    std::ranges::fill(m_links, LinkState{});
    m_changes.clear();
    for (std::size_t i = 0; i < m_outputs.size(); ++i) {
        m_outputs[i] = OutputState{};
        m_outputs[i].raw = rawOf(m_plan.outputs[i], {});
    }
}

Value Machine::valueOf(const PlanInput& input, Counts raw) const noexcept
{
    const auto& control = input.control;
    if (control.kind != ControlKind::Axis) return valueOfCounts(control.kind, raw);
    if (!input.isBent) return {control.calibration.valueOf(raw.x, control.sides), 0.0};
    return {valueWithNotches(control.calibration, control.notches, raw.x, control.sides), 0.0};
}

bool Machine::doesWork(const PlanStage& stage) const noexcept
{
    if (!stage.when) return true;
    const auto& when = *stage.when;
    const auto& value = when.isOutput ? m_outputs[when.place].value : m_values[when.place];
    return value.isPressed() != when.isOff;
}

Value Machine::throughStages(const PlanStrand& strand, Value in, Time now) noexcept
{
    const Moment moment{now, m_values};
    for (std::uint32_t i = 0; i < strand.stages.count; ++i) {
        auto& stage = m_plan.stages[strand.stages.first + i];
        if (doesWork(stage)) in = apply(stage.runner, in, moment);
    }
    return in;
}

void Machine::prime(std::uint32_t input, Counts raw, Time now) noexcept
{
    const auto& flat = m_plan.inputs[input];
    m_raws[input] = raw;
    m_values[input] = valueOf(flat, raw);
    m_areThere[input] = true;
    const bool isHeldPush = flat.control.kind == ControlKind::Button &&
                            springsBack(flat.control.buttonKind) && m_values[input].isPressed();
    for (std::uint32_t i = 0; i < flat.strands.count; ++i) {
        const auto strand = flat.strands.first + i;
        m_strands[strand].isMasked = isHeldPush;
        feed(strand, isHeldPush ? Value{} : m_values[input], now, Cause::Priming);
    }
    for (std::uint32_t i = 0; i < flat.watchers.count; ++i)
        feedAgain(m_plan.watchers[flat.watchers.first + i], now, Cause::Priming);
    tellWatchers(now, Cause::Priming);
}

void Machine::move(std::uint32_t input, bool isHatY, std::int32_t raw, Time now) noexcept
{
    const auto& flat = m_plan.inputs[input];
    const auto noise = flat.control.kind == ControlKind::Axis ? flat.control.calibration.noise : 0;
    auto& part = isHatY ? m_raws[input].y : m_raws[input].x;
    if (std::abs(static_cast<std::int64_t>(raw) - part) <= noise) return;
    part = raw;
    m_areThere[input] = true;
    const auto value = m_values[input] = valueOf(flat, m_raws[input]);
    for (std::uint32_t i = 0; i < flat.strands.count; ++i) {
        auto& strand = m_strands[flat.strands.first + i];
        if (strand.isMasked) {
            strand.isMasked = value.isPressed();
            continue;
        }
        feed(flat.strands.first + i, value, now, Cause::Move);
    }
    for (std::uint32_t i = 0; i < flat.watchers.count; ++i)
        feedAgain(m_plan.watchers[flat.watchers.first + i], now, Cause::Move);
    tellWatchers(now, Cause::Move);
}

/// Runs a strand with what its own control says, since something else changed.
void Machine::feedAgain(std::uint32_t strand, Time now, Cause cause) noexcept
{
    const auto input = m_plan.strands[strand].input;
    if (m_areThere[input] && !m_strands[strand].isMasked) feed(strand, m_values[input], now, cause);
}

/// Runs the strands whose stages look at virtual controls that were pressed or let go. Each of
/// those is told once for one cause, so that strands that look at each other come to an end.
void Machine::tellWatchers(Time now, Cause cause) noexcept
{
    if (m_flipped.empty()) return;
    for (std::size_t i = 0; i < m_flipped.size(); ++i) {
        const auto& watchers = m_plan.outputs[m_flipped[i]].watchers;
        for (std::uint32_t w = 0; w < watchers.count; ++w)
            feedAgain(m_plan.watchers[watchers.first + w], now, cause);
    }
    for (const auto output : m_flipped) m_outputs[output].isTold = false;
    m_flipped.clear();
}

void Machine::noteMotion(std::uint32_t strand, Time now) noexcept
{
    if (!m_plan.strands[strand].canMove) return;
    const auto& stages = m_plan.strands[strand].stages;
    const auto first = m_plan.stages.begin() + stages.first;
    m_strands[strand].isMoving = std::any_of(first, first + stages.count,
                                             [](const PlanStage& s) { return isMoving(s.runner); });
    if (!m_strands[strand].isMoving) return;  // tick() takes it out
    if (!m_strands[strand].isListed) m_moving.push_back(strand);
    m_strands[strand].isListed = true;
    m_nextTick = std::min(m_nextTick, now + kTick);
}

bool Machine::tick(Time now) noexcept
{
    if (now < m_nextTick) return false;
    for (; m_ticked < m_moving.size(); ++m_ticked) {
        if (isFull()) return true;
        feedAgain(m_moving[m_ticked], now, Cause::Tick);
        tellWatchers(now, Cause::Tick);
    }
    m_ticked = 0;
    std::erase_if(m_moving, [this](auto strand) {
        return !(m_strands[strand].isListed = m_strands[strand].isMoving);
    });
    m_nextTick = m_moving.empty() ? Time::max() : now + kTick;
    return false;
}

void Machine::lose(std::uint32_t input, Time now) noexcept
{
    const auto& flat = m_plan.inputs[input];
    m_raws[input] = {};
    m_values[input] = {};
    m_areThere[input] = false;
    for (std::uint32_t i = 0; i < flat.strands.count; ++i) {
        const auto s = flat.strands.first + i;
        const auto& strand = m_plan.strands[s];
        m_strands[s] = {.isListed = m_strands[s].isListed};  // tick() takes it out
        for (std::uint32_t stage = 0; stage < strand.stages.count; ++stage)
            jolly::reset(m_plan.stages[strand.stages.first + stage].runner);
        for (std::uint32_t l = 0; l < strand.links.count; ++l)
            loseLink(strand.links.first + l, strand.whenAway);
    }
    for (std::uint32_t w = 0; w < flat.watchers.count; ++w)
        feedAgain(m_plan.watchers[flat.watchers.first + w], now, Cause::Tick);
    tellWatchers(now, Cause::Tick);
}

void Machine::loseLink(std::uint32_t link, WhenAway whenAway) noexcept
{
    const auto output = m_plan.links[link].output;
    auto& state = m_links[link];
    if (!state.isActive) return;
    const auto kind = m_plan.outputs[output].layout.control.kind;
    if (kind == ControlKind::Axis && whenAway == WhenAway::Keep) return;
    if (kind == ControlKind::Button && state.value.isPressed()) press(output, false);
    state = {};
    if (m_outputs[output].owner == link)
        m_outputs[output].owner = anyActiveLink(m_plan.outputs[output]);
    settle(output);
}

void Machine::feed(std::uint32_t strand, Value in, Time now, Cause cause) noexcept
{
    const auto& flat = m_plan.strands[strand];
    const auto out = throughStages(flat, in, now);
    m_strands[strand].isPressed = in.isPressed();
    m_strands[strand].out = out;
    noteMotion(strand, now);
    for (std::uint32_t l = 0; l < flat.links.count; ++l) feedLink(flat.links.first + l, out, cause);
}

void Machine::feedLink(std::uint32_t link, Value value, Cause cause) noexcept
{
    const auto& flat = m_plan.links[link];
    const auto& layout = m_plan.outputs[flat.output].layout;
    auto& state = m_links[link];
    auto& output = m_outputs[flat.output];
    if (layout.control.kind == ControlKind::Axis) {
        value.x = convertSides(value.x, m_plan.strands[flat.strand].sides, layout.sides);
    }
    if (layout.control.kind == ControlKind::Button) {
        const bool wasPressed = state.isActive && state.value.isPressed();
        if (wasPressed != value.isPressed()) press(flat.output, value.isPressed());
    }
    if (state.isActive && state.value == value && cause != Cause::Priming) return;
    state = {value, true};
    if (cause == Cause::Move || output.owner == kNone) output.owner = link;
    settle(flat.output);
}

void Machine::press(std::uint32_t output, bool isPressed) noexcept
{
    auto& presses = m_outputs[output].presses;
    presses = isPressed ? presses + 1 : presses - 1;
}

void Machine::settle(std::uint32_t output) noexcept
{
    const auto& flat = m_plan.outputs[output];
    const auto& state = m_outputs[output];
    if (flat.layout.control.kind == ControlKind::Button) {
        put(output, {state.presses > 0 ? 1.0 : 0.0, 0.0});
    } else {
        put(output, state.owner == kNone ? Value{} : meet(flat, state));
    }
}

Value Machine::meet(const PlanOutput& output, const OutputState& state) const noexcept
{
    if (output.meeting == Meeting::MovedLast || output.layout.control.kind == ControlKind::Hat) {
        return m_links[state.owner].value;
    }
    double sum = 0.0;
    double largest = 0.0;
    std::uint32_t count = 0;
    for (const auto link : output.links) {
        if (!m_links[link].isActive) continue;
        const double value = m_links[link].value.x;
        sum += value;
        if (std::abs(value) > std::abs(largest)) largest = value;
        ++count;
    }
    if (output.meeting == Meeting::Larger) return {largest, 0.0};
    if (output.meeting == Meeting::Average) return {count == 0 ? 0.0 : sum / count, 0.0};
    return {std::clamp(sum, -1.0, 1.0), 0.0};
}

std::uint32_t Machine::anyActiveLink(const PlanOutput& output) const noexcept
{
    const auto found =
        std::ranges::find_if(output.links, [this](auto l) { return m_links[l].isActive; });
    return found == output.links.end() ? kNone : *found;
}

void Machine::put(std::uint32_t output, Value value) noexcept
{
    const auto& flat = m_plan.outputs[output];
    auto& state = m_outputs[output];
    const auto raw = rawOf(flat, value);
    const bool isWatched = flat.watchers.count > 0 && !state.isTold;
    if (isWatched && state.value.isPressed() != value.isPressed()) {
        state.isTold = true;
        m_flipped.push_back(output);
    }
    state.value = value;
    if (raw == state.raw) return;
    state.raw = raw;
    const bool isButton = flat.layout.control.kind == ControlKind::Button;
    if (!isButton && state.pending != kNone) {
        m_changes[state.pending].raw = raw;
        return;
    }
    if (m_changes.size() == m_changes.capacity()) return;  // flushed by its reader long before
    state.pending = static_cast<std::uint32_t>(m_changes.size());
    m_changes.push_back({output, raw});
}

void Machine::clearChanges() noexcept
{
    for (const auto& change : m_changes) m_outputs[change.output].pending = kNone;
    m_changes.clear();
}

void Machine::takeOver(const Machine& previous, Time now) noexcept
{
    const auto& mine = m_plan.strandsById;
    const auto& old = previous.m_plan.strandsById;
    std::size_t o = 0;
    for (const auto strand : mine) {
        const auto& id = m_plan.strands[strand].id;
        while (o < old.size() && previous.m_plan.strands[old[o]].id < id) ++o;
        if (o == old.size()) return;
        if (previous.m_plan.strands[old[o]].id == id) takeOverStrand(strand, previous, old[o], now);
    }
}

void Machine::takeOverStrand(std::uint32_t strand, const Machine& previous, std::uint32_t old,
                             Time now) noexcept
{
    const auto input = m_plan.strands[strand].input;
    const auto& source = m_plan.inputs[input];
    const auto& before = previous.m_plan.inputs[previous.m_plan.strands[old].input];
    if (source.controller != before.controller || source.control.code != before.control.code)
        return;
    const bool hasTaken = previous.m_strands[old].isPressed && !previous.m_strands[old].isMasked;
    if (m_strands[strand].isMasked && hasTaken) {
        m_strands[strand].isMasked = false;
        feed(strand, m_values[input], now, Cause::Move);
    }
    takeOverStages(strand, previous, old, now);
    takeOverOwners(strand, previous, old);
}

/// Stages that remember go on from where they are, so that an edit in flight makes nothing jump.
void Machine::takeOverStages(std::uint32_t strand, const Machine& previous, std::uint32_t old,
                             Time now) noexcept
{
    const auto mine = m_plan.strands[strand].stages;
    const auto theirs = previous.m_plan.strands[old].stages;
    if (mine.count != theirs.count) return;
    for (std::uint32_t i = 0; i < mine.count; ++i)
        continueFrom(m_plan.stages[mine.first + i].runner,
                     previous.m_plan.stages[theirs.first + i].runner);
    feedAgain(strand, now, Cause::Priming);
}

void Machine::takeOverOwners(std::uint32_t strand, const Machine& previous,
                             std::uint32_t old) noexcept
{
    const auto mine = m_plan.strands[strand].links;
    const auto theirs = previous.m_plan.strands[old].links;
    for (std::uint32_t i = 0; i < std::min(mine.count, theirs.count); ++i) {
        const auto oldOutput = previous.m_plan.links[theirs.first + i].output;
        if (previous.m_outputs[oldOutput].owner != theirs.first + i) continue;
        const auto output = m_plan.links[mine.first + i].output;
        m_outputs[output].owner = mine.first + i;
        settle(output);
    }
}

}  // namespace jolly
