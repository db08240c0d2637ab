// SPDX-License-Identifier: GPL-3.0-or-later
#include "core/digital/ramp.h"

#include "core/value/percent.h"

#include <algorithm>
#include <cmath>
#include <limits>

namespace jolly
{

namespace
{

double speedOf(double ms)
{
    return ms > 0.0 ? 1000.0 / ms : std::numeric_limits<double>::infinity();
}

}  // namespace

Sentence Ramp::complaint() const
{
    if (to == 0.0) return words("it rises to 0, which is no way at all");
    return complaintBelowRest(rests, {to});
}

Sentence Ramp::summary() const
{
    return say("%1 in %2 ms", percent(to), std::lround(rise));
}

Ramp::Runner::Runner(const Ramp& ramp) noexcept
    : m_to(ramp.to), m_rise(speedOf(ramp.rise)), m_fall(speedOf(ramp.fall)), m_stays(ramp.stays)
{
}

Value Ramp::Runner::apply(Value in, const Moment& moment) noexcept
{
    auto& past = m_past;
    const double seconds = std::max(inSeconds(moment.now - past.last), 0.0);
    const auto go = [&past](double by) {
        if (past.way > 0) past.part = std::min(1.0, past.part + by);
        if (past.way < 0) past.part = std::max(0.0, past.part - by);
    };
    if (seconds > 0.0) go(seconds * (past.way > 0 ? m_rise : m_fall));
    if (in.isPressed() && !past.wasPressed) {
        past.way = past.lastWay = m_stays ? -past.lastWay : 1;
    } else if (!in.isPressed() && past.wasPressed) {
        past.way = m_stays ? 0 : -1;
    }
    if (std::isinf(past.way > 0 ? m_rise : m_fall)) go(1.0);
    past.wasPressed = in.isPressed();
    past.last = moment.now;
    return {past.part == 1.0 ? m_to : m_to * past.part, 0.0};
}

}  // namespace jolly
