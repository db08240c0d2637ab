// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "core/value/value.h"

#include <cstdint>

namespace jolly
{

/// A virtual control took another value.
struct Change {
    std::uint32_t output = 0;  ///< place in Plan::outputs
    Counts raw;
    Value value;
};

/// Why a strand is run.
enum class Cause : std::uint8_t {
    Priming,  ///< its control is taken as it stands
    Brought,  ///< likewise: it began to count, and takes over the axes of those that no longer do
    Move,     ///< its control, or one that it looks at, moved
    Motion,   ///< it moves by itself
    Aside,    ///< something that it looks at went away
};

/// Whether what it brings just happened. Else it is taken as it stands: a press is none.
[[nodiscard]] constexpr bool isNews(Cause cause) noexcept
{
    return cause == Cause::Move || cause == Cause::Motion;
}

}  // namespace jolly
