// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "core/shaping/stage_info.h"

#include <string>

namespace jolly
{

/// Stage "pace": limits speed. The output follows at no more than so many full deflections a second
/// towards the high end, and so many towards the low end; it goes on by itself until it has
/// arrived.
struct Pace {
    static constexpr StageInfo kInfo{.name = words("pace"),
                                     .sentence = words("Limits how fast the axis moves."),
                                     .want = Want::Timing,
                                     .also = words("rate limit, slow")};

    double rising = 2.0;   ///< towards the high end, full deflections a second, [0.01, 100]
    double falling = 2.0;  ///< towards the low end, likewise

    friend bool operator==(const Pace&, const Pace&) = default;

    template <class Self, class Visitor>
    static void fields(Self& self, Visitor&& visit)
    {
        visit(NumberField{"rising", words("rising"), 0.01, 100.0, words("/s"), 2}, self.rising);
        visit(NumberField{"falling", words("falling"), 0.01, 100.0, words("/s"), 2}, self.falling);
    }

    [[nodiscard]] Sentence complaint() const { return {}; }
    [[nodiscard]] Sentence summary() const;

    class Runner
    {
     public:
        explicit Runner(const Pace& pace) noexcept : m_rising(pace.rising), m_falling(pace.falling)
        {
        }

        /// Until now the output went to what came in before. RT-safe.
        [[nodiscard]] Value apply(Value in, const Moment& moment) noexcept;
        [[nodiscard]] bool isMoving() const noexcept { return m_past.value != m_past.goal; }
        void reset() noexcept { m_past = {}; }
        void continueFrom(const Runner& before) noexcept { m_past = before.m_past; }

     private:
        /// What it remembers.
        struct Past {
            double value = 0.0;
            double goal = 0.0;
            Time last{};
            bool hasStarted = false;
        };

        double m_rising, m_falling;
        Past m_past;
    };

    [[nodiscard]] Runner prepare(const StageInput&) const { return Runner(*this); }
};

}  // namespace jolly
