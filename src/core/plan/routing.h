// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "core/plan/flags.h"
#include "core/plan/plan.h"

#include <cstdint>
#include <span>
#include <vector>

namespace jolly
{

/// Which way each control goes now: its route is that of the highest engaged layer that has any
/// strands for it for the craft that is flown; while a press of it is under way, that which took
/// it. RT-safe after construction.
class Routing
{
 public:
    static constexpr std::uint32_t kNone = 0xffffffff;

    /// @param plan  stays for as long as this lives.
    explicit Routing(const Plan& plan);

    /// Every control goes its way for these layers and the present craft; no press is under way.
    void begin(std::uint64_t engaged) noexcept;

    [[nodiscard]] std::uint32_t craft() const noexcept { return m_craft; }
    void setCraft(std::uint32_t craft) noexcept { m_craft = craft; }

    /// Where a control should go.
    [[nodiscard]] std::uint32_t wanted(std::uint32_t input, std::uint64_t engaged) const noexcept;

    [[nodiscard]] std::uint32_t route(std::uint32_t input) const noexcept
    {
        return m_routes[input];
    }
    void setRoute(std::uint32_t input, std::uint32_t route) noexcept { m_routes[input] = route; }

    /// Whether a press is under way that a route took, or nobody did: kNone.
    [[nodiscard]] bool isTaken(std::uint32_t input) const noexcept
    {
        return m_areTaken[input] != 0;
    }
    [[nodiscard]] std::uint32_t taken(std::uint32_t input) const noexcept { return m_taken[input]; }

    /// The way that a control goes now.
    [[nodiscard]] std::uint32_t present(std::uint32_t input) const noexcept
    {
        return isTaken(input) ? m_taken[input] : m_routes[input];
    }
    void take(std::uint32_t input, std::uint32_t route) noexcept
    {
        m_taken[input] = route;
        m_areTaken[input] = true;
    }
    void letGo(std::uint32_t input) noexcept { m_areTaken[input] = false; }

    /// The strands that get what the control says now.
    [[nodiscard]] std::span<const std::uint32_t> strandsNow(std::uint32_t input) const noexcept
    {
        return strandsOf(present(input));
    }
    [[nodiscard]] std::span<const std::uint32_t> strandsOf(std::uint32_t route) const noexcept
    {
        if (route == kNone) return {};
        const auto& run = m_plan.routes[route].strands;
        return std::span(m_plan.routeStrands).subspan(run.first, run.count);
    }
    [[nodiscard]] bool has(std::uint32_t route, std::uint32_t strand) const noexcept;

    /// The higher layer of two routes: the one that came, or went.
    [[nodiscard]] const PlanLayer& layerBetween(std::uint32_t from,
                                                std::uint32_t to) const noexcept;

 private:
    const Plan& m_plan;
    std::uint32_t m_craft = 0;
    std::vector<std::uint32_t> m_routes;  ///< by input
    std::vector<std::uint32_t> m_taken;   ///< by input
    Flags m_areTaken;                     ///< by input
};

}  // namespace jolly
