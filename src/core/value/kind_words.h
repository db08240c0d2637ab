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

}  // namespace jolly
