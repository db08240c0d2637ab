// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include <sys/epoll.h>
#include <sys/syscall.h>
#include <unistd.h>

#include <cstddef>

/// The calls of the event path, as their manual pages say, without what the C library does around
/// them for threads that may be cancelled (pthreads(7), cancellation points): that takes longer
/// than all that an event needs of a strand.
namespace jolly::direct
{

[[nodiscard]] inline ssize_t read(int fd, void* to, std::size_t size) noexcept
{
    return ::syscall(SYS_read, fd, to, size);
}

[[nodiscard]] inline ssize_t write(int fd, const void* from, std::size_t size) noexcept
{
    return ::syscall(SYS_write, fd, from, size);
}

/// epoll_wait(2).
[[nodiscard]] inline int wait(int epoll, epoll_event* events, int most, int timeoutMs) noexcept
{
    return static_cast<int>(
        ::syscall(SYS_epoll_pwait, epoll, events, most, timeoutMs, nullptr, std::size_t{8}));
}

}  // namespace jolly::direct
