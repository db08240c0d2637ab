// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "core/digital/pulses.h"
#include "core/shaping/stage_info.h"

#include <string>

namespace jolly
{

/// Stage "tap": a short press becomes a pulse when it is let go, if no other button, hat or turner
/// was used while it was down. So what modifies others may also do something by itself.
struct Tap {
    static constexpr StageInfo kInfo{
        .name = words("tap"),
        .sentence =
            words("Only a short press counts, in which nothing else was used; for modifiers."),
        .takes = ControlKind::Button,
        .isFeel = false,
        .want = Want::Buttons,
        .also = words("modifier, alone")};

    double within = 300.0;       ///< from press to release, [50, 2000] ms
    double pulse = kUsualPulse;  ///< [10, 1000] ms

    friend bool operator==(const Tap&, const Tap&) = default;

    template <class Self, class Visitor>
    static void fields(Self& self, Visitor&& visit)
    {
        visit(NumberField{"within", words("let go within"), 50.0, 2000.0, words("ms"), 0},
              self.within);
        visit(NumberField{"pulse", words("is pressed for"), 10.0, 1000.0, words("ms"), 0},
              self.pulse);
    }

    [[nodiscard]] Sentence complaint() const { return {}; }
    [[nodiscard]] Sentence summary() const;

    class Runner
    {
     public:
        explicit Runner(const Tap& tap) noexcept
            : m_within(milliseconds(tap.within)),
              m_pulse(milliseconds(tap.pulse)),
              m_past{Pulses(m_pulse)}
        {
        }

        /// RT-safe.
        [[nodiscard]] Value apply(Value in, const Moment& moment) noexcept;
        [[nodiscard]] Time nextAt() const noexcept { return m_past.pulses.nextAt(); }
        void reset() noexcept { m_past = {Pulses(m_pulse)}; }
        /// A press that began while it slept is none.
        void wake(Value in, const Moment&) noexcept
        {
            m_past.wasPressed = in.isPressed();
            m_past.mayCount = false;
        }
        void stop() noexcept { m_past.pulses.clear(); }
        [[nodiscard]] bool isPerforming() const noexcept { return m_past.pulses.arePending(); }
        void continueFrom(const Runner& before) noexcept;

     private:
        struct Past {
            Pulses pulses;
            Time due{};              ///< a press that is let go later is no tap
            std::uint64_t uses = 0;  ///< of all controls when it was pressed
            bool wasPressed = false;
            bool mayCount = false;  ///< its press was seen
        };

        Time m_within, m_pulse;
        Past m_past;
    };

    [[nodiscard]] Runner prepare(const StageInput&) const { return Runner(*this); }
};

}  // namespace jolly
