// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "core/shaping/stage_info.h"

#include <string>
#include <vector>

namespace jolly
{

/// Stage "hat to axes": the hat as two axes, which are at rest or at an end. Right and down are
/// more, as of a stick.
struct HatToAxes {
    static constexpr StageInfo kInfo{.name = words("hat to axes"),
                                     .sentence = words("The hat moves two axes, from end to end."),
                                     .takes = ControlKind::Hat,
                                     .isFeel = false,
                                     .want = Want::Axis,
                                     .also = words("cross")};

    friend bool operator==(const HatToAxes&, const HatToAxes&) = default;

    template <class Self, class Visitor>
    static void fields(Self&, Visitor&&)
    {
    }

    [[nodiscard]] Sentence complaint() const { return {}; }
    [[nodiscard]] Sentence summary() const { return words("two axes"); }
    [[nodiscard]] static constexpr Signal gives(Signal) noexcept { return {ControlKind::Axis}; }
    [[nodiscard]] static std::vector<std::string> outlets()
    {
        return outletsCalled({words("left right"), words("up down")});
    }

    struct Runner {
        /// RT-safe.
        void apply(Value in, const Moment&, std::span<Value> outlets) const noexcept
        {
            if (outlets.size() < 2) return;
            outlets[0] = {in.x, 0.0};
            outlets[1] = {in.y, 0.0};
        }
    };

    [[nodiscard]] Runner prepare(const StageInput&) const { return {}; }
};

}  // namespace jolly
