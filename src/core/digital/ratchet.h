// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "core/digital/pulses.h"
#include "core/shaping/stage_info.h"

#include <string>
#include <vector>

namespace jolly
{

/// Stage "ratchet": each step of travel gives a pulse, up or down. Pulses and the gaps between them
/// have a length, so that games see each; steps that come faster wait, up to a limit.
struct Ratchet {
    static constexpr StageInfo kInfo{
        .name = words("ratchet"),
        .sentence = words("Each step of travel gives a pulse, up or down."),
        .isFeel = false,
        .want = Want::Buttons,
        .also = words("steps, encoder")};

    double step = 0.05;          ///< [0.01, 1], a part of the whole travel
    double pulse = kUsualPulse;  ///< [10, 1000] ms, and as long a gap behind it

    friend bool operator==(const Ratchet&, const Ratchet&) = default;

    template <class Self, class Visitor>
    static void fields(Self& self, Visitor&& visit)
    {
        visit(AmountField{"step", words("a pulse every"), 0.01, 1.0}, self.step);
        visit(NumberField{"pulse", words("pressed for"), 10.0, 1000.0, words("ms"), 0}, self.pulse);
    }

    [[nodiscard]] Sentence complaint() const { return {}; }
    [[nodiscard]] Sentence summary() const;
    [[nodiscard]] static constexpr Signal gives(Signal) noexcept { return {ControlKind::Button}; }
    [[nodiscard]] static std::vector<std::string> outlets()
    {
        return outletsCalled({words("up"), words("down")});
    }

    class Runner
    {
     public:
        Runner(const Ratchet& ratchet, const StageInput& input);

        /// RT-safe.
        void apply(Value in, const Moment& moment, std::span<Value> outlets) noexcept;
        [[nodiscard]] Time nextAt() const noexcept { return m_past.pulses.nextAt(); }
        [[nodiscard]] int dropped() const noexcept { return m_past.pulses.dropped(); }
        void reset() noexcept { m_past = {Pulses(m_length)}; }
        /// Steps while it slept are none.
        void wake(Value in, const Moment&) noexcept { m_past.anchor = in.x; }
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
            double anchor = 0.0;  ///< where the last step was counted
            bool hasStarted = false;
        };

        double m_step;
        Time m_length;
        Past m_past;
    };

    [[nodiscard]] Runner prepare(const StageInput& input) const { return {*this, input}; }
};

}  // namespace jolly
