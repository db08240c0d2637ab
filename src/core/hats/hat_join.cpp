// SPDX-License-Identifier: GPL-3.0-or-later
#include "core/hats/hat_join.h"

namespace jolly
{

namespace
{

/// A diagonal as the one of its halves that was not there before.
Value asFourWays(Value hat, Value before) noexcept
{
    if (hat.x == 0.0 || hat.y == 0.0) return hat;
    return before.x == hat.x ? Value{0.0, hat.y} : Value{hat.x, 0.0};
}

}  // namespace

Value HatJoin::Runner::apply(Value in, const Moment& moment) noexcept
{
    const auto part = [](bool isLess, bool isMore) {
        return (isMore ? 1.0 : 0.0) - (isLess ? 1.0 : 0.0);
    };
    const Value hat{part(moment.of(m_left).isPressed(), moment.of(m_right).isPressed()),
                    part(in.isPressed(), moment.of(m_down).isPressed())};
    if (hat != m_past.joined)
        m_past = {hat, m_ways == Ways::Four ? asFourWays(hat, m_past.joined) : hat};
    return m_past.out;
}

}  // namespace jolly
