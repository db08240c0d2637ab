// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "core/shaping/stage_info.h"

#include <string>

namespace jolly
{

/// Stage "drive": a sprung control moves a value that stays. The deflection is a speed; the value
/// begins at rest, goes no further than its limits, and a reset takes it back to rest.
struct Drive {
    static constexpr StageInfo kInfo{
        .name = words("drive"),
        .sentence = words("The deflection moves a value that stays: it is a speed."),
        .isFeel = false,
        .want = Want::Timing,
        .also = words("speed, rate control, cursor")};

    double speed = 1.0;  ///< at full deflection, full deflections a second, [0.01, 20]
    double lowest = -1.0;
    double highest = 1.0;           ///< above `lowest`, both in [-1, 1]
    std::optional<Source> reset{};  ///< may be none

    friend bool operator==(const Drive&, const Drive&) = default;

    template <class Self, class Visitor>
    static void fields(Self& self, Visitor&& visit)
    {
        visit(NumberField{"speed", words("at full deflection"), 0.01, 20.0, words("/s"), 2},
              self.speed);
        visit(AmountField{"lowest", words("no lower than"), -1.0, 1.0}, self.lowest);
        visit(AmountField{"highest", words("no higher than"), -1.0, 1.0}, self.highest);
        visit(ControlField{"reset", words("reset by"), ControlKind::Button, true}, self.reset);
    }

    /// What is wrong with the limits taken together, as a sentence; empty when nothing is.
    [[nodiscard]] Sentence complaint() const;
    [[nodiscard]] Sentence summary() const;

    /// Where its value can go, wherever the hand rests.
    [[nodiscard]] Stretch ownTravel(double low) const noexcept
    {
        return {lowest > low ? lowest : low, highest};
    }

    class Runner
    {
     public:
        Runner(const Drive& drive, const StageInput& input);

        /// Until now the value moved as what came in before says. RT-safe.
        [[nodiscard]] Value apply(Value in, const Moment& moment) noexcept;
        [[nodiscard]] bool isMoving() const noexcept;
        void reset() noexcept { m_past = {m_rest}; }
        void wake(Value in, const Moment& moment) noexcept
        {
            m_past.speedNow = m_speed * in.x;
            m_past.last = moment.now;
        }
        void continueFrom(const Runner& before) noexcept
        {
            m_past = before.m_past;
            m_past.value = m_past.value < m_low    ? m_low
                           : m_past.value > m_high ? m_high
                                                   : m_past.value;
        }

     private:
        /// What it remembers.
        struct Past {
            double value = 0.0;
            double speedNow = 0.0;
            Time last{};
            bool hasStarted = false;
        };

        double m_speed, m_low, m_high;
        double m_rest;  ///< the value within the limits that is nearest to rest
        std::optional<SeenControl> m_reset;
        Past m_past;
    };

    [[nodiscard]] Runner prepare(const StageInput& input) const { return {*this, input}; }
};

}  // namespace jolly
