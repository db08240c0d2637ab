// SPDX-License-Identifier: GPL-3.0-or-later
#include "engine/engine.h"

/// What the engine says of what goes wrong.
namespace jolly
{

void Engine::trouble(const Problem& problem)
{
    const auto known = m_troubles.find(problem.path);
    const bool isKnown = known != m_troubles.end();
    if (isKnown ? known->second == problem : problem.sentence.empty()) return;
    if (problem.sentence.empty()) {
        m_troubles.erase(known);
    } else {
        m_troubles[problem.path] = problem;
    }
    m_isStale = true;
}

void Engine::tellDropped()
{
    std::erase_if(m_troubles,
                  [](const auto& t) { return t.first.starts_with(DroppedPulses::kPath); });
    for (const auto& problem : DroppedPulses::of(m_session.machine())) trouble(problem);
    m_isStale = true;
}

}  // namespace jolly
