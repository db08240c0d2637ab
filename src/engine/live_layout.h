// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include <atomic>
#include <cstdint>

namespace jolly
{

/// The block of present values that the engine shares with its clients, read-only for them.
///
/// A header, then an array of slots. The writer makes `sequence` odd, writes, and makes it even
/// again; a reader that saw an odd number or two different ones reads once more. Which slot is what
/// is told by the engine's directory (docs/formats/engine.md); it holds while `generation` stays.
struct LiveSlot {
    std::atomic<std::int32_t> raw;     ///< counts; of a turner the sum of all turns
    std::atomic<std::int32_t> rawY;    ///< counts of a hat's up-down half
    std::atomic<double> value;         ///< as Value::x
    std::atomic<std::uint64_t> moves;  ///< how often it moved
};

struct LiveHeader {
    std::atomic<std::uint32_t> magic;
    std::atomic<std::uint32_t> version;
    std::atomic<std::int32_t> enginePid;
    std::atomic<std::uint32_t> unused;
    std::atomic<std::uint64_t> sequence;
    std::atomic<std::uint64_t> generation;
    std::atomic<std::uint64_t> events;  ///< raw moves since the start
    std::atomic<std::uint64_t> frames;  ///< frames written to virtual devices since the start
    std::atomic<std::int64_t>
        delayNs;  ///< of a written frame, measured now and then: from the kernel's time stamp
    std::atomic<std::int64_t> lastMove;  ///< time of the last raw move, monotonic ns
};

inline constexpr std::uint32_t kLiveMagic = 0x4a544c56;  // "JTLV"
inline constexpr std::uint32_t kLiveVersion = 1;
inline constexpr std::uint32_t kLiveSlots = 16384;

struct LiveBlock {
    LiveHeader header;
    LiveSlot slots[kLiveSlots];
};

static_assert(sizeof(LiveHeader) == 64 && sizeof(LiveSlot) == 24, "docs/formats/engine.md says so");
static_assert(std::atomic<double>::is_always_lock_free &&
              std::atomic<std::uint64_t>::is_always_lock_free);

}  // namespace jolly
