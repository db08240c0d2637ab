// SPDX-License-Identifier: GPL-3.0-or-later
#include "pretend/memory_reader.h"

#include <sys/eventfd.h>
#include <unistd.h>

namespace jolly
{

MemoryPipe::MemoryPipe() : m_bell(eventfd(0, EFD_CLOEXEC | EFD_NONBLOCK | EFD_SEMAPHORE)) {}

void MemoryPipe::put(std::span<const VirtualMove> moves, std::span<const VirtualSlot> slots,
                     Time time)
{
    Frame frame{{}, time};
    for (const auto& move : moves) {
        frame.changes.push_back({move.slot, false, move.raw.x});
        if (slots[move.slot].control.kind == ControlKind::Hat)
            frame.changes.push_back({move.slot, true, move.raw.y});
    }
    {
        const std::lock_guard lock(m_mutex);
        m_frames.push_back(std::move(frame));
    }
    constexpr std::uint64_t kOne = 1;
    [[maybe_unused]] const auto done = ::write(m_bell.get(), &kOne, sizeof kOne);
}

bool MemoryPipe::take(std::vector<SeenChange>& changes, Time& time)
{
    std::uint64_t rung = 0;
    [[maybe_unused]] const auto done = ::read(m_bell.get(), &rung, sizeof rung);
    const std::lock_guard lock(m_mutex);
    if (m_frames.empty()) return false;
    changes = std::move(m_frames.front().changes);
    time = m_frames.front().time;
    m_frames.pop_front();
    return true;
}

bool MemoryReader::read(std::vector<SeenChange>& changes, Time& time)
{
    if (!m_pipe->take(changes, time)) return false;
    for (const auto& change : changes) {
        auto& counts = m_state[change.slot];
        (change.isHatY ? counts.y : counts.x) = change.raw;
    }
    return true;
}

}  // namespace jolly
