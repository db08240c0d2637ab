// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "app/models/selection.h"
#include "core/calibration/judge.h"

namespace jolly::app
{

/// What the axes did since each was selected first, of the last minutes: their moves, and what the
/// survey says of them. All pages share one, and ask for the axis that is selected now.
class AxisWatch : public QObject
{
 public:
    explicit AxisWatch(Selection& selection, QObject* parent = nullptr);

    /// Forgets what the selected axis did.
    void forget();

    /// Whether an axis is selected whose controller is present.
    [[nodiscard]] bool isWatching() const { return m_now.has_value(); }

    [[nodiscard]] const std::vector<AxisSample>& samples() const { return now().samples; }

    /// For how long it is known what the axis did.
    [[nodiscard]] Time span() const { return m_selection.feed().now() - samples().front().time; }

    /// As the device tells it, or as seen when that is impossible.
    [[nodiscard]] AxisRange range() const;

    /// What it did and the sides as which it behaves; measured anew every quarter of a second,
    /// and more seldom the more there is to measure.
    [[nodiscard]] const SidedFindings& findings();

 private:
    struct Watched {
        Source ref;
        int slot = -1;
        AxisRange range{};
        Sides sides = Sides::Two;  ///< as the rig has it
        std::vector<AxisSample> samples{};
        SidedFindings findings{};
        Time looked{};
    };

    [[nodiscard]] const Watched& now() const { return m_watched[*m_now]; }
    void follow();
    void takeMoves();
    [[nodiscard]] std::optional<Watched> selected() const;

    Selection& m_selection;
    std::vector<Watched> m_watched;
    std::optional<std::size_t> m_now;  ///< place of the selected axis
};

}  // namespace jolly::app
