// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include <cstdint>

namespace jolly::app
{

/// One movement of the hand that changes the tangle many times, such as a drag: its steps become
/// one step of the history. No two that began are equal.
class Gesture
{
 public:
    /// None: each step is one of its own.
    Gesture() = default;

    [[nodiscard]] static Gesture begin()
    {
        static std::uint64_t last = 0;  // gestures are of the window's thread
        Gesture gesture;
        gesture.m_number = ++last;
        return gesture;
    }

    [[nodiscard]] bool isNone() const { return m_number == 0; }

    friend bool operator==(Gesture, Gesture) = default;

 private:
    std::uint64_t m_number = 0;
};

}  // namespace jolly::app
