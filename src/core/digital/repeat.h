// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "core/shaping/stage_info.h"

#include <string>

namespace jolly
{

/// Stage "repeat": while it is held it is pressed again and again. Each press and each gap takes
/// half of the time from one to the next; a press that has begun is ended in its time.
struct Repeat {
    static constexpr StageInfo kInfo{
        .name = words("repeat"),
        .sentence = words("While it is held it is pressed again and again."),
        .takes = ControlKind::Button,
        .isFeel = false,
        .want = Want::Timing,
        .also = words("autofire, rapid")};

    double after = 400.0;  ///< from the first to the second press, [20, 10000] ms
    double every = 100.0;  ///< from one to the next after that, [20, 10000] ms

    friend bool operator==(const Repeat&, const Repeat&) = default;

    template <class Self, class Visitor>
    static void fields(Self& self, Visitor&& visit)
    {
        visit(NumberField{"after", words("again after"), 20.0, 10'000.0, words("ms"), 0},
              self.after);
        visit(NumberField{"every", words("then every"), 20.0, 10'000.0, words("ms"), 0},
              self.every);
    }

    [[nodiscard]] Sentence complaint() const { return {}; }
    [[nodiscard]] Sentence summary() const;

    class Runner
    {
     public:
        Runner(Time after, Time every) noexcept : m_after(after), m_every(every) {}

        /// RT-safe.
        [[nodiscard]] Value apply(Value in, const Moment& moment) noexcept;
        [[nodiscard]] Time nextAt() const noexcept { return m_isPressed ? m_end : m_next; }
        void reset() noexcept { *this = Runner(m_after, m_every); }
        void wake(Value in, const Moment&) noexcept
        {
            m_wasHeld = in.isPressed();
            m_next = Time::max();
        }
        void stop() noexcept { reset(); }
        [[nodiscard]] bool isPerforming() const noexcept { return m_isPressed; }
        void continueFrom(const Runner& before) noexcept
        {
            const auto after = m_after;
            const auto every = m_every;
            *this = before;
            m_after = after;
            m_every = every;
        }

     private:
        void press(Time now, Time until) noexcept;

        Time m_after, m_every;
        Time m_end = Time::max();   ///< of the press that comes out
        Time m_next = Time::max();  ///< when the next one begins
        bool m_wasHeld = false;
        bool m_isPressed = false;
    };

    [[nodiscard]] Runner prepare(const StageInput&) const
    {
        return {milliseconds(after), milliseconds(every)};
    }
};

}  // namespace jolly
