// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "core/shaping/stage_info.h"

#include <string>

namespace jolly
{

/// Stage "steady": calms jitter without lag in motion. The 1 Euro filter: a low-pass whose cut-off
/// rises with the speed of the hand, judged by the values as they come in. At each new value its
/// output is that of the paper's filter for the new values alone, with their true spacing, however
/// often they come; in between it goes on towards the last value until it has arrived.
/// @par Source  G. Casiez, N. Roussel, D. Vogel, "1 Euro Filter: A Simple Speed-based Low-pass
/// Filter for Noisy Input in Interactive Systems", CHI 2012, algorithms 1 and 2; the speed's own
/// cut-off is 1 Hz as there, and it is taken from the raw values as in the authors' own code.
struct Steady {
    static constexpr StageInfo kInfo{
        .name = words("steady"),
        .sentence = words("Calms jitter at rest without lag in motion."),
        .want = Want::Feel,
        .also = words("jitter, smooth, filter, noise")};
    static constexpr double kSlowest = 0.05;

    double cutoff = 1.5;     ///< at rest, Hz, [kSlowest, 100]; lower is calmer and later
    double quickness = 2.0;  ///< Hz more for each full deflection a second, [0, 100]

    friend bool operator==(const Steady&, const Steady&) = default;

    template <class Self, class Visitor>
    static void fields(Self& self, Visitor&& visit)
    {
        visit(NumberField{"cutoff", words("cut-off at rest"), kSlowest, 100.0, words("Hz"), 2},
              self.cutoff);
        visit(NumberField{"quickness", words("quicker with speed"), 0.0, 100.0, words("Hz·s"), 1},
              self.quickness);
    }

    [[nodiscard]] Sentence complaint() const { return {}; }
    [[nodiscard]] Sentence summary() const;

    /// What it adds to the delay of a hand that moves `speed` full deflections a second: the time
    /// constant of the low-pass, 1 / (2 pi cut-off).
    [[nodiscard]] Time delayAt(double speed) const;

    class Runner
    {
     public:
        explicit Runner(const Steady& steady) noexcept
            : m_cutoff(steady.cutoff), m_quickness(steady.quickness)
        {
        }

        /// @return value in the range of what came in. RT-safe.
        [[nodiscard]] Value apply(Value in, const Moment& moment) noexcept;
        [[nodiscard]] bool isMoving() const noexcept { return m_past.isMoving; }
        void reset() noexcept { m_past = {}; }
        void continueFrom(const Runner& before) noexcept
        {
            m_past = before.m_past;
            m_past.isMoving = m_past.hasStarted;  // it may have another way to go now
        }

     private:
        /// What it remembers of the last new value.
        struct Past {
            double raw = 0.0;    ///< the value that came in
            double value = 0.0;  ///< what came out
            double speed = 0.0;  ///< full deflections a second
            Time last{};
            bool hasStarted = false;
            bool isMoving = false;
        };

        [[nodiscard]] double valueAfter(Time since) const noexcept;
        [[nodiscard]] double cutoffNow() const noexcept;
        void take(double raw, Time now) noexcept;

        double m_cutoff, m_quickness;
        Past m_past;
    };

    [[nodiscard]] Runner prepare(const StageInput&) const { return Runner(*this); }
};

}  // namespace jolly
