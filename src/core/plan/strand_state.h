// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "core/value/value.h"

#include <cstdint>

namespace jolly
{

/// What a machine knows of a strand besides what its stages and ends remember.
struct StrandState {
    /// Whether what its control says is for it.
    enum class Part : std::uint8_t {
        None,       ///< another layer has its control, or another craft flies
        Counts,     ///< it gets what its control says
        Finishing,  ///< no longer; what its presses began goes on to its end
    };

    Part part = Part::None;
    bool isMasked = false;  ///< waits for the release of a push that was held before
    Value in{};             ///< what it got last

    [[nodiscard]] bool counts() const noexcept { return part == Part::Counts; }
    [[nodiscard]] bool isFinishing() const noexcept { return part == Part::Finishing; }
};

}  // namespace jolly
