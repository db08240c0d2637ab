// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "core/digital/made_axis.h"
#include "core/digital/switch_place.h"

#include <string>

namespace jolly
{

/// Stage "positions": each of several buttons, or of the positions of a switch, puts the axis
/// somewhere. While none is pressed it stays where it was put last.
struct Positions {
    static constexpr StageInfo kInfo{
        .name = words("positions"),
        .sentence =
            words("Each of several buttons or positions puts the axis somewhere, where it stays."),
        .takes = ControlKind::Button,
        .isFeel = false,
        .want = Want::Axis,
        .also = words("flaps, selector")};

    ValuePlaces places{};
    Sides rests = Sides::Two;

    friend bool operator==(const Positions&, const Positions&) = default;

    template <class Self, class Visitor>
    static void fields(Self& self, Visitor&& visit)
    {
        visit(PlacesField{"positions", words("the positions"), 1}, self.places);
        visit(restField(), self.rests);
    }

    /// Spreads the positions evenly over the travel.
    void standAt(const SwitchPlaces& all);

    [[nodiscard]] Sentence complaint() const;
    [[nodiscard]] Sentence summary() const;
    [[nodiscard]] Signal gives(Signal) const noexcept { return {ControlKind::Axis, rests}; }
    void fit(Sides sides);

    class Runner
    {
     public:
        Runner(const Positions& positions, const StageInput& input);

        /// RT-safe.
        [[nodiscard]] Value apply(Value, const Moment& moment) noexcept
        {
            const int at = m_stands.look(moment);
            if (at != StandsAt::kNowhere) m_value = m_values[static_cast<std::size_t>(at)];
            return {m_value, 0.0};
        }
        void reset() noexcept
        {
            m_stands.reset();
            m_value = 0.0;
        }
        /// It stays where it was put although it slept.
        void wake(Value, const Moment&) noexcept {}
        /// Hears of its buttons also before its own was heard of. RT-safe.
        void look(const Moment& moment) noexcept { static_cast<void>(m_stands.look(moment)); }
        void continueFrom(const Runner& before) noexcept
        {
            m_stands.continueFrom(before.m_stands);
            m_value = before.m_value;
        }

     private:
        StandsAt m_stands;
        std::vector<double> m_values;
        double m_value = 0.0;
    };

    [[nodiscard]] Runner prepare(const StageInput& input) const { return {*this, input}; }
};

}  // namespace jolly
