// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "core/plan/meetings.h"

#include <cstdint>
#include <span>
#include <vector>

namespace jolly
{

/// What the ends of strands say at the virtual controls where they lead: what comes out of their
/// outlets, or the pulses that they make of it. RT-safe after construction.
class StrandEnds
{
 public:
    /// @param plan  stays for as long as this lives.
    explicit StrandEnds(const Plan& plan);

    /// Lets go of all pulses and forgets what waits.
    void reset() noexcept;

    /// All ends of a strand say what its outlets are. What those are when they are taken as they
    /// stand is no press and no release. Where keys are pressed together the last one is let go
    /// first, and before others are pressed.
    void say(const PlanStrand& strand, std::span<const Value> outlets, Time now, Cause cause,
             Meetings& meetings) noexcept;

    /// When an end of a strand has something to say by itself; max at rest.
    [[nodiscard]] Time nextAt(const PlanStrand& strand) const noexcept;

    /// How many pulses of a strand's ends were dropped because too many waited.
    [[nodiscard]] int dropped(const PlanStrand& strand) const noexcept;

    /// A strand lost its control: it lets go, and its axes rest or stay.
    void lose(const PlanStrand& strand, Meetings& meetings) noexcept;

    /// An end goes on from one in a tangle before, if that presses as it does.
    void keep(std::uint32_t link, const StrandEnds& previous, std::uint32_t old) noexcept;

 private:
    struct LinkState {
        Pulses pulses{Time{}};
        bool wasPressed = false;
    };

    void sayKeys(const PlanStrand& strand, std::span<const Value> outlets, Time now, Cause cause,
                 Meetings& meetings) noexcept;
    Value pass(std::uint32_t link, Value value, Time now, Cause cause) noexcept;
    [[nodiscard]] Value said(std::uint32_t link, std::span<const Value> outlets) const noexcept;

    const Plan& m_plan;
    std::vector<LinkState> m_links;
};

}  // namespace jolly
