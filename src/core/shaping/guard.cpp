// SPDX-License-Identifier: GPL-3.0-or-later
#include "core/shaping/guard.h"

#include "core/value/percent.h"

#include <cmath>

namespace jolly
{

Sentence Guard::summary() const
{
    return say("further than %1 or longer than %2 ms", percent(distance),
               std::lround(seconds * 1000.0));
}

Value Guard::Runner::apply(Value in, const Moment& moment) noexcept
{
    const double away = std::abs(in.x - m_past.anchor);
    if (!m_past.hasStarted) {
        m_past.hasStarted = true;
        m_past.anchor = in.x;
        return in;
    }
    if (m_past.state == State::Followed) {
        if (away > m_distance / 2.0) {
            m_past.anchor = in.x;
            m_past.since = moment.now;
        } else if (moment.now - m_past.since >= kRest) {
            m_past.anchor = in.x;
            m_past.state = State::Still;
        }
        return in;
    }
    if (away == 0.0) {
        m_past.state = State::Still;
        return in;
    }
    if (m_past.state == State::Still) {
        m_past.state = State::Away;
        m_past.since = moment.now;
    }
    if (away > m_distance || moment.now - m_past.since >= m_patience) {
        m_past.state = State::Followed;
        m_past.anchor = in.x;
        m_past.since = moment.now;
    }
    return {m_past.anchor, in.y};
}

}  // namespace jolly
