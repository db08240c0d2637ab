// SPDX-License-Identifier: GPL-3.0-or-later
#include "core/shaping/stillness.h"

#include "core/value/percent.h"

#include <cmath>

namespace jolly
{

Sentence Stillness::summary() const
{
    return say("moves of more than %1", percent(width));
}

Value Stillness::Runner::apply(Value in, const Moment&) noexcept
{
    const bool isFixed = in.x == 0.0 || std::abs(in.x) >= 1.0;
    if (!m_past.hasStarted || isFixed || std::abs(in.x - m_past.value) > m_width)
        m_past.value = in.x;
    m_past.hasStarted = true;
    return {m_past.value, in.y};
}

}  // namespace jolly
