// SPDX-License-Identifier: GPL-3.0-or-later
#include "core/hats/four_ways.h"

namespace jolly
{

Sentence FourWays::summary() const
{
    switch (wins) {
        case Winner::First:
            return words("the first half counts");
        case Winner::Later:
            return words("the later half counts");
        case Winner::UpDown:
            return words("up or down counts");
        case Winner::LeftRight:
            break;
    }
    return words("left or right counts");
}

Value FourWays::Runner::apply(Value in, const Moment&) noexcept
{
    if (in == m_past.in) return m_past.out;
    const Value across{in.x, 0.0};
    const Value upright{0.0, in.y};
    const auto before = m_past.out;
    m_past.in = in;
    if (in.x == 0.0 || in.y == 0.0) return m_past.out = in;
    switch (m_wins) {
        case Winner::First:
            return m_past.out = before == upright ? upright : across;
        case Winner::Later:
            return m_past.out = before == across ? upright : across;
        case Winner::UpDown:
            return m_past.out = upright;
        case Winner::LeftRight:
            break;
    }
    return m_past.out = across;
}

}  // namespace jolly
