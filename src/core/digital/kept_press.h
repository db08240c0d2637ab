// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "core/shaping/stage_info.h"

namespace jolly
{

/// A press that stays after its button was let go, until another control takes it back.
class KeptPress
{
 public:
    /// @param flips  the next press takes it back, too.
    KeptPress(std::optional<SeenControl> clear, bool flips) noexcept
        : m_clear(clear), m_flips(flips)
    {
    }

    /// While the other control is pressed it stays let go. RT-safe.
    [[nodiscard]] Value apply(Value in, const Moment& moment) noexcept
    {
        const bool isPress = in.isPressed() && !m_past.wasPressed && moment.isNews;
        m_past.wasPressed = in.isPressed();
        if (isPress) m_past.isOn = !(m_past.isOn && m_flips);
        if (moment.of(m_clear).isPressed()) m_past.isOn = false;
        return {m_past.isOn ? 1.0 : 0.0, 0.0};
    }
    void reset() noexcept { m_past = {}; }
    void wake(Value in, const Moment&) noexcept { m_past.wasPressed = in.isPressed(); }
    void continueFrom(const KeptPress& before) noexcept { m_past = before.m_past; }

 private:
    /// What it remembers.
    struct Past {
        bool isOn = false;
        bool wasPressed = false;
    };

    std::optional<SeenControl> m_clear;
    bool m_flips;
    Past m_past{};
};

}  // namespace jolly
