// SPDX-License-Identifier: GPL-3.0-or-later
#include "core/shaping/blend.h"

#include <algorithm>
#include <cmath>

namespace jolly
{

Sentence Blend::summary() const
{
    switch (how) {
        case Blending::HalfDifference:
            return words("half the difference");
        case Blending::Average:
            return words("average");
        case Blending::Larger:
            return words("the larger one");
        case Blending::Smaller:
            return words("the smaller one");
        case Blending::Sum:
            return words("sum");
        case Blending::Weighted:
            break;
    }
    return words("weighted");
}

Value Blend::Runner::apply(Value in, const Moment& moment) const noexcept
{
    const Sides theirs = other ? other->sides : sides;
    const double b = convertSides(moment.of(other).x, theirs, sides);
    const double a = in.x;
    switch (how) {
        case Blending::HalfDifference:
            return {(convertSides(a, sides, Sides::Two) - convertSides(b, sides, Sides::Two)) / 2.0,
                    in.y};
        case Blending::Average:
            return {(a + b) / 2.0, in.y};
        case Blending::Larger:
            return {std::abs(b) > std::abs(a) ? b : a, in.y};
        case Blending::Smaller:
            return {std::abs(b) < std::abs(a) ? b : a, in.y};
        case Blending::Sum:
            return {std::clamp(a + b, -1.0, 1.0), in.y};
        case Blending::Weighted:
            return {std::lerp(a, b, share), in.y};
    }
    return in;
}

}  // namespace jolly
