// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "core/flight/flight_player.h"

#include <optional>

namespace jolly
{

/// Where two replays of one recording come apart for the first time.
struct FlightDifference {
    Time time{};
    Target place{};                 ///< the virtual control
    std::optional<Counts> first{};  ///< what it stands at there; nothing where it does not exist
    std::optional<Counts> second{};

    friend bool operator==(const FlightDifference&, const FlightDifference&) = default;
};

/// What came of comparing: nothing for no difference.
using FlightCompared = Result<std::optional<FlightDifference>>;

/// Plays a recording through two tangles and finds the first virtual control that one of them moves
/// to other counts than the other. What already differs when the recording begins counts, too.
[[nodiscard]] FlightCompared firstDifference(const Recording& recording, const Tangle& first,
                                             const Tangle& second);

/// Plays a recording as it was flown, and finds the first virtual control that the replay moves to
/// other counts than were recorded (`first`). Only what moves after the recording began counts:
/// what stages remembered from before is not in it.
[[nodiscard]] FlightCompared firstDifferenceFromFlown(const Recording& recording,
                                                      const FlightPlayer::TangleOf& tangleOf);

}  // namespace jolly
