// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include <sys/types.h>

#include <functional>

namespace jolly::test
{

/// How many instructions of its own a program runs for one event: single-stepped from the moment
/// when epoll_wait returns to the next call of it. A system call counts as one.
///
/// @param send  makes one event happen; called while the program stands before its epoll_wait.
/// @return the median of `events` of them; 0 when the program cannot be traced.
[[nodiscard]] long instructionsAnEvent(pid_t program, int events,
                                       const std::function<void()>& send);

}  // namespace jolly::test
