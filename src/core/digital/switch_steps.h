// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "core/digital/pulses.h"
#include "core/digital/switch_place.h"

#include <string>
#include <vector>

namespace jolly
{

/// Stage "switch steps": each step from one position of a switch to the next gives a pulse, up or
/// down the list. Between positions it waits; pulses wait as those of a ratchet.
struct SwitchSteps {
    static constexpr StageInfo kInfo{
        .name = words("switch steps"),
        .sentence = words("Each step of a switch or selector gives a pulse, up or down."),
        .takes = ControlKind::Button,
        .isFeel = false,
        .want = Want::Buttons,
        .also = words("selector, up, down")};

    SwitchPlaces places{};
    double pulse = kUsualPulse;  ///< [10, 1000] ms, and as long a gap behind it

    friend bool operator==(const SwitchSteps&, const SwitchSteps&) = default;

    template <class Self, class Visitor>
    static void fields(Self& self, Visitor&& visit)
    {
        visit(PlacesField{"positions", words("the positions")}, self.places);
        visit(NumberField{"pulse", words("pressed for"), 10.0, 1000.0, words("ms"), 0}, self.pulse);
    }

    void standAt(const SwitchPlaces& all) { places = all; }

    [[nodiscard]] Sentence complaint() const { return {}; }
    [[nodiscard]] Sentence summary() const
    {
        return say("%1 positions, up and down", places.size());
    }
    [[nodiscard]] static std::vector<std::string> outlets()
    {
        return outletsCalled({words("up"), words("down")});
    }

    class Runner
    {
     public:
        Runner(const SwitchSteps& steps, const StageInput& input)
            : m_stands(steps.places, input), m_pulses(milliseconds(steps.pulse))
        {
        }

        /// RT-safe.
        void apply(Value, const Moment& moment, std::span<Value> outlets) noexcept
        {
            const int at = m_stands.look(moment);
            if (at != StandsAt::kNowhere) {
                if (m_at != StandsAt::kNowhere && moment.isNews) m_pulses.add(at - m_at);
                m_at = at;
            }
            m_pulses.run(moment.said);
            if (outlets.size() < 2) return;
            outlets[0] = {m_pulses.pressed() > 0 ? 1.0 : 0.0, 0.0};
            outlets[1] = {m_pulses.pressed() < 0 ? 1.0 : 0.0, 0.0};
        }
        [[nodiscard]] Time nextAt() const noexcept { return m_pulses.nextAt(); }
        [[nodiscard]] int dropped() const noexcept { return m_pulses.dropped(); }
        void reset() noexcept
        {
            m_stands.reset();
            m_pulses.clear();
            m_at = StandsAt::kNowhere;
        }
        /// Steps while it slept are none.
        void wake(Value, const Moment& moment) noexcept
        {
            const int at = m_stands.look(moment);
            if (at != StandsAt::kNowhere) m_at = at;
        }
        void stop() noexcept { m_pulses.clear(); }
        [[nodiscard]] bool isPerforming() const noexcept { return m_pulses.arePending(); }
        void look(const Moment& moment) noexcept { static_cast<void>(m_stands.look(moment)); }
        /// A position that is not there any more was left.
        void continueFrom(const Runner& before) noexcept
        {
            m_stands.continueFrom(before.m_stands);
            m_pulses.continueFrom(before.m_pulses);
            m_at = before.m_at;
        }

     private:
        StandsAt m_stands;
        Pulses m_pulses;
        int m_at = StandsAt::kNowhere;  ///< where it stood last
    };

    [[nodiscard]] Runner prepare(const StageInput& input) const { return {*this, input}; }
};

}  // namespace jolly
