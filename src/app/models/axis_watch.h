// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "app/models/studio.h"
#include "core/calibration/judge.h"

namespace jolly::app
{

/// What the selected axis did since it was selected, of the last minutes: its moves, and what the
/// survey says of them.
class AxisWatch
{
 public:
    explicit AxisWatch(Studio& studio) : m_studio(studio) {}

    /// Follows the selection; begins anew when it is another axis, or in another place.
    void follow();

    /// Takes the moves that came since the values before.
    void takeMoves();

    /// Forgets what the axis did; after a time in which moves were not taken.
    void forget();

    /// Whether an axis is selected whose controller is present.
    [[nodiscard]] bool isWatching() const { return m_watched && !m_watched->samples.empty(); }

    [[nodiscard]] const std::vector<AxisSample>& samples() const { return m_watched->samples; }

    /// As the device tells it, or as seen when that is impossible.
    [[nodiscard]] AxisRange range() const;

    /// What it did and the sides as which it behaves; measured anew every quarter of a second.
    [[nodiscard]] const SidedFindings& findings();

 private:
    struct Watched {
        ControlRef ref;
        int slot = -1;
        AxisRange range{};
        Sides sides = Sides::Two;  ///< as the rig has it
        std::vector<AxisSample> samples;
        SidedFindings findings;
        Time looked{};
    };

    Studio& m_studio;
    std::optional<Watched> m_watched;
};

}  // namespace jolly::app
