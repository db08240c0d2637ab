// SPDX-License-Identifier: GPL-3.0-or-later
#include "core/shaping/guard.h"

#include "core/value/percent.h"

#include <cmath>

namespace jolly
{

std::string Guard::summary() const
{
    return "further than " + percent(distance) + " or longer than " +
           std::to_string(std::lround(seconds * 1000.0)) + " ms";
}

Value Guard::Runner::apply(Value in, const Moment& moment) noexcept
{
    const double away = std::abs(in.x - m_anchor);
    if (!m_hasStarted) {
        m_hasStarted = true;
        m_anchor = in.x;
        return in;
    }
    if (m_state == State::Followed) {
        if (away > m_distance / 2.0) {
            m_anchor = in.x;
            m_since = moment.now;
        } else if (moment.now - m_since >= kRest) {
            m_anchor = in.x;
            m_state = State::Still;
        }
        return in;
    }
    if (away == 0.0) {
        m_state = State::Still;
        return in;
    }
    if (m_state == State::Still) {
        m_state = State::Away;
        m_since = moment.now;
    }
    if (away > m_distance || moment.now - m_since >= m_patience) {
        m_state = State::Followed;
        m_anchor = in.x;
        m_since = moment.now;
    }
    return {m_anchor, in.y};
}

void Guard::Runner::continueFrom(const Runner& before) noexcept
{
    m_state = before.m_state;
    m_anchor = before.m_anchor;
    m_since = before.m_since;
    m_hasStarted = before.m_hasStarted;
}

}  // namespace jolly
