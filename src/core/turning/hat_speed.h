// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "core/turning/speeding.h"

#include <string>
#include <vector>

namespace jolly
{

/// Stage "hat speed": a hat moves a pointer at a steady speed, as fast along a diagonal as
/// straight.
struct HatSpeed {
    static constexpr StageInfo kInfo{
        .name = words("hat speed"),
        .sentence = words("The hat moves the pointer while it is pressed."),
        .takes = ControlKind::Hat,
        .isFeel = false,
        .want = Want::Axis,
        .also = words("pointer")};

    double speed = 400.0;  ///< [1, 20000] counts a second

    friend bool operator==(const HatSpeed&, const HatSpeed&) = default;

    template <class Self, class Visitor>
    static void fields(Self& self, Visitor&& visit)
    {
        visit(speedField(), self.speed);
    }

    [[nodiscard]] Sentence complaint() const { return {}; }
    [[nodiscard]] Sentence summary() const { return say("%1 counts a second", std::lround(speed)); }
    [[nodiscard]] static constexpr Signal gives(Signal) noexcept { return {ControlKind::Turner}; }
    [[nodiscard]] static std::vector<std::string> outlets()
    {
        return outletsCalled({words("across"), words("up and down")});
    }

    class Runner
    {
     public:
        explicit Runner(double speed) noexcept : m_speed(speed) {}

        /// RT-safe.
        void apply(Value in, const Moment& moment, std::span<Value> outlets) noexcept
        {
            const double speed = speedAt(in);
            const double x = m_past.x.go(in.x * speed, moment.now);
            const double y = m_past.y.go(in.y * speed, moment.now);
            if (outlets.size() < 2) return;
            outlets[0] = {x, 0.0};
            outlets[1] = {y, 0.0};
        }
        [[nodiscard]] bool isMoving() const noexcept
        {
            return m_past.x.isMoving() || m_past.y.isMoving();
        }
        void reset() noexcept { m_past = {}; }
        void wake(Value in, const Moment& moment) noexcept
        {
            m_past.x.resume(in.x * speedAt(in), moment.now);
            m_past.y.resume(in.y * speedAt(in), moment.now);
        }
        void continueFrom(const Runner& before) noexcept { m_past = before.m_past; }

     private:
        /// What it remembers.
        struct Past {
            Speeding x, y;
        };

        [[nodiscard]] double speedAt(Value in) const noexcept
        {
            constexpr double kStraightPart = 0.70710678118654752;
            return in.x != 0.0 && in.y != 0.0 ? m_speed * kStraightPart : m_speed;
        }

        double m_speed;
        Past m_past;
    };

    [[nodiscard]] Runner prepare(const StageInput&) const { return Runner(speed); }
};

}  // namespace jolly
