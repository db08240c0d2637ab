// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "core/value/time.h"

#include <sys/epoll.h>
#include <sys/syscall.h>
#include <unistd.h>

#include <algorithm>
#include <cerrno>
#include <cstddef>
#include <ctime>

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

/// epoll_wait(2), or with a timeout epoll_pwait2(2), whose timeout is exact; a kernel that does not
/// have that yet (before 5.11) waits for whole milliseconds.
[[nodiscard]] inline int wait(int epoll, epoll_event* events, int most, Time timeout) noexcept
{
    constexpr std::size_t kMaskSize = 8;
    const auto waitMs = [&](int ms) {
        return static_cast<int>(
            ::syscall(SYS_epoll_pwait, epoll, events, most, ms, nullptr, kMaskSize));
    };
    if (timeout == Time::max()) return waitMs(-1);
    timeout = std::clamp<Time>(timeout, Time{}, std::chrono::minutes(1));
    const auto seconds = std::chrono::floor<std::chrono::seconds>(timeout);
    const timespec exact{seconds.count(), (timeout - seconds).count()};
    const auto count = static_cast<int>(
        ::syscall(SYS_epoll_pwait2, epoll, events, most, &exact, nullptr, kMaskSize));
    if (count >= 0 || errno != ENOSYS) return count;
    return waitMs(static_cast<int>(std::chrono::ceil<std::chrono::milliseconds>(timeout).count()));
}

}  // namespace jolly::direct
