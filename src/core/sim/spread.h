// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "core/tangle/tangle.h"

#include <string>
#include <vector>

namespace jolly
{

/// All that ends at one virtual control ends at another one from then on.
struct SpreadMove {
    Target from;
    Target to;

    friend bool operator==(const SpreadMove&, const SpreadMove&) = default;
};

/// How the ends of a tangle's strands come to lie within the limits of its sim.
struct Spread {
    std::vector<VirtualDevice> added;
    std::vector<SpreadMove> moves;
    std::vector<std::string> removed;  ///< ids of devices the sim does not see and nothing needs
    std::vector<std::string> last;  ///< ids of those it does not see that stay: behind all others
    std::vector<Target> homeless;   ///< for these no place is left within the limits

    [[nodiscard]] bool changesNothing() const noexcept
    {
        return added.empty() && moves.empty() && removed.empty() && last.empty();
    }
    friend bool operator==(const Spread&, const Spread&) = default;
};

/// Plans a tangle for the sim of its sheet: what fits stays where it is; everything else moves to
/// the first free places of the devices that the sim sees, these growing as far as it allows, and
/// then to new ones. So no plan needs fewer moves, and a second one changes nothing. A tangle
/// without a sheet needs none.
[[nodiscard]] Spread spread(const Tangle& tangle);

void applySpread(Tangle& tangle, const Spread& spread);

/// The difference in words, a line each: "mail hatch: Jolly 1, button 40 → Jolly 2, button 9".
[[nodiscard]] std::vector<Sentence> differenceOf(const Tangle& tangle, const Spread& spread);

}  // namespace jolly
