// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "core/flight/recording.h"

#include <cstdint>
#include <map>
#include <utility>
#include <vector>

namespace jolly
{

/// How much moved in one chunk of a recording, and when layers were engaged: for a drawing of it.
struct ChunkActivity {
    /// What is told as one part.
    static constexpr Time kPart = std::chrono::milliseconds(250);

    Time first{};
    Time last{};
    std::uint32_t count = 0;  ///< of the chunk's happenings, when it was looked at
    /// How far each track moved in each part, by the track's number; 1 is its full travel.
    std::map<std::uint32_t, std::vector<double>> travel{};
    /// When layers besides Base were engaged, from and to; the last one may go on.
    std::vector<std::pair<Time, Time>> engaged{};
    bool staysEngaged = false;
};

/// Looks at all that happened in a chunk. Fails as Recording::read() does.
[[nodiscard]] Result<ChunkActivity> activityOf(const Recording& recording, std::size_t chunk);

/// Only which tracks moved at all, as its head says: what is in it is not read.
[[nodiscard]] ChunkActivity activityUnread(const Chunk& chunk);

}  // namespace jolly
