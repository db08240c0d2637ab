// SPDX-License-Identifier: GPL-3.0-or-later
#include "engine/live_ring.h"

#include <algorithm>

namespace jolly
{

std::uint64_t readRing(const LiveBlock& block, std::uint64_t& position, std::vector<LiveSeen>& seen)
{
    seen.clear();
    const auto& entries = block.header.entries;
    const auto end = entries.load(std::memory_order_acquire);
    const auto first = std::max(position, end > kLiveEntries ? end - kLiveEntries : 0);
    for (auto number = first; number < end; ++number) {
        const auto& entry = block.entries[number % kLiveEntries];
        const auto what = entry.what.load(std::memory_order_relaxed);
        const auto kind = (what & ~(kLiveHatY | kLiveFirst)) >> kLiveKindShift;
        seen.push_back({{.kind = static_cast<Happening::Kind>(kind),
                         .isHatY = (what & kLiveHatY) != 0,
                         .isFirst = (what & kLiveFirst) != 0,
                         .what = what & kLiveNumber,
                         .raw = entry.raw.load(std::memory_order_relaxed),
                         .time = Time(entry.time.load(std::memory_order_relaxed))},
                        kind == kLiveScene});
    }
    std::atomic_thread_fence(std::memory_order_acquire);
    // The engine may have gone on meanwhile, and be at work on the entry after the last it counted.
    const auto oldest = entries.load(std::memory_order_relaxed) + 1;
    const auto overtaken = oldest > first + kLiveEntries ? oldest - kLiveEntries - first : 0;
    const auto gone = std::min(overtaken, end - first);
    seen.erase(seen.begin(), seen.begin() + static_cast<std::ptrdiff_t>(gone));
    const auto lost = first - position + gone;
    position = end;
    return lost;
}

}  // namespace jolly
