// SPDX-License-Identifier: GPL-3.0-or-later
#include "app/bench/flight_reader.h"

#include "format/recording_file.h"

namespace jolly::app
{

namespace
{

/// Of a long file only what moved at all is drawn, and only the last minutes are told, so that it
/// opens at once.
constexpr std::size_t kMostDrawn = 400;
constexpr std::size_t kMostTold = 200;

}  // namespace

void FlightReader::clear()
{
    *this = {};
}

FlightRead FlightReader::take(Recording recording)
{
    auto chunks = m_recording->chunks;
    if (!recording.chunks.empty()) {
        const auto first = recording.chunks.front().first;
        std::erase_if(chunks, [&](const Chunk& chunk) { return chunk.first >= first; });
    }
    std::erase_if(chunks, [&](const Chunk& chunk) { return chunk.first < recording.keptFrom; });
    for (auto& chunk : recording.chunks) {
        if (auto bytes = recording.fetch(chunk))
            chunk.bytes = std::make_shared<const std::string>(std::move(*bytes));
        chunks.push_back(std::move(chunk));
    }
    recording.chunks = std::move(chunks);
    m_recording = std::make_shared<Recording>(std::move(recording));
    return look(false);
}

Result<FlightRead> FlightReader::open(const QString& path)
{
    auto recording = format::openRecording(std::filesystem::path(path.toStdString()));
    if (!recording) return tl::unexpected(recording.error());
    clear();
    m_recording = std::make_shared<Recording>(std::move(*recording));
    return look(true);
}

FlightRead FlightReader::look(bool isOfFile)
{
    lookAtChunks(isOfFile);
    auto lines = tell(isOfFile);
    return {m_recording, std::move(lines), m_activity};
}

/// Chunks that are new, or went on.
void FlightReader::lookAtChunks(bool isOfFile)
{
    const auto& chunks = m_recording->chunks;
    if (chunks.empty()) return m_activity.clear();
    m_activity.erase(m_activity.begin(), m_activity.lower_bound(chunks.front().first));
    const bool isLong = isOfFile && chunks.size() > kMostDrawn;
    for (std::size_t c = 0; c < chunks.size(); ++c) {
        auto& activity = m_activity[chunks[c].first];
        if (activity && activity->count == chunks[c].count) continue;
        auto seen = isLong ? activityUnread(chunks[c]) : activityOf(*m_recording, c);
        activity =
            std::make_shared<ChunkActivity>(seen ? std::move(*seen) : activityUnread(chunks[c]));
    }
}

/// The lines of what was not told yet.
std::vector<StoryLine> FlightReader::tell(bool isOfFile)
{
    const auto count = m_recording->chunks.size();
    const auto tangleOf = format::tanglesOf(m_recording);
    for (auto c = isOfFile && count > kMostTold ? count - kMostTold : 0; c < count; ++c) {
        const auto& chunk = m_recording->chunks[c];
        if (chunk.first < m_toldChunk) continue;
        if (chunk.first != m_toldChunk) m_toldInChunk = 0;
        m_toldChunk = chunk.first;
        if (chunk.count <= m_toldInChunk) continue;
        const auto read = m_recording->read(c);
        if (!read) break;
        auto standing = read->begin;
        for (std::size_t i = 0; i < read->happenings.size(); ++i) {
            const auto& happening = read->happenings[i];
            standing.take(happening);
            if (i < m_toldInChunk) continue;
            if (m_toldNumber != standing.tangle()) m_toldTangle = tangleOf(standing.tangle());
            m_toldNumber = standing.tangle();
            m_story.take(happening, *m_recording, m_toldTangle);
        }
        m_toldInChunk = read->happenings.size();
    }
    return m_story.takeLines();
}

}  // namespace jolly::app
