// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "core/flight/sweep.h"
#include "core/plan/machine.h"
#include "core/value/time.h"

#include <optional>
#include <vector>

namespace jolly
{

/// What a client holds by hand, and what a sim learns. What the hand holds is the hand's, whatever
/// the controllers say; all else is theirs. It ends by itself when the client is not heard of for
/// kLease, so that nothing stays pressed after a client that is gone. Engine thread only.
class Hand
{
 public:
    static constexpr Time kLease = std::chrono::seconds(5);

    struct Held {
        Target place;
        Counts counts;
    };

    /// The output of a place; nothing when the plan has none.
    [[nodiscard]] static std::optional<std::uint32_t> outputOf(const Plan& plan,
                                                               const Target& place);

    void hold(Machine& machine, std::uint32_t output, Counts counts);
    void letGo(Machine& machine, std::uint32_t output);

    /// Holds in another machine what it held in the one before, where that still exists.
    void goOn(Machine& machine);

    /// Forgets all of it; the machine was reset.
    void clear();

    [[nodiscard]] const std::vector<Held>& held() const noexcept { return m_held; }
    [[nodiscard]] bool isAtWork() const noexcept { return !m_held.empty() || isLearning(); }

    /// A sim learns these from now on; none ends it.
    void setLearned(std::vector<Target> learned) { m_learned = std::move(learned); }
    [[nodiscard]] const std::vector<Target>& learned() const noexcept { return m_learned; }
    [[nodiscard]] bool isLearning() const noexcept { return !m_learned.empty(); }

    void beginSweep(std::vector<SweepStep> steps, Time now);
    [[nodiscard]] bool isSweeping() const noexcept { return m_next < m_steps.size(); }

    /// The next step that is due; nothing when none is.
    [[nodiscard]] std::optional<SweepStep> takeStep(Time now);

    /// A client was heard of.
    void renew(Time now) noexcept { m_lease = now + kLease; }
    [[nodiscard]] bool isForsaken(Time now) const noexcept { return isAtWork() && now >= m_lease; }

    /// When there is something to do next; max for never.
    [[nodiscard]] Time nextAt() const noexcept;

 private:
    std::vector<Held> m_held;
    std::vector<Target> m_learned;
    std::vector<SweepStep> m_steps;
    std::size_t m_next = 0;
    Time m_start{};
    Time m_lease{};
};

}  // namespace jolly
