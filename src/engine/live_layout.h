// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include <atomic>
#include <bit>
#include <cstdint>

namespace jolly
{

/// The block of present values that the engine shares with its clients, read-only for them.
///
/// A header, an array of slots, then a ring of what happened last. The writer makes `sequence` odd,
/// writes, and makes it even again; a reader that saw an odd number or two different ones reads
/// once more. Which slot is what is told by the engine's status (docs/formats/engine.md): it holds
/// while `generation` stays; all else that a status tells holds while `edition` stays. Entry number
/// n, counted by `entries`, lies at n modulo kLiveEntries in the ring.
struct LiveSlot {
    std::atomic<std::int32_t> raw;     ///< counts; of a turner the sum of all turns
    std::atomic<std::int32_t> rawY;    ///< counts of a hat's up-down half
    std::atomic<double> value;         ///< as Value::x
    std::atomic<std::uint64_t> moves;  ///< how often it moved
};

/// Something that happened: a raw move, a change of a virtual control, or one of the other kinds of
/// core/flight/happening.h. `what` has the kind, two marks, and a slot where that has a track, else
/// a number: of a controller its handle.
struct LiveEntry {
    std::atomic<std::uint32_t> what;
    std::atomic<std::int32_t> raw;
    std::atomic<std::int64_t> time;  ///< monotonic ns
};

inline constexpr std::uint32_t kLiveDelays = 160;

struct LiveHeader {
    std::atomic<std::uint32_t> magic;
    std::atomic<std::uint32_t> version;
    std::atomic<std::int32_t> enginePid;
    std::atomic<std::uint32_t> isEnding;  ///< 1: the engine ends because somebody wants it
    std::atomic<std::uint64_t> sequence;
    std::atomic<std::uint64_t> generation;
    std::atomic<std::uint64_t> edition;
    std::atomic<std::uint64_t> events;   ///< raw moves since the start
    std::atomic<std::uint64_t> entries;  ///< of the ring, since the start
    std::atomic<std::uint64_t> losses;   ///< how often the kernel dropped events since the start
    std::atomic<std::uint64_t> frames;   ///< frames written to virtual devices since the start
    std::atomic<std::int64_t>
        delayNs;  ///< of a written frame, measured now and then: from the kernel's time stamp
    std::atomic<std::int64_t> lastMove;  ///< time of the last raw move, monotonic ns
    std::atomic<std::uint64_t> layers;   ///< that are engaged: bits by their places in the stack
    std::atomic<std::uint64_t> craft;    ///< place of the craft that is flown
    std::atomic<std::int64_t> worstNs;   ///< the longest delay that was measured
    std::atomic<std::uint64_t> delays[kLiveDelays];  ///< how many frames had which; see delayBin()
};

/// What a reader of the virtual devices, as a game is one, got of one virtual control. Written by
/// another thread than all else, while a client wants it.
struct LiveEye {
    std::atomic<std::int32_t> raw;  ///< of a turner the sum of all turns that were read
    std::atomic<std::int32_t> rawY;
    std::atomic<std::uint32_t> sight;    ///< a LiveSight
    std::atomic<std::uint32_t> changes;  ///< how many were read
};

enum class LiveSight : std::uint32_t {
    Unseen,   ///< it is not read back now
    Same,     ///< it is what was sent
    Differs,  ///< it has not been what was sent for a while: a fault
};

inline constexpr std::uint32_t kLiveMagic = 0x4a544c56;  // "JTLV"
inline constexpr std::uint32_t kLiveVersion = 5;
inline constexpr std::uint32_t kLiveSlots = 16384;
inline constexpr std::uint32_t kLiveEntries = 131072;
inline constexpr std::uint32_t kLiveHatY = 0x80000000;   ///< the up-down half of a hat
inline constexpr std::uint32_t kLiveFirst = 0x40000000;  ///< the first move of its frame
inline constexpr std::uint32_t kLiveKindShift = 25;
inline constexpr std::uint32_t kLiveNumber = (1U << kLiveKindShift) - 1;
/// A kind of the ring alone: slots have other meanings from here on. Its raw is the generation.
inline constexpr std::uint32_t kLiveScene = 31;

inline constexpr std::uint32_t kLiveEyes = 4096;

struct LiveHeaderOfEyes {
    std::atomic<std::uint64_t> frames;  ///< that were read back since the start
    std::atomic<std::int64_t> worstNs;  ///< longest delay from the kernel's stamp of a move to that
                                        ///< of what came of it, since reading back began
    std::atomic<std::uint64_t> delays[kLiveDelays];
};

struct LiveBlock {
    LiveHeader header;
    LiveSlot slots[kLiveSlots];
    LiveEntry entries[kLiveEntries];
    LiveHeaderOfEyes sights;
    LiveEye eyes[kLiveEyes];
};

/// Which of the bins of delays one belongs to: four for each doubling, the first for 1 ns.
[[nodiscard]] constexpr std::uint32_t delayBin(std::int64_t ns) noexcept
{
    const auto value = static_cast<std::uint64_t>(ns < 4 ? 4 : ns);
    const auto octave = static_cast<std::uint32_t>(std::bit_width(value)) - 1;
    const auto bin = 4 * octave + static_cast<std::uint32_t>((value >> (octave - 2)) & 3U);
    return bin < kLiveDelays ? bin : kLiveDelays - 1;
}

/// The shortest delay of a bin, in ns.
[[nodiscard]] constexpr std::int64_t delayOfBin(std::uint32_t bin) noexcept
{
    return (std::int64_t{4} + bin % 4) << (bin / 4 < 2 ? 0 : bin / 4 - 2);
}

static_assert(sizeof(LiveHeader) == 1392 && sizeof(LiveSlot) == 24 && sizeof(LiveEntry) == 16,
              "docs/formats/engine.md says so");
static_assert(std::atomic<double>::is_always_lock_free &&
              std::atomic<std::uint64_t>::is_always_lock_free);

}  // namespace jolly
