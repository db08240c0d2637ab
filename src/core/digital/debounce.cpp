// SPDX-License-Identifier: GPL-3.0-or-later
#include "core/digital/debounce.h"

#include <cmath>

namespace jolly
{

Sentence Debounce::summary() const
{
    return say("deaf for %1 ms", std::lround(quiet));
}

Value Debounce::Runner::apply(Value in, const Moment& moment) noexcept
{
    const bool isChange = in.isPressed() != m_isPressed;
    const bool isDeaf = m_hasStarted && moment.now < m_until;
    m_isWaiting = isChange && isDeaf;
    if (isChange && !isDeaf) {
        m_isPressed = in.isPressed();
        m_until = moment.now + m_quiet;
        m_hasStarted = true;
    }
    return {m_isPressed ? 1.0 : 0.0, 0.0};
}

}  // namespace jolly
