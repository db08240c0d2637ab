// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "core/shaping/stage_info.h"

#include <cmath>
#include <string>

namespace jolly
{

/// Stage "press turns": each press turns a wheel or a dial by some counts, again and again while it
/// is held.
struct PressTurns {
    static constexpr StageInfo kInfo{.name = words("press turns"),
                                     .sentence = words("Each press turns a wheel by some notches."),
                                     .takes = ControlKind::Button,
                                     .isFeel = false,
                                     .want = Want::Buttons,
                                     .also = words("wheel, scroll")};

    double counts = 1.0;  ///< a press, whole, [-1000, 1000], not 0
    bool repeats = true;
    double after = 400.0;  ///< held, it goes on after, [50, 10000] ms
    double every = 100.0;  ///< and then every, [10, 10000] ms

    friend bool operator==(const PressTurns&, const PressTurns&) = default;

    template <class Self, class Visitor>
    static void fields(Self& self, Visitor&& visit)
    {
        visit(NumberField{"counts", words("a press turns"), -1000.0, 1000.0, words("counts"), 0},
              self.counts);
        visit(FlagField{"repeats", words("goes on while held")}, self.repeats);
        visit(NumberField{"after", words("goes on after"), 50.0, 10'000.0, words("ms"), 0},
              self.after);
        visit(NumberField{"every", words("then every"), 10.0, 10'000.0, words("ms"), 0},
              self.every);
    }

    [[nodiscard]] Sentence complaint() const
    {
        if (counts == 0.0) return words("a press of 0 counts turns nothing");
        return counts == std::floor(counts) ? Words() : words("its counts must be whole");
    }
    [[nodiscard]] Sentence summary() const { return say("%1 a press", std::lround(counts)); }
    [[nodiscard]] static constexpr Signal gives(Signal) noexcept { return {ControlKind::Turner}; }

    class Runner
    {
     public:
        explicit Runner(const PressTurns& turns)
            : m_counts(turns.counts),
              m_after(milliseconds(turns.after)),
              m_every(milliseconds(turns.every)),
              m_repeats(turns.repeats)
        {
        }

        /// RT-safe.
        [[nodiscard]] Value apply(Value in, const Moment& moment) noexcept
        {
            if (in.isPressed() != m_past.wasPressed) {
                const bool isPress = in.isPressed() && moment.isNews;
                m_past.wasPressed = in.isPressed();
                m_past.next = isPress && m_repeats ? moment.now + m_after : Time::max();
                if (isPress) m_past.sum += m_counts;
            } else if (moment.now >= m_past.next) {
                m_past.sum += m_counts;
                m_past.next = moment.now + m_every;
            }
            return {m_past.sum, 0.0};
        }
        [[nodiscard]] Time nextAt() const noexcept { return m_past.next; }
        void reset() noexcept { m_past = {}; }
        void wake(Value in, const Moment&) noexcept
        {
            m_past.wasPressed = in.isPressed();
            m_past.next = Time::max();
        }
        void continueFrom(const Runner& before) noexcept { m_past = before.m_past; }

     private:
        /// What it remembers.
        struct Past {
            double sum = 0.0;
            bool wasPressed = false;
            Time next = Time::max();  ///< when it goes on
        };

        double m_counts;
        Time m_after, m_every;
        bool m_repeats;
        Past m_past;
    };

    [[nodiscard]] Runner prepare(const StageInput&) const { return Runner(*this); }
};

}  // namespace jolly
