// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "core/shaping/stage_info.h"

#include <string>

namespace jolly
{

/// Stage "invert": the other direction. An axis is mirrored about the middle of its travel, a
/// pressed button counts as released.
struct Invert {
    static constexpr StageInfo kInfo{.name = words("invert"),
                                     .sentence = words("Turns the direction round."),
                                     .takes = {ControlKind::Axis, ControlKind::Button},
                                     .isFeel = false,
                                     .want = Want::Ends,
                                     .also = words("reverse, flip, direction")};

    friend bool operator==(const Invert&, const Invert&) = default;

    template <class Self, class Visitor>
    static void fields(Self&, Visitor&&)
    {
    }

    [[nodiscard]] Sentence complaint() const { return {}; }
    [[nodiscard]] Sentence summary() const { return words("the other way round"); }

    class Runner
    {
     public:
        /// @return the mirrored value. RT-safe.
        [[nodiscard]] Value apply(Value in, const Moment&) const noexcept
        {
            return {isTwoSided ? -in.x : 1.0 - in.x, in.y};
        }

        bool isTwoSided = true;
    };

    [[nodiscard]] Runner prepare(const StageInput& input) const
    {
        return {input.kind == ControlKind::Axis && input.sides == Sides::Two};
    }
};

}  // namespace jolly
