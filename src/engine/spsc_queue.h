// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include <array>
#include <atomic>
#include <cstddef>
#include <utility>

namespace jolly
{

/// A wait-free queue between one pushing and one popping thread.
///
/// @tparam T         movable, default-constructible.
/// @tparam Capacity  how many it can hold.
template <class T, std::size_t Capacity>
class SpscQueue
{
 public:
    /// @return false, and `item` untouched, when the queue is full. Pushing thread only. RT-safe.
    [[nodiscard]] bool push(T&& item) noexcept
    {
        const auto tail = m_tail.load(std::memory_order_relaxed);
        const auto next = (tail + 1) % m_items.size();
        if (next == m_head.load(std::memory_order_acquire)) return false;
        m_items[tail] = std::move(item);
        m_tail.store(next, std::memory_order_release);
        return true;
    }

    /// @return false when the queue is empty. Popping thread only. RT-safe.
    [[nodiscard]] bool pop(T& item) noexcept
    {
        const auto head = m_head.load(std::memory_order_relaxed);
        if (head == m_tail.load(std::memory_order_acquire)) return false;
        item = std::move(m_items[head]);
        m_head.store((head + 1) % m_items.size(), std::memory_order_release);
        return true;
    }

 private:
    std::array<T, Capacity + 1> m_items{};
    std::atomic<std::size_t> m_head{0};
    std::atomic<std::size_t> m_tail{0};
};

}  // namespace jolly
