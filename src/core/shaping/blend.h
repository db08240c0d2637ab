// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "core/shaping/stage_info.h"

#include <string>

namespace jolly
{

/// How two axes become one.
enum class Blending : std::uint8_t {
    HalfDifference,  ///< (this - other) / 2 of two-sided axes: two pedals as one rudder
    Average,
    Larger,    ///< of the two deflections
    Smaller,   ///< likewise
    Sum,       ///< clamped
    Weighted,  ///< (1 - share) this + share other
};

/// Stage "blend": joins another axis to this one.
struct Blend {
    static constexpr StageInfo kInfo{.name = words("blend"),
                                     .sentence = words("Joins another axis to this one."),
                                     .isFeel = false,
                                     .want = Want::Others,
                                     .also = words("mix, join, differential")};

    std::optional<Source> other{};
    Blending how = Blending::HalfDifference;
    double share = 0.5;  ///< of the other axis when weighted, [0, 1]

    friend bool operator==(const Blend&, const Blend&) = default;

    template <class Self, class Visitor>
    static void fields(Self& self, Visitor&& visit)
    {
        visit(ControlField{"other", words("the other axis"), ControlKind::Axis}, self.other);
        visit(ChoiceField{"how",
                          words("how"),
                          {words("half the difference"), words("average"), words("the larger one"),
                           words("the smaller one"), words("sum"), words("weighted")}},
              self.how);
        visit(AmountField{"share", words("share of the other"), 0.0, 1.0}, self.share);
    }

    [[nodiscard]] Sentence complaint() const { return {}; }
    [[nodiscard]] Sentence summary() const;

    /// A difference goes both ways.
    [[nodiscard]] constexpr Signal gives(Signal in) const noexcept
    {
        return {in.kind, how == Blending::HalfDifference ? Sides::Two : in.sides};
    }

    class Runner
    {
     public:
        /// @return value in [-1, +1], or [0, 1] for what stays one-sided. RT-safe.
        [[nodiscard]] Value apply(Value in, const Moment& moment) const noexcept;

        Blending how;
        double share;
        Sides sides;
        std::optional<SeenControl> other;
    };

    [[nodiscard]] Runner prepare(const StageInput& input) const
    {
        return {how, share, input.sides, input.find(other)};
    }
};

}  // namespace jolly
