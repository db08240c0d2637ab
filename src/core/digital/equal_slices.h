// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "core/shaping/stage_info.h"

#include <string>
#include <vector>

namespace jolly
{

/// Stage "equal slices": the whole travel is divided into equal zones, of which one is pressed at a
/// time. The axis has to go a little beyond an edge before the zone changes.
struct EqualSlices {
    static constexpr StageInfo kInfo{
        .name = words("equal slices"),
        .sentence = words("The travel is divided into equal zones, a button each."),
        .isFeel = false,
        .want = Want::Buttons,
        .also = words("zones, detents, rotary")};
    static constexpr double kFewest = 2.0;
    static constexpr double kMost = 32.0;

    double count = 5.0;  ///< whole, [2, 32]
    double edge = 0.01;  ///< [0, 0.1], a part of the whole travel

    friend bool operator==(const EqualSlices&, const EqualSlices&) = default;

    template <class Self, class Visitor>
    static void fields(Self& self, Visitor&& visit)
    {
        visit(NumberField{"count", words("how many"), kFewest, kMost, words("zones"), 0},
              self.count);
        visit(AmountField{"edge", words("held beyond an edge"), 0.0, 0.1}, self.edge);
    }

    [[nodiscard]] Sentence complaint() const;
    [[nodiscard]] Sentence summary() const;
    [[nodiscard]] static constexpr Signal gives(Signal) noexcept { return {ControlKind::Button}; }

    /// "zone 1" at the low end and so on.
    [[nodiscard]] std::vector<std::string> outlets() const;

    /// Of the whole travel: "20.0 % to 40.0 %".
    [[nodiscard]] Sentence rangeOf(const std::string& outlet) const;

    class Runner
    {
     public:
        Runner(const EqualSlices& slices, const StageInput& input)
            : m_low(input.low()), m_count(slices.count), m_edge(slices.edge)
        {
        }

        /// RT-safe.
        void apply(Value in, const Moment&, std::span<Value> outlets) noexcept;
        void reset() noexcept { m_zone = kNone; }
        void wake(Value, const Moment&) noexcept {}
        void continueFrom(const Runner& before) noexcept
        {
            m_zone = before.m_count == m_count ? before.m_zone : kNone;
        }

     private:
        static constexpr double kNone = -1.0;

        double m_low, m_count, m_edge;
        double m_zone = kNone;  ///< from 0
    };

    [[nodiscard]] Runner prepare(const StageInput& input) const { return {*this, input}; }
};

}  // namespace jolly
