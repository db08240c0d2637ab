// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "core/flight/chunk_maker.h"
#include "engine/live_ring.h"
#include "engine/status.h"
#include "engine/track_book.h"

#include <condition_variable>
#include <cstddef>
#include <deque>
#include <memory>
#include <mutex>
#include <string>
#include <thread>
#include <vector>

namespace jolly
{

/// How much the flight recorder keeps; what is older is forgotten.
struct RecorderLimits {
    Time length = std::chrono::minutes(15);
    std::size_t bytes = std::size_t{32} << 20U;
};

/// Keeps the last minutes of all that happened. The engine only writes into the ring of the live
/// block; a thread of the recorder's own takes it from there.
class Recorder
{
 public:
    /// How long what happened may lie in the ring.
    static constexpr std::chrono::milliseconds kEvery{50};

    /// @param board  where the engine leaves the scenes.
    Recorder(const LiveBlock& live, StatusBoard& board);
    ~Recorder();

    /// Takes what happened so far; its thread does so all the time.
    void drain();

    /// Numbers the text of a tangle that will run; the engine then says when. Control threads.
    [[nodiscard]] std::uint32_t noteTangle(const std::string& text);

    void setLimits(RecorderLimits limits);

    /// What is kept, from the chunk on that is going on at `since`. Any thread.
    [[nodiscard]] Recording recording(Time since = {});

    /// How many bytes are kept.
    [[nodiscard]] std::size_t bytes() const;

 private:
    struct TapeChunk {
        Chunk chunk;
        std::uint32_t tangle = 0;  ///< that ran when it began
    };

    void run();
    void drainLocked();
    void enter(const LiveSeen& seen);
    void changeScene(std::uint64_t generation);
    [[nodiscard]] bool translate(Happening& happening);
    void write(const Happening& happening);
    void forgetOld();
    void forgetTangles(std::uint32_t before);

    const LiveBlock& m_live;
    StatusBoard& m_board;
    mutable std::mutex m_mutex;  ///< of all below; never taken by the engine
    RecorderLimits m_limits;
    std::uint64_t m_position = 0;
    std::vector<LiveSeen> m_seen;
    TrackBook m_book;
    std::vector<std::uint32_t> m_trackOfSlot;
    std::vector<std::pair<std::uint32_t, std::uint32_t>> m_numberOfHandle;
    std::deque<TapeChunk> m_chunks;  ///< that are over
    std::uint64_t m_firstChunk = 0;  ///< how many were forgotten
    ChunkMaker m_maker;
    std::size_t m_bytes = 0;
    std::uint32_t m_firstTangle = 0;
    std::deque<TextEdit> m_tangles;
    std::string m_lastText;
    std::condition_variable m_end;
    bool m_isEnding = false;
    std::thread m_thread;
};

}  // namespace jolly
