// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "core/value/sentence.h"
#include "core/value/value.h"

namespace jolly
{

/// The words for a kind of control.
struct KindWords {
    Words one;      ///< "axis"
    Words several;  ///< "axes"
    Words any;      ///< "an axis"
};

[[nodiscard]] constexpr KindWords wordsOf(ControlKind kind) noexcept
{
    switch (kind) {
        case ControlKind::Axis:
            return {words("axis"), words("axes"), words("an axis")};
        case ControlKind::Button:
            return {words("button"), words("buttons"), words("a button")};
        case ControlKind::Hat:
            return {words("hat"), words("hats"), words("a hat")};
        case ControlKind::Turner:
            break;
    }
    return {words("turner"), words("turners"), words("a turner")};
}

/// "axis 3", "button TRIGGER": one control of a kind, by its number or by what the kernel calls it.
template <class Which>
[[nodiscard]] Sentence controlName(ControlKind kind, const Which& which)
{
    switch (kind) {
        case ControlKind::Axis:
            return say("axis %1", which);
        case ControlKind::Button:
            return say("button %1", which);
        case ControlKind::Hat:
            return say("hat %1", which);
        case ControlKind::Turner:
            break;
    }
    return say("turner %1", which);
}

}  // namespace jolly
