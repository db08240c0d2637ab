// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "core/shaping/stage_info.h"

#include <string>

namespace jolly
{

/// Stage "spring back": a control that stays is made to spring back. Every move counts on top of
/// where the value is, and the value returns to rest at a speed of its own.
struct Spring {
    static constexpr StageInfo kInfo{
        .name = words("spring back"),
        .sentence = words("Moves count, and the value returns to rest by itself."),
        .isFeel = false,
        .want = Want::Timing,
        .also = words("recentre, return")};

    double speed = 1.0;  ///< of the return, full deflections a second, [0.01, 20]

    friend bool operator==(const Spring&, const Spring&) = default;

    template <class Self, class Visitor>
    static void fields(Self& self, Visitor&& visit)
    {
        visit(NumberField{"speed", words("returns at"), 0.01, 20.0, words("/s"), 2}, self.speed);
    }

    [[nodiscard]] Sentence complaint() const { return {}; }
    [[nodiscard]] Sentence summary() const;

    /// Where its value can go, wherever the hand rests.
    [[nodiscard]] static Stretch ownTravel(double low) noexcept { return {low, 1.0}; }

    class Runner
    {
     public:
        Runner(double speed, double low) noexcept : m_speed(speed), m_low(low) {}

        /// @return value in [low, 1]. RT-safe.
        [[nodiscard]] Value apply(Value in, const Moment& moment) noexcept;
        [[nodiscard]] bool isMoving() const noexcept { return m_past.value != 0.0; }
        void reset() noexcept { m_past = {}; }
        void wake(Value in, const Moment& moment) noexcept
        {
            m_past.before = in.x;
            m_past.last = moment.now;
        }
        void continueFrom(const Runner& before) noexcept { m_past = before.m_past; }

     private:
        /// What it remembers.
        struct Past {
            double value = 0.0;
            double before = 0.0;
            Time last{};
            bool hasStarted = false;
        };

        double m_speed, m_low;
        Past m_past;
    };

    [[nodiscard]] Runner prepare(const StageInput& input) const { return {speed, input.low()}; }
};

}  // namespace jolly
