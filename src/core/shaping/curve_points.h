// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "core/shaping/stage_info.h"

#include <cstddef>
#include <optional>

namespace jolly
{

/// Two points are never closer along the travel than this.
inline constexpr double kNearestPoints = 0.005;

/// Moves a point as far towards `to` as its neighbours let it. The first point of a mirrored curve
/// stays at rest, where it would jump.
void movePoint(CurvePoints& points, bool isMirrored, std::size_t point, CurvePoint to);

/// Adds a point; below rest it is the mirrored one that is added to a mirrored curve.
/// @return its place; none when another is too close or there are enough.
[[nodiscard]] std::optional<std::size_t> addPoint(CurvePoints& points, bool isMirrored,
                                                  CurvePoint at);

/// Takes a point out, unless too few were left. @return whether it did.
bool removePoint(CurvePoints& points, bool isMirrored, std::size_t point);

}  // namespace jolly
