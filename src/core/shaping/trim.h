// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "core/shaping/stage_info.h"

#include <string>

namespace jolly
{

/// Stage "trim": presses move the axis a little on top of the hand. The trim stays until it is
/// moved back or reset.
struct Trim {
    static constexpr StageInfo kInfo{
        .name = words("trim"),
        .sentence = words("Adds a trim that buttons move step by step."),
        .isFeel = false,
        .want = Want::Others,
        .also = words("offset")};

    std::optional<Source> up{};
    std::optional<Source> down{};
    std::optional<Source> reset{};  ///< may be none
    double step = 0.01;             ///< [0.001, 0.5]
    double most = 0.5;              ///< the trim goes no further to either side, [0, 1]

    friend bool operator==(const Trim&, const Trim&) = default;

    template <class Self, class Visitor>
    static void fields(Self& self, Visitor&& visit)
    {
        visit(ControlField{"up", words("up by"), ControlKind::Button}, self.up);
        visit(ControlField{"down", words("down by"), ControlKind::Button}, self.down);
        visit(ControlField{"reset", words("reset by"), ControlKind::Button, true}, self.reset);
        visit(AmountField{"step", words("a step"), 0.001, 0.5}, self.step);
        visit(AmountField{"most", words("no further than"), 0.0, 1.0}, self.most);
    }

    [[nodiscard]] Sentence complaint() const { return {}; }
    [[nodiscard]] Sentence summary() const;

    class Runner
    {
     public:
        Runner(const Trim& trim, const StageInput& input)
            : m_step(trim.step),
              m_most(trim.most),
              m_low(input.low()),
              m_up{input.find(trim.up)},
              m_down{input.find(trim.down)},
              m_reset{input.find(trim.reset)}
        {
        }

        /// @return value in [low, 1]. RT-safe.
        [[nodiscard]] Value apply(Value in, const Moment& moment) const noexcept;

        /// Counts presses that are news: also those before the axis was heard of. RT-safe.
        void look(const Moment& moment) noexcept;
        /// Presses while it slept do not count. RT-safe.
        void wake(Value, const Moment& moment) noexcept { look(moment); }
        void reset() noexcept { m_trim = 0.0; }
        void continueFrom(const Runner& before) noexcept;

     private:
        struct Key {
            std::optional<SeenControl> control{};
            bool isDown = false;
            /// Whether it was not pressed before, and is.
            bool isPressedNow(const Moment& moment) noexcept;
        };

        double m_step, m_most, m_low;
        Key m_up, m_down, m_reset;
        double m_trim = 0.0;
    };

    [[nodiscard]] Runner prepare(const StageInput& input) const { return {*this, input}; }
};

}  // namespace jolly
