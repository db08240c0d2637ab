// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "core/tangle/tangle.h"

#include <cstdint>
#include <span>
#include <string>
#include <vector>

/// What controls mean for one craft, as the machine sees it.
namespace jolly
{

/// Where the pilot works: a craft, and a layer of it. New strands are of both, and what is
/// inherited becomes the craft's own when it is edited; see keepInherited().
struct Footing {
    std::string craft{kEverywhere};
    std::string layer{kBase};

    friend bool operator==(const Footing&, const Footing&) = default;
};

/// What one layer has for one control.
struct Meaning {
    std::size_t layer = 0;  ///< place in the stack
    std::vector<const Strand*> strands{};
};

/// By layer, from the top of the stack down; layers that have nothing for it are left out.
/// @param strands  of the control, of any craft and layer; those that are off are left out.
[[nodiscard]] std::vector<Meaning> meaningsOf(const Tangle& tangle,
                                              const std::vector<const Strand*>& strands,
                                              std::string_view craft);

/// The one that counts while the layers of these bits are engaged; null when none does.
[[nodiscard]] const Meaning* actingOf(std::span<const Meaning> meanings, std::uint64_t engaged);

/// Whether a craft has the strand from another one of its family.
[[nodiscard]] inline bool isInherited(const Strand& strand, std::string_view craft)
{
    return strand.craft != craft;
}

/// The strands that count for a craft in any layer, in the order of the tangle; those that are off
/// are there as well.
[[nodiscard]] std::vector<const Strand*> strandsOf(const Tangle& tangle, std::string_view craft);

/// The tangle as a craft has it: without the strands that do not count for it, and for its sim.
[[nodiscard]] Tangle tangleOf(const Tangle& tangle, std::string_view craft);

/// The ids of the functions that a craft plans to have, its own first, then those of its family.
[[nodiscard]] std::vector<std::string> functionsOf(const Tangle& tangle, std::string_view craft);

/// Whether a function, by its id, is a strand's, or that of a virtual control that it leads to.
[[nodiscard]] bool does(const Tangle& tangle, const Strand& strand, const std::string& function);

/// Those of functionsOf() that no strand of the craft does.
[[nodiscard]] std::vector<std::string> gapsOf(const Tangle& tangle, std::string_view craft);

/// What the sim takes that a craft is flown in: its own sheet, else the nearest of its family, else
/// the tangle's; null for none.
[[nodiscard]] const SimSheet* sheetOf(const Tangle& tangle, std::string_view craft);

/// What a strand does, in a word or two: its function, else those of the virtual controls that it
/// leads to, else what it leads to.
[[nodiscard]] Sentence deedOf(const Tangle& tangle, const Strand& strand);

}  // namespace jolly
