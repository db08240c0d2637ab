// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "core/hats/hat_ways.h"
#include "core/shaping/stage_info.h"

#include <string>

namespace jolly
{

/// Stage "hat of axes": a stick or mini-stick is a hat. This axis is its left and right, another
/// one its up and down. Beyond `presses` of its travel a way is pressed, below `letsGo` it is let
/// go; with eight ways each has an eighth of the circle.
struct HatOfAxes {
    static constexpr StageInfo kInfo{.name = words("hat of axes"),
                                     .sentence = words("Two axes of a stick make a hat."),
                                     .takes = ControlKind::Axis,
                                     .isFeel = false,
                                     .want = Want::Others,
                                     .also = words("ministick, view")};

    std::optional<Source> other{};  ///< up and down
    double presses = 0.5;           ///< how far the stick is moved, [0.05, 1]
    double letsGo = 0.4;            ///< [0, presses]
    Ways ways = Ways::Eight;

    friend bool operator==(const HatOfAxes&, const HatOfAxes&) = default;

    template <class Self, class Visitor>
    static void fields(Self& self, Visitor&& visit)
    {
        visit(ControlField{"other", words("up and down"), ControlKind::Axis}, self.other);
        visit(AmountField{"presses", words("pressed beyond"), 0.05, 1.0}, self.presses);
        visit(AmountField{"letsGo", words("let go below"), 0.0, 1.0}, self.letsGo);
        visit(
            ChoiceField{"ways", words("how many ways"), {words("four ways"), words("eight ways")}},
            self.ways);
    }

    void holdBeyond(double amount) { letsGo = std::clamp(presses - amount, 0.0, letsGo); }

    [[nodiscard]] Sentence complaint() const;
    [[nodiscard]] Sentence summary() const;
    [[nodiscard]] static constexpr Signal gives(Signal) noexcept { return {ControlKind::Hat}; }

    class Runner
    {
     public:
        Runner(const HatOfAxes& hat, const StageInput& input);

        /// RT-safe.
        [[nodiscard]] Value apply(Value in, const Moment& moment) noexcept;
        void reset() noexcept { m_way = kNone; }
        void wake(Value, const Moment&) noexcept {}
        void continueFrom(const Runner& before) noexcept { m_way = before.m_way; }

     private:
        static constexpr std::size_t kNone = kHatWays.size();

        double m_presses, m_letsGo;
        double m_step;  ///< of ways in kHatWays: 2 with four ways
        Sides m_sides;
        std::optional<SeenControl> m_other;
        std::size_t m_way = kNone;
    };

    [[nodiscard]] Runner prepare(const StageInput& input) const { return {*this, input}; }
};

}  // namespace jolly
