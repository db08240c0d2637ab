// SPDX-License-Identifier: GPL-3.0-or-later
#include "core/hats/hat_of_axes.h"

#include "core/value/percent.h"

#include <algorithm>
#include <cmath>
#include <numbers>

namespace jolly
{

namespace
{

constexpr double kBeyond = 0.1;  ///< of a way's part of the circle, in which it stays held

}  // namespace

Sentence HatOfAxes::complaint() const
{
    if (letsGo <= presses) return {};
    return say("it is let go below %1 although it is pressed beyond %2 only", percent(letsGo),
               percent(presses));
}

Sentence HatOfAxes::summary() const
{
    return say("beyond %1", percent(presses));
}

HatOfAxes::Runner::Runner(const HatOfAxes& hat, const StageInput& input)
    : m_presses(hat.presses),
      m_letsGo(hat.letsGo),
      m_step(hat.ways == Ways::Four ? 2.0 : 1.0),
      m_sides(input.sides),
      m_other(input.find(hat.other))
{
}

Value HatOfAxes::Runner::apply(Value in, const Moment& moment) noexcept
{
    const double x = convertSides(in.x, m_sides, Sides::Two);
    const double y = m_other ? convertSides(moment.of(m_other).x, m_other->sides, Sides::Two) : 0.0;
    const double far = std::min(std::hypot(x, y), 1.0);
    const bool isHeld = m_way != kNone;
    if (far < (isHeld ? m_letsGo : m_presses) || far == 0.0) {
        m_way = kNone;
        return {};
    }
    // Clockwise from up, in eighths of the circle.
    const double at = std::atan2(x, -y) * 4.0 / std::numbers::pi;
    const double away = isHeld ? std::remainder(at - static_cast<double>(m_way), 8.0) : 8.0;
    if (std::abs(away) > m_step * (0.5 + kBeyond)) {
        const double way = std::round(at / m_step) * m_step;
        m_way = static_cast<std::size_t>(way < 0.0 ? way + 8.0 : way) % kHatWays.size();
    }
    return kHatWays[m_way].at;
}

}  // namespace jolly
