// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "core/value/value.h"

#include <cstdint>

namespace jolly
{

/// How the raw counts of one axis become a value: the stage "calibrated" of every axis.
struct Calibration {
    std::int32_t low = 0;     ///< counts at the low end
    std::int32_t centre = 0;  ///< counts at rest; only a two-sided axis uses it
    std::int32_t high = 1;    ///< counts at the high end; greater than `low`
    std::int32_t noise = 0;   ///< counts, >= 0; a change of no more than this is no move

    friend bool operator==(const Calibration&, const Calibration&) = default;

    /// The calibration of an axis whose range is all that is known of it. An impossible range
    /// becomes a sound one: turned round, or two counts wide.
    [[nodiscard]] static Calibration ofRange(std::int32_t low, std::int32_t high) noexcept;

    /// Whether `low < high`, the centre lies between them and the noise is not negative.
    [[nodiscard]] bool isSound() const noexcept;

    /// Each side of the centre scaled on its own, clamped.
    /// @return [-1, +1] for a two-sided axis, [0, 1] for a one-sided one.
    /// RT-safe. Pure: any thread.
    [[nodiscard]] double valueOf(std::int32_t raw, Sides sides) const noexcept
    {
        const double at = raw < low ? low : raw > high ? high : raw;
        if (sides == Sides::One) return (at - low) / (static_cast<double>(high) - low);
        if (at >= centre)
            return high == centre ? 0.0 : (at - centre) / (static_cast<double>(high) - centre);
        return (at - centre) / (static_cast<double>(centre) - low);
    }

    /// The nearest count for a value, halves away from 0; what valueOf() undoes. RT-safe. Pure: any
    /// thread.
    [[nodiscard]] std::int32_t rawOf(double value, Sides sides) const noexcept
    {
        const double least = sides == Sides::One ? 0.0 : -1.0;
        const double v = value < least ? least : value > 1.0 ? 1.0 : value;
        const double from = sides == Sides::One ? low : centre;
        const double side = v >= 0.0 ? high - from : from - low;
        const double at = from + v * side;
        return static_cast<std::int32_t>(at < 0.0 ? at - 0.5 : at + 0.5);
    }
};

}  // namespace jolly
