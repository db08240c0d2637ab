// SPDX-License-Identifier: GPL-3.0-or-later
#include "core/calibration/calibration.h"

#include <algorithm>
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

}  // namespace jolly
