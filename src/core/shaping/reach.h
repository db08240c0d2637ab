// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "core/shaping/stage_info.h"

#include <string>

namespace jolly
{

/// Stage "reach": a part of the travel becomes all of it. Both ends are parts of the whole travel,
/// from its low end: of a wheel that turns 900 degrees, 270 about its middle are 35 % to 65 %.
/// What lies beyond is clamped to the ends.
struct Reach {
    static constexpr StageInfo kInfo{.name = words("reach"),
                                     .sentence = words("Makes a part of the travel all of it."),
                                     .want = Want::Ends,
                                     .also = words("saturation, range, degrees, rotation")};
    static constexpr double kLeast = 0.01;  ///< width of what becomes all

    double from = 0.0;  ///< [0, 1]
    double to = 1.0;    ///< [0, 1], kLeast or more above `from`

    friend bool operator==(const Reach&, const Reach&) = default;

    template <class Self, class Visitor>
    static void fields(Self& self, Visitor&& visit)
    {
        visit(AmountField{"from", words("from"), 0.0, 1.0}, self.from);
        visit(AmountField{"to", words("to"), 0.0, 1.0}, self.to);
    }

    /// What is wrong with the ends taken together, as a sentence; empty when nothing is.
    [[nodiscard]] Sentence complaint() const;
    [[nodiscard]] Sentence summary() const;

    [[nodiscard]] std::vector<PlotHandle> handles(const StageInput& input) const;
    /// Moves a handle towards `place`, as far as the stage allows.
    void moveHandle(std::size_t part, CurvePoint place, const StageInput& input);

    /// The part of the travel that becomes all of it.
    [[nodiscard]] Stretch part() const { return {from, to}; }

    /// The part about the middle of a wheel that turns `real` degrees which is `wanted` degrees
    /// wide; all of it when it is no less than that. Both > 0.
    [[nodiscard]] static Reach ofDegrees(double real, double wanted);

    class Runner
    {
     public:
        /// @param in  value in [low, 1]. @return value in [low, 1]. RT-safe.
        [[nodiscard]] Value apply(Value in, const Moment&) const noexcept
        {
            if (in.x <= m_from) return {m_low, in.y};
            if (in.x >= m_to) return {1.0, in.y};
            return {m_low + (1.0 - m_low) * (in.x - m_from) / (m_to - m_from), in.y};
        }

        Runner(const Reach& reach, double low) noexcept
            : m_low(low),
              m_from(low + (1.0 - low) * reach.from),
              m_to(reach.to >= 1.0 ? 1.0 : low + (1.0 - low) * reach.to)
        {
        }

     private:
        double m_low, m_from, m_to;
    };

    [[nodiscard]] Runner prepare(const StageInput& input) const { return {*this, input.low()}; }
};

}  // namespace jolly
