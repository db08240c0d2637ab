// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "core/shaping/stage_info.h"

#include <string>

namespace jolly
{

/// Stage "dead zone": nothing near rest and near the ends. What is left of each side is stretched
/// to the full range, so the result is continuous at every edge. A one-sided axis rests at its low
/// end: only `above` and `highEnd` concern it.
struct DeadZone {
    static constexpr StageInfo kInfo{
        .name = words("dead zone"),
        .sentence = words("Nothing near rest and near the ends; what is "
                          "left is stretched to the full range."),
        .want = Want::Feel,
        .also = words("drift, play, deadband, null")};
    static constexpr double kMost = 0.9;
    static constexpr double kLeft = 0.02;  ///< of a side, between two zones that are drawn

    double below = 0.03;   ///< part of the lower side next to rest, [0, kMost]
    double above = 0.03;   ///< part of the upper side next to rest, [0, kMost]
    double lowEnd = 0.0;   ///< part of the lower side next to its end, [0, kMost]
    double highEnd = 0.0;  ///< part of the upper side next to its end, [0, kMost]

    friend bool operator==(const DeadZone&, const DeadZone&) = default;

    template <class Self, class Visitor>
    static void fields(Self& self, Visitor&& visit)
    {
        visit(AmountField{"below", words("below rest"), 0.0, kMost, true}, self.below);
        visit(AmountField{"above", words("above rest"), 0.0, kMost}, self.above);
        visit(AmountField{"lowEnd", words("at the low end"), 0.0, kMost, true}, self.lowEnd);
        visit(AmountField{"highEnd", words("at the high end"), 0.0, kMost}, self.highEnd);
    }

    /// One that leaves everything as it is.
    [[nodiscard]] static constexpr DeadZone none() { return {0.0, 0.0, 0.0, 0.0}; }

    [[nodiscard]] RestCover restCover() const { return {below, above}; }
    void setRestCover(const RestCover& cover)
    {
        below = cover.below;
        above = cover.above;
    }

    /// What is wrong with the amounts taken together, as a sentence; empty when nothing is.
    [[nodiscard]] Sentence complaint() const;
    [[nodiscard]] Sentence summary() const;

    [[nodiscard]] std::vector<PlotHandle> handles(const StageInput& input) const;
    /// Moves a handle towards `to`, as far as the stage allows.
    void moveHandle(std::size_t part, CurvePoint to, const StageInput& input);

    class Runner
    {
     public:
        /// @param in  value in [-1, +1]. @return value in [-1, +1]. RT-safe.
        [[nodiscard]] Value apply(Value in, const Moment&) const noexcept;

        double below, above, lowEnd, highEnd;
    };

    [[nodiscard]] Runner prepare(const StageInput&) const
    {
        return {below, above, lowEnd, highEnd};
    }
};

}  // namespace jolly
