// SPDX-License-Identifier: GPL-3.0-or-later
#include "core/plan/meetings.h"

#include <algorithm>
#include <cmath>

namespace jolly
{

namespace
{

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

Value turnedRound(const PlanOutput& axis, Value value) noexcept
{
    return {axis.layout.sides == Sides::Two ? -value.x : 1.0 - value.x, value.y};
}

}  // namespace

Meetings::Meetings(const Plan& plan)
    : m_plan(plan), m_links(plan.links.size()), m_outputs(plan.outputs.size())
{
    m_touched.reserve(plan.outputs.size());
    m_flips.reserve(plan.outputs.size());
    reset();
}

void Meetings::reset() noexcept
{
    std::ranges::fill(m_links, MeetingLink{});
    m_touched.clear();
    m_flips.clear();
    for (std::size_t i = 0; i < m_outputs.size(); ++i) {
        m_outputs[i] = {};
        m_outputs[i].raw = m_outputs[i].taken = rawOf(m_plan.outputs[i], {});
    }
}

void Meetings::take(const PlanLink& flat, std::uint32_t link, Value value, Cause cause) noexcept
{
    auto& state = m_links[link];
    auto& output = m_outputs[flat.output];
    if (flat.isTurner) return turn(flat, link, value, cause);
    if (flat.isButton) {
        const bool wasPressed = state.isActive && state.value.isPressed();
        if (wasPressed != value.isPressed()) press(flat.output, value.isPressed());
    }
    state = {value, true};
    findOwner(output, link, cause);
    if (flat.isFollowed) {
        if (output.owner == link) put(flat.output, m_plan.outputs[flat.output], output, value);
    } else {
        settle(flat.output);
    }
}

/// The one that moved last. Until one has it is the first in the order of strands, which is that
/// of the links; one that is brought in takes the place of one that was left.
void Meetings::findOwner(MeetingOutput& output, std::uint32_t link, Cause cause) const noexcept
{
    if (isNews(cause)) {
        output.owner = link;
        output.hasMoved = true;
    } else if (cause == Cause::Brought && output.owner != kNone && m_links[output.owner].isLeft) {
        output.owner = link;
    } else if (!output.hasMoved) {
        output.owner = std::min(output.owner, link);
    }
}

/// A virtual turner turns with each of the strands; a sum that is taken as it stands is no turn.
void Meetings::turn(const PlanLink& flat, std::uint32_t link, Value value, Cause cause) noexcept
{
    auto& state = m_links[link];
    auto& output = m_outputs[flat.output];
    const bool isFirst = cause == Cause::Priming || cause == Cause::Brought;
    const double turned = isFirst ? 0.0 : value.x - state.value.x;
    state = {value, true};
    if (turned != 0.0)
        put(flat.output, m_plan.outputs[flat.output], output, {output.value.x + turned, 0.0});
}

void Meetings::reverse(std::uint32_t output) noexcept
{
    const auto before = said(output);
    auto& state = m_outputs[output];
    state.isReversed = !state.isReversed;
    put(output, m_plan.outputs[output], state, before);
}

/// What the strands say there, before it is turned round and whatever a hand does.
Value Meetings::said(std::uint32_t output) const noexcept
{
    const auto& state = m_outputs[output];
    const auto shown = state.isByHand ? state.said : state.value;
    return isTurnedRound(state) ? turnedRound(m_plan.outputs[output], shown) : shown;
}

double Meetings::awaited(std::uint32_t link) const noexcept
{
    const auto& mine = m_plan.links[link];
    const auto& output = m_plan.outputs[mine.output];
    const auto inputOf = [this](const PlanLink& l) { return m_plan.strands[l.strand].input; };
    if (!mine.isFollowed) {
        for (const auto other : output.links) {
            if (m_links[other].isLeft && inputOf(m_plan.links[other]) == inputOf(mine))
                return m_links[other].value.x;
        }
    }
    return said(mine.output).x;
}

void Meetings::lose(std::uint32_t link, WhenAway whenAway) noexcept
{
    const auto& flat = m_plan.links[link];
    auto& state = m_links[link];
    if (!state.isActive) return;
    if (flat.isTurner) {
        state = {};
        return;
    }
    if (flat.isAxis && whenAway == WhenAway::Keep) return;
    if (flat.isButton && state.value.isPressed()) press(flat.output, false);
    state = {};
    auto& output = m_outputs[flat.output];
    if (output.owner == link) {
        output.owner = anyActive(m_plan.outputs[flat.output]);
        output.hasMoved = false;
    }
    settle(flat.output);
}

void Meetings::keep(std::uint32_t link, const Meetings& previous, std::uint32_t old) noexcept
{
    const auto& said = previous.m_links[old];
    const auto& flat = m_plan.links[link];
    if (!said.isActive || flat.isTurner) return;
    m_links[link] = said;
    if (flat.isButton && said.value.isPressed()) press(flat.output, true);
    const auto& before = previous.m_outputs[previous.m_plan.links[old].output];
    if (before.owner != old) return;
    m_outputs[flat.output].owner = link;
    m_outputs[flat.output].hasMoved = before.hasMoved;
}

void Meetings::goOn() noexcept
{
    for (std::uint32_t output = 0; output < m_outputs.size(); ++output) {
        auto& owner = m_outputs[output].owner;
        if (owner == kNone) owner = anyActive(m_plan.outputs[output]);
        if (owner != kNone) settle(output);
    }
    clearFlips();
}

void Meetings::press(std::uint32_t output, bool isPressed) noexcept
{
    auto& presses = m_outputs[output].presses;
    presses = isPressed ? presses + 1 : presses - 1;
}

void Meetings::settle(std::uint32_t output) noexcept
{
    const auto& flat = m_plan.outputs[output];
    auto& state = m_outputs[output];
    if (flat.layout.control.kind == ControlKind::Button) {
        put(output, flat, state, {state.presses > 0 ? 1.0 : 0.0, 0.0});
    } else if (state.owner == kNone) {
        put(output, flat, state, {});
    } else if (flat.isFollowed()) {
        put(output, flat, state, m_links[state.owner].value);
    } else {
        put(output, flat, state, meet(flat));
    }
}

Value Meetings::meet(const PlanOutput& output) const noexcept
{
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

std::uint32_t Meetings::anyActive(const PlanOutput& output) const noexcept
{
    const auto found =
        std::ranges::find_if(output.links, [this](auto l) { return m_links[l].isActive; });
    return found == output.links.end() ? kNone : *found;
}

void Meetings::holdByHand(std::uint32_t output, Counts counts) noexcept
{
    const auto& flat = m_plan.outputs[output];
    auto& state = m_outputs[output];
    const auto kind = flat.layout.control.kind;
    const auto value = kind == ControlKind::Axis
                           ? Value{flat.range.valueOf(counts.x, flat.layout.sides), 0.0}
                           : valueOfCounts(kind, counts);
    if (kind == ControlKind::Turner) {
        const double more = turnedBy(state.raw.x, counts.x);
        return show(output, flat, state, {state.value.x + more, 0.0});
    }
    if (!state.isByHand) state.said = state.value;
    state.isByHand = true;
    show(output, flat, state, value);
}

void Meetings::letGo(std::uint32_t output) noexcept
{
    auto& state = m_outputs[output];
    if (!state.isByHand) return;
    state.isByHand = false;
    show(output, m_plan.outputs[output], state, state.said);
}

std::uint32_t Meetings::leader(std::uint32_t output) const noexcept
{
    const auto& flat = m_plan.outputs[output];
    if (flat.layout.control.kind != ControlKind::Button) return m_outputs[output].owner;
    const auto found = std::ranges::find_if(flat.links, [this](auto link) {
        return m_links[link].isActive && m_links[link].value.isPressed();
    });
    return found == flat.links.end() ? m_outputs[output].owner : *found;
}

void Meetings::put(std::uint32_t output, const PlanOutput& flat, MeetingOutput& state,
                   Value value) noexcept
{
    if (isTurnedRound(state)) value = turnedRound(flat, value);
    if (state.isByHand) {
        state.said = value;
        return;
    }
    show(output, flat, state, value);
}

void Meetings::show(std::uint32_t output, const PlanOutput& flat, MeetingOutput& state,
                    Value value) noexcept
{
    const bool isWatched = flat.watchers.count > 0 && !state.hasFlipped;
    if (isWatched && state.value.isPressed() != value.isPressed()) {
        state.hasFlipped = true;
        m_flips.push_back(output);
    }
    state.value = value;
    if (flat.layout.control.kind == ControlKind::Turner) {
        constexpr double kNearlyWhole = 1e-9;
        const double more = value.x - state.turned;
        const double whole = std::trunc(more + std::copysign(kNearlyWhole, more));
        state.turned += whole;
        state.raw.x = wrapped(state.raw.x, static_cast<std::int64_t>(whole));
    } else {
        state.raw = rawOf(flat, value);
    }
    if (flat.device == kNoDevice) m_hasLayerNews = true;
    if (state.isTouched || state.raw == state.taken) return;
    state.isTouched = true;
    m_touched.push_back(output);
}

void Meetings::clearFlips() noexcept
{
    for (const auto output : m_flips) m_outputs[output].hasFlipped = false;
    m_flips.clear();
}

}  // namespace jolly
