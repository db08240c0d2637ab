// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "core/shaping/stage_info.h"

namespace jolly
{

/// Which half of a diagonal counts.
enum class Winner : std::uint8_t {
    First,      ///< that was there before it
    Later,      ///< that was not
    UpDown,     ///< up or down
    LeftRight,  ///< left or right
};

/// Stage "four ways": a hat without diagonals, so that a thumb that slips presses nothing else. Of
/// both halves at once the left or right one counts, unless up and down always do.
struct FourWays {
    static constexpr StageInfo kInfo{.name = words("four ways"),
                                     .sentence = words("Takes the diagonals of the hat away."),
                                     .takes = ControlKind::Hat,
                                     .isFeel = false,
                                     .want = Want::Ends,
                                     .also = words("diagonals, thumb, cross")};

    Winner wins = Winner::First;

    friend bool operator==(const FourWays&, const FourWays&) = default;

    template <class Self, class Visitor>
    static void fields(Self& self, Visitor&& visit)
    {
        visit(ChoiceField{"wins",
                          words("of a diagonal counts"),
                          {words("the first half"), words("the later half"), words("up or down"),
                           words("left or right")}},
              self.wins);
    }

    [[nodiscard]] Sentence complaint() const { return {}; }
    [[nodiscard]] Sentence summary() const;

    class Runner
    {
     public:
        explicit Runner(Winner wins) noexcept : m_wins(wins) {}

        /// RT-safe.
        [[nodiscard]] Value apply(Value in, const Moment&) noexcept;
        void reset() noexcept { m_past = {}; }
        void wake(Value, const Moment&) noexcept {}
        void continueFrom(const Runner& before) noexcept { m_past = before.m_past; }

     private:
        /// What it remembers.
        struct Past {
            Value in;
            Value out;
        };

        Winner m_wins;
        Past m_past;
    };

    [[nodiscard]] Runner prepare(const StageInput&) const { return Runner(wins); }
};

}  // namespace jolly
