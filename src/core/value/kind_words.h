// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "core/value/value.h"

#include <string_view>

namespace jolly
{

/// The words for a kind of control.
struct KindWords {
    std::string_view one;      ///< "axis"
    std::string_view several;  ///< "axes"
    std::string_view any;      ///< "an axis"
};

[[nodiscard]] constexpr KindWords wordsOf(ControlKind kind) noexcept
{
    switch (kind) {
        case ControlKind::Axis:
            return {"axis", "axes", "an axis"};
        case ControlKind::Button:
            return {"button", "buttons", "a button"};
        case ControlKind::Hat:
            return {"hat", "hats", "a hat"};
        case ControlKind::Turner:
            break;
    }
    return {"turner", "turners", "a turner"};
}

}  // namespace jolly
