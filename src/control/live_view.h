// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "control/delay_figures.h"
#include "core/value/result.h"
#include "core/value/time.h"
#include "core/value/value.h"
#include "engine/live_ring.h"

#include <cstdint>
#include <vector>

namespace jolly
{

/// One slot of the live block as it was read.
struct LiveValue {
    Counts raw;
    double value = 0.0;
    std::uint64_t moves = 0;
};

/// All of the live block at one moment.
struct LiveSnapshot {
    std::uint64_t sequence = 0;    ///< even; the same number means that nothing moved
    std::uint64_t generation = 0;  ///< of the slots
    std::uint64_t edition = 0;     ///< of the status
    std::uint64_t events = 0;      ///< raw moves since the start
    std::uint64_t frames = 0;      ///< written since the start
    std::uint64_t losses = 0;      ///< how often the kernel dropped events
    std::uint64_t entries = 0;     ///< of the ring
    Time delay{};                  ///< of the last written frame
    std::uint64_t layers = 1;      ///< that are engaged: bits by their places in the stack
    std::uint64_t craft = 0;       ///< place of the craft that is flown
    std::vector<LiveValue> slots;
};

/// One raw move of a controller's control.
struct SeenMove {
    std::uint32_t slot = 0;
    bool isHatY = false;  ///< the up-down half of a hat
    std::int32_t raw = 0;
    Time time{};
};

/// What the engine counts.
struct LiveCounts {
    std::uint64_t events = 0;  ///< raw moves since the start
    std::uint64_t frames = 0;  ///< written since the start
    std::uint64_t losses = 0;  ///< how often the kernel dropped events
    DelayBins sent{};          ///< delays from the kernel's stamp of a move to our write
    DelayBins seen{};          ///< likewise to that of what a game reads, while it is read back
};

/// A virtual control as a game sees it.
struct SeenByGame {
    Counts raw;
    LiveSight sight = LiveSight::Unseen;
    std::uint32_t changes = 0;
};

/// The raw moves among what happened.
[[nodiscard]] std::vector<SeenMove> movesOf(const std::vector<LiveSeen>& entries);

/// A client's view of the live block. Reading never slows the engine.
class LiveView
{
 public:
    LiveView() = default;
    LiveView(LiveView&& other) noexcept;
    LiveView& operator=(LiveView&& other) noexcept;
    ~LiveView();

    /// Maps the block behind `fd`, which stays the caller's. Unreadable when it is none of our
    /// version.
    [[nodiscard]] static Result<LiveView> map(int fd);

    [[nodiscard]] bool isMapped() const noexcept { return m_block != nullptr; }

    /// The number that changes with every move; odd while the engine writes.
    [[nodiscard]] std::uint64_t sequence() const noexcept;

    /// Whether the engine ended, or ends, because somebody wanted it: it did not die.
    [[nodiscard]] bool isEndWanted() const noexcept;

    /// A new file descriptor that becomes readable when the engine's process ends; -1 when that
    /// cannot be watched.
    [[nodiscard]] int watchEngine() const noexcept;

    /// Copies the first `count` slots as they were together. @return false when the engine wrote
    /// all the while (`snapshot` is then not to be used) or nothing is mapped.
    [[nodiscard]] bool read(std::uint32_t count, LiveSnapshot& snapshot) const;

    [[nodiscard]] LiveCounts counts() const;

    /// What a reader of the virtual devices got, of the first `count` slots.
    [[nodiscard]] std::vector<SeenByGame> seenByGame(std::uint32_t count) const;

    /// Puts what happened since number `position` into `entries` and sets `position` after the last
    /// one. @return whether all of it was still there: the last kLiveEntries are kept.
    bool readEntries(std::uint64_t& position, std::vector<LiveSeen>& entries) const;

 private:
    explicit LiveView(const LiveBlock* block) : m_block(block) {}

    const LiveBlock* m_block = nullptr;
};

}  // namespace jolly
