// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "core/shaping/stage_info.h"

#include <array>
#include <string>

namespace jolly
{

/// Stage "delay": presses and releases come out later, as long as they were. A press that comes out
/// late, since the engine was, stays as long as it was held.
struct Delay {
    static constexpr StageInfo kInfo{.name = words("delay"),
                                     .sentence = words("Presses and releases come out later."),
                                     .takes = ControlKind::Button,
                                     .isFeel = false,
                                     .want = Want::Timing,
                                     .also = words("wait")};
    static constexpr std::size_t kMostWaiting = 16;

    double by = 500.0;  ///< [1, 60000] ms

    friend bool operator==(const Delay&, const Delay&) = default;

    template <class Self, class Visitor>
    static void fields(Self& self, Visitor&& visit)
    {
        visit(NumberField{"by", words("later by"), 1.0, 60'000.0, words("ms"), 0}, self.by);
    }

    [[nodiscard]] Sentence complaint() const { return {}; }
    [[nodiscard]] Sentence summary() const;

    class Runner
    {
     public:
        explicit Runner(Time by) noexcept : m_by(by) {}

        /// RT-safe.
        [[nodiscard]] Value apply(Value in, const Moment& moment) noexcept;
        [[nodiscard]] Time nextAt() const noexcept
        {
            return m_count == 0 ? Time::max() : at(0).due;
        }
        void reset() noexcept { *this = Runner(m_by); }
        void wake(Value in, const Moment&) noexcept
        {
            if (m_count > 0) return;
            m_in = m_out = in.isPressed();
            m_last = {};
        }
        void stop() noexcept { reset(); }
        [[nodiscard]] bool isPerforming() const noexcept { return m_count > 0; }
        void continueFrom(const Runner& before) noexcept
        {
            const auto by = m_by;
            *this = before;
            m_by = by;
        }

     private:
        /// A change of the button: when it came in, and when it comes out.
        struct Turn {
            Time heard{};
            Time due{};
        };

        [[nodiscard]] const Turn& at(std::size_t place) const noexcept
        {
            return m_turns[(m_first + place) % kMostWaiting];
        }
        void comeOut(Time said) noexcept;
        void goIn(Time heard) noexcept;

        Time m_by;
        std::array<Turn, kMostWaiting> m_turns{};  ///< to come, a ring
        Turn m_last{};                             ///< the one that came out last, and when
        std::size_t m_first = 0;
        std::size_t m_count = 0;
        bool m_in = false;   ///< what came in last, of what still waits
        bool m_out = false;  ///< what came out
    };

    [[nodiscard]] Runner prepare(const StageInput&) const { return Runner(milliseconds(by)); }
};

}  // namespace jolly
