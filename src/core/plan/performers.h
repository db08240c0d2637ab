// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "core/digital/pulses.h"
#include "core/plan/meetings.h"
#include "core/plan/motion.h"

#include <cstdint>
#include <span>
#include <vector>

namespace jolly
{

/// Players that presses begin and that end by themselves: each gives the pulses of one end. What
/// they began goes on to its end whatever becomes of the strand meanwhile, by layers, craft or
/// edits; stopped, they let go of all they hold. RT-safe after construction.
class Performers
{
 public:
    /// @param plan  stays for as long as this lives.
    explicit Performers(const Plan& plan);

    /// Nothing is performed.
    void reset() noexcept;

    /// Those of a strand hear what its outlets are. What those are when they are taken as they
    /// stand, or since something went away, is no press and no release.
    void hear(const PlanStrand& strand, std::span<const Value> outlets, Instant now, Cause cause,
              Meetings& meetings) noexcept;

    /// A strand counts no longer: nothing is heard of it from now on, and what it began goes on.
    void leave(const PlanStrand& strand, Meetings& meetings) noexcept;

    /// A strand lost its control: its performers stop and let go.
    void stop(const PlanStrand& strand, Meetings& meetings) noexcept;

    /// When the next one has something to do; max at rest.
    [[nodiscard]] Time nextTick() const noexcept { return m_motion.next(); }

    /// The one that is due next does it. There is one.
    void tick(Instant now, Meetings& meetings) noexcept;

    /// Whether one has begun what has not come to its end.
    [[nodiscard]] bool isPerforming(std::uint32_t press) const noexcept
    {
        return m_states[press].pulses.arePending();
    }

    /// How many pulses of a strand's ends were dropped because too many waited.
    [[nodiscard]] int dropped(const PlanStrand& strand) const noexcept;

    /// One goes on from one in a tangle before, that presses as it does.
    void keep(std::uint32_t press, const Performers& previous, std::uint32_t old,
              Instant now) noexcept;

 private:
    struct State {
        Pulses pulses{Time{}};
        bool wasPressed = false;  ///< the outlet
        bool isLeft = false;      ///< its strand counts no longer
    };

    void letGo(std::uint32_t press, Meetings& meetings) const noexcept;
    void perform(std::uint32_t press, Instant now, Cause cause, Meetings& meetings) noexcept;

    const Plan& m_plan;
    std::vector<State> m_states;
    Motion m_motion;
};

}  // namespace jolly
