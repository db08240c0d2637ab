// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include <chrono>

namespace jolly
{

/// A monotonic nanosecond count. Every event carries one; no computation reads a clock by itself.
using Time = std::chrono::nanoseconds;

/// A time as seconds, for text.
[[nodiscard]] constexpr double inSeconds(Time time) noexcept
{
    return std::chrono::duration<double>(time).count();
}

}  // namespace jolly
