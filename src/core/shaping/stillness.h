// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "core/shaping/stage_info.h"

#include <string>

namespace jolly
{

/// Stage "stillness": moves only when the hand has moved further than a width; then it is where the
/// hand is. Rest and the ends are always reached exactly.
struct Stillness {
    static constexpr StageInfo kInfo{
        .name = "stillness", .sentence = "Stays still until the hand has moved far enough."};

    double width = 0.01;  ///< [0, 0.5]

    friend bool operator==(const Stillness&, const Stillness&) = default;

    template <class Self, class Visitor>
    static void fields(Self& self, Visitor&& visit)
    {
        visit(AmountField{"width", "moves of less than", 0.0, 0.5}, self.width);
    }

    [[nodiscard]] std::string complaint() const { return {}; }
    [[nodiscard]] std::string summary() const;

    class Runner
    {
     public:
        explicit Runner(double width) noexcept : m_width(width) {}

        /// @return a value that came in. RT-safe.
        [[nodiscard]] Value apply(Value in, const Moment&) noexcept;
        void reset() noexcept { m_hasStarted = false; }
        void continueFrom(const Runner& before) noexcept
        {
            m_value = before.m_value;
            m_hasStarted = before.m_hasStarted;
        }

     private:
        double m_width;
        double m_value = 0.0;
        bool m_hasStarted = false;
    };

    [[nodiscard]] Runner prepare(const StageInput&) const { return Runner(width); }
};

}  // namespace jolly
