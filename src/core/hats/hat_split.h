// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "core/hats/hat_ways.h"
#include "core/shaping/stage_info.h"

#include <string>
#include <vector>

namespace jolly
{

/// What a diagonal of a hat is.
enum class Diagonals : std::uint8_t {
    Both,     ///< both its neighbours
    Own,      ///< an outlet of its own
    Ignored,  ///< nothing
};

/// Stage "hat split": each way of a hat is a button.
struct HatSplit {
    static constexpr StageInfo kInfo{.name = words("hat split"),
                                     .sentence = words("Each way of the hat is a button."),
                                     .takes = ControlKind::Hat,
                                     .isFeel = false,
                                     .picture = Picture::Ways,
                                     .want = Want::Buttons,
                                     .also = words("four buttons, view")};

    Diagonals diagonals = Diagonals::Both;

    friend bool operator==(const HatSplit&, const HatSplit&) = default;

    template <class Self, class Visitor>
    static void fields(Self& self, Visitor&& visit)
    {
        visit(ChoiceField{"diagonals",
                          words("a diagonal is"),
                          {words("both its neighbours"), words("a button of its own"),
                           words("nothing")}},
              self.diagonals);
    }

    [[nodiscard]] Sentence complaint() const { return {}; }
    [[nodiscard]] Sentence summary() const
    {
        return diagonals == Diagonals::Own ? words("eight ways") : words("four ways");
    }
    [[nodiscard]] static constexpr Signal gives(Signal) noexcept { return {ControlKind::Button}; }

    /// Clockwise from up: four, or eight with diagonals of their own.
    [[nodiscard]] std::vector<std::string> outlets() const;

    struct Runner {
        Diagonals diagonals;

        /// RT-safe.
        void apply(Value in, const Moment&, std::span<Value> outlets) const noexcept;
    };

    [[nodiscard]] Runner prepare(const StageInput&) const { return {diagonals}; }
};

}  // namespace jolly
