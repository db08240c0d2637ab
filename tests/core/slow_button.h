// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "core/tangle/tangle.h"
#include "core/value/time.h"

#include <deque>
#include <functional>
#include <optional>
#include <set>
#include <string>
#include <vector>

namespace jolly::test
{

/// Pulses one after the other, as docs/stages.md says.
struct SlowPulses {
    int waiting = 0;
    bool isDown = false;
    bool isBack = false;          ///< down the list of a selector
    std::optional<Time> until{};  ///< of a pulse or a gap

    void run(Time length, Time now);
    [[nodiscard]] bool isUnderWay() const { return isDown || waiting != 0; }
};

/// A stage that takes or gives buttons or hats as docs/stages.md says: a list of what happened to
/// it, in plain steps.
class SlowButton
{
 public:
    using See = std::function<Value(const Source&)>;

    /// Whether it knows this kind of stage.
    [[nodiscard]] static bool knows(const StageParameters& stage);

    /// @param led  outlets from which ends lead.
    std::vector<Value> run(const StageParameters& stage, Value in, Time now, const See& see,
                           bool isNews, const std::set<std::string>& led);
    /// What is under way in it ends; what it holds stays.
    void stop(const StageParameters& stage);
    /// Goes on after a time in which it saw nothing.
    void wake(const StageParameters& stage, Value in, Time now, const See& see);
    /// A control that it looks at changed.
    void look(const StageParameters& stage, const See& see, bool isNews);
    [[nodiscard]] bool isPerforming(const StageParameters& stage) const;
    [[nodiscard]] Time nextAt(const StageParameters& stage, Time now) const;

 private:
    std::vector<Value> pressKinds(const PressKinds& kinds, bool isDown, Time now, bool isNews,
                                  const std::set<std::string>& led);
    std::string standsAt(const SwitchPlaces& places, const See& see, bool isNews);
    std::vector<Value> steps(const SwitchSteps& steps, const std::string& at, Time now,
                             bool isNews);
    bool debounce(const Debounce& debounce, bool isDown, Time now);
    bool repeat(const Repeat& repeat, bool isDown, Time now, bool isNews);
    bool delay(const Delay& delay, bool isDown, Time now);
    double ramp(const Ramp& ramp, bool isDown, Time now);
    Value fourWays(const FourWays& four, Value hat);
    double nudge(const Nudge& nudge, int way, bool isReset, Time now, bool isNews);

    bool m_wasDown = false;
    bool m_isOn = false;        ///< what came out
    std::optional<Time> m_at;   ///< when something is due
    std::optional<Time> m_end;  ///< of a press of its own
    std::string m_phase;        ///< of a press: "", "first", "again", "long", "twice"; of steps
    std::vector<std::string> m_order;  ///< positions that are down, the latest last
    SlowPulses m_pulses;
    /// A change under way: when it came in, and when it comes out.
    struct Change {
        Time heard, due;
    };
    std::deque<Change> m_changes;
    Change m_cameOut{};  ///< the last one that did, and when
    double m_part = 0.0;
    std::optional<double> m_value;
    int m_way = 0, m_lastWay = -1;
    Time m_last{};
    int m_hatIn = -1, m_hatOut = -1;  ///< eighths of the circle from up; -1 in the middle
};

}  // namespace jolly::test
