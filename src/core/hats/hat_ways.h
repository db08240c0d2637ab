// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "core/value/value.h"
#include "core/value/words.h"

#include <array>
#include <cstddef>
#include <optional>

namespace jolly
{

/// How many ways a hat is used in.
enum class Ways : std::uint8_t { Four, Eight };

/// The ways of a hat, clockwise from up: names, and what a hat is at then (-1 is left and up).
struct HatWay {
    Words name;
    Value at;
};
inline constexpr std::array<HatWay, 8> kHatWays = {{{words("up"), {0.0, -1.0}},
                                                    {words("up right"), {1.0, -1.0}},
                                                    {words("right"), {1.0, 0.0}},
                                                    {words("down right"), {1.0, 1.0}},
                                                    {words("down"), {0.0, 1.0}},
                                                    {words("down left"), {-1.0, 1.0}},
                                                    {words("left"), {-1.0, 0.0}},
                                                    {words("up left"), {-1.0, -1.0}}}};

/// The way in which a hat is, a place in kHatWays; nothing in the middle. RT-safe.
[[nodiscard]] constexpr std::optional<std::size_t> wayOf(Value hat) noexcept
{
    const auto direction = [](double part) { return part > 0.5 ? 1.0 : part < -0.5 ? -1.0 : 0.0; };
    for (std::size_t way = 0; way < kHatWays.size(); ++way) {
        if (kHatWays[way].at.x == direction(hat.x) && kHatWays[way].at.y == direction(hat.y))
            return way;
    }
    return std::nullopt;
}

}  // namespace jolly
