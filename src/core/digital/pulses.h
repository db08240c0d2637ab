// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "core/value/time.h"

namespace jolly
{

/// How long a pulse is if nothing else is said, and the gap behind it: a game that looks 60 times a
/// second sees both.
inline constexpr double kUsualPulse = 40.0;  // ms

/// Pulses that wait for their turn, forward or back: each is pressed for a while, with a gap as
/// long behind it, so that games see each one. Forward and back cancel each other while they wait.
/// RT-safe.
class Pulses
{
 public:
    static constexpr int kMost = 200;  ///< no more wait than these

    explicit Pulses(Time length) noexcept : m_length(length) {}

    /// @param count  back when negative. What is too much is dropped and counted.
    void add(int count) noexcept
    {
        m_waiting += count;
        const int kept = m_waiting > kMost ? kMost : m_waiting < -kMost ? -kMost : m_waiting;
        m_dropped += m_waiting > kept ? m_waiting - kept : kept - m_waiting;
        m_waiting = kept;
    }

    /// Ends and begins what is due.
    /// @param now  by the clock: games see a pulse from when it was written.
    void run(Time now) noexcept
    {
        if (now >= m_next) {
            m_next = m_pressed != 0 ? now + m_length : Time::max();
            m_pressed = 0;
        }
        if (m_next != Time::max() || m_waiting == 0) return;
        m_pressed = m_waiting > 0 ? 1 : -1;
        m_waiting -= m_pressed;
        m_next = now + m_length;
    }

    /// 1 forward, -1 back, 0 neither.
    [[nodiscard]] int pressed() const noexcept { return m_pressed; }

    /// Whether one is pressed, or waits.
    [[nodiscard]] bool arePending() const noexcept { return m_pressed != 0 || m_waiting != 0; }

    /// When run() has something to do; max at rest.
    [[nodiscard]] Time nextAt() const noexcept { return m_next; }

    /// How many were dropped because too many waited.
    [[nodiscard]] int dropped() const noexcept { return m_dropped; }

    /// Lets go at once and forgets what waits.
    void clear() noexcept
    {
        m_waiting = m_pressed = 0;
        m_next = Time::max();
    }

    /// Goes on from another, with a length of its own.
    void continueFrom(const Pulses& before) noexcept
    {
        const auto length = m_length;
        *this = before;
        m_length = length;
    }

 private:
    Time m_length;
    int m_waiting = 0;
    int m_pressed = 0;
    int m_dropped = 0;
    Time m_next = Time::max();  ///< when the pulse, or the gap behind it, is over
};

}  // namespace jolly
