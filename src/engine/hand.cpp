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

void Hand::hold(Machine& machine, std::uint32_t output, Counts counts, const std::string& client,
                Time now)
{
    machine.holdByHand(output, counts, now);
    if (!machine.meetings().isByHand(output)) return;  // it was turned, and that is all
    const auto& place = machine.plan().outputs[output].place;
    const auto known = std::ranges::find(m_held, place, &Held::place);
    if (known == m_held.end()) {
        m_held.push_back({place, counts, client});
    } else {
        known->counts = counts;
        known->client = client;
    }
}

void Hand::letGo(Machine& machine, std::uint32_t output, Time now)
{
    const auto& place = machine.plan().outputs[output].place;
    std::erase_if(m_held, [&](const Held& held) { return held.place == place; });
    machine.letGo(output, now);
}

void Hand::goOn(const Machine& machine)
{
    std::erase_if(m_held, [&](const Held& held) { return !outputOf(machine.plan(), held.place); });
}

void Hand::clear()
{
    m_held.clear();
    m_learned.clear();
    m_steps.clear();
    m_leases.clear();
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

bool Hand::isAtWork(const std::string& client) const
{
    return (isLearning() && m_learner == client) ||
           std::ranges::find(m_held, client, &Held::client) != m_held.end();
}

std::optional<std::string> Hand::forsakenBy(Time now) const
{
    for (const auto& [client, lease] : m_leases) {
        if (now >= lease && isAtWork(client)) return client;
    }
    return std::nullopt;
}

Time Hand::nextAt() const noexcept
{
    auto next = isSweeping() ? m_start + m_steps[m_next].at : Time::max();
    for (const auto& [client, lease] : m_leases) {
        if (isAtWork(client)) next = std::min(next, lease);
    }
    return next;
}

}  // namespace jolly
