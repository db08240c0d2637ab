// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "core/layers/family.h"

#include <span>
#include <vector>

namespace jolly
{

/// The strands that one layer has for one control, for one craft: places among those that were
/// asked about, in their order.
struct LayerStrands {
    std::size_t layer = 0;
    std::vector<std::size_t> strands{};

    friend bool operator==(const LayerStrands&, const LayerStrands&) = default;
};

/// What counts for one control and a craft, by layer from the top of the stack down. Of a layer the
/// nearest craft of the family that has strands for the control gives them; strands that stand
/// instead of inherited ones leave the others of those.
///
/// @param strands  all strands of the control that can run, of any layer and craft.
/// @param family   familyOf() the craft.
[[nodiscard]] std::vector<LayerStrands> viewOf(const Tangle& tangle,
                                               std::span<const Strand* const> strands,
                                               std::span<const std::size_t> family);

}  // namespace jolly
