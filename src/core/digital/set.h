// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "core/digital/made_axis.h"

#include <string>

namespace jolly
{

/// Stage "set": the axis is at a value while the button is pressed, and at another while it is not.
struct SetValue {
    static constexpr StageInfo kInfo{
        .name = words("set"),
        .sentence = words("The axis is at a value while it is pressed."),
        .takes = ControlKind::Button,
        .isFeel = false,
        .want = Want::Axis,
        .also = words("value, preset")};

    double to = 1.0;    ///< while pressed, [-1, 1]
    double back = 0.0;  ///< while not, [-1, 1]
    Sides rests = Sides::Two;

    friend bool operator==(const SetValue&, const SetValue&) = default;

    template <class Self, class Visitor>
    static void fields(Self& self, Visitor&& visit)
    {
        visit(AmountField{"to", words("while pressed"), -1.0, 1.0}, self.to);
        visit(AmountField{"back", words("else"), -1.0, 1.0}, self.back);
        visit(restField(), self.rests);
    }

    [[nodiscard]] Sentence complaint() const { return complaintBelowRest(rests, {to, back}); }
    [[nodiscard]] Sentence summary() const;
    [[nodiscard]] Signal gives(Signal) const noexcept { return {ControlKind::Axis, rests}; }
    void fit(Sides sides)
    {
        rests = sides;
        if (sides == Sides::One) {
            to = std::max(to, 0.0);
            back = std::max(back, 0.0);
        }
    }

    struct Runner {
        double to, back;

        /// RT-safe.
        [[nodiscard]] Value apply(Value in, const Moment&) const noexcept
        {
            return {in.isPressed() ? to : back, 0.0};
        }
    };

    [[nodiscard]] Runner prepare(const StageInput&) const { return {to, back}; }
};

}  // namespace jolly
