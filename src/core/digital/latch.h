// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "core/shaping/stage_info.h"

#include <string>

namespace jolly
{

/// Stage "latch": a press flips it, the next one flips it back.
struct Latch {
    static constexpr StageInfo kInfo{.name = "latch",
                                     .sentence = "A press flips it, the next one flips it back.",
                                     .takes = ControlKind::Button,
                                     .isFeel = false};

    std::optional<Source> clear{};  ///< lets go of it; may be none

    friend bool operator==(const Latch&, const Latch&) = default;

    template <class Self, class Visitor>
    static void fields(Self& self, Visitor&& visit)
    {
        visit(ControlField{"clear", "let go by", ControlKind::Button, true}, self.clear);
    }

    [[nodiscard]] std::string complaint() const { return {}; }
    [[nodiscard]] std::string summary() const { return "a press flips it"; }

    class Runner
    {
     public:
        explicit Runner(std::optional<SeenControl> clear) noexcept : m_clear(clear) {}

        /// RT-safe.
        [[nodiscard]] Value apply(Value in, const Moment& moment) noexcept
        {
            const bool isPress = in.isPressed() && !m_wasPressed && moment.isNews;
            m_wasPressed = in.isPressed();
            m_isOn = (m_isOn != isPress) && !moment.of(m_clear).isPressed();
            return {m_isOn ? 1.0 : 0.0, 0.0};
        }
        void reset() noexcept { m_isOn = m_wasPressed = false; }
        void wake(Value in, const Moment&) noexcept { m_wasPressed = in.isPressed(); }
        void continueFrom(const Runner& before) noexcept
        {
            m_isOn = before.m_isOn;
            m_wasPressed = before.m_wasPressed;
        }

     private:
        std::optional<SeenControl> m_clear;
        bool m_isOn = false;
        bool m_wasPressed = false;
    };

    [[nodiscard]] Runner prepare(const StageInput& input) const
    {
        return Runner(input.find(clear));
    }
};

}  // namespace jolly
