// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "core/shaping/stage_info.h"

#include <string>

namespace jolly
{

/// Stage "set and clear": a press keeps it pressed until another control lets go of it.
struct SetAndClear {
    static constexpr StageInfo kInfo{
        .name = "set and clear",
        .sentence = "A press keeps it pressed until another button lets go of it.",
        .takes = ControlKind::Button,
        .isFeel = false};

    std::optional<Source> clear{};

    friend bool operator==(const SetAndClear&, const SetAndClear&) = default;

    template <class Self, class Visitor>
    static void fields(Self& self, Visitor&& visit)
    {
        visit(ControlField{"clear", "let go by", ControlKind::Button}, self.clear);
    }

    [[nodiscard]] std::string complaint() const { return {}; }
    [[nodiscard]] std::string summary() const { return "kept until let go"; }

    class Runner
    {
     public:
        explicit Runner(std::optional<SeenControl> clear) noexcept : m_clear(clear) {}

        /// While the other control is pressed it stays let go. RT-safe.
        [[nodiscard]] Value apply(Value in, const Moment& moment) noexcept
        {
            const bool isPress = in.isPressed() && !m_wasPressed && moment.isNews;
            m_wasPressed = in.isPressed();
            m_isOn = (m_isOn || isPress) && !moment.of(m_clear).isPressed();
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
