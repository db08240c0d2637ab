// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "core/value/value.h"

namespace jolly
{

/// What flows at a place of a strand.
struct Signal {
    ControlKind kind = ControlKind::Axis;
    Sides sides = Sides::Two;  ///< of an axis

    friend bool operator==(const Signal&, const Signal&) = default;

    /// The least value that it can have.
    [[nodiscard]] constexpr double low() const noexcept
    {
        return kind == ControlKind::Axis && sides == Sides::Two ? -1.0 : 0.0;
    }
};

}  // namespace jolly
