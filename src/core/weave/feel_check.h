// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "core/plan/chain.h"
#include "core/tangle/tangle.h"

#include <string>
#include <vector>

namespace jolly
{

/// What a strand's stages make of an axis, measured on the compiled stages themselves.
struct Travel {
    Sides sides = Sides::Two;     ///< of what goes in
    Sides outSides = Sides::Two;  ///< of what comes out
    double lowest = 0.0;          ///< output
    double highest = 0.0;         ///< output
    double dead = 0.0;            ///< share of the travel that changes nothing, [0, 1]
    double fall = 0.0;            ///< share of the travel in which the output goes back, [0, 1]
    double slopeAtRest = 0.0;     ///< output per input just above rest, where it begins to move
    double slopeAtLow = 0.0;      ///< and where it stops to move before the ends
    double slopeAtHigh = 0.0;

    /// Whether more input means less output on the whole.
    bool isInverted = false;
};

/// @param sides  of the axis that goes in; @param outSides  of what comes out.
[[nodiscard]] Travel measure(Chain& chain, Sides sides, Sides outSides);

/// From where to where an axis came to rest, as values: `low` <= 0 <= `high`.
struct Drift {
    double low = 0.0;
    double high = 0.0;

    [[nodiscard]] bool isNone() const noexcept { return low == high; }

    friend bool operator==(const Drift&, const Drift&) = default;
};

/// What covers a drift: where `cover` does not, it becomes as wide as coverOf() says.
[[nodiscard]] RestCover covering(RestCover cover, const Drift& drift);

/// What else bends the axis, outside of the strand.
struct OtherBends {
    bool isKernelFiltering = false;  ///< the kernel's own dead zone or filter works while we run
};

/// What a pilot should know of how an axis feels, each as a sentence that says what to do.
[[nodiscard]] std::vector<Sentence> feelNotes(const Tangle& tangle, const Strand& strand,
                                              const Travel& travel, const OtherBends& others);

}  // namespace jolly
