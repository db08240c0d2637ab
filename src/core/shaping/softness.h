// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "core/shaping/stage_info.h"

#include <string>

namespace jolly
{

/// Stage "softness": one dial for the shape. For a softness s >= 0 the output is
/// (1 - s) v + s v^3, gentle about rest; for s < 0 it is the exact inverse of that of -s, quick
/// about rest. 0 and both ends stay where they are, and s undoes -s.
struct Softness {
    static constexpr StageInfo kInfo{
        .name = words("softness"),
        .sentence = words("Makes the axis gentle about rest, or quick; one dial."),
        .want = Want::Feel,
        .also = words("saturation, response")};

    static constexpr double kHandleAt = 0.5;  ///< where the one handle is

    double softness = 0.3;  ///< [-1, 1]

    friend bool operator==(const Softness&, const Softness&) = default;

    template <class Self, class Visitor>
    static void fields(Self& self, Visitor&& visit)
    {
        visit(AmountField{"softness", words("softness"), -1.0, 1.0}, self.softness);
    }

    [[nodiscard]] Sentence complaint() const { return {}; }
    [[nodiscard]] Sentence summary() const;

    [[nodiscard]] std::vector<PlotHandle> handles(const StageInput& input) const;
    /// Moves a handle towards `to`, as far as the stage allows.
    void moveHandle(std::size_t part, CurvePoint to, const StageInput& input);

    /// Whether the axis comes out otherwise than it went in.
    [[nodiscard]] bool isBent() const;

    class Runner
    {
     public:
        explicit Runner(double softness) noexcept;

        /// @param in  value in [-1, +1]. @return value in [-1, +1]. RT-safe.
        [[nodiscard]] Value apply(Value in, const Moment&) const noexcept;

     private:
        double m_softness;
        double m_width = 0.0;  ///< of the root's formula, for a negative softness
        double m_gain = 0.0;
    };

    [[nodiscard]] Runner prepare(const StageInput&) const { return Runner(softness); }
};

}  // namespace jolly
