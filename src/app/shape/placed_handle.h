// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "core/tangle/stage_shape.h"

#include <cstddef>

namespace jolly::app
{

/// A handle of one of a strand's stages, as it lies in the plot of all of them.
struct PlacedHandle {
    std::size_t stage = 0;  ///< place among the strand's stages
    std::size_t link = 0;   ///< place among the chain's stages
    StageInput input{};     ///< of its stage
    PlotHandle handle;
    CurvePoint shown{};  ///< value in and out of the whole strand
};

}  // namespace jolly::app
