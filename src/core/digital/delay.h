// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "core/shaping/stage_info.h"

#include <array>
#include <string>

namespace jolly
{

/// Stage "delay": presses and releases come out later, as long as they were.
struct Delay {
    static constexpr StageInfo kInfo{.name = "delay",
                                     .sentence = "Presses and releases come out later.",
                                     .takes = ControlKind::Button,
                                     .isFeel = false};
    static constexpr std::size_t kMostWaiting = 16;

    double by = 500.0;  ///< [1, 60000] ms

    friend bool operator==(const Delay&, const Delay&) = default;

    template <class Self, class Visitor>
    static void fields(Self& self, Visitor&& visit)
    {
        visit(NumberField{"by", "later by", 1.0, 60'000.0, "ms", 0}, self.by);
    }

    [[nodiscard]] std::string complaint() const { return {}; }
    [[nodiscard]] std::string summary() const;

    class Runner
    {
     public:
        explicit Runner(Time by) noexcept : m_by(by) {}

        /// RT-safe.
        [[nodiscard]] Value apply(Value in, const Moment& moment) noexcept;
        [[nodiscard]] Time nextAt() const noexcept
        {
            return m_count == 0 ? Time::max() : m_due[m_first];
        }
        void reset() noexcept { *this = Runner(m_by); }
        void continueFrom(const Runner& before) noexcept
        {
            const auto by = m_by;
            *this = before;
            m_by = by;
        }

     private:
        Time m_by;
        std::array<Time, kMostWaiting> m_due{};  ///< of changes to come, a ring
        std::size_t m_first = 0;
        std::size_t m_count = 0;
        bool m_in = false;   ///< what came in last, of what still waits
        bool m_out = false;  ///< what came out
    };

    [[nodiscard]] Runner prepare(const StageInput&) const { return Runner(milliseconds(by)); }
};

}  // namespace jolly
