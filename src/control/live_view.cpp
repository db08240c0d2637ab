// SPDX-License-Identifier: GPL-3.0-or-later
#include "control/live_view.h"

#include <sys/mman.h>
#include <sys/syscall.h>
#include <unistd.h>

#include <algorithm>
#include <cerrno>
#include <cstring>
#include <utility>

namespace jolly
{

namespace
{

constexpr int kTries = 64;

}  // namespace

LiveView::LiveView(LiveView&& other) noexcept : m_block(std::exchange(other.m_block, nullptr)) {}

LiveView& LiveView::operator=(LiveView&& other) noexcept
{
    std::swap(m_block, other.m_block);
    return *this;
}

LiveView::~LiveView()
{
    if (m_block) munmap(const_cast<LiveBlock*>(m_block), sizeof(LiveBlock));
}

Result<LiveView> LiveView::map(int fd)
{
    void* place = mmap(nullptr, sizeof(LiveBlock), PROT_READ, MAP_SHARED, fd, 0);
    if (place == MAP_FAILED) {
        return fail(Failure::Code::System,
                    say("The live values cannot be read: %1.", std::string(std::strerror(errno))),
                    words("Start the engine again."), errno);
    }
    LiveView view(static_cast<const LiveBlock*>(place));
    const auto& header = view.m_block->header;
    if (header.magic != kLiveMagic || header.version != kLiveVersion) {
        return fail(Failure::Code::Unreadable,
                    words("The engine that runs is of another version than this window."),
                    words("Stop it with \"tangle down\" and start it again."));
    }
    return view;
}

std::uint64_t LiveView::sequence() const noexcept
{
    return m_block ? m_block->header.sequence.load(std::memory_order_acquire) : 0;
}

bool LiveView::isEndWanted() const noexcept
{
    return m_block && m_block->header.isEnding != 0;
}

int LiveView::watchEngine() const noexcept
{
    if (!m_block) return -1;
    return static_cast<int>(syscall(SYS_pidfd_open, m_block->header.enginePid.load(), 0));
}

bool LiveView::read(std::uint32_t count, LiveSnapshot& snapshot) const
{
    if (!m_block) return false;
    count = std::min(count, kLiveSlots);
    const auto& header = m_block->header;
    LiveSnapshot copy = std::move(snapshot);
    copy.slots.resize(count);
    for (int attempt = 0; attempt < kTries; ++attempt) {
        const auto before = sequence();
        if (before % 2 != 0) continue;
        for (std::uint32_t i = 0; i < count; ++i) {
            const auto& slot = m_block->slots[i];
            copy.slots[i] = {{slot.raw.load(std::memory_order_relaxed),
                              slot.rawY.load(std::memory_order_relaxed)},
                             slot.value.load(std::memory_order_relaxed),
                             slot.moves.load(std::memory_order_relaxed)};
        }
        copy.generation = header.generation.load(std::memory_order_relaxed);
        copy.edition = header.edition.load(std::memory_order_relaxed);
        copy.events = header.events.load(std::memory_order_relaxed);
        copy.frames = header.frames.load(std::memory_order_relaxed);
        copy.losses = header.losses.load(std::memory_order_relaxed);
        copy.entries = header.entries.load(std::memory_order_relaxed);
        copy.layers = header.layers.load(std::memory_order_relaxed);
        copy.craft = header.craft.load(std::memory_order_relaxed);
        copy.delay = Time(header.delayNs.load(std::memory_order_relaxed));
        std::atomic_thread_fence(std::memory_order_acquire);
        if (header.sequence.load(std::memory_order_relaxed) != before) continue;
        copy.sequence = before;
        snapshot = std::move(copy);
        return true;
    }
    snapshot = std::move(copy);
    return false;
}

LiveCounts LiveView::counts() const
{
    LiveCounts counts;
    if (!m_block) return counts;
    const auto& header = m_block->header;
    counts.events = header.events.load(std::memory_order_relaxed);
    counts.frames = header.frames.load(std::memory_order_relaxed);
    counts.losses = header.losses.load(std::memory_order_relaxed);
    for (std::size_t bin = 0; bin < kLiveDelays; ++bin) {
        counts.sent[bin] = header.delays[bin].load(std::memory_order_relaxed);
        counts.seen[bin] = m_block->sights.delays[bin].load(std::memory_order_relaxed);
    }
    return counts;
}

std::vector<SeenByGame> LiveView::seenByGame(std::uint32_t count) const
{
    std::vector<SeenByGame> seen;
    for (std::uint32_t i = 0; m_block && i < std::min(count, kLiveEyes); ++i) {
        const auto& eye = m_block->eyes[i];
        seen.push_back(
            {{eye.raw.load(std::memory_order_relaxed), eye.rawY.load(std::memory_order_relaxed)},
             static_cast<LiveSight>(eye.sight.load(std::memory_order_relaxed)),
             eye.changes.load(std::memory_order_relaxed)});
    }
    return seen;
}

bool LiveView::readEntries(std::uint64_t& position, std::vector<LiveSeen>& entries) const
{
    entries.clear();
    return m_block && readRing(*m_block, position, entries) == 0;
}

std::vector<SeenMove> movesOf(const std::vector<LiveSeen>& entries)
{
    std::vector<SeenMove> moves;
    for (const auto& [happening, isScene] : entries) {
        if (!isScene && happening.kind == Happening::Kind::Move)
            moves.push_back({happening.what, happening.isHatY, happening.raw, happening.time});
    }
    return moves;
}

}  // namespace jolly
