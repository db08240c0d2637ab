// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "core/hats/hat_ways.h"
#include "core/shaping/stage_info.h"

#include <string>

namespace jolly
{

/// Stage "hat join": four buttons make a hat; this one is up. Opposite ones that are pressed
/// together cancel each other. With four ways the one of two neighbours counts that came last.
struct HatJoin {
    static constexpr StageInfo kInfo{.name = words("hat join"),
                                     .sentence = words("Four buttons make a hat; this one is up."),
                                     .takes = ControlKind::Button,
                                     .isFeel = false,
                                     .want = Want::Others,
                                     .also = words("buttons to hat")};

    std::optional<Source> right{};
    std::optional<Source> down{};
    std::optional<Source> left{};
    Ways ways = Ways::Eight;

    friend bool operator==(const HatJoin&, const HatJoin&) = default;

    template <class Self, class Visitor>
    static void fields(Self& self, Visitor&& visit)
    {
        visit(ControlField{"right", words("right"), ControlKind::Button}, self.right);
        visit(ControlField{"down", words("down"), ControlKind::Button}, self.down);
        visit(ControlField{"left", words("left"), ControlKind::Button}, self.left);
        visit(
            ChoiceField{"ways", words("how many ways"), {words("four ways"), words("eight ways")}},
            self.ways);
    }

    [[nodiscard]] Sentence complaint() const { return {}; }
    [[nodiscard]] Sentence summary() const
    {
        return ways == Ways::Four ? words("four ways") : words("eight ways");
    }
    [[nodiscard]] static constexpr Signal gives(Signal) noexcept { return {ControlKind::Hat}; }

    class Runner
    {
     public:
        Runner(const HatJoin& join, const StageInput& input)
            : m_right(input.find(join.right)),
              m_down(input.find(join.down)),
              m_left(input.find(join.left)),
              m_ways(join.ways)
        {
        }

        /// RT-safe.
        [[nodiscard]] Value apply(Value in, const Moment& moment) noexcept;
        void reset() noexcept { m_past = {}; }
        void wake(Value, const Moment&) noexcept {}
        void continueFrom(const Runner& before) noexcept { m_past = before.m_past; }

     private:
        /// What it remembers.
        struct Past {
            Value joined;  ///< of the buttons
            Value out;
        };

        std::optional<SeenControl> m_right, m_down, m_left;
        Ways m_ways;
        Past m_past;
    };

    [[nodiscard]] Runner prepare(const StageInput& input) const { return {*this, input}; }
};

}  // namespace jolly
