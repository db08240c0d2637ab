// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "core/shaping/stage_info.h"

#include <string>

namespace jolly
{

/// Stage "guard": ignores a bump. From rest the axis counts only when it is moved further than a
/// distance, or kept away longer than a time; then it is followed until it has rested for half a
/// second.
struct Guard {
    static constexpr StageInfo kInfo{
        .name = words("guard"),
        .sentence = words("Ignores a bump: a short and small move does nothing."),
        .want = Want::Ends,
        .also = words("limit, gate, reverser")};
    static constexpr Time kRest = std::chrono::milliseconds(500);

    double distance = 0.1;  ///< [0, 1]
    double seconds = 0.4;   ///< [0, 10]

    friend bool operator==(const Guard&, const Guard&) = default;

    template <class Self, class Visitor>
    static void fields(Self& self, Visitor&& visit)
    {
        visit(AmountField{"distance", words("moved further than"), 0.0, 1.0}, self.distance);
        visit(NumberField{"seconds", words("or kept longer than"), 0.0, 10.0, words("s"), 2},
              self.seconds);
    }

    [[nodiscard]] Sentence complaint() const { return {}; }
    [[nodiscard]] Sentence summary() const;

    class Runner
    {
     public:
        explicit Runner(const Guard& guard) noexcept
            : m_distance(guard.distance),
              m_patience(std::chrono::round<Time>(std::chrono::duration<double>(guard.seconds)))
        {
        }

        /// @return a value that came in. RT-safe.
        [[nodiscard]] Value apply(Value in, const Moment& moment) noexcept;
        [[nodiscard]] bool isMoving() const noexcept { return m_past.state != State::Still; }
        void reset() noexcept { m_past = {}; }
        void continueFrom(const Runner& before) noexcept { m_past = before.m_past; }

     private:
        enum class State : std::uint8_t { Still, Away, Followed };

        /// What it remembers.
        struct Past {
            State state = State::Still;
            double anchor = 0.0;  ///< where it rests, or was when it last moved
            Time since{};         ///< it is away, or last moved
            bool hasStarted = false;
        };

        double m_distance;
        Time m_patience;
        Past m_past;
    };

    [[nodiscard]] Runner prepare(const StageInput&) const { return Runner(*this); }
};

}  // namespace jolly
