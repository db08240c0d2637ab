// SPDX-License-Identifier: GPL-3.0-or-later
#include "core/plan/machine.h"

#include <algorithm>
#include <cmath>

namespace jolly
{

namespace
{

constexpr std::size_t kFewestChanges = 256;

/// The range of an output as a calibration: what valueOf() and rawOf() need.
Calibration rangeOf(const VirtualSlot& slot)
{
    return Calibration::ofRange(slot.low, slot.high);
}

Counts rawOf(const VirtualSlot& slot, Value value) noexcept
{
    switch (slot.control.kind) {
        case ControlKind::Axis:
            return {rangeOf(slot).rawOf(value.x, slot.sides), 0};
        case ControlKind::Hat:
            return {static_cast<int>(value.x), static_cast<int>(value.y)};
        default:
            return {value.isPressed() ? 1 : 0, 0};
    }
}

}  // namespace

Machine::Machine(Plan plan)
    : m_plan(std::move(plan)),
      m_inputs(m_plan.inputs.size()),
      m_strands(m_plan.strands.size()),
      m_links(m_plan.links.size()),
      m_outputs(m_plan.outputs.size())
{
    for (const auto& input : m_plan.inputs) {
        std::size_t links = 0;
        for (std::uint32_t s = 0; s < input.strands.count; ++s) {
            links += m_plan.strands[input.strands.first + s].links.count;
        }
        m_mostChangesAMove = std::max(m_mostChangesAMove, links);
    }
    m_changes.reserve(std::max(kFewestChanges, 2 * m_mostChangesAMove));
    reset();
}

void Machine::reset() noexcept
{
    std::ranges::fill(m_inputs, InputState{});
    std::ranges::fill(m_strands, StrandState{});
    std::ranges::fill(m_links, LinkState{});
    m_changes.clear();
    for (std::size_t i = 0; i < m_outputs.size(); ++i) {
        m_outputs[i] = OutputState{};
        m_outputs[i].raw = rawOf(m_plan.outputs[i].layout, {});
    }
}

Value Machine::valueOf(const PlanInput& input, Counts raw) const noexcept
{
    if (input.control.kind == ControlKind::Axis) {
        return {valueWithNotches(input.control.calibration, input.control.notches, raw.x,
                                 input.control.sides),
                0.0};
    }
    return {static_cast<double>(raw.x), static_cast<double>(raw.y)};
}

Value Machine::throughStages(const PlanStrand& strand, Value in, Time now) noexcept
{
    for (std::uint32_t i = 0; i < strand.stages.count; ++i) {
        in = apply(m_plan.stages[strand.stages.first + i], in, now);
    }
    return in;
}

void Machine::prime(std::uint32_t input, Counts raw, Time now) noexcept
{
    const auto& flat = m_plan.inputs[input];
    auto& state = m_inputs[input];
    state = {raw, valueOf(flat, raw)};
    const bool isHeldPush = flat.control.kind == ControlKind::Button &&
                            springsBack(flat.control.buttonKind) && state.value.isPressed();
    for (std::uint32_t i = 0; i < flat.strands.count; ++i) {
        const auto strand = flat.strands.first + i;
        m_strands[strand].isMasked = isHeldPush;
        feed(strand, isHeldPush ? Value{} : state.value, now, true);
    }
}

void Machine::move(std::uint32_t input, bool isHatY, std::int32_t raw, Time now) noexcept
{
    const auto& flat = m_plan.inputs[input];
    auto& state = m_inputs[input];
    const auto noise = flat.control.kind == ControlKind::Axis ? flat.control.calibration.noise : 0;
    auto& part = isHatY ? state.raw.y : state.raw.x;
    if (std::abs(static_cast<std::int64_t>(raw) - part) <= noise) return;
    part = raw;
    state.value = valueOf(flat, state.raw);
    for (std::uint32_t i = 0; i < flat.strands.count; ++i) {
        auto& strand = m_strands[flat.strands.first + i];
        if (strand.isMasked) {
            strand.isMasked = state.value.isPressed();
            continue;
        }
        feed(flat.strands.first + i, state.value, now, false);
    }
}

void Machine::lose(std::uint32_t input) noexcept
{
    const auto& flat = m_plan.inputs[input];
    m_inputs[input] = {};
    for (std::uint32_t i = 0; i < flat.strands.count; ++i) {
        const auto s = flat.strands.first + i;
        const auto& strand = m_plan.strands[s];
        m_strands[s] = {};
        for (std::uint32_t l = 0; l < strand.links.count; ++l)
            loseLink(strand.links.first + l, strand.whenAway);
    }
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

void Machine::feed(std::uint32_t strand, Value in, Time now, bool isPriming) noexcept
{
    const auto& flat = m_plan.strands[strand];
    const auto out = throughStages(flat, in, now);
    m_strands[strand].isPressed = in.isPressed();
    for (std::uint32_t l = 0; l < flat.links.count; ++l)
        feedLink(flat.links.first + l, out, isPriming);
}

void Machine::feedLink(std::uint32_t link, Value value, bool isPriming) noexcept
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
    if (state.isActive && state.value == value && !isPriming) return;
    state = {value, true};
    if (!isPriming || output.owner == kNone) output.owner = link;
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
    auto& state = m_outputs[output];
    const auto raw = rawOf(m_plan.outputs[output].layout, value);
    state.value = value;
    if (raw == state.raw) return;
    state.raw = raw;
    const bool isButton = m_plan.outputs[output].layout.control.kind == ControlKind::Button;
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

bool Machine::isFull() const noexcept
{
    return m_changes.size() + m_mostChangesAMove > m_changes.capacity();
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
        feed(strand, m_inputs[input].value, now, false);
    }
    takeOverOwners(strand, previous, old);
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
