// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "core/shaping/stage_info.h"

#include <cmath>

namespace jolly
{

/// A place that moves at a speed: the sum of all counts so far, with its fractions. RT-safe.
class Speeding
{
 public:
    /// Until now it moved as what was said before; from now on at `speed` counts a second.
    double go(double speed, Time now) noexcept
    {
        if (m_speed != 0.0) m_place += m_speed * std::max(inSeconds(now - m_last), 0.0);
        resume(speed, now);
        return m_place;
    }
    /// The time until now does not count.
    void resume(double speed, Time now) noexcept
    {
        m_speed = speed;
        m_last = now;
    }
    [[nodiscard]] bool isMoving() const noexcept { return m_speed != 0.0; }

 private:
    double m_place = 0.0;
    double m_speed = 0.0;
    Time m_last{};
};

/// The parameter that says how fast a full deflection is.
[[nodiscard]] inline NumberField speedField()
{
    return {"speed", words("at full deflection"), 1.0, 20'000.0, words("counts/s"), 0};
}

}  // namespace jolly
