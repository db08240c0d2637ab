// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "core/digital/slice.h"

#include <array>

namespace jolly::app
{

/// The edges of a slice, from the lowest up.
inline constexpr std::array kSliceEdges = {&SlicePart::letGoBelow, &SlicePart::from, &SlicePart::to,
                                           &SlicePart::letGoAbove};
inline constexpr int kLetGoBelow = 0, kFrom = 1, kTo = 2, kLetGoAbove = 3;

/// One edge moved. Edges stay in their order: the ones beside it give way. Where a slice is let go
/// moves along with where it begins and ends.
///
/// @param edge  its place in kSliceEdges.
/// @param low   the least value of the axis.
void moveEdge(SlicePart& slice, int edge, double value, double low);

/// A slice more, from `value` to the end of the axis; to its low end where that is nearer.
///
/// @param held  how far behind an edge it is let go.
void addSlice(SliceParts& slices, double value, double low, double held);

}  // namespace jolly::app
