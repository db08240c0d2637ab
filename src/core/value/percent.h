// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include <cmath>
#include <string>

namespace jolly
{

/// A part of the whole for reading, with one decimal: 0.031 as "3.1 %". The decimal point does not
/// depend on the locale. Beyond a trillion percent it says no more; NaN is "no number".
[[nodiscard]] inline std::string percent(double part)
{
    constexpr double kMost = 1e10;
    if (std::isnan(part)) return "no number";
    part = part > kMost ? kMost : part < -kMost ? -kMost : part;
    const long tenths = std::lround(part * 1000.0);
    const long size = std::labs(tenths);
    return (tenths < 0 ? "-" : "") + std::to_string(size / 10) + "." + std::to_string(size % 10) +
           " %";
}

}  // namespace jolly
