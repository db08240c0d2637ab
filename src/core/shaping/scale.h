// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "core/shaping/stage_info.h"

#include <string>

namespace jolly
{

/// Stage "scale": gain * value + offset, clamped to the axis.
struct Scale {
    static constexpr StageInfo kInfo{
        .name = words("scale"),
        .sentence = words("Makes moves larger or smaller and shifts them."),
        .want = Want::Ends,
        .also = words("gain, offset, limit")};

    double gain = 1.0;    ///< [-4, 4]
    double offset = 0.0;  ///< [-1, 1]

    friend bool operator==(const Scale&, const Scale&) = default;

    template <class Self, class Visitor>
    static void fields(Self& self, Visitor&& visit)
    {
        visit(NumberField{"gain", words("gain"), -4.0, 4.0, words("×"), 2}, self.gain);
        visit(AmountField{"offset", words("shifted by"), -1.0, 1.0}, self.offset);
    }

    [[nodiscard]] Sentence complaint() const;
    [[nodiscard]] Sentence summary() const;

    class Runner
    {
     public:
        /// @return value in [low, 1]. RT-safe.
        [[nodiscard]] Value apply(Value in, const Moment&) const noexcept
        {
            const double out = gain * in.x + offset;
            return {out < low ? low : out > 1.0 ? 1.0 : out, in.y};
        }

        double gain, offset, low;
    };

    [[nodiscard]] Runner prepare(const StageInput& input) const
    {
        return {gain, offset, input.low()};
    }
};

}  // namespace jolly
