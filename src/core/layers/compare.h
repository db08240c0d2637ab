// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "core/layers/meanings.h"
#include "core/value/result.h"

/// Two craft side by side.
namespace jolly
{

/// What one control means in one layer for each of two craft.
struct Compared {
    Source source{};
    std::size_t layer = 0;  ///< place in the stack
    std::vector<const Strand*> first{};
    std::vector<const Strand*> second{};
    bool areSame = false;  ///< they do the same, whoever has it from whom
};

/// Every control and layer for which one of both has strands, in the order of the rig, then of the
/// stack from the top.
[[nodiscard]] std::vector<Compared> compareCraft(const Tangle& tangle, std::string_view first,
                                                 std::string_view second);

/// How many of them differ.
[[nodiscard]] std::size_t countDifferent(const std::vector<Compared>& rows);

/// Lets a control mean for one craft in a layer what it means for another: what the craft has of
/// its own goes, and where what it inherits is not the same, copies come. Where the other has
/// nothing, it is silent.
[[nodiscard]] Fallible takeMeaning(Tangle& tangle, const Source& source, const std::string& layer,
                                   const std::string& from, const std::string& to);

/// What a craft stores itself: strands that are new to it, and strands that stand instead of
/// inherited ones or in the place of all.
struct OwnCount {
    std::size_t added = 0;
    std::size_t changed = 0;
};

/// That of every craft, by its place.
[[nodiscard]] std::vector<OwnCount> ownCounts(const Tangle& tangle);

}  // namespace jolly
