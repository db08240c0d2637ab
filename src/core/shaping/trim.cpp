// SPDX-License-Identifier: GPL-3.0-or-later
#include "core/shaping/trim.h"

#include "core/value/percent.h"

#include <algorithm>
#include <utility>

namespace jolly
{

Sentence Trim::summary() const
{
    return say("%1 a press", percent(step));
}

bool Trim::Runner::Key::isPressedNow(const Moment& moment) noexcept
{
    const bool wasDown = std::exchange(isDown, moment.of(control).isPressed());
    return isDown && !wasDown;
}

void Trim::Runner::look(const Moment& moment) noexcept
{
    if (m_up.isPressedNow(moment) && moment.isNews) m_trim += m_step;
    if (m_down.isPressedNow(moment) && moment.isNews) m_trim -= m_step;
    if (m_reset.isPressedNow(moment) && moment.isNews) m_trim = 0.0;
    m_trim = std::clamp(m_trim, -m_most, m_most);
}

Value Trim::Runner::apply(Value in, const Moment&) const noexcept
{
    return {std::clamp(in.x + m_trim, m_low, 1.0), in.y};
}

void Trim::Runner::continueFrom(const Runner& before) noexcept
{
    m_trim = before.m_trim;
    m_up.isDown = before.m_up.isDown;
    m_down.isDown = before.m_down.isDown;
    m_reset.isDown = before.m_reset.isDown;
}

}  // namespace jolly
