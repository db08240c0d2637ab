// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "core/shaping/stage_info.h"

#include <string>

namespace jolly
{

/// Stage "debounce": a change comes out at once; what a worn contact does in the moment after it
/// does not. When that is over, what is so then counts.
struct Debounce {
    static constexpr StageInfo kInfo{
        .name = words("debounce"),
        .sentence =
            words("A change counts at once; a chattering contact right behind it does not."),
        .takes = ControlKind::Button,
        .isFeel = false,
        .want = Want::Timing,
        .also = words("bounce, chatter")};

    double quiet = 15.0;  ///< [1, 500] ms

    friend bool operator==(const Debounce&, const Debounce&) = default;

    template <class Self, class Visitor>
    static void fields(Self& self, Visitor&& visit)
    {
        visit(NumberField{"quiet", words("deaf behind a change for"), 1.0, 500.0, words("ms"), 0},
              self.quiet);
    }

    [[nodiscard]] Sentence complaint() const { return {}; }
    [[nodiscard]] Sentence summary() const;

    class Runner
    {
     public:
        explicit Runner(Time quiet) noexcept : m_quiet(quiet) {}

        /// RT-safe.
        [[nodiscard]] Value apply(Value in, const Moment& moment) noexcept;
        [[nodiscard]] Time nextAt() const noexcept { return m_isWaiting ? m_until : Time::max(); }
        void reset() noexcept { *this = Runner(m_quiet); }
        void continueFrom(const Runner& before) noexcept
        {
            const auto quiet = m_quiet;
            *this = before;
            m_quiet = quiet;
        }

     private:
        Time m_quiet;
        Time m_until{};            ///< deaf until then
        bool m_isPressed = false;  ///< what came out
        bool m_hasStarted = false;
        bool m_isWaiting = false;  ///< something else came in meanwhile
    };

    [[nodiscard]] Runner prepare(const StageInput&) const { return Runner(milliseconds(quiet)); }
};

}  // namespace jolly
