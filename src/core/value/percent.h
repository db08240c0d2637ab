// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "core/value/sentence.h"

#include <cmath>
#include <string>

namespace jolly
{

/// A part of the whole for reading, with one decimal: 0.031 as "3.1 %". Beyond a trillion percent
/// it says no more; NaN is "no number".
[[nodiscard]] inline Sentence percent(double part)
{
    constexpr double kMost = 1e10;
    if (std::isnan(part)) return words("no number");
    part = part > kMost ? kMost : part < -kMost ? -kMost : part;
    const long tenths = std::lround(part * 1000.0);
    const long size = std::labs(tenths);
    return say("%1 %", Sentence::number((tenths < 0 ? "-" : "") + std::to_string(size / 10) + "." +
                                        std::to_string(size % 10)));
}

}  // namespace jolly
