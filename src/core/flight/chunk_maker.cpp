// SPDX-License-Identifier: GPL-3.0-or-later
#include "core/flight/chunk_maker.h"

#include <algorithm>

namespace jolly
{

using Kind = Happening::Kind;

std::optional<Chunk> ChunkMaker::write(const Happening& happening)
{
    std::optional<Chunk> ended;
    const bool goesOn =
        happening.kind == Kind::Change || (happening.kind == Kind::Move && !happening.isFirst);
    const bool isFull = m_tape.bytes().size() >= kBytes || m_chunk.last - m_chunk.first >= kLength;
    if (m_isOpen && !goesOn && isFull) {
        ended = open();
        m_isOpen = false;
    }
    if (!m_isOpen) begin(happening.time);
    m_tape.write(happening);
    m_standing.take(happening);
    m_chunk.last = std::max(m_chunk.last, happening.time);
    ++m_chunk.count;
    if (happening.hasTrack()) {
        if (happening.what >= m_active.size()) m_active.resize(happening.what + 1);
        m_active[happening.what] = true;
    }
    return ended;
}

void ChunkMaker::begin(Time time)
{
    m_chunk = {.first = time, .last = time};
    m_tangle = m_standing.tangle();
    m_tape.clear();
    for (const auto& happening : m_standing.happenings(time)) m_tape.write(happening);
    m_active.clear();
    m_isOpen = true;
}

std::optional<Chunk> ChunkMaker::open() const
{
    if (!m_isOpen) return std::nullopt;
    auto chunk = m_chunk;
    chunk.bytes = std::make_shared<const std::string>(m_tape.bytes());
    chunk.length = chunk.bytes->size();
    for (std::uint32_t track = 0; track < m_active.size(); ++track) {
        if (m_active[track]) chunk.active.push_back(track);
    }
    return chunk;
}

std::uint32_t RecordingMaker::addController(const ControllerDescription& description)
{
    m_recording.controllers.push_back(description);
    return static_cast<std::uint32_t>(m_recording.controllers.size()) - 1;
}

std::uint32_t RecordingMaker::trackOf(const Track& track)
{
    auto& tracks = m_recording.tracks;
    const auto known = std::ranges::find(tracks, track);
    const auto number = static_cast<std::uint32_t>(known - tracks.begin());
    if (known == tracks.end()) tracks.push_back(track);
    return number;
}

void RecordingMaker::addTangle(const std::string& text)
{
    m_recording.tangles.push_back(editBetween(m_lastText, text));
    m_lastText = text;
}

void RecordingMaker::arrive(std::uint32_t controller, std::span<const Counts> state, Time time)
{
    for (std::uint32_t i = 0; i < state.size(); ++i) {
        const auto track = trackOf({controller, i, {}});
        add({Kind::Stand, false, false, track, state[i].x, time});
        if (state[i].y != 0) add({Kind::Stand, true, false, track, state[i].y, time});
    }
    add({.kind = Kind::Arrive, .what = controller, .time = time});
}

void RecordingMaker::add(const Happening& happening)
{
    if (auto chunk = m_chunks.write(happening)) m_recording.chunks.push_back(std::move(*chunk));
}

Recording RecordingMaker::finish()
{
    if (auto chunk = m_chunks.open()) m_recording.chunks.push_back(std::move(*chunk));
    return std::exchange(m_recording, {});
}

}  // namespace jolly
