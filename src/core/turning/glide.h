// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "core/digital/made_axis.h"

#include <string>

namespace jolly
{

/// Stage "glide": the counts of a turner (pointer, scroll, dial) add up to an axis. It begins at
/// rest, or at the limit nearest to it, and goes no further than its limits. It may go back there
/// by itself.
struct Glide {
    static constexpr StageInfo kInfo{
        .name = words("glide"),
        .sentence = words("What is turned or pushed adds up to an axis."),
        .takes = ControlKind::Turner,
        .isFeel = false,
        .want = Want::Axis,
        .also = words("pointer, wheel, encoder, dial")};

    double step = 0.01;  ///< of the axis for each count, [-1, 1], not 0
    double lowest = -1.0;
    double highest = 1.0;           ///< above `lowest`, both in [-1, 1]
    double back = 0.0;              ///< goes back by itself, full deflections a second, [0, 20]
    std::optional<Source> reset{};  ///< back to rest; may be none
    Sides rests = Sides::Two;

    friend bool operator==(const Glide&, const Glide&) = default;

    template <class Self, class Visitor>
    static void fields(Self& self, Visitor&& visit)
    {
        visit(AmountField{"step", words("each count"), -1.0, 1.0}, self.step);
        visit(AmountField{"lowest", words("no lower than"), -1.0, 1.0}, self.lowest);
        visit(AmountField{"highest", words("no higher than"), -1.0, 1.0}, self.highest);
        visit(NumberField{"back", words("goes back by"), 0.0, 20.0, words("/s"), 2}, self.back);
        visit(ControlField{"reset", words("reset by"), ControlKind::Button, true}, self.reset);
        visit(restField(), self.rests);
    }

    [[nodiscard]] Sentence complaint() const;
    [[nodiscard]] Sentence summary() const;
    [[nodiscard]] Signal gives(Signal) const noexcept { return {ControlKind::Axis, rests}; }
    void fit(Sides sides)
    {
        fitLimits(rests, sides, lowest);
        rests = sides;
    }

    class Runner
    {
     public:
        static constexpr bool kTakesCounts = true;

        Runner(const Glide& glide, const StageInput& input);

        /// @param in  the sum of all counts. @return value in [-1, 1]. RT-safe.
        [[nodiscard]] Value apply(Value in, const Moment& moment) noexcept;
        [[nodiscard]] bool isMoving() const noexcept
        {
            return m_back > 0.0 && m_past.value != m_rest;
        }
        void reset() noexcept { m_past = {m_rest}; }
        /// Turns while it slept do not count, nor does the time. RT-safe.
        void wake(Value in, const Moment& moment) noexcept
        {
            m_past.before = in.x;
            m_past.last = moment.now;
        }
        void continueFrom(const Runner& before) noexcept;

     private:
        /// What it remembers.
        struct Past {
            double value = 0.0;
            double before = 0.0;  ///< the sum that came in
            Time last{};          ///< when it ran
        };

        double m_step, m_lowest, m_highest, m_back;
        double m_rest;  ///< the value within the limits that is nearest to rest
        std::optional<SeenControl> m_reset;
        Past m_past;
    };

    [[nodiscard]] Runner prepare(const StageInput& input) const { return {*this, input}; }
};

}  // namespace jolly
