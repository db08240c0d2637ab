// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "core/digital/made_axis.h"

#include <string>

namespace jolly
{

/// Stage "nudge": each press moves the axis a step, another button moves it back. While one is held
/// it goes on step by step. A press of both stands still.
struct Nudge {
    static constexpr StageInfo kInfo{
        .name = words("nudge"),
        .sentence = words("Each press moves the axis a step; another button moves it back."),
        .takes = ControlKind::Button,
        .isFeel = false,
        .want = Want::Axis,
        .also = words("trim, increment, step")};

    std::optional<Source> back{};   ///< may be none
    std::optional<Source> reset{};  ///< back to where it begins; may be none
    double step = 0.05;             ///< [-1, 1], not 0
    double begins = 0.0;            ///< within the limits
    double lowest = -1.0;
    double highest = 1.0;  ///< above `lowest`, both in [-1, 1]
    double after = 400.0;  ///< held, it goes on after, [50, 10000] ms
    double every = 100.0;  ///< and then every, [10, 10000] ms
    bool repeats = true;
    Sides rests = Sides::Two;

    friend bool operator==(const Nudge&, const Nudge&) = default;

    template <class Self, class Visitor>
    static void fields(Self& self, Visitor&& visit)
    {
        visit(ControlField{"back", words("back by"), ControlKind::Button, true}, self.back);
        visit(ControlField{"reset", words("reset by"), ControlKind::Button, true}, self.reset);
        visit(AmountField{"step", words("a step"), -1.0, 1.0}, self.step);
        visit(AmountField{"begins", words("begins at"), -1.0, 1.0}, self.begins);
        visit(AmountField{"lowest", words("no lower than"), -1.0, 1.0}, self.lowest);
        visit(AmountField{"highest", words("no higher than"), -1.0, 1.0}, self.highest);
        visit(FlagField{"repeats", words("goes on while held")}, self.repeats);
        visit(NumberField{"after", words("goes on after"), 50.0, 10'000.0, words("ms"), 0},
              self.after);
        visit(NumberField{"every", words("then every"), 10.0, 10'000.0, words("ms"), 0},
              self.every);
        visit(restField(), self.rests);
    }

    [[nodiscard]] Sentence complaint() const;
    [[nodiscard]] Sentence summary() const;
    [[nodiscard]] Signal gives(Signal) const noexcept { return {ControlKind::Axis, rests}; }
    void fit(Sides sides);

    class Runner
    {
     public:
        Runner(const Nudge& nudge, const StageInput& input);

        /// RT-safe.
        [[nodiscard]] Value apply(Value in, const Moment& moment) noexcept;
        [[nodiscard]] Time nextAt() const noexcept { return m_past.next; }
        void reset() noexcept { m_past = {m_begins}; }
        void wake(Value in, const Moment& moment) noexcept;
        void continueFrom(const Runner& before) noexcept;

     private:
        /// What it remembers.
        struct Past {
            double value = 0.0;
            int way = 0;              ///< of the button that is held: 1, -1, 0 for none or both
            Time next = Time::max();  ///< when it goes on
        };

        [[nodiscard]] int wayNow(Value in, const Moment& moment) const noexcept;
        void go(int way) noexcept;

        double m_step, m_begins, m_lowest, m_highest;
        Time m_after, m_every;
        bool m_repeats;
        std::optional<SeenControl> m_back, m_reset;
        Past m_past;
    };

    [[nodiscard]] Runner prepare(const StageInput& input) const { return {*this, input}; }
};

}  // namespace jolly
