// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include <chrono>

namespace jolly
{

/// A monotonic nanosecond count. Every event carries one; no computation reads a clock by itself.
using Time = std::chrono::nanoseconds;

/// A moment of a flight by two clocks. What is heard goes by the stamp of the hand's move, what is
/// said by the clock: a game sees a pulse from when it was written. They are the same but where the
/// engine was late.
struct Instant {
    constexpr Instant(Time now) noexcept : heard(now), said(now) {}  // NOLINT: a time is both
    constexpr Instant(Time stamp, Time clock) noexcept : heard(stamp), said(clock) {}

    Time heard;
    Time said;
};

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
