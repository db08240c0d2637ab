// SPDX-License-Identifier: GPL-3.0-or-later
#include "engine/hand.h"

#include <algorithm>

namespace jolly
{

void Hand::note(const Machine& machine, std::uint32_t output, const std::string& client)
{
    if (!machine.meetings().isByHand(output)) return;  // it was turned, and that is all
    const auto& place = machine.plan().outputs[output].place;
    const auto known = std::ranges::find(m_held, place, &Held::place);
    if (known == m_held.end()) {
        m_held.push_back({place, client});
    } else {
        known->client = client;
    }
}

void Hand::forget(const Target& place)
{
    std::erase_if(m_held, [&](const Held& held) { return held.place == place; });
}

void Hand::goOn(const Plan& plan)
{
    std::erase_if(m_held, [&](const Held& held) { return !plan.outputOf(held.place); });
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
