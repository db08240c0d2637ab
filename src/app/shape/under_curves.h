// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "app/shape/plot_ground.h"
#include "core/tangle/tangle.h"

#include <set>
#include <string>

namespace jolly::app
{

/// Four curves of other strands, as many as there are colours.
inline constexpr std::size_t kMostCompared = 4;

/// What lies under the curve of a strand: how it was, what the sim makes of it when that is known,
/// and the curves of other strands.
///
/// @param old  the strand's stages as they were; as they are when that is not wanted.
/// @param compared  ids of other strands; more than kMostCompared are left out.
[[nodiscard]] std::vector<UnderCurve> underCurves(const Tangle& tangle, const Strand& strand,
                                                  const std::vector<Stage>& old,
                                                  const std::set<std::string>& compared);

/// The curves' names in their colours and dashes, as rich text.
[[nodiscard]] QString legendOf(const std::vector<UnderCurve>& curves);

}  // namespace jolly::app
