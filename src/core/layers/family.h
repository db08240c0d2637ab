// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "core/tangle/tangle.h"

#include <string_view>
#include <vector>

namespace jolly
{

/// More layers than these no tangle has.
inline constexpr std::size_t kMostLayers = 64;

/// The line of a craft's family as places among the tangle's craft: itself, its parent, and so on
/// to Everywhere. What goes round in a ring, or to a parent that is not there, ends there.
[[nodiscard]] std::vector<std::size_t> familyOf(const Tangle& tangle, std::size_t craft);

/// One craft among all, and how deep it is in its family.
struct CraftRow {
    const Craft* craft = nullptr;
    int depth = 0;
};

/// All craft in the order of their families, Everywhere first. What is of a ring, or of a parent
/// that is not there, comes last, at no depth.
[[nodiscard]] std::vector<CraftRow> craftByFamily(const Tangle& tangle);

/// The place of a craft or a layer by its id; the number of all when it is not there.
[[nodiscard]] std::size_t placeOfCraft(const Tangle& tangle, std::string_view id);
[[nodiscard]] std::size_t placeOfLayer(const Tangle& tangle, std::string_view id);

}  // namespace jolly
