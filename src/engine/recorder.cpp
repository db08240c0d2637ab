// SPDX-License-Identifier: GPL-3.0-or-later
#include "engine/recorder.h"

#include <algorithm>

namespace jolly
{

namespace
{

using Kind = Happening::Kind;

constexpr std::uint32_t kNoTrack = 0xffffffff;

std::size_t sizeOf(const TextEdit& edit)
{
    return sizeof(TextEdit) + edit.put.size();
}

std::size_t sizeOf(const Chunk& chunk)
{
    return sizeof(Chunk) + chunk.length + 4 * chunk.active.size();
}

std::int64_t clockAtZero()
{
    const auto real = std::chrono::system_clock::now().time_since_epoch();
    const auto steady = std::chrono::steady_clock::now().time_since_epoch();
    return std::chrono::duration_cast<Time>(real - steady).count();
}

}  // namespace

Recorder::Recorder(const LiveBlock& live, StatusBoard& board)
    : m_live(live),
      m_board(board),
      m_position(live.header.entries.load(std::memory_order_acquire)),
      m_thread([this] { run(); })
{
}

Recorder::~Recorder()
{
    {
        const std::lock_guard lock(m_mutex);
        m_isEnding = true;
    }
    m_end.notify_one();
    m_thread.join();
}

void Recorder::run()
{
    std::unique_lock lock(m_mutex);
    while (!m_end.wait_for(lock, kEvery, [this] { return m_isEnding; })) drainLocked();
}

void Recorder::drain()
{
    const std::lock_guard lock(m_mutex);
    drainLocked();
}

void Recorder::drainLocked()
{
    const auto lost = readRing(m_live, m_position, m_seen);
    if (lost > 0 && !m_seen.empty()) {
        const auto count = std::min<std::uint64_t>(lost, 0x7fffffff);
        write({.kind = Kind::Gap,
               .raw = static_cast<std::int32_t>(count),
               .time = m_seen.front().happening.time});
    }
    for (const auto& seen : m_seen) enter(seen);
    forgetOld();
}

void Recorder::enter(const LiveSeen& seen)
{
    if (seen.isScene) {
        changeScene(static_cast<std::uint32_t>(seen.happening.raw));
        return;
    }
    auto happening = seen.happening;
    if (translate(happening)) write(happening);
}

/// Numbers of the ring become numbers of the recording. @return whether it has one.
bool Recorder::translate(Happening& happening)
{
    if (happening.hasTrack()) {
        const auto slot = happening.what;
        if (slot >= m_trackOfSlot.size() || m_trackOfSlot[slot] == kNoTrack) return false;
        happening.what = m_trackOfSlot[slot];
        return true;
    }
    const bool isController = happening.kind == Kind::Arrive || happening.kind == Kind::Gone ||
                              happening.kind == Kind::Lost;
    if (!isController) return true;
    const auto known = std::ranges::find(m_numberOfHandle, happening.what,
                                         &std::pair<std::uint32_t, std::uint32_t>::first);
    if (known == m_numberOfHandle.end()) return false;
    happening.what = known->second;
    return true;
}

void Recorder::changeScene(std::uint64_t generation)
{
    m_trackOfSlot.clear();
    const auto scene = m_board.takeScene(generation);
    if (!scene) return;  // it was not kept: a later one comes
    m_book.beginScene();
    const auto trackOf = [this](const Target& place) {
        return place.device.empty() ? kNoTrack : m_book.trackNumber({.place = place});
    };
    for (const auto& place : scene->outputs) m_trackOfSlot.push_back(trackOf(place));
    m_numberOfHandle.clear();
    for (std::size_t c = 0; c < scene->controllers.size(); ++c) {
        const auto& present = scene->controllers[c];
        const auto number = m_book.controllerNumber(present.description);
        m_numberOfHandle.emplace_back(scene->handles[c], number);
        m_trackOfSlot.resize(present.firstSlot, kNoTrack);
        for (std::uint32_t i = 0; i < present.description.controls.size(); ++i)
            m_trackOfSlot.push_back(m_book.trackNumber({number, i, {}}));
    }
    for (const auto track : m_book.endScene(m_firstChunk + m_chunks.size())) m_maker.forget(track);
}

void Recorder::write(const Happening& happening)
{
    const auto tangle = m_maker.tangle();
    auto ended = m_maker.write(happening);
    if (!ended) return;
    m_bytes += sizeOf(*ended);
    m_chunks.push_back({std::move(*ended), tangle});
}

void Recorder::forgetOld()
{
    const auto now = m_chunks.empty() ? Time{} : m_chunks.back().chunk.last;
    const auto before = m_firstChunk;
    while (m_chunks.size() > 1) {
        const auto& oldest = m_chunks.front().chunk;
        if (m_bytes <= m_limits.bytes && now - oldest.last <= m_limits.length) break;
        m_bytes -= sizeOf(oldest);
        m_chunks.pop_front();
        ++m_firstChunk;
        forgetTangles(m_chunks.front().tangle);
    }
    if (m_firstChunk != before) m_book.forgetBefore(m_firstChunk);
}

/// Texts of tangles that no chunk needs; the first that is needed becomes whole.
void Recorder::forgetTangles(std::uint32_t before)
{
    while (m_firstTangle < before && m_tangles.size() > 1) {
        std::string whole;
        applyEdit(whole, m_tangles[0]);
        applyEdit(whole, m_tangles[1]);
        m_bytes -= sizeOf(m_tangles[0]) + sizeOf(m_tangles[1]);
        m_tangles.pop_front();
        m_tangles.front() = {0, 0, whole};
        m_bytes += sizeOf(m_tangles.front());
        ++m_firstTangle;
    }
}

std::uint32_t Recorder::noteTangle(const std::string& text)
{
    const std::lock_guard lock(m_mutex);
    m_tangles.push_back(editBetween(m_lastText, text));
    m_bytes += sizeOf(m_tangles.back());
    m_lastText = text;
    return m_firstTangle + static_cast<std::uint32_t>(m_tangles.size()) - 1;
}

void Recorder::setLimits(RecorderLimits limits)
{
    const std::lock_guard lock(m_mutex);
    m_limits = limits;
}

Recording Recorder::recording(Time since)
{
    const std::lock_guard lock(m_mutex);
    drainLocked();
    Recording recording;
    recording.clock = clockAtZero();
    recording.controllers = m_book.controllers();
    recording.tracks = m_book.tracks();
    recording.keptFrom = m_chunks.empty() ? Time{} : m_chunks.front().chunk.first;
    recording.firstTangle = m_firstTangle;
    recording.tangles.assign(m_tangles.begin(), m_tangles.end());
    for (const auto& each : m_chunks) {
        if (each.chunk.last >= since) recording.chunks.push_back(each.chunk);
    }
    if (auto open = m_maker.open()) recording.chunks.push_back(std::move(*open));
    return recording;
}

std::size_t Recorder::bytes() const
{
    const std::lock_guard lock(m_mutex);
    return m_bytes;
}

}  // namespace jolly
