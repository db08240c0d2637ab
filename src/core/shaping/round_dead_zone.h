// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "core/shaping/stage_info.h"

#include <string>

namespace jolly
{

/// What is a dead zone's edge for a pair of axes.
enum class ZoneShape : std::uint8_t { Round, Square };

/// Stage "round dead zone": nothing near rest, judged by how far a pair of axes is moved together;
/// the direction is kept. What is left is stretched to the full range. Put the same on both axes,
/// each with the other one as its partner.
struct RoundDeadZone {
    static constexpr StageInfo kInfo{
        .name = words("round dead zone"),
        .sentence = words("Nothing near rest, judged by how far a pair of axes is moved together."),
        .isFeel = false,
        .want = Want::Feel,
        .also = words("drift, radial, stick")};
    static constexpr double kMost = 0.9;
    static constexpr double kLeft = 0.02;  ///< of a side, between two zones that are drawn

    std::optional<Source> other{};
    double size = 0.05;  ///< of what is still rest, [0, kMost]
    double end = 0.0;    ///< next to the full deflection, [0, kMost]
    ZoneShape shape = ZoneShape::Round;
    bool reachesCorners = false;  ///< a round gate's full deflection becomes a square one's corner

    friend bool operator==(const RoundDeadZone&, const RoundDeadZone&) = default;

    template <class Self, class Visitor>
    static void fields(Self& self, Visitor&& visit)
    {
        visit(ControlField{"other", words("the other axis"), ControlKind::Axis}, self.other);
        visit(AmountField{"size", words("around rest"), 0.0, kMost}, self.size);
        visit(AmountField{"end", words("at the end"), 0.0, kMost}, self.end);
        visit(ChoiceField{"shape", words("shape"), {words("round"), words("square")}}, self.shape);
        visit(FlagField{"reachesCorners", words("reach the corners")}, self.reachesCorners);
    }

    /// The axis that should have the same stage, with this one's axis as its partner.
    [[nodiscard]] const std::optional<Source>& partner() const { return other; }
    void pairWith(const Source& axis) { other = axis; }

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
        [[nodiscard]] Value apply(Value in, const Moment& moment) const noexcept;

        double size, end;
        ZoneShape shape;
        bool reachesCorners;
        Sides sides;
        std::optional<SeenControl> other;
    };

    [[nodiscard]] Runner prepare(const StageInput& input) const
    {
        return {size, end, shape, reachesCorners, input.sides, input.find(other)};
    }
};

}  // namespace jolly
