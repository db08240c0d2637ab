// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "core/digital/pulses.h"
#include "core/shaping/stage_info.h"

#include <string>
#include <string_view>
#include <vector>

namespace jolly
{

/// Stage "press kinds": a short press, a long one and two in a row are three outlets. Each gesture
/// fires one of them. An outlet that leads nowhere is not waited for: without `twice` the short one
/// fires with the release, and alone it is pressed as long as the button is.
struct PressKinds {
    static constexpr StageInfo kInfo{
        .name = words("press kinds"),
        .sentence = words("A short press, a long one and two in a row do different things."),
        .takes = ControlKind::Button,
        .isFeel = false,
        .picture = Picture::Presses,
        .want = Want::Buttons,
        .also = words("short, long, double")};

    double longAfter = 400.0;    ///< [50, 5000] ms
    double twiceWithin = 250.0;  ///< from the release to the second press, [50, 2000] ms
    double pulse = kUsualPulse;  ///< for which the short one is pressed, [10, 1000] ms

    friend bool operator==(const PressKinds&, const PressKinds&) = default;

    template <class Self, class Visitor>
    static void fields(Self& self, Visitor&& visit)
    {
        visit(NumberField{"longAfter", words("long after"), 50.0, 5000.0, words("ms"), 0},
              self.longAfter);
        visit(NumberField{"twiceWithin", words("twice within"), 50.0, 2000.0, words("ms"), 0},
              self.twiceWithin);
        visit(NumberField{"pulse", words("short is pressed for"), 10.0, 1000.0, words("ms"), 0},
              self.pulse);
    }

    [[nodiscard]] Sentence complaint() const { return {}; }
    [[nodiscard]] Sentence summary() const;
    [[nodiscard]] static std::vector<std::string> outlets()
    {
        return outletsCalled({words("short"), words("long"), words("twice")});
    }

    /// Somebody who wants two in a row leads them: a short press has to wait for them.
    [[nodiscard]] static bool isLedByItself(std::string_view outlet) { return outlet != "twice"; }

    class Runner
    {
     public:
        Runner(const PressKinds& kinds, const StageInput& input);

        /// RT-safe.
        void apply(Value in, const Moment& moment, std::span<Value> outlets) noexcept;
        [[nodiscard]] Time nextAt() const noexcept
        {
            const auto pulse = m_past.pulses.nextAt();
            return m_past.due < pulse ? m_past.due : pulse;
        }
        void reset() noexcept { m_past = {Pulses(m_pulse)}; }
        void wake(Value in, const Moment&) noexcept { m_past.wasPressed = in.isPressed(); }
        void stop() noexcept { reset(); }
        /// A first press may still become a short one.
        [[nodiscard]] bool isPerforming() const noexcept
        {
            return m_past.pulses.arePending() || m_past.phase == Phase::Again;
        }
        void continueFrom(const Runner& before) noexcept;

     private:
        enum class Phase : std::uint8_t {
            Idle,
            First,  ///< pressed, and not yet long
            Again,  ///< let go, waiting for a second press
            Long,   ///< the long one is pressed
            Twice,  ///< the second press
        };
        struct Past {
            Pulses pulses;
            Phase phase = Phase::Idle;
            Time due = Time::max();  ///< when the phase ends by itself
            bool wasPressed = false;
        };

        void press(Time now) noexcept;
        void release(Time now) noexcept;

        Time m_longAfter, m_twiceWithin, m_pulse;
        bool m_hasLong, m_hasTwice;
        Past m_past;
    };

    [[nodiscard]] Runner prepare(const StageInput& input) const { return {*this, input}; }
};

}  // namespace jolly
