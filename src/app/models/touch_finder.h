// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "app/models/desk.h"

#include <deque>

namespace jolly::app
{

/// Finds the control that the pilot touches: the loudest mover of the last moment wins over noise
/// and drift.
class TouchFinder
{
 public:
    /// A lever counts as touched once it moved this part of its travel within kWindow, unless
    /// another is set.
    static constexpr double kLoud = 0.06;
    static constexpr Time kWindow = std::chrono::milliseconds(350);

    /// What moves to and fro, its way longer than this many times how far it came, only shakes.
    static constexpr double kShaking = 2.5;

    /// An axis has to be watched for this long to tell a shake from a touch, unless it came far.
    static constexpr Time kLeastWatched = std::chrono::milliseconds(100);
    static constexpr double kFar = 0.2;

    /// Looks at new values. @return the touched control, once for each touch that is another one
    /// than the last or comes after a rest.
    [[nodiscard]] std::optional<Source> look(const Desk& desk, const LiveSnapshot& values,
                                             Time now);

    void setLoudness(double part) { m_loud = part; }

    /// Forgets what was seen; after the desk changed.
    void reset() { m_past.clear(); }

 private:
    struct Past {
        Time time{};
        std::vector<LiveValue> slots;
    };

    [[nodiscard]] static double loudness(const RigControl& control, const LiveValue& before,
                                         const LiveValue& now);

    [[nodiscard]] bool onlyShakes(const RigControl& control, std::size_t slot,
                                  const LiveSnapshot& values, Time now) const;

    double m_loud = kLoud;
    std::deque<Past> m_past;
};

}  // namespace jolly::app
