// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "core/value/time.h"
#include "engine/live_layout.h"

#include <array>
#include <cstdint>

namespace jolly
{

/// How many delays fell into which bin; see delayBin().
using DelayBins = std::array<std::uint64_t, kLiveDelays>;

/// What was counted since `before`.
[[nodiscard]] DelayBins since(const DelayBins& before, const DelayBins& now);

/// Delays in a few numbers, each exact to its bin: a fifth at most.
struct DelayFigures {
    std::uint64_t count = 0;
    Time middle{};  ///< half of them are shorter
    Time most{};    ///< 99 % are shorter
    Time worst{};   ///< none is longer

    friend bool operator==(const DelayFigures&, const DelayFigures&) = default;
};

/// All zero when nothing was counted.
[[nodiscard]] DelayFigures figuresOf(const DelayBins& bins);

}  // namespace jolly
