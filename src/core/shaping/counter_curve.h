// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "core/shaping/curve.h"
#include "core/shaping/stage_info.h"

#include <string>

namespace jolly
{

/// Stage "counter-curve": undoes a bend that the sim makes itself. The points say how the sim
/// answers: what comes out of it (`out`) for what goes in (`in`); this stage is the inverse. Beyond
/// the answers of the first and last point it stays at their inputs.
struct CounterCurve {
    static constexpr StageInfo kInfo{
        .name = words("counter-curve"),
        .sentence = words("Undoes the bend that a sim makes, from how the sim answers."),
        .want = Want::Feel,
        .also = words("undo the sim, linear")};

    CurvePoints points{{0.0, 0.0}, {0.5, 0.25}, {1.0, 1.0}};  ///< both strictly rising
    bool isSmooth = true;                                     ///< as Curve::isSmooth
    bool isMirrored = true;                                   ///< as Curve::isMirrored

    friend bool operator==(const CounterCurve&, const CounterCurve&) = default;

    template <class Self, class Visitor>
    static void fields(Self& self, Visitor&& visit)
    {
        visit(PointsField{.key = "points",
                          .label = words("how the sim answers"),
                          .inWords = words("sent to the sim"),
                          .outWords = words("what it makes of it"),
                          .isDrawn = false},
              self.points);
        visit(FlagField{"smooth", words("smooth")}, self.isSmooth);
        visit(FlagField{"mirrored", words("mirror halves")}, self.isMirrored);
    }

    /// What is wrong with the points taken together, as a sentence; empty when nothing is.
    [[nodiscard]] Sentence complaint() const;
    [[nodiscard]] Sentence summary() const;

    /// `isMirrored` has changed: the points follow, so that the upper side keeps its shape.
    void mirror(Sides sides);

    /// The sim's bend itself.
    [[nodiscard]] Curve answer() const { return {points, isSmooth, isMirrored, false}; }

    class Runner
    {
     public:
        /// @param in  value in [-1, +1]. @return what the sim bends to it. RT-safe.
        [[nodiscard]] Value apply(Value in, const Moment&) const noexcept
        {
            return {bend.inverse(in.x), in.y};
        }

        Curve::Runner bend;
    };

    [[nodiscard]] Runner prepare(const StageInput&) const { return {Curve::Runner(answer())}; }
};

}  // namespace jolly
