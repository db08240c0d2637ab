// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include <chrono>

namespace jolly
{

/// A monotonic nanosecond count. Every event carries one; no computation reads a clock by itself.
using Time = std::chrono::nanoseconds;

/// Milliseconds of a stage's parameter as a time.
[[nodiscard]] constexpr Time milliseconds(double ms) noexcept
{
    return std::chrono::round<Time>(std::chrono::duration<double, std::milli>(ms));
}

/// A time as seconds, for text.
[[nodiscard]] constexpr double inSeconds(Time time) noexcept
{
    return std::chrono::duration<double>(time).count();
}

}  // namespace jolly
