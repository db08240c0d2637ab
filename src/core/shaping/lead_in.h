// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "core/shaping/stage_info.h"

#include <string>

namespace jolly
{

/// Stage "lead-in": jumps over a game's own dead zone. 0 stays 0; beyond it the size of the output
/// is start + (1 - start) * size, so it begins at `start` and reaches 1 at 1.
struct LeadIn {
    static constexpr StageInfo kInfo{
        .name = words("lead-in"),
        .sentence =
            words("Jumps over a dead zone that the game has: the first move comes out at once."),
        .want = Want::Feel,
        .also = words("anti dead zone, minimum")};
    static constexpr double kMost = 0.9;

    double start = 0.05;  ///< what the game swallows, [0, kMost]

    friend bool operator==(const LeadIn&, const LeadIn&) = default;

    template <class Self, class Visitor>
    static void fields(Self& self, Visitor&& visit)
    {
        visit(AmountField{"start", words("the game swallows"), 0.0, kMost}, self.start);
    }

    [[nodiscard]] Sentence complaint() const { return {}; }
    [[nodiscard]] Sentence summary() const;

    [[nodiscard]] std::vector<PlotHandle> handles(const StageInput& input) const;
    /// Moves a handle towards `to`, as far as the stage allows.
    void moveHandle(std::size_t part, CurvePoint to, const StageInput& input);

    class Runner
    {
     public:
        /// @param in  value in [-1, +1]. @return value in [-1, +1]. RT-safe.
        [[nodiscard]] Value apply(Value in, const Moment&) const noexcept
        {
            if (in.x == 0.0 || in.x >= 1.0 || in.x <= -1.0) return in;
            return {(in.x > 0.0 ? start : -start) + (1.0 - start) * in.x, in.y};
        }

        double start;
    };

    [[nodiscard]] Runner prepare(const StageInput&) const { return {start}; }
};

}  // namespace jolly
