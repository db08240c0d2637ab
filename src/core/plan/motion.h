// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "core/value/time.h"

#include <cstdint>
#include <vector>

namespace jolly
{

/// When which strand wants to be run by itself: a heap of due times with a fixed place for each
/// strand. Strands that are due at the same time come in their order. RT-safe after construction.
class Motion
{
 public:
    explicit Motion(std::size_t strands);

    void clear() noexcept;

    /// Runs `strand` at `time`, and no longer when it wanted before; max: not at all.
    void set(std::uint32_t strand, Time time) noexcept;

    /// When the next strand is due; max when none is.
    [[nodiscard]] Time next() const noexcept
    {
        return m_heap.empty() ? Time::max() : m_at[m_heap.front()];
    }

    /// Takes out the strand that is due next. There is one.
    [[nodiscard]] std::uint32_t pop() noexcept;

 private:
    static constexpr std::uint32_t kNowhere = 0xffffffff;

    [[nodiscard]] bool isEarlier(std::uint32_t a, std::uint32_t b) const noexcept
    {
        return m_at[a] != m_at[b] ? m_at[a] < m_at[b] : a < b;
    }
    void put(std::size_t place, std::uint32_t strand) noexcept;
    void rise(std::size_t place) noexcept;
    void sink(std::size_t place) noexcept;
    void remove(std::size_t place) noexcept;

    std::vector<std::uint32_t> m_heap;   ///< strands, the earliest first
    std::vector<std::uint32_t> m_place;  ///< of each strand in the heap, or kNowhere
    std::vector<Time> m_at;              ///< of each strand
};

}  // namespace jolly
