// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "core/tangle/tangle.h"
#include "core/value/time.h"
#include "slow_button.h"

#include <functional>
#include <map>
#include <optional>
#include <set>
#include <string>
#include <vector>

namespace jolly::test
{

/// One stage as docs/stages.md says, without regard to speed. Knows some kinds: of each sort one
/// at least (what maps, what remembers, what works by time, what looks at others, what forks).
class SlowStage
{
 public:
    /// The present value of another control; at rest when it is away, or held from before.
    using See = std::function<Value(const Source&)>;

    explicit SlowStage(StageParameters parameters = Invert{}) : m_now(std::move(parameters)) {}

    [[nodiscard]] bool isOfKind(const StageParameters& other) const
    {
        return other.index() == m_now.index();
    }
    void change(const StageParameters& parameters);

    /// What comes out, by outlet.
    /// @param led  outlets from which ends lead.
    std::vector<Value> run(Value in, Signal signal, Time now, const See& see, bool isNews,
                           const std::set<std::string>& led);

    /// What is under way in it ends.
    void stop();

    /// Goes on after a time in which it saw nothing.
    void wake(Value in, Time now, const See& see);

    /// Whether a press that it took has not come to its end.
    [[nodiscard]] bool isPerforming() const;

    /// Something that it looks at changed, or is seen for the first time.
    void look(const See& see, bool isNews);

    void forget();

    /// When it wants to run again; max at rest.
    [[nodiscard]] Time nextAt(Time now) const;

    bool sleeps = false;

 private:
    Value one(Value in, Signal signal, Time now, const See& see);
    double pace(const Pace& pace, double v, double seconds);
    double hold(const HoldValue& hold, double v, double low, const See& see);
    double drive(const Drive& drive, double v, double low, double seconds, const See& see);
    double spring(const Spring& spring, double v, double low, double seconds);
    std::vector<Value> slices(const Slice& slice, double v);
    std::vector<Value> zones(const EqualSlices& slices, double v, double low);
    std::vector<Value> pulses(const Ratchet& ratchet, double v, double low, Time now);

    StageParameters m_now;
    SlowButton m_button;
    bool m_hasRun = false;
    Time m_last{};                 ///< when it ran
    double m_before = 0.0;         ///< what came in then
    double m_value = 0.0;          ///< of those that keep one
    double m_offset = 0.0;         ///< of hold and trim
    double m_low = 0.0;            ///< where drive ends, as of its last run
    std::set<std::string> m_down;  ///< which of its buttons were pressed
    std::set<std::string> m_held;  ///< slices
    int m_zone = -1;
    int m_waiting = 0, m_pulse = 0;
    std::optional<Time> m_until;  ///< of a pulse or a gap
};

}  // namespace jolly::test
