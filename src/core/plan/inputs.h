// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "core/plan/plan.h"

#include <cstdint>
#include <span>
#include <vector>

namespace jolly
{

/// What the plan's controls stand at. RT-safe after construction.
class Inputs
{
 public:
    /// @param plan  stays for as long as this lives.
    explicit Inputs(const Plan& plan)
        : m_plan(plan), m_states(plan.inputs.size()), m_values(plan.inputs.size())
    {
    }

    void reset() noexcept;

    /// Takes a control as it stands. @return whether that is a push that was held before.
    bool prime(std::uint32_t input, Counts raw) noexcept;

    /// A control moved. @return whether anybody sees it: it is more than noise, and no push that
    /// was held before.
    bool move(std::uint32_t input, bool isHatY, std::int32_t raw) noexcept;

    /// Whether this would be another count of a button. RT-safe.
    [[nodiscard]] bool wouldMove(std::uint32_t input, std::int32_t raw) const noexcept
    {
        return !m_states[input].isThere || m_states[input].raw.x != raw;
    }

    /// A control that was primed goes on from what it stood at in a plan before.
    void goOn(std::uint32_t input, const Inputs& previous, std::uint32_t old) noexcept;

    void lose(std::uint32_t input) noexcept;

    /// Whether it was heard of.
    [[nodiscard]] bool isThere(std::uint32_t input) const noexcept
    {
        return m_states[input].isThere;
    }
    /// Whether it was primed, and has not begun.
    [[nodiscard]] bool isPrimed(std::uint32_t input) const noexcept
    {
        return m_states[input].isPrimed;
    }
    void endPriming() noexcept;

    /// How often a button was pressed, a hat left its middle or a turner turned, of all but one.
    [[nodiscard]] std::uint64_t usesBeside(std::uint32_t input) const noexcept
    {
        return m_uses - m_states[input].uses;
    }
    void goOnCounting(const Inputs& previous) noexcept { m_uses = previous.m_uses; }

    /// What stages see of it: a push that was held before is not yet pressed.
    [[nodiscard]] Value value(std::uint32_t input) const noexcept { return m_values[input]; }
    [[nodiscard]] std::span<const Value> values() const noexcept { return m_values; }

    /// What it stands at, of a turner the sum of its turns.
    [[nodiscard]] Value shown(std::uint32_t input) const noexcept
    {
        return m_states[input].isMasked ? Value{1.0, 0.0} : m_values[input];
    }

    /// Whether it is a switch, which says where it stands, and is no press.
    [[nodiscard]] bool isSwitch(std::uint32_t input) const noexcept
    {
        const auto& control = m_plan.inputs[input].control;
        return control.kind == ControlKind::Button && !springsBack(control.buttonKind);
    }

    /// Whether a press of it is under way: a button that is down, a hat that is not in the middle.
    [[nodiscard]] bool isPressed(std::uint32_t input) const noexcept;

    /// Whether it can be pressed, and let go: a push or a hat.
    [[nodiscard]] bool isPush(std::uint32_t input) const noexcept
    {
        const auto& control = m_plan.inputs[input].control;
        return control.kind == ControlKind::Hat ||
               (control.kind == ControlKind::Button && springsBack(control.buttonKind));
    }

 private:
    struct State {
        Counts raw;
        std::uint64_t uses = 0;  ///< of it; see usesBeside()
        bool isThere = false;    ///< it was heard of
        bool isMasked = false;   ///< a push that was held before: not pressed for whoever looks
        bool isPrimed = false;   ///< waits to begin
    };

    [[nodiscard]] static Value valueOf(const PlanInput& input, Counts raw) noexcept;
    bool moveAxis(std::uint32_t input, const PlanInput& flat, std::int32_t raw) noexcept;

    const Plan& m_plan;
    std::vector<State> m_states;
    std::vector<Value> m_values;
    std::uint64_t m_uses = 0;
};

}  // namespace jolly
