// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "core/plan/meetings.h"

#include <cstdint>
#include <span>
#include <vector>

namespace jolly
{

/// What the ends of strands say at the virtual controls where they lead: what comes out of their
/// outlets. An end that waits for the hand to meet its axis says nothing; what performers press is
/// theirs. RT-safe after construction.
class StrandEnds
{
 public:
    /// @param plan  stays for as long as this lives.
    explicit StrandEnds(const Plan& plan);

    /// Nothing waits.
    void reset() noexcept;

    /// All ends of a strand say what its outlets are. Where keys are pressed together the last one
    /// is let go first, and before others are pressed.
    /// @return whether an axis was met for which one of them waited.
    bool say(const PlanStrand& strand, std::span<const Value> outlets, Cause cause,
             Meetings& meetings) noexcept;

    /// The ends of a strand that counts no longer say what its stages still do.
    void finish(const PlanStrand& strand, std::span<const Value> outlets,
                Meetings& meetings) const noexcept;

    /// The axes of a strand wait for the hand, or no longer.
    void pickUp(const PlanStrand& strand) noexcept;
    void stopWaiting(const PlanStrand& strand) noexcept;
    [[nodiscard]] bool isWaiting(std::uint32_t link) const noexcept
    {
        return m_waits[link] != Waiting::No;
    }

    /// A strand lost its control: it lets go, and its axes rest or stay.
    void lose(const PlanStrand& strand, Meetings& meetings) noexcept;

    /// A strand counts no longer: it lets go, but its axes are left where they are.
    void leave(const PlanStrand& strand, Meetings& meetings) noexcept;

    /// An end waits as one in a tangle before did.
    void keep(std::uint32_t link, const StrandEnds& previous, std::uint32_t old) noexcept;

 private:
    /// How an end waits for the hand to meet its axis.
    enum class Waiting : std::uint8_t { No, Begins, IsBelow, IsAbove };

    void sayKeys(const PlanStrand& strand, std::span<const Value> outlets, Cause cause,
                 Meetings& meetings) const noexcept;
    [[nodiscard]] bool hasMet(std::uint32_t link, Value value, const Meetings& meetings) noexcept;

    const Plan& m_plan;
    std::vector<Waiting> m_waits;  ///< by link
};

}  // namespace jolly
