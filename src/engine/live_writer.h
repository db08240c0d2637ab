// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "core/flight/happening.h"
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

    [[nodiscard]] Counts rawOf(std::uint32_t slot) const noexcept
    {
        if (slot >= kLiveSlots) return {};
        const auto& s = m_block.slots[slot];
        return {s.raw.load(std::memory_order_relaxed), s.rawY.load(std::memory_order_relaxed)};
    }

    /// put(), counted as a move.
    void move(std::uint32_t slot, Counts raw, double value) noexcept
    {
        put(slot, raw, value);
        if (slot < kLiveSlots) add(m_block.slots[slot].moves, 1);
    }

    /// Adds to the ring what happened. @param number  a slot, or what the kind says.
    /// @param marks  kLiveHatY, kLiveFirst or both.
    void record(Happening::Kind kind, std::uint32_t number, std::int32_t raw, Time time,
                std::uint32_t marks = 0) noexcept
    {
        record(static_cast<std::uint32_t>(kind) << kLiveKindShift | number | marks, raw, time);
    }

    /// Likewise a raw move.
    void recordMove(std::uint32_t slot, std::int32_t raw, Time time, std::uint32_t marks) noexcept
    {
        record(Happening::Kind::Move, slot, raw, time, marks);
        add(m_block.header.events, 1);
        m_block.header.lastMove.store(time.count(), std::memory_order_relaxed);
    }

    /// Slots have other meanings from now on.
    void recordScene(std::uint64_t generation, Time time) noexcept
    {
        record(kLiveScene << kLiveKindShift, static_cast<std::int32_t>(generation), time);
    }

    void countLoss() noexcept { add(m_block.header.losses, 1); }

    /// Whether the delay of every frame is measured, or of some.
    void measureAll(bool isWanted) noexcept { m_measureEvery = isWanted ? 1 : kMeasureEvery; }

    /// Counts frames that were written. @return whether it is time to measure the delay again: a
    /// look at the clock for each frame would cost more than the frame.
    [[nodiscard]] bool countFrames(unsigned frames) noexcept
    {
        add(m_block.header.frames, frames);
        m_untilMeasured = m_untilMeasured > frames ? m_untilMeasured - frames : 0;
        if (m_untilMeasured > 0) return false;
        m_untilMeasured = m_measureEvery;
        return true;
    }

    void noteDelay(Time delay) noexcept
    {
        auto& header = m_block.header;
        header.delayNs.store(delay.count(), std::memory_order_relaxed);
        add(header.delays[delayBin(delay.count())], 1);
        if (delay.count() > header.worstNs.load(std::memory_order_relaxed))
            header.worstNs.store(delay.count(), std::memory_order_relaxed);
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

    void record(std::uint32_t what, std::int32_t raw, Time time) noexcept
    {
        const auto number = m_block.header.entries.load(std::memory_order_relaxed);
        auto& entry = m_block.entries[number % kLiveEntries];
        std::atomic_thread_fence(std::memory_order_release);  // readers see the number before it
        entry.what.store(what, std::memory_order_relaxed);
        entry.raw.store(raw, std::memory_order_relaxed);
        entry.time.store(time.count(), std::memory_order_relaxed);
        m_block.header.entries.store(number + 1, std::memory_order_release);
    }

    static constexpr unsigned kMeasureEvery = 16;

    LiveBlock& m_block;
    unsigned m_measureEvery = kMeasureEvery;
    unsigned m_untilMeasured = 0;
    std::uint64_t m_sequence = 0;
};

}  // namespace jolly
