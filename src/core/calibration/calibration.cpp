// SPDX-License-Identifier: GPL-3.0-or-later
#include "core/calibration/calibration.h"

#include <algorithm>
#include <cmath>
#include <limits>
#include <utility>

namespace jolly
{

Calibration Calibration::ofRange(std::int32_t low, std::int32_t high) noexcept
{
    if (low > high) std::swap(low, high);
    if (low == high) low = std::min(low, std::numeric_limits<std::int32_t>::max() - 2);
    if (low >= high) high = low + 2;
    const auto sum = static_cast<std::int64_t>(low) + high + 1;
    const auto centre = sum >= 0 ? sum / 2 : -((1 - sum) / 2);
    return {low, static_cast<std::int32_t>(centre), high, 0};
}

bool Calibration::isSound() const noexcept
{
    return low < high && low <= centre && centre <= high && noise >= 0;
}

double Calibration::valueOf(std::int32_t raw, Sides sides) const noexcept
{
    const double at = std::clamp(raw, low, high);
    if (sides == Sides::One) return (at - low) / (static_cast<double>(high) - low);
    if (at >= centre)
        return high == centre ? 0.0 : (at - centre) / (static_cast<double>(high) - centre);
    return (at - centre) / (static_cast<double>(centre) - low);
}

std::int32_t Calibration::rawOf(double value, Sides sides) const noexcept
{
    const double low64 = low;
    const double high64 = high;
    double at = 0.0;
    if (sides == Sides::One) {
        at = low64 + std::clamp(value, 0.0, 1.0) * (high64 - low64);
    } else {
        const double side = value >= 0.0 ? high64 - centre : centre - low64;
        at = centre + std::clamp(value, -1.0, 1.0) * side;
    }
    return static_cast<std::int32_t>(std::lround(at));
}

}  // namespace jolly
