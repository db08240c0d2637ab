// SPDX-License-Identifier: GPL-3.0-or-later
#include "core/shaping/stillness.h"

#include "core/value/percent.h"

#include <cmath>

namespace jolly
{

std::string Stillness::summary() const
{
    return "moves of more than " + percent(width);
}

Value Stillness::Runner::apply(Value in, const Moment&) noexcept
{
    const bool isFixed = in.x == 0.0 || std::abs(in.x) >= 1.0;
    if (!m_hasStarted || isFixed || std::abs(in.x - m_value) > m_width) m_value = in.x;
    m_hasStarted = true;
    return {m_value, in.y};
}

}  // namespace jolly
