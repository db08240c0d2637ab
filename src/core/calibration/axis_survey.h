// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "core/value/time.h"

#include <array>
#include <cstdint>
#include <span>
#include <vector>

namespace jolly
{

/// A raw count that an axis took at a moment and kept until the next sample.
struct AxisSample {
    Time time{};
    std::int32_t raw = 0;
};

/// The counts of a device's axis: its ends as the device tells them, and where it should rest.
struct AxisRange {
    std::int32_t low = 0;
    std::int32_t high = 1;  ///< greater than `low`
    std::int32_t rest = 0;

    [[nodiscard]] double travel() const noexcept { return static_cast<double>(high) - low; }
    [[nodiscard]] bool isSound() const noexcept { return low < high; }

    friend bool operator==(const AxisRange&, const AxisRange&) = default;
};

/// A range that is sound; an impossible one (its ends equal or the wrong way round) becomes what
/// was seen, one count at least.
[[nodiscard]] AxisRange soundRange(const AxisRange& range, std::span<const AxisSample> samples);

/// What an axis did, in numbers. Counts are raw counts of the device.
struct AxisFindings {
    static constexpr std::size_t kDwellParts = 40;

    std::size_t samples = 0;
    std::int32_t low = 0;  ///< lowest and highest count, spikes left out
    std::int32_t high = 0;
    std::int32_t step = 0;   ///< smallest change seen; 0 when there was none
    std::size_t levels = 0;  ///< how many different counts were seen
    int spikes = 0;
    double minutes = 0.0;  ///< how long the series lasts

    std::vector<std::int32_t> rests;  ///< where it came to rest, each time
    std::vector<std::int32_t> letGo;  ///< those of `rests` to which it sprang back
    std::int32_t rest = 0;            ///< the median of `rests`
    std::int32_t drift = 0;           ///< how far from `rest` it came to rest at most
    std::int32_t jitter = 0;          ///< largest spread within a second while it rested
    std::int32_t stray = 0;           ///< how far from `rest` any count was while it rested

    /// Share of the time in each of equal parts of the device's range, from its low end; adds up to
    /// 1 unless the series is empty.
    std::array<double, kDwellParts> dwell{};

    [[nodiscard]] double spikesAMinute() const noexcept;
};

/// Measures an axis by what it did. Deterministic; cost grows with the number of samples.
///
/// - A **spike** jumps by more than 3 % of the range and is back within 50 ms at less than half of
///   that from where it was.
/// - It **rests** when it stays within 1.5 % of the range for 0.6 s; the first and last 0.2 s are
///   left out, since a spring swings out and the next move begins gently. A new rest begins only
///   after it went 5 % away; what creeps through more than 3 % is a slow move and no rest.
/// - Rests count when they lie within a twentieth of the range of the one that is nearest to where
///   the axis should rest, and that one within a quarter: else it was held there by hand. It
///   **sprang back** to those before which it was further out by 8 % of the range within 0.35 s: in
///   flight a hand holds small deflections, too.
///
/// @param samples  in the order of time.
/// @param until    when the last count ended; not before the last sample.
[[nodiscard]] AxisFindings survey(std::span<const AxisSample> samples, const AxisRange& range,
                                  Time until);

}  // namespace jolly
