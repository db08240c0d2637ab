// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "core/tangle/stage.h"

#include <QString>
#include <cstddef>
#include <vector>

namespace jolly::app
{

/// Something about a stage that can be taken with the mouse in a plot of it.
struct PlotHandle {
    enum class Way { Across, Up, Both };

    QString name;          ///< for reading: "dead zone above rest"
    std::size_t part = 0;  ///< which one of its stage
    CurvePoint at{};       ///< in the stage's own terms: what goes into it, what comes out
    Way way = Way::Across;
};

/// The handles of a stage that gets values like `input`; none for stages without any.
[[nodiscard]] std::vector<PlotHandle> handlesOf(const StageParameters& stage,
                                                const StageInput& input);

/// Moves a handle towards `to`, in the stage's own terms, as far as the stage allows.
void moveHandle(StageParameters& stage, std::size_t part, CurvePoint to, const StageInput& input);

}  // namespace jolly::app
