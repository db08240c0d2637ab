// SPDX-License-Identifier: GPL-3.0-or-later
#include "core/plan/inputs.h"

#include <algorithm>
#include <cstdlib>

namespace jolly
{

void Inputs::reset() noexcept
{
    std::ranges::fill(m_states, State{});
    std::ranges::fill(m_values, Value{});
}

Value Inputs::valueOf(const PlanInput& input, Counts raw) noexcept
{
    const auto& control = input.control;
    if (control.kind != ControlKind::Axis) return valueOfCounts(control.kind, raw);
    if (!input.isBent) return {control.calibration.valueOf(raw.x, control.sides), 0.0};
    return {valueWithNotches(control.calibration, control.notches, raw.x, control.sides), 0.0};
}

bool Inputs::prime(std::uint32_t input, Counts raw) noexcept
{
    const auto& flat = m_plan.inputs[input];
    const auto value = valueOf(flat, raw);
    const bool isHeldPush = flat.control.kind == ControlKind::Button &&
                            springsBack(flat.control.buttonKind) && value.isPressed();
    m_states[input] = {raw, m_states[input].uses, true, isHeldPush, true};
    m_values[input] = isHeldPush ? Value{} : value;
    return isHeldPush;
}

bool Inputs::move(std::uint32_t input, bool isHatY, std::int32_t raw) noexcept
{
    const auto& flat = m_plan.inputs[input];
    if (flat.control.kind == ControlKind::Axis) return moveAxis(input, flat, raw);
    auto& state = m_states[input];
    auto& part = isHatY ? state.raw.y : state.raw.x;
    if (state.isThere && raw == part) return false;
    const bool isTurn = flat.control.kind == ControlKind::Turner;
    const auto value = [&]() -> Value {
        if (isTurn && state.isThere) return {m_values[input].x + turnedBy(part, raw), 0.0};
        auto counts = state.raw;
        (isHatY ? counts.y : counts.x) = raw;
        return valueOf(flat, counts);
    }();
    part = raw;
    state.isThere = true;
    state.isMasked = state.isMasked && value.isPressed();
    if (state.isMasked) return false;
    const bool wasPressed = isPressed(input);
    m_values[input] = value;
    if (isTurn || (!wasPressed && isPressed(input))) {
        ++m_uses;
        ++state.uses;
    }
    return true;
}

/// An axis is never masked, and its moves are no uses.
bool Inputs::moveAxis(std::uint32_t input, const PlanInput& flat, std::int32_t raw) noexcept
{
    auto& state = m_states[input];
    const auto noise = flat.control.calibration.noise;
    if (state.isThere && std::abs(static_cast<std::int64_t>(raw) - state.raw.x) <= noise)
        return false;
    state.raw.x = raw;
    state.isThere = true;
    m_values[input] = valueOf(flat, state.raw);
    return true;
}

void Inputs::goOn(std::uint32_t input, const Inputs& previous, std::uint32_t old) noexcept
{
    const auto& before = previous.m_states[old];
    if (!before.isThere) return;
    auto& state = m_states[input];
    state.raw = before.raw;
    state.uses = before.uses;
    const auto& flat = m_plan.inputs[input];
    const auto value = flat.control.kind == ControlKind::Turner ? previous.m_values[old]
                                                                : valueOf(flat, state.raw);
    state.isMasked = before.isMasked && value.isPressed();
    m_values[input] = state.isMasked ? Value{} : value;
}

void Inputs::lose(std::uint32_t input) noexcept
{
    m_states[input] = {{}, m_states[input].uses};
    m_values[input] = {};
}

void Inputs::endPriming() noexcept
{
    for (auto& state : m_states) state.isPrimed = false;
}

bool Inputs::isPressed(std::uint32_t input) const noexcept
{
    const auto kind = m_plan.inputs[input].control.kind;
    const auto value = m_values[input];
    if (kind == ControlKind::Hat) return value.x != 0.0 || value.y != 0.0;
    return kind == ControlKind::Button && value.isPressed();
}

}  // namespace jolly
