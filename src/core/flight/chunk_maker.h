// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "core/flight/recording.h"
#include "core/flight/tape.h"

#include <optional>
#include <span>
#include <string>
#include <vector>

namespace jolly
{

/// Makes chunks of what happens: no longer than kLength or kBytes and a frame. Each begins between
/// two frames, so that it can be played by itself.
class ChunkMaker
{
 public:
    static constexpr std::size_t kBytes = 32768;
    static constexpr Time kLength = std::chrono::seconds(5);

    /// Takes the next happening. @return the chunk that ended before it, if one did.
    [[nodiscard]] std::optional<Chunk> write(const Happening& happening);

    /// A track that is there no longer; the next chunk does not begin with it.
    void forget(std::uint32_t track) { m_standing.forget(track); }

    /// The chunk that goes on, as it is now; nothing when none does.
    [[nodiscard]] std::optional<Chunk> open() const;

    /// The tangle that ran when the open chunk began.
    [[nodiscard]] std::uint32_t tangle() const noexcept { return m_tangle; }

 private:
    void begin(Time time);

    Chunk m_chunk;
    std::uint32_t m_tangle = 0;
    bool m_isOpen = false;
    TapeWriter m_tape;
    std::vector<bool> m_active;  ///< tracks that moved
    Standing m_standing;
};

/// Makes a recording of what a program knows from elsewhere.
class RecordingMaker
{
 public:
    /// @return its number.
    std::uint32_t addController(const ControllerDescription& description);

    /// @return its number; that of before when it is known.
    std::uint32_t trackOf(const Track& track);

    /// Adds the text of a tangle; its number is that of its place.
    void addTangle(const std::string& text);

    /// A controller comes and stands at these counts, one for each of its controls.
    void arrive(std::uint32_t controller, std::span<const Counts> state, Time time);

    void add(const Happening& happening);

    [[nodiscard]] Recording finish();

 private:
    Recording m_recording;
    std::string m_lastText;
    ChunkMaker m_chunks;
};

}  // namespace jolly
