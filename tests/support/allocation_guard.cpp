// SPDX-License-Identifier: GPL-3.0-or-later
#include "support/allocation_guard.h"

#include <cstdlib>
#include <new>

namespace
{

thread_local std::size_t t_allocations = 0;

void* allocate(std::size_t size)
{
    ++t_allocations;
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
void* operator new(std::size_t size, const std::nothrow_t&) noexcept
{
    ++t_allocations;
    return std::malloc(size == 0 ? 1 : size);
}
void* operator new[](std::size_t size, const std::nothrow_t&) noexcept
{
    ++t_allocations;
    return std::malloc(size == 0 ? 1 : size);
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

AllocationGuard::AllocationGuard() noexcept : m_before(t_allocations) {}

std::size_t AllocationGuard::count() const noexcept
{
    return t_allocations - m_before;
}

}  // namespace jolly::test
