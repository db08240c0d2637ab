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
        .name = words("stillness"),
        .sentence = words("Stays still until the hand has moved far enough."),
        .want = Want::Feel,
        .also = words("jitter, sleep")};

    double width = 0.01;  ///< [0, 0.5]

    friend bool operator==(const Stillness&, const Stillness&) = default;

    template <class Self, class Visitor>
    static void fields(Self& self, Visitor&& visit)
    {
        visit(AmountField{"width", words("moves of less than"), 0.0, 0.5}, self.width);
    }

    [[nodiscard]] Sentence complaint() const { return {}; }
    [[nodiscard]] Sentence summary() const;

    class Runner
    {
     public:
        explicit Runner(double width) noexcept : m_width(width) {}

        /// @return a value that came in. RT-safe.
        [[nodiscard]] Value apply(Value in, const Moment&) noexcept;
        void reset() noexcept { m_past = {}; }
        void continueFrom(const Runner& before) noexcept { m_past = before.m_past; }

     private:
        /// What it remembers.
        struct Past {
            double value = 0.0;
            bool hasStarted = false;
        };

        double m_width;
        Past m_past;
    };

    [[nodiscard]] Runner prepare(const StageInput&) const { return Runner(width); }
};

}  // namespace jolly
