// SPDX-License-Identifier: GPL-3.0-or-later
#include "core/digital/delay.h"

#include <cmath>

namespace jolly
{

std::string Delay::summary() const
{
    return std::to_string(std::lround(by)) + " ms later";
}

/// A change for which there is no room waits, together with the one after it, until there is.
Value Delay::Runner::apply(Value in, const Moment& moment) noexcept
{
    while (m_count > 0 && m_due[m_first] <= moment.now) {
        m_out = !m_out;
        m_first = (m_first + 1) % kMostWaiting;
        --m_count;
    }
    if (in.isPressed() != m_in && m_count < kMostWaiting) {
        m_in = in.isPressed();
        m_due[(m_first + m_count++) % kMostWaiting] = moment.now + m_by;
    }
    return {m_out ? 1.0 : 0.0, 0.0};
}

}  // namespace jolly
