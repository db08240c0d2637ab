// SPDX-License-Identifier: GPL-3.0-or-later
#include "core/digital/ratchet.h"

#include "core/value/percent.h"

#include <algorithm>
#include <cmath>

namespace jolly
{

Sentence Ratchet::summary() const
{
    return say("a pulse every %1", percent(step));
}

Ratchet::Runner::Runner(const Ratchet& ratchet, const StageInput& input)
    : m_step(ratchet.step * (1.0 - input.low())),
      m_length(milliseconds(ratchet.pulse)),
      m_past{Pulses(m_length)}
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
    past.pulses.add(static_cast<int>(steps));
    past.pulses.run(moment.said);
    if (outlets.size() < 2) return;
    outlets[0] = {past.pulses.pressed() > 0 ? 1.0 : 0.0, 0.0};
    outlets[1] = {past.pulses.pressed() < 0 ? 1.0 : 0.0, 0.0};
}

}  // namespace jolly
