// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "core/plan/change.h"
#include "core/plan/meeting_state.h"
#include "core/plan/plan.h"

#include <cstdint>
#include <span>
#include <utility>
#include <vector>

namespace jolly
{

/// Where strands meet at virtual controls: what each of them last said there, who pressed what, who
/// moved an axis last, and what comes of it. RT-safe after construction.
class Meetings
{
 public:
    /// @param plan  stays for as long as this lives.
    explicit Meetings(const Plan& plan);

    /// Puts every virtual control to rest and forgets everything.
    void reset() noexcept;

    /// A strand says `value` at one of its ends, of a turner the sum of its counts. A move takes an
    /// axis that follows what moved last; the same value again, or one that differs in its last bit
    /// only, is no move.
    void feed(std::uint32_t link, Value value, Cause cause) noexcept
    {
        const auto& flat = m_plan.links[link];
        auto& state = m_links[link];
        value.x = value.x * flat.scale + flat.offset;
        const bool isSame = state.isActive && !state.isLeft && !differs(state.value, value);
        if (isSame && (isNews(cause) || cause == Cause::Aside)) return;
        take(flat, link, value, cause);
    }

    /// The strand of this end lost its control: it lets go, and its axis rests or stays.
    void lose(std::uint32_t link, WhenAway whenAway) noexcept;

    /// The strand of this end counts no longer: its axis stays where it is until lose(), or until
    /// one that is brought in takes it over.
    void leave(std::uint32_t link) noexcept { m_links[link].isLeft = m_links[link].isActive; }

    /// Whether an end says what it said when it was left.
    [[nodiscard]] bool isLeft(std::uint32_t link) const noexcept { return m_links[link].isLeft; }

    /// What an end that wants to take over an axis has to meet: where the strands have the axis, or
    /// where several meet what the end says that was left by a strand of the same control.
    [[nodiscard]] double awaited(std::uint32_t link) const noexcept;

    /// An end that has said nothing yet goes on from one in a tangle before: it says what that
    /// said, and the virtual control is its own if it was that one's. goOn() follows.
    void keep(std::uint32_t link, const Meetings& previous, std::uint32_t old) noexcept;

    /// Turns a virtual axis round, or back, until reset().
    void reverse(std::uint32_t output) noexcept;

    [[nodiscard]] bool isReversed(std::uint32_t output) const noexcept
    {
        return m_outputs[output].isReversed;
    }

    /// A virtual axis is turned round since before this began. goOn() follows.
    void keepReversed(std::uint32_t output) noexcept { m_outputs[output].isReversed = true; }

    /// Works out what comes of all that was kept. That is no news to anybody.
    void goOn() noexcept;

    /// A hand holds a virtual control at these counts, whatever the strands say; of a turner it
    /// turns it to this sum. Until letGo(), from which on the strands count as they stand.
    void holdByHand(std::uint32_t output, Counts counts) noexcept;
    void letGo(std::uint32_t output) noexcept;
    [[nodiscard]] bool isByHand(std::uint32_t output) const noexcept
    {
        return m_outputs[output].isByHand;
    }

    /// The end that a virtual control has its value from; kNone when nobody gives it one.
    [[nodiscard]] std::uint32_t leader(std::uint32_t output) const noexcept;

    [[nodiscard]] Value value(std::uint32_t output) const noexcept
    {
        return m_outputs[output].value;
    }
    [[nodiscard]] Counts raw(std::uint32_t output) const noexcept { return m_outputs[output].raw; }

    /// Calls `take(change)` with what differs from what was taken last, in the order of the first
    /// touch; what went there and back is left out.
    template <class Take>
    void takeChanges(Take&& take) noexcept
    {
        for (const auto output : m_touched) {
            auto& state = m_outputs[output];
            state.isTouched = false;
            if (state.raw == state.taken) continue;
            state.taken = state.raw;
            if (m_plan.outputs[output].device == kNoDevice) continue;  // a layer is told otherwise
            take(Change{output, state.raw, state.value});
        }
        m_touched.clear();
    }

    /// Watched virtual controls that were pressed or let go since clearFlips().
    [[nodiscard]] const std::vector<std::uint32_t>& flips() const noexcept { return m_flips; }
    void clearFlips() noexcept;

    /// Whether a layer was pressed or let go since the last call.
    [[nodiscard]] bool takeLayerNews() noexcept { return std::exchange(m_hasLayerNews, false); }

    static constexpr std::uint32_t kNone = kNoLink;

 private:
    [[nodiscard]] static bool differs(Value a, Value b) noexcept
    {
        constexpr double kLastBit = 1e-12;
        return a.x - b.x > kLastBit || b.x - a.x > kLastBit || a.y != b.y;
    }
    /// What nobody moves stays at rest.
    [[nodiscard]] static bool isTurnedRound(const MeetingOutput& state) noexcept
    {
        return state.isReversed && state.owner != kNone;
    }
    void take(const PlanLink& flat, std::uint32_t link, Value value, Cause cause) noexcept;
    void findOwner(MeetingOutput& output, std::uint32_t link, Cause cause) const noexcept;
    [[nodiscard]] Value said(std::uint32_t output) const noexcept;
    void turn(const PlanLink& flat, std::uint32_t link, Value value, Cause cause) noexcept;
    void press(std::uint32_t output, bool isPressed) noexcept;
    void settle(std::uint32_t output) noexcept;
    void put(std::uint32_t output, const PlanOutput& flat, MeetingOutput& state,
             Value value) noexcept;
    void show(std::uint32_t output, const PlanOutput& flat, MeetingOutput& state,
              Value value) noexcept;
    [[nodiscard]] Value meet(const PlanOutput& output) const noexcept;
    [[nodiscard]] std::uint32_t anyActive(const PlanOutput& output) const noexcept;

    const Plan& m_plan;
    std::vector<MeetingLink> m_links;
    std::vector<MeetingOutput> m_outputs;
    std::vector<std::uint32_t> m_touched;
    std::vector<std::uint32_t> m_flips;
    bool m_hasLayerNews = false;
};

}  // namespace jolly
