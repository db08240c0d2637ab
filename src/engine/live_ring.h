// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "core/flight/happening.h"
#include "engine/live_layout.h"

#include <cstdint>
#include <vector>

namespace jolly
{

/// One entry of the ring as it was read: `what` of the happening is a slot where it has a track.
struct LiveSeen {
    Happening happening{};
    bool isScene = false;  ///< slots have other meanings from here on: those of generation `raw`
};

/// Puts the entries since number `position` into `seen` and sets `position` after the last one.
/// Any thread; never slows the writer. @return how many were lost, since the ring went round: those
/// before the first of `seen`.
std::uint64_t readRing(const LiveBlock& block, std::uint64_t& position,
                       std::vector<LiveSeen>& seen);

}  // namespace jolly
