// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "app/models/live_feed.h"
#include "core/calibration/button_survey.h"

#include <map>
#include <utility>

namespace jolly::app
{

/// What every button that is here did lately, and what it likely is.
class ButtonWatch
{
 public:
    static constexpr std::size_t kMostEdges = 64;  ///< kept of each button

    explicit ButtonWatch(LiveFeed& feed) : m_feed(feed) {}

    /// Takes the moves that came since the values before.
    void takeMoves();

    /// What a button likely is by what it did; nothing when it agrees with what the rig says.
    /// `group` holds places among the controls of the controller.
    [[nodiscard]] ButtonGuess guess(const Source& button) const;

    /// How many times a button changed so far: a guess can be another only after that, or later.
    [[nodiscard]] std::uint64_t changes() const { return m_changes; }

    /// After the desk changed: forgets everything when controls moved to other places.
    void checkDesk();

 private:
    [[nodiscard]] ButtonSeries seriesAt(int slot) const;

    /// A controller and where it begins in the live block.
    using Seat = std::pair<std::uint32_t, Identity>;

    LiveFeed& m_feed;
    std::vector<Seat> m_seats;
    std::vector<bool> m_isButton;          ///< by place in the live block
    std::map<int, ButtonSeries> m_series;  ///< likewise
    std::uint64_t m_changes = 0;
};

}  // namespace jolly::app
