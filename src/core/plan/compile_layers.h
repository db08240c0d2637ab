// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "core/plan/plan.h"

#include <cstdint>
#include <span>

namespace jolly
{

/// How many there are, as a place of the plan.
[[nodiscard]] std::uint32_t sizeOf(const auto& list)
{
    return static_cast<std::uint32_t>(list.size());
}

/// Lays out the layers, with an output of its own for each, where strands engage it.
void addLayers(Plan& plan, const Tangle& tangle);

/// Lays out what counts for each control, by craft and layer.
/// @param strands  those of the plan, in its order.
void addViews(Plan& plan, const Tangle& tangle, std::span<const Strand* const> strands);

}  // namespace jolly
