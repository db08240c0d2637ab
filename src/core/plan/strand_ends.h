// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "core/plan/meetings.h"

#include <cstdint>
#include <span>
#include <vector>

namespace jolly
{

/// What the ends of strands say at the virtual controls where they lead: what comes out of their
/// outlets, or the pulses that they make of it. An end that waits for the hand to meet its axis
/// says nothing. RT-safe after construction.
class StrandEnds
{
 public:
    /// @param plan  stays for as long as this lives.
    explicit StrandEnds(const Plan& plan);

    /// Lets go of all pulses and forgets what waits.
    void reset() noexcept;

    /// All ends of a strand say what its outlets are. What those are when they are taken as they
    /// stand, or since something went away, is no press and no release. Where keys are pressed
    /// together the last one is let go first, and before others are pressed.
    /// @return whether an axis was met for which one of them waited.
    bool say(const PlanStrand& strand, std::span<const Value> outlets, Instant now, Cause cause,
             Meetings& meetings) noexcept;

    /// The ends of a strand that counts no longer: its pulses go on, and so do those of its stages.
    /// @param outlets  nothing when no stage has pulses of its own: then what is held is let go.
    void finish(const PlanStrand& strand, std::span<const Value> outlets, Instant now,
                Meetings& meetings) noexcept;

    /// The axes of a strand wait for the hand, or no longer.
    void pickUp(const PlanStrand& strand) noexcept;
    void stopWaiting(const PlanStrand& strand) noexcept;
    [[nodiscard]] bool isWaiting(std::uint32_t link) const noexcept
    {
        return m_links[link].waits != Waiting::No;
    }

    /// When an end of a strand has something to say by itself; max at rest.
    [[nodiscard]] Time nextAt(const PlanStrand& strand) const noexcept;

    /// Whether a pulse of a strand's ends is pressed, or one waits.
    [[nodiscard]] bool arePending(const PlanStrand& strand) const noexcept;

    /// How many pulses of a strand's ends were dropped because too many waited.
    [[nodiscard]] int dropped(const PlanStrand& strand) const noexcept;

    /// A strand lost its control: it lets go, and its axes rest or stay.
    void lose(const PlanStrand& strand, Meetings& meetings) noexcept;

    /// A strand counts no longer: it lets go, but its axes are left where they are.
    void leave(const PlanStrand& strand, Meetings& meetings) noexcept;

    /// An end goes on from one in a tangle before, if that presses as it does.
    void keep(std::uint32_t link, const StrandEnds& previous, std::uint32_t old) noexcept;

 private:
    /// How an end waits for the hand to meet its axis.
    enum class Waiting : std::uint8_t { No, Begins, IsBelow, IsAbove };

    struct LinkState {
        Pulses pulses{Time{}};
        bool wasPressed = false;
        Waiting waits = Waiting::No;
    };

    void letGo(std::uint32_t link, Meetings& meetings) const noexcept;
    void sayKeys(const PlanStrand& strand, std::span<const Value> outlets, Instant now, Cause cause,
                 Meetings& meetings) noexcept;
    Value pass(std::uint32_t link, Value value, Instant now, Cause cause) noexcept;
    [[nodiscard]] Value said(std::uint32_t link, std::span<const Value> outlets) const noexcept;
    [[nodiscard]] bool hasMet(std::uint32_t link, Value value, const Meetings& meetings) noexcept;

    const Plan& m_plan;
    std::vector<LinkState> m_links;
};

}  // namespace jolly
