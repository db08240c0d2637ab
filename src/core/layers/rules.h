// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "core/tangle/tangle.h"

#include <span>
#include <string>
#include <vector>

namespace jolly
{

/// One way in which a layer comes to be engaged.
struct EngageRule {
    const Strand* strand = nullptr;
    Engage engage = Engage::Hold;
    Sentence words{};  ///< "while button 6 of Skerry Stick is held", "flips with Bell"
};

/// Of the strands of a craft, see strandsOf(), those that engage a layer, or step to it in its
/// group.
[[nodiscard]] std::vector<EngageRule> rulesOf(const Tangle& tangle, const Layer& layer,
                                              std::span<const Strand* const> strands);

/// When a layer is engaged for a craft, in one line: "always", "while both On water and Trim held
/// are", or its rules.
[[nodiscard]] Sentence whenEngaged(const Tangle& tangle, const Layer& layer,
                                   std::span<const Strand* const> strands);

/// The layers that have to be engaged for one to be, itself among them when it has rules of its
/// own, those that they need included: how many modifiers it takes.
[[nodiscard]] std::size_t modifiersOf(const Tangle& tangle, const Layer& layer);

}  // namespace jolly
