// SPDX-License-Identifier: GPL-3.0-or-later
#include "core/plan/motion.h"

#include <algorithm>

namespace jolly
{

Motion::Motion(std::size_t strands) : m_place(strands, kNowhere), m_at(strands, Time::max())
{
    m_heap.reserve(strands);
}

void Motion::clear() noexcept
{
    m_heap.clear();
    std::ranges::fill(m_place, kNowhere);
}

void Motion::set(std::uint32_t strand, Time time) noexcept
{
    auto place = m_place[strand];
    if (time == Time::max()) {
        if (place != kNowhere) remove(place);
        return;
    }
    m_at[strand] = time;
    if (place == kNowhere) {
        place = static_cast<std::uint32_t>(m_heap.size());
        m_heap.push_back(strand);
        m_place[strand] = place;
    }
    rise(place);
    sink(m_place[strand]);
}

std::uint32_t Motion::pop() noexcept
{
    const auto strand = m_heap.front();
    remove(0);
    return strand;
}

void Motion::put(std::size_t place, std::uint32_t strand) noexcept
{
    m_heap[place] = strand;
    m_place[strand] = static_cast<std::uint32_t>(place);
}

void Motion::rise(std::size_t place) noexcept
{
    const auto strand = m_heap[place];
    while (place > 0 && isEarlier(strand, m_heap[(place - 1) / 2])) {
        put(place, m_heap[(place - 1) / 2]);
        place = (place - 1) / 2;
    }
    put(place, strand);
}

void Motion::sink(std::size_t place) noexcept
{
    const auto strand = m_heap[place];
    while (true) {
        auto child = 2 * place + 1;
        if (child >= m_heap.size()) break;
        if (child + 1 < m_heap.size() && isEarlier(m_heap[child + 1], m_heap[child])) ++child;
        if (!isEarlier(m_heap[child], strand)) break;
        put(place, m_heap[child]);
        place = child;
    }
    put(place, strand);
}

void Motion::remove(std::size_t place) noexcept
{
    m_place[m_heap[place]] = kNowhere;
    const auto last = m_heap.back();
    m_heap.pop_back();
    if (place == m_heap.size()) return;
    put(place, last);
    rise(place);
    sink(m_place[last]);
}

}  // namespace jolly
