// SPDX-License-Identifier: GPL-3.0-or-later
#include "core/hats/hat_split.h"

namespace jolly
{

std::vector<std::string> HatSplit::outlets() const
{
    std::vector<std::string> names;
    for (std::size_t way = 0; way < kHatWays.size(); ++way) {
        if (way % 2 == 0 || diagonals == Diagonals::Own)
            names.emplace_back(kHatWays[way].name.english());
    }
    return names;
}

void HatSplit::Runner::apply(Value in, const Moment&, std::span<Value> outlets) const noexcept
{
    const auto way = wayOf(in);
    const std::size_t step = diagonals == Diagonals::Own ? 1 : 2;
    const bool isDiagonal = way && *way % 2 == 1;
    for (std::size_t i = 0; i < outlets.size(); ++i) {
        const auto mine = i * step;
        bool isPressed = way && mine == *way;
        if (isDiagonal && diagonals == Diagonals::Both)
            isPressed = mine + 1 == *way || mine == (*way + 1) % kHatWays.size();
        outlets[i] = {isPressed ? 1.0 : 0.0, 0.0};
    }
}

}  // namespace jolly
