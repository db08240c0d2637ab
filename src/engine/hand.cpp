// SPDX-License-Identifier: GPL-3.0-or-later
#include "engine/hand.h"

#include <algorithm>

namespace jolly
{

std::optional<std::uint32_t> Hand::outputOf(const Plan& plan, const Target& place)
{
    const auto found = std::ranges::find_if(plan.outputs, [&](const PlanOutput& output) {
        return output.device != kNoDevice && output.place == place;
    });
    if (found == plan.outputs.end()) return std::nullopt;
    return static_cast<std::uint32_t>(found - plan.outputs.begin());
}

void Hand::hold(Machine& machine, std::uint32_t output, Counts counts)
{
    machine.holdByHand(output, counts);
    if (!machine.meetings().isByHand(output)) return;  // it was turned, and that is all
    const auto& place = machine.plan().outputs[output].place;
    const auto known = std::ranges::find(m_held, place, &Held::place);
    if (known == m_held.end()) {
        m_held.push_back({place, counts});
    } else {
        known->counts = counts;
    }
}

void Hand::letGo(Machine& machine, std::uint32_t output)
{
    const auto& place = machine.plan().outputs[output].place;
    std::erase_if(m_held, [&](const Held& held) { return held.place == place; });
    machine.letGo(output);
}

void Hand::goOn(Machine& machine)
{
    std::erase_if(m_held, [&](const Held& held) { return !outputOf(machine.plan(), held.place); });
    for (const auto& held : m_held)
        machine.holdByHand(*outputOf(machine.plan(), held.place), held.counts);
}

void Hand::clear()
{
    m_held.clear();
    m_learned.clear();
    m_steps.clear();
    m_next = 0;
}

void Hand::beginSweep(std::vector<SweepStep> steps, Time now)
{
    m_steps = std::move(steps);
    m_next = 0;
    m_start = now;
}

std::optional<SweepStep> Hand::takeStep(Time now)
{
    if (!isSweeping() || now < m_start + m_steps[m_next].at) return std::nullopt;
    return m_steps[m_next++];
}

Time Hand::nextAt() const noexcept
{
    if (!isAtWork()) return Time::max();
    return isSweeping() ? std::min(m_lease, m_start + m_steps[m_next].at) : m_lease;
}

}  // namespace jolly
