// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "core/tangle/tangle.h"
#include "core/value/time.h"

#include <cstdint>
#include <map>
#include <optional>
#include <set>
#include <string>
#include <utility>
#include <vector>

namespace jolly
{

/// One thing that is to be done with a control, and whether it was.
struct WalkStep {
    Sentence words;  ///< "forward (more)", "pressed", "up right"
    bool isDone = false;
    bool isAsked = true;  ///< without it the control counts as walked all the same: a diagonal
};

/// What was seen of one control.
struct WalkedControl {
    std::string controller;  ///< id
    ControlCode code{};
    Sentence name;
    std::vector<WalkStep> steps{};
    Sentence remark{};  ///< what is odd about it: where it rests; empty when nothing is

    [[nodiscard]] bool isDone() const;
    [[nodiscard]] bool isBegun() const;
};

/// The walk over a desk before a flight: every control of the rig that is there once, to both its
/// ends, pressed and let go, each way; then it is let go, and has to rest.
class DeskWalk
{
 public:
    /// An axis that came as near to an end of its travel has reached it.
    static constexpr double kEnd = 0.04;
    /// A two-sided axis that was let go rests as near to its middle, or it is said.
    static constexpr double kRest = 0.03;
    /// Both axes of a stick that are beyond this at once are in a corner.
    static constexpr double kCorner = 0.7;
    /// What has not moved more than kRest for so long was let go.
    static constexpr Time kLetGo = std::chrono::seconds(1);

    explicit DeskWalk(const Tangle& tangle) : m_rig(tangle.rig) {}

    /// A control is there and stands at these counts. Those that are not told are left out.
    void stand(const std::string& controller, ControlCode code, Counts counts);

    /// It moved. @param counts  what it stands at; of a turner the sum of its turns.
    void move(const std::string& controller, ControlCode code, Counts counts, Time time);

    /// Everything in the order of the rig, as it is at `now`.
    [[nodiscard]] std::vector<WalkedControl> controls(Time now) const;

    [[nodiscard]] const std::vector<RigController>& rig() const { return m_rig; }

 private:
    struct Seen {
        Counts first{};
        Counts last{};
        double low = 0.0;  ///< of an axis, the lowest value
        double high = 0.0;
        double still = 0.0;  ///< of an axis, the value since `since`
        Time since{};
        bool hasMoved = false;
        double now = 0.0;        ///< of an axis
        std::uint32_t ways = 0;  ///< of a hat: bits of the ways that it went; of X: of the corners
        bool wasPressed = false, wasLetGo = false;
        bool turnedOn = false, turnedBack = false;
    };
    using Key = std::pair<std::string, ControlCode>;

    [[nodiscard]] WalkedControl walkedOf(const RigController& controller, const RigControl& control,
                                         const Seen& seen, Time now) const;
    void noteCorner(const std::string& controller);
    [[nodiscard]] const RigControl* find(const Key& key) const;

    std::vector<RigController> m_rig;
    std::map<Key, Seen> m_seen;
};

/// The walk as a short report: what is left, what is odd, then everything; as text, or as a page of
/// HTML. @param when  the date and time, for its head.
[[nodiscard]] std::string textOf(const DeskWalk& walk, Time now, const std::string& when,
                                 const Language& language = inEnglish());
[[nodiscard]] std::string htmlOf(const DeskWalk& walk, Time now, const std::string& when,
                                 const Language& language = inEnglish());

}  // namespace jolly
