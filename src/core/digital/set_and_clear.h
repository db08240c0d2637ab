// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "core/digital/kept_press.h"

#include <string>

namespace jolly
{

/// Stage "set and clear": a press keeps it pressed until another control lets go of it.
struct SetAndClear {
    static constexpr StageInfo kInfo{
        .name = words("set and clear"),
        .sentence = words("A press keeps it pressed until another button lets go of it."),
        .takes = ControlKind::Button,
        .isFeel = false,
        .want = Want::Buttons,
        .also = words("on, off")};

    std::optional<Source> clear{};

    friend bool operator==(const SetAndClear&, const SetAndClear&) = default;

    template <class Self, class Visitor>
    static void fields(Self& self, Visitor&& visit)
    {
        visit(ControlField{"clear", words("let go by"), ControlKind::Button}, self.clear);
    }

    [[nodiscard]] Sentence complaint() const { return {}; }
    [[nodiscard]] Sentence summary() const { return words("kept until let go"); }

    struct Runner : KeptPress {
        using KeptPress::KeptPress;
    };

    [[nodiscard]] Runner prepare(const StageInput& input) const
    {
        return {input.find(clear), false};
    }
};

}  // namespace jolly
