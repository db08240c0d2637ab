// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "core/turning/speeding.h"

#include <string>

namespace jolly
{

/// Stage "pointer speed": the deflection of an axis is the speed of a pointer or a wheel. Fractions
/// of a count are kept, so that slow moves arrive.
struct PointerSpeed {
    static constexpr StageInfo kInfo{
        .name = words("pointer speed"),
        .sentence = words("The deflection moves the pointer or turns a wheel: it is a speed."),
        .isFeel = false,
        .want = Want::Feel,
        .also = words("sensitivity")};

    double speed = 800.0;  ///< at full deflection, [1, 20000] counts a second
    double curve = 2.0;    ///< power of the deflection, [1, 5]: above 1 it is finer near rest

    friend bool operator==(const PointerSpeed&, const PointerSpeed&) = default;

    template <class Self, class Visitor>
    static void fields(Self& self, Visitor&& visit)
    {
        visit(speedField(), self.speed);
        visit(NumberField{"curve", words("finer near rest"), 1.0, 5.0, {}, 1}, self.curve);
    }

    [[nodiscard]] Sentence complaint() const { return {}; }
    [[nodiscard]] Sentence summary() const { return say("%1 counts a second", std::lround(speed)); }
    [[nodiscard]] static constexpr Signal gives(Signal) noexcept { return {ControlKind::Turner}; }

    class Runner
    {
     public:
        Runner(double speed, double curve) noexcept : m_speed(speed), m_curve(curve) {}

        /// RT-safe.
        [[nodiscard]] Value apply(Value in, const Moment& moment) noexcept
        {
            return {m_past.go(speedAt(in.x), moment.now), 0.0};
        }
        [[nodiscard]] bool isMoving() const noexcept { return m_past.isMoving(); }
        void reset() noexcept { m_past = {}; }
        void wake(Value in, const Moment& moment) noexcept
        {
            m_past.resume(speedAt(in.x), moment.now);
        }
        void continueFrom(const Runner& before) noexcept { m_past = before.m_past; }

     private:
        [[nodiscard]] double speedAt(double x) const noexcept
        {
            return std::copysign(std::pow(std::abs(x), m_curve), x) * m_speed;
        }

        double m_speed, m_curve;
        Speeding m_past;
    };

    [[nodiscard]] Runner prepare(const StageInput&) const { return {speed, curve}; }
};

}  // namespace jolly
