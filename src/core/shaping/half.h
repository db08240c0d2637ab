// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "core/shaping/stage_info.h"

#include <string>

namespace jolly
{

/// Which half of a two-sided axis.
enum class Side : std::uint8_t { Upper, Lower };

/// Stage "half": one half of a two-sided axis as a one-sided axis; 0 while the other half is moved.
/// Two triggers that a controller reports on one axis come apart so, as far as the hardware allows:
/// while both are pulled it reports their difference, which no computation can undo.
struct Half {
    static constexpr StageInfo kInfo{
        .name = words("half"),
        .sentence = words("Makes one half of the axis a whole one-sided axis."),
        .isFeel = false,
        .isHalf = true,
        .want = Want::Ends,
        .also = words("one side, trigger")};

    Side side = Side::Upper;

    friend bool operator==(const Half&, const Half&) = default;

    template <class Self, class Visitor>
    static void fields(Self& self, Visitor&& visit)
    {
        visit(
            ChoiceField{
                "side", words("which half"), {words("the upper half"), words("the lower half")}},
            self.side);
    }

    [[nodiscard]] Sentence complaint() const { return {}; }
    [[nodiscard]] Sentence summary() const
    {
        return side == Side::Upper ? words("the upper half") : words("the lower half");
    }

    /// An axis leaves it one-sided.
    [[nodiscard]] static constexpr Signal gives(Signal) noexcept
    {
        return {ControlKind::Axis, Sides::One};
    }

    class Runner
    {
     public:
        /// @return value in [0, 1]. RT-safe.
        [[nodiscard]] Value apply(Value in, const Moment&) const noexcept
        {
            const double v = sign * convertSides(in.x, sides, Sides::Two);
            return {v > 0.0 ? v : 0.0, in.y};
        }

        Sides sides;
        double sign;
    };

    [[nodiscard]] Runner prepare(const StageInput& input) const
    {
        return {input.sides, side == Side::Upper ? 1.0 : -1.0};
    }
};

}  // namespace jolly
