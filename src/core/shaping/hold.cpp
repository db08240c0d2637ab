// SPDX-License-Identifier: GPL-3.0-or-later
#include "core/shaping/hold.h"

#include <algorithm>
#include <utility>

namespace jolly
{

Value HoldValue::Runner::apply(Value in, const Moment& moment) noexcept
{
    const bool wasHeld = std::exchange(m_isHeld, moment.of(m_by).isPressed());
    if (wasHeld && !m_isHeld && m_way == Holding::Centre) m_offset = m_kept - in.x;
    if (moment.of(m_reset).isPressed()) m_offset = 0.0;  // also right after
    if (wasHeld && m_isHeld) return {m_kept, in.y};
    const double out = std::clamp(in.x + m_offset, m_low, 1.0);
    if (!wasHeld && m_isHeld) m_kept = out;
    return {out, in.y};
}

void HoldValue::Runner::continueFrom(const Runner& before) noexcept
{
    m_kept = before.m_kept;
    m_offset = m_way == Holding::Centre ? before.m_offset : 0.0;
    m_isHeld = before.m_isHeld;
}

}  // namespace jolly
