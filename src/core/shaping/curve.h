// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "core/shaping/stage_info.h"

#include <string>
#include <vector>

namespace jolly
{

/// Stage "curve": gives the travel another shape, through points.
///
/// Smooth curves are monotone cubic Hermite splines: between two points the curve never leaves the
/// range of their outputs. Before the first point and after the last the curve is flat.
struct Curve {
    static constexpr StageInfo kInfo{
        .name = words("curve"),
        .sentence = words("Gives the travel another shape, through points."),
        .want = Want::Feel,
        .also = words("sensitivity, expo, response")};

    static constexpr std::size_t kMostPoints = 32;

    CurvePoints points{{0.0, 0.0}, {0.5, 0.3}, {1.0, 1.0}};
    bool isSmooth = true;      ///< else straight lines from point to point
    bool isMirrored = true;    ///< the points shape the upper side; the lower is its mirror image
    bool keepsRising = false;  ///< an output below an earlier one is lifted to it

    friend bool operator==(const Curve&, const Curve&) = default;

    template <class Self, class Visitor>
    static void fields(Self& self, Visitor&& visit)
    {
        visit(PointsField{"points", words("points")}, self.points);
        visit(FlagField{"smooth", words("smooth")}, self.isSmooth);
        visit(FlagField{"mirrored", words("mirror halves")}, self.isMirrored);
        visit(FlagField{"keepsRising", words("keep rising")}, self.keepsRising);
    }

    /// What is wrong with the points taken together, as a sentence; empty when nothing is.
    [[nodiscard]] Sentence complaint() const;
    [[nodiscard]] Sentence summary() const;

    [[nodiscard]] std::vector<PlotHandle> handles(const StageInput& input) const;
    /// Moves a handle towards `to`, as far as the stage allows.
    void moveHandle(std::size_t part, CurvePoint to, const StageInput& input);
    /// Adds a point, and takes one out. @return whether there is room, or enough are left.
    bool addPoint(CurvePoint at);
    bool removePoint(std::size_t point);

    /// Becomes one for an axis of such sides.
    void fit(Sides sides)
    {
        if (sides == Sides::One) isMirrored = false;
    }
    /// `isMirrored` has changed: the points follow, so that the upper side keeps its shape.
    void mirror(Sides sides);

    /// Whether the axis comes out otherwise than it went in.
    [[nodiscard]] bool isBent() const;

    class Runner
    {
     public:
        /// Straight through where no curve can be laid through the points: fewer than two, beyond
        /// the axis, or not strictly rising along the travel.
        explicit Runner(const Curve& curve);

        /// @param in  value in [-1, +1]. @return value in [-1, +1]. RT-safe.
        [[nodiscard]] Value apply(Value in, const Moment&) const noexcept;

        /// What has to come in for `out` to come out, to 1e-12; of a curve whose outputs rise. At
        /// the first or last point for what is beyond it. RT-safe.
        [[nodiscard]] double inverse(double out) const noexcept;

     private:
        [[nodiscard]] double at(double in) const noexcept;
        [[nodiscard]] double inverseAt(double out) const noexcept;

        CurvePoints m_points;
        std::vector<double> m_slopes;  ///< at each point; empty for straight lines
        bool m_isMirrored;
    };

    [[nodiscard]] Runner prepare(const StageInput&) const { return Runner(*this); }
};

/// Makes the points fit `isMirrored` again after it changed, so that the upper side keeps its
/// shape: a mirrored curve keeps only what is above rest and begins at 0, 0; one that is not gets
/// the mirror image spelled out where the axis has a lower side.
void mirrorPoints(Curve& curve, Sides sides);

/// The slopes at the points that make a cubic Hermite spline monotone between each two of them.
///
/// @param points  two or more, `in` strictly rising.
/// @par Source  F. N. Fritsch, R. E. Carlson, "Monotone Piecewise Cubic Interpolation", SIAM
/// Journal on Numerical Analysis 17 (1980) 238-246: three-point start values, limited to the circle
/// of radius 3.
[[nodiscard]] std::vector<double> monotoneSlopes(const CurvePoints& points);

}  // namespace jolly
