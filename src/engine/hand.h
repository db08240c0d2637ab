// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "core/flight/sweep.h"
#include "core/plan/machine.h"
#include "core/value/time.h"

#include <map>
#include <optional>
#include <string>
#include <vector>

namespace jolly
{

/// What clients hold by hand, and what a sim learns. What a hand holds is the hand's, whatever the
/// controllers say; all else is theirs. It ends by itself when its client is not heard of for
/// kLease, so that nothing stays pressed after a client that is gone, whatever others hold. Engine
/// thread only.
class Hand
{
 public:
    static constexpr Time kLease = std::chrono::seconds(5);

    struct Held {
        Target place;
        std::string client;
    };

    /// A client has the session hold an output, or let it go.
    void note(const Machine& machine, std::uint32_t output, const std::string& client);
    void forget(const Target& place);

    /// Another tangle goes on, in which what was held still is, where that exists.
    void goOn(const Plan& plan);

    /// Forgets all of it; everything begins anew.
    void clear();

    [[nodiscard]] const std::vector<Held>& held() const noexcept { return m_held; }
    [[nodiscard]] bool isAtWork() const noexcept { return !m_held.empty() || isLearning(); }

    /// A sim learns these from now on; none ends it.
    void setLearned(std::vector<Target> learned, const std::string& client)
    {
        m_learned = std::move(learned);
        m_learner = client;
    }
    [[nodiscard]] const std::string& learner() const noexcept { return m_learner; }
    [[nodiscard]] const std::vector<Target>& learned() const noexcept { return m_learned; }
    [[nodiscard]] bool isLearning() const noexcept { return !m_learned.empty(); }

    void beginSweep(std::vector<SweepStep> steps, Time now);
    [[nodiscard]] bool isSweeping() const noexcept { return m_next < m_steps.size(); }

    /// The next step that is due; nothing when none is.
    [[nodiscard]] std::optional<SweepStep> takeStep(Time now);

    /// A client was heard of.
    void renew(const std::string& client, Time now) { m_leases[client] = now + kLease; }

    /// A client that holds or learns something and was not heard of for kLease.
    [[nodiscard]] std::optional<std::string> forsakenBy(Time now) const;

    /// When there is something to do next; max for never.
    [[nodiscard]] Time nextAt() const noexcept;

 private:
    [[nodiscard]] bool isAtWork(const std::string& client) const;

    std::vector<Held> m_held;
    std::vector<Target> m_learned;
    std::string m_learner;  ///< the client that a sim learns for
    std::vector<SweepStep> m_steps;
    std::size_t m_next = 0;
    Time m_start{};
    std::map<std::string, Time> m_leases;  ///< by client
};

}  // namespace jolly
