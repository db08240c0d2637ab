// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "core/shaping/stage_info.h"

#include <string>

namespace jolly
{

/// What a hold does while its control is pressed, and after.
enum class Holding : std::uint8_t {
    Freeze,  ///< stays where it is until the control is let go
    Centre,  ///< likewise, and from then on the hand's position is where it stayed: force trim
};

/// Stage "hold": keeps the value while a button says so. As a force trim the kept value stays when
/// the hand returns to its centre; a reset takes that away again.
struct HoldValue {
    static constexpr StageInfo kInfo{
        .name = words("hold"),
        .sentence =
            words("Keeps the value while a button is pressed, or takes it as the new centre."),
        .isFeel = false,
        .want = Want::Others,
        .also = words("freeze, force trim")};

    std::optional<Source> by{};
    Holding way = Holding::Freeze;
    std::optional<Source> reset{};  ///< may be none

    friend bool operator==(const HoldValue&, const HoldValue&) = default;

    template <class Self, class Visitor>
    static void fields(Self& self, Visitor&& visit)
    {
        visit(ControlField{"by", words("while pressed"), ControlKind::Button}, self.by);
        visit(
            ChoiceField{
                "way", words("what it does"), {words("stays"), words("becomes the new centre")}},
            self.way);
        visit(ControlField{"reset", words("reset by"), ControlKind::Button, true}, self.reset);
    }

    [[nodiscard]] Sentence complaint() const { return {}; }
    [[nodiscard]] Sentence summary() const
    {
        return way == Holding::Freeze ? words("stays while pressed") : words("a new centre");
    }

    class Runner
    {
     public:
        Runner(const HoldValue& hold, const StageInput& input)
            : m_way(hold.way),
              m_low(input.low()),
              m_by(input.find(hold.by)),
              m_reset(input.find(hold.reset))
        {
        }

        /// @return value in [low, 1]. RT-safe.
        [[nodiscard]] Value apply(Value in, const Moment& moment) noexcept;
        void reset() noexcept
        {
            m_kept = m_offset = 0.0;
            m_isHeld = false;
        }
        /// It goes on keeping what it kept, if that is still asked; a release that it did not hear
        /// made no new centre.
        void wake(Value, const Moment& moment) noexcept
        {
            m_isHeld = m_isHeld && moment.of(m_by).isPressed();
        }
        void continueFrom(const Runner& before) noexcept;

     private:
        Holding m_way;
        double m_low;
        std::optional<SeenControl> m_by, m_reset;
        double m_kept = 0.0;
        double m_offset = 0.0;
        bool m_isHeld = false;
    };

    [[nodiscard]] Runner prepare(const StageInput& input) const { return {*this, input}; }
};

}  // namespace jolly
