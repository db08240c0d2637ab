// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "core/digital/made_axis.h"

#include <cmath>
#include <string>

namespace jolly
{

/// Stage "ramp": while the button is pressed the axis goes from rest to a value, and goes back when
/// it is let go, or stays. Both ways take their time from end to end; a ramp that is turned round
/// goes on from where it is.
struct Ramp {
    static constexpr StageInfo kInfo{
        .name = words("ramp"),
        .sentence = words("The axis rises while it is pressed, and goes back or stays behind it."),
        .takes = ControlKind::Button,
        .isFeel = false,
        .want = Want::Axis,
        .also = words("keys, pedal")};

    double to = 1.0;      ///< [-1, 1], not 0
    double rise = 500.0;  ///< from rest to there, [0, 60000] ms; 0 at once
    double fall = 300.0;  ///< from there to rest, likewise
    bool stays = false;   ///< where it is when it is let go; the next press goes the other way
    Sides rests = Sides::Two;

    friend bool operator==(const Ramp&, const Ramp&) = default;

    template <class Self, class Visitor>
    static void fields(Self& self, Visitor&& visit)
    {
        visit(AmountField{"to", words("rises to"), -1.0, 1.0}, self.to);
        visit(NumberField{"rise", words("rises in"), 0.0, 60'000.0, words("ms"), 0}, self.rise);
        visit(NumberField{"fall", words("falls in"), 0.0, 60'000.0, words("ms"), 0}, self.fall);
        visit(FlagField{"stays", words("stays when let go")}, self.stays);
        visit(restField(), self.rests);
    }

    [[nodiscard]] Sentence complaint() const;
    [[nodiscard]] Sentence summary() const;
    [[nodiscard]] Signal gives(Signal) const noexcept { return {ControlKind::Axis, rests}; }
    void fit(Sides sides)
    {
        rests = sides;
        if (sides == Sides::One) to = std::abs(to);
    }

    class Runner
    {
     public:
        explicit Runner(const Ramp& ramp) noexcept;

        /// RT-safe.
        [[nodiscard]] Value apply(Value in, const Moment& moment) noexcept;
        [[nodiscard]] bool isMoving() const noexcept
        {
            return m_past.way != 0 && m_past.part != (m_past.way > 0 ? 1.0 : 0.0);
        }
        void reset() noexcept { m_past = {}; }
        /// It goes on from where it is; neither the time nor presses that it did not see count.
        void wake(Value in, const Moment& moment) noexcept
        {
            m_past.wasPressed = in.isPressed();
            m_past.last = moment.now;
            if (m_stays) m_past.way = 0;
        }
        void continueFrom(const Runner& before) noexcept { m_past = before.m_past; }

     private:
        /// What it remembers.
        struct Past {
            double part = 0.0;  ///< of the way up
            int way = 0;        ///< 1 up, -1 down, 0 neither
            int lastWay = -1;   ///< of the press before
            Time last{};
            bool wasPressed = false;
        };

        double m_to, m_rise, m_fall;  ///< parts of the way a second; infinite for at once
        bool m_stays;
        Past m_past;
    };

    [[nodiscard]] Runner prepare(const StageInput&) const { return Runner(*this); }
};

}  // namespace jolly
