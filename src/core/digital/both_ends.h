// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "core/shaping/stage_info.h"

#include <string>
#include <vector>

namespace jolly
{

/// Stage "both ends": a two-way switch that reports one side gets an outlet for each.
struct BothEnds {
    static constexpr StageInfo kInfo{
        .name = words("both ends"),
        .sentence = words("One outlet while it is on, the other while it is off."),
        .takes = ControlKind::Button,
        .isFeel = false,
        .want = Want::Buttons,
        .also = words("toggle, on, off")};

    friend bool operator==(const BothEnds&, const BothEnds&) = default;

    template <class Self, class Visitor>
    static void fields(Self&, Visitor&&)
    {
    }

    [[nodiscard]] Sentence complaint() const { return {}; }
    [[nodiscard]] Sentence summary() const { return words("on and off"); }
    [[nodiscard]] static std::vector<std::string> outlets()
    {
        return outletsCalled({words("on"), words("off")});
    }

    struct Runner {
        /// RT-safe.
        void apply(Value in, const Moment&, std::span<Value> outlets) const noexcept
        {
            for (std::size_t i = 0; i < outlets.size(); ++i)
                outlets[i] = {in.isPressed() == (i == 0) ? 1.0 : 0.0, 0.0};
        }
    };

    [[nodiscard]] Runner prepare(const StageInput&) const { return {}; }
};

}  // namespace jolly
