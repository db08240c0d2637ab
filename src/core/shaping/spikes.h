// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "core/shaping/stage_info.h"

#include <string>

namespace jolly
{

/// Stage "no spikes": the middle one of the last three values, so that one wild value never comes
/// out. It adds the time of one event. A value that has stayed for kLongestSpacing is no spike: it
/// comes out, and counts as all three. A value that comes again unchanged is no new one: neither
/// time nor another control of the strand makes a spike count twice.
struct Spikes {
    static constexpr StageInfo kInfo{.name = words("no spikes"),
                                     .sentence = words("Leaves out single wild values."),
                                     .want = Want::Feel,
                                     .also = words("noise, filter, glitch")};

    friend bool operator==(const Spikes&, const Spikes&) = default;

    template <class Self, class Visitor>
    static void fields(Self&, Visitor&&)
    {
    }

    [[nodiscard]] Sentence complaint() const { return {}; }
    [[nodiscard]] Sentence summary() const { return words("the middle one of three"); }

    class Runner
    {
     public:
        /// @return one of the last three values. RT-safe.
        [[nodiscard]] Value apply(Value in, const Moment& moment) noexcept;
        [[nodiscard]] bool isMoving() const noexcept
        {
            return m_hasStarted && (m_before != m_now || m_longBefore != m_now);
        }
        void reset() noexcept { m_hasStarted = false; }
        void continueFrom(const Runner& before) noexcept { *this = before; }

     private:
        double m_longBefore = 0.0, m_before = 0.0, m_now = 0.0;
        Time m_since{};  ///< the last value is there
        bool m_hasStarted = false;
    };

    [[nodiscard]] Runner prepare(const StageInput&) const { return {}; }
};

}  // namespace jolly
