// SPDX-License-Identifier: GPL-3.0-or-later
#include "support/allocation_guard.h"

#include <atomic>
#include <cstdlib>
#include <new>

namespace
{

std::atomic<std::size_t> g_allocations{0};

void* allocate(std::size_t size)
{
    g_allocations.fetch_add(1, std::memory_order_relaxed);
    void* place = std::malloc(size == 0 ? 1 : size);
    if (!place) throw std::bad_alloc();
    return place;
}

}  // namespace

void* operator new(std::size_t size)
{
    return allocate(size);
}
void* operator new[](std::size_t size)
{
    return allocate(size);
}
void operator delete(void* place) noexcept
{
    std::free(place);
}
void operator delete[](void* place) noexcept
{
    std::free(place);
}
void operator delete(void* place, std::size_t) noexcept
{
    std::free(place);
}
void operator delete[](void* place, std::size_t) noexcept
{
    std::free(place);
}

namespace jolly::test
{

AllocationGuard::AllocationGuard() noexcept : m_before(g_allocations.load()) {}

std::size_t AllocationGuard::count() const noexcept
{
    return g_allocations.load() - m_before;
}

}  // namespace jolly::test
