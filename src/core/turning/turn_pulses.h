// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "core/digital/pulses.h"
#include "core/shaping/stage_info.h"

#include <string>
#include <vector>

namespace jolly
{

/// Stage "turn pulses": so many counts of a turner (a notch of a scroll wheel, a detent of a dial)
/// give a pulse, up or down. Pulses wait as those of a ratchet.
struct TurnPulses {
    static constexpr StageInfo kInfo{.name = words("turn pulses"),
                                     .sentence = words("Each notch that is turned gives a pulse."),
                                     .takes = ControlKind::Turner,
                                     .isFeel = false,
                                     .want = Want::Buttons,
                                     .also = words("encoder, dial, rotary")};

    double counts = 1.0;         ///< for a pulse, whole, [1, 10000]
    double pulse = kUsualPulse;  ///< [10, 1000] ms, and as long a gap behind it

    friend bool operator==(const TurnPulses&, const TurnPulses&) = default;

    template <class Self, class Visitor>
    static void fields(Self& self, Visitor&& visit)
    {
        visit(NumberField{"counts", words("a pulse every"), 1.0, 10'000.0, words("counts"), 0},
              self.counts);
        visit(NumberField{"pulse", words("pressed for"), 10.0, 1000.0, words("ms"), 0}, self.pulse);
    }

    [[nodiscard]] Sentence complaint() const;
    [[nodiscard]] Sentence summary() const;
    [[nodiscard]] static constexpr Signal gives(Signal) noexcept { return {ControlKind::Button}; }
    [[nodiscard]] static std::vector<std::string> outlets()
    {
        return outletsCalled({words("up"), words("down")});
    }

    class Runner
    {
     public:
        static constexpr bool kTakesCounts = true;

        explicit Runner(const TurnPulses& pulses);

        /// RT-safe.
        void apply(Value in, const Moment& moment, std::span<Value> outlets) noexcept;
        [[nodiscard]] Time nextAt() const noexcept { return m_past.pulses.nextAt(); }
        [[nodiscard]] int dropped() const noexcept { return m_past.pulses.dropped(); }
        void reset() noexcept { m_past = {Pulses(m_length)}; }
        /// Turns while it slept are none.
        void wake(Value in, const Moment&) noexcept
        {
            m_past.anchor = in.x;
            m_past.hasStarted = true;
        }
        void stop() noexcept { m_past.pulses.clear(); }
        [[nodiscard]] bool isPerforming() const noexcept { return m_past.pulses.arePending(); }
        void continueFrom(const Runner& before) noexcept
        {
            m_past = before.m_past;
            m_past.pulses = Pulses(m_length);
            m_past.pulses.continueFrom(before.m_past.pulses);
        }

     private:
        /// What it remembers.
        struct Past {
            Pulses pulses;
            double anchor = 0.0;  ///< the sum at which the last pulse was counted
            bool hasStarted = false;
        };

        double m_counts;
        Time m_length;
        Past m_past;
    };

    [[nodiscard]] Runner prepare(const StageInput&) const { return Runner(*this); }
};

}  // namespace jolly
