// SPDX-License-Identifier: GPL-3.0-or-later
#include "core/digital/ratchet.h"

#include "core/value/percent.h"

#include <algorithm>
#include <cmath>

namespace jolly
{

std::string Ratchet::summary() const
{
    return "a pulse every " + percent(step);
}

Ratchet::Runner::Runner(const Ratchet& ratchet, const StageInput& input)
    : m_step(ratchet.step * (1.0 - input.low())),
      m_length(std::chrono::round<Time>(std::chrono::duration<double, std::milli>(ratchet.pulse)))
{
}

void Ratchet::Runner::apply(Value in, const Moment& moment, std::span<Value> outlets) noexcept
{
    auto& past = m_past;
    if (!past.hasStarted) {
        past.hasStarted = true;
        past.anchor = in.x;
    }
    const double steps =
        std::trunc((in.x - past.anchor) / m_step + (in.x >= past.anchor ? 1e-9 : -1e-9));
    past.anchor += steps * m_step;
    past.waiting = std::clamp(past.waiting + static_cast<int>(steps), -kMostWaiting, kMostWaiting);
    if (moment.now >= past.next) {
        const bool wasPressed = past.pressed != 0;
        past.pressed = 0;
        past.next = wasPressed ? moment.now + m_length : Time::max();
    }
    if (past.next == Time::max() && past.waiting != 0) {
        past.pressed = past.waiting > 0 ? 1 : -1;
        past.waiting -= past.pressed;
        past.next = moment.now + m_length;
    }
    if (outlets.size() < 2) return;
    outlets[0] = {past.pressed > 0 ? 1.0 : 0.0, 0.0};
    outlets[1] = {past.pressed < 0 ? 1.0 : 0.0, 0.0};
}

}  // namespace jolly
