// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "core/hats/hat_ways.h"
#include "core/shaping/stage_info.h"

#include <string>

namespace jolly
{

/// Stage "hat turn": the hat as if it were mounted turned, by steps of 45 degrees clockwise.
struct HatTurn {
    static constexpr StageInfo kInfo{.name = words("hat turn"),
                                     .sentence = words("Turns the hat by steps of 45 degrees."),
                                     .takes = ControlKind::Hat,
                                     .isFeel = false,
                                     .want = Want::Ends,
                                     .also = words("rotate")};

    double steps = 1.0;  ///< whole, clockwise, [-7, 7]

    friend bool operator==(const HatTurn&, const HatTurn&) = default;

    template <class Self, class Visitor>
    static void fields(Self& self, Visitor&& visit)
    {
        visit(NumberField{"steps", words("clockwise by"), -7.0, 7.0, words("× 45°"), 0},
              self.steps);
    }

    [[nodiscard]] Sentence complaint() const;
    [[nodiscard]] Sentence summary() const;

    struct Runner {
        std::size_t steps;  ///< [0, 7]

        /// RT-safe.
        [[nodiscard]] Value apply(Value in, const Moment&) const noexcept
        {
            const auto way = wayOf(in);
            return way ? kHatWays[(*way + steps) % kHatWays.size()].at : Value{};
        }
    };

    [[nodiscard]] Runner prepare(const StageInput&) const
    {
        return {static_cast<std::size_t>((static_cast<int>(steps) + 8) % 8)};
    }
};

}  // namespace jolly
