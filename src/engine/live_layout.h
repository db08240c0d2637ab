// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include <atomic>
#include <cstdint>

namespace jolly
{

/// The block of present values that the engine shares with its clients, read-only for them.
///
/// A header, an array of slots, then a ring of the last moves. The writer makes `sequence` odd,
/// writes, and makes it even again; a reader that saw an odd number or two different ones reads
/// once more. Which slot is what is told by the engine's status (docs/formats/engine.md): it holds
/// while `generation` stays; all else that a status tells holds while `edition` stays. Move number
/// n, counted by `events`, lies at n modulo kLiveMoves in the ring.
struct LiveSlot {
    std::atomic<std::int32_t> raw;     ///< counts; of a turner the sum of all turns
    std::atomic<std::int32_t> rawY;    ///< counts of a hat's up-down half
    std::atomic<double> value;         ///< as Value::x
    std::atomic<std::uint64_t> moves;  ///< how often it moved
};

/// One raw move, so that clients can look at every count and not only at the present one.
struct LiveMove {
    std::atomic<std::uint32_t> slot;  ///< with kLiveHatY added: the up-down half of a hat
    std::atomic<std::int32_t> raw;    ///< counts; of a turner the sum of all turns
    std::atomic<std::int64_t> time;   ///< monotonic ns
};

struct LiveHeader {
    std::atomic<std::uint32_t> magic;
    std::atomic<std::uint32_t> version;
    std::atomic<std::int32_t> enginePid;
    std::atomic<std::uint32_t> isEnding;  ///< 1: the engine ends because somebody wants it
    std::atomic<std::uint64_t> sequence;
    std::atomic<std::uint64_t> generation;
    std::atomic<std::uint64_t> edition;
    std::atomic<std::uint64_t> events;  ///< raw moves since the start
    std::atomic<std::uint64_t> frames;  ///< frames written to virtual devices since the start
    std::atomic<std::int64_t>
        delayNs;  ///< of a written frame, measured now and then: from the kernel's time stamp
    std::atomic<std::int64_t> lastMove;  ///< time of the last raw move, monotonic ns
    std::atomic<std::uint64_t> layers;   ///< that are engaged: bits by their places in the stack
    std::atomic<std::uint64_t> craft;    ///< place of the craft that is flown
};

inline constexpr std::uint32_t kLiveMagic = 0x4a544c56;  // "JTLV"
inline constexpr std::uint32_t kLiveVersion = 4;
inline constexpr std::uint32_t kLiveSlots = 16384;
inline constexpr std::uint32_t kLiveMoves = 32768;
inline constexpr std::uint32_t kLiveHatY = 0x80000000;

struct LiveBlock {
    LiveHeader header;
    LiveSlot slots[kLiveSlots];
    LiveMove moves[kLiveMoves];
};

static_assert(sizeof(LiveHeader) == 88 && sizeof(LiveSlot) == 24 && sizeof(LiveMove) == 16,
              "docs/formats/engine.md says so");
static_assert(std::atomic<double>::is_always_lock_free &&
              std::atomic<std::uint64_t>::is_always_lock_free);

}  // namespace jolly
