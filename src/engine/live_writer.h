// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "core/value/time.h"
#include "core/value/value.h"
#include "engine/live_layout.h"

#include <atomic>
#include <cstdint>

namespace jolly
{

/// Writes the shared block. One thread only. RT-safe throughout.
class LiveWriter
{
 public:
    explicit LiveWriter(LiveBlock& block) : m_block(block) {}

    /// Everything written between begin() and end() is seen together by readers.
    void begin() noexcept
    {
        m_block.header.sequence.store(++m_sequence, std::memory_order_relaxed);
        std::atomic_thread_fence(std::memory_order_release);
    }
    void end() noexcept { m_block.header.sequence.store(++m_sequence, std::memory_order_release); }

    void put(std::uint32_t slot, Counts raw, double value) noexcept
    {
        if (slot >= kLiveSlots) return;
        auto& s = m_block.slots[slot];
        s.raw.store(raw.x, std::memory_order_relaxed);
        s.rawY.store(raw.y, std::memory_order_relaxed);
        s.value.store(value, std::memory_order_relaxed);
    }

    /// put(), counted as a move.
    void move(std::uint32_t slot, Counts raw, double value) noexcept
    {
        put(slot, raw, value);
        if (slot < kLiveSlots) add(m_block.slots[slot].moves, 1);
    }

    /// Adds a raw move to the ring. @param slot  with kLiveHatY for the up-down half of a hat.
    void record(std::uint32_t slot, std::int32_t raw, Time time) noexcept
    {
        const auto number = m_block.header.events.load(std::memory_order_relaxed);
        auto& move = m_block.moves[number % kLiveMoves];
        std::atomic_thread_fence(std::memory_order_release);  // readers see the number before it
        move.slot.store(slot, std::memory_order_relaxed);
        move.raw.store(raw, std::memory_order_relaxed);
        move.time.store(time.count(), std::memory_order_relaxed);
        m_block.header.events.store(number + 1, std::memory_order_release);
        m_block.header.lastMove.store(time.count(), std::memory_order_relaxed);
    }

    /// Counts frames that were written. @return whether it is time to measure the delay again: a
    /// look at the clock for each frame would cost more than the frame.
    [[nodiscard]] bool countFrames(unsigned frames) noexcept
    {
        add(m_block.header.frames, frames);
        m_untilMeasured = m_untilMeasured > frames ? m_untilMeasured - frames : 0;
        if (m_untilMeasured > 0) return false;
        m_untilMeasured = kMeasureEvery;
        return true;
    }

    void noteDelay(Time delay) noexcept
    {
        m_block.header.delayNs.store(delay.count(), std::memory_order_relaxed);
    }

    /// Which layers are engaged, and which craft is flown.
    void setLayers(std::uint64_t layers, std::uint64_t craft) noexcept
    {
        m_block.header.layers.store(layers, std::memory_order_relaxed);
        m_block.header.craft.store(craft, std::memory_order_relaxed);
    }

    void sayEnding() noexcept { m_block.header.isEnding = 1; }
    void newGeneration() noexcept { add(m_block.header.generation, 1); }
    [[nodiscard]] std::uint64_t generation() const noexcept { return m_block.header.generation; }
    void newEdition() noexcept { add(m_block.header.edition, 1); }
    [[nodiscard]] std::uint64_t edition() const noexcept { return m_block.header.edition; }

 private:
    static void add(std::atomic<std::uint64_t>& counter, std::uint64_t count) noexcept
    {
        counter.store(counter.load(std::memory_order_relaxed) + count, std::memory_order_relaxed);
    }

    static constexpr unsigned kMeasureEvery = 16;

    LiveBlock& m_block;
    unsigned m_untilMeasured = 0;
    std::uint64_t m_sequence = 0;
};

}  // namespace jolly
