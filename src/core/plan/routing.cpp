// SPDX-License-Identifier: GPL-3.0-or-later
#include "core/plan/routing.h"

#include <algorithm>

namespace jolly
{

Routing::Routing(const Plan& plan)
    : m_plan(plan),
      m_routes(plan.inputs.size(), kNone),
      m_taken(plan.inputs.size(), kNone),
      m_areTaken(plan.inputs.size())
{
    begin(1);
}

void Routing::begin(std::uint64_t engaged) noexcept
{
    for (std::uint32_t input = 0; input < m_routes.size(); ++input) {
        m_areTaken[input] = false;
        m_routes[input] = wanted(input, engaged);
    }
}

std::uint32_t Routing::wanted(std::uint32_t input, std::uint64_t engaged) const noexcept
{
    if (m_craft >= m_plan.views.size()) return kNone;
    const auto& run = m_plan.views[m_craft].routes[input];
    for (auto route = run.first; route < run.first + run.count; ++route) {
        if (((engaged >> m_plan.routes[route].layer) & 1U) != 0) return route;
    }
    return kNone;
}

bool Routing::has(std::uint32_t route, std::uint32_t strand) const noexcept
{
    return std::ranges::find(strandsOf(route), strand) != strandsOf(route).end();
}

const PlanLayer& Routing::layerBetween(std::uint32_t from, std::uint32_t to) const noexcept
{
    const auto placeOf = [this](std::uint32_t route) {
        return route == kNone ? std::uint8_t{0} : m_plan.routes[route].layer;
    };
    return m_plan.layers[std::max(placeOf(from), placeOf(to))];
}

}  // namespace jolly
