// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "core/digital/kept_press.h"

#include <string>

namespace jolly
{

/// Stage "latch": a press flips it, the next one flips it back.
struct Latch {
    static constexpr StageInfo kInfo{
        .name = words("latch"),
        .sentence = words("A press flips it, the next one flips it back."),
        .takes = ControlKind::Button,
        .isFeel = false,
        .want = Want::Buttons,
        .also = words("toggle, lock")};

    std::optional<Source> clear{};  ///< lets go of it; may be none

    friend bool operator==(const Latch&, const Latch&) = default;

    template <class Self, class Visitor>
    static void fields(Self& self, Visitor&& visit)
    {
        visit(ControlField{"clear", words("let go by"), ControlKind::Button, true}, self.clear);
    }

    [[nodiscard]] Sentence complaint() const { return {}; }
    [[nodiscard]] Sentence summary() const { return words("a press flips it"); }

    struct Runner : KeptPress {
        using KeptPress::KeptPress;
    };

    [[nodiscard]] Runner prepare(const StageInput& input) const
    {
        return {input.find(clear), true};
    }
};

}  // namespace jolly
