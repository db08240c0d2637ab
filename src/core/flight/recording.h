// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "core/flight/happening.h"
#include "core/flight/standing.h"
#include "core/tangle/controller.h"
#include "core/tangle/virtual_control.h"
#include "core/value/result.h"

#include <cstdint>
#include <functional>
#include <memory>
#include <optional>
#include <string>
#include <string_view>
#include <vector>

namespace jolly
{

/// A control whose counts are recorded: of a controller, or of a virtual device.
struct Track {
    static constexpr std::uint32_t kNoController = 0xffffffff;

    std::uint32_t controller = kNoController;  ///< number in Recording::controllers
    std::uint32_t control = 0;                 ///< place in that one's controls
    Target place{};                            ///< of a virtual control

    [[nodiscard]] bool isVirtual() const noexcept { return controller == kNoController; }
    friend bool operator==(const Track&, const Track&) = default;
};

/// A piece of a recording that can be read by itself: it begins with how everything stands.
struct Chunk {
    Time first{};  ///< of its happenings
    Time last{};
    std::uint32_t count = 0;              ///< of its happenings, without how everything stands
    std::vector<std::uint32_t> active{};  ///< tracks that moved in it, ascending
    std::shared_ptr<const std::string> bytes{};  ///< see tape.h; null while it lies in a file
    std::uint64_t offset = 0;                    ///< in that file
    std::uint64_t length = 0;                    ///< of the bytes there
    std::uint32_t sum = 0;                       ///< that they should have there
};

/// How the text of a tangle differs from that of the one with the number before: bytes
/// [from, from + removed) are replaced. Of number 0 all is new.
struct TextEdit {
    std::uint64_t from = 0;
    std::uint64_t removed = 0;
    std::string put;

    friend bool operator==(const TextEdit&, const TextEdit&) = default;
};

/// The edit that makes one text of another.
[[nodiscard]] TextEdit editBetween(std::string_view before, std::string_view after);
void applyEdit(std::string& text, const TextEdit& edit);

struct ReadChunk {
    Standing begin;
    std::vector<Happening> happenings;
};

/// What happened on a desk for a while: the flight recorder's, or of a file.
struct Recording {
    std::int64_t clock = 0;  ///< ns since 1970 at the time 0 of its happenings
    std::vector<ControllerDescription> controllers;
    std::vector<Track> tracks;
    std::uint32_t firstTangle = 0;  ///< number of the first one; `tangles` holds its whole text
    std::vector<TextEdit> tangles;
    /// Chunks before it are forgotten by whoever made it: their numbers mean others by now.
    Time keptFrom{};
    std::vector<Chunk> chunks;  ///< in the order of time
    /// Reads the bytes of a chunk that lies in a file.
    std::function<Result<std::string>(const Chunk&)> fetch{};
    Sentence damage{};  ///< what could not be read of it, as a sentence; empty when all could

    [[nodiscard]] Time first() const { return chunks.empty() ? Time{} : chunks.front().first; }
    [[nodiscard]] Time last() const { return chunks.empty() ? Time{} : chunks.back().last; }

    /// The text of a tangle by its number; empty when there is none.
    [[nodiscard]] std::string textOf(std::uint32_t number) const;

    /// The track of a virtual control; nothing when it is not in it.
    [[nodiscard]] std::optional<std::uint32_t> findTrack(const Target& place) const;

    /// How everything stood when a chunk began, and what happened in it. Unreadable when its bytes
    /// are damaged, System when its file cannot be read.
    [[nodiscard]] Result<ReadChunk> read(std::size_t chunk) const;

    /// Gives how everything stood to `begin`, then all happenings from a chunk on to `take`, until
    /// that says no. Fails when a chunk cannot be read; what came before was given.
    [[nodiscard]] Fallible forEach(std::size_t firstChunk,
                                   const std::function<void(const Standing&)>& begin,
                                   const std::function<bool(const Happening&)>& take) const;

    /// How everything stood right after what happened at `time`.
    [[nodiscard]] Result<Standing> standingAt(Time time) const;

    /// The last chunk that begins no later than `time`; the first one for earlier times.
    [[nodiscard]] std::size_t chunkAt(Time time) const;
};

/// Makes the texts of a recording's tangles, one from the one before it: asked for in their order
/// each costs no more than its own edit.
class TextWalk
{
 public:
    /// @param recording  stays for as long as this lives.
    explicit TextWalk(const Recording& recording) : m_recording(&recording) {}

    /// The text of a tangle by its number; empty when there is none. Stays until the next call.
    [[nodiscard]] const std::string& at(std::uint32_t number);

 private:
    const Recording* m_recording;
    std::string m_text;
    std::string m_none;
    std::size_t m_applied = 0;  ///< edits that m_text has
};

}  // namespace jolly
