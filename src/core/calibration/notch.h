// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "core/calibration/axis_survey.h"
#include "core/calibration/calibration.h"
#include "core/value/extra.h"
#include "core/value/result.h"

#include <optional>
#include <span>
#include <string>
#include <vector>

namespace jolly
{

/// A place in which a lever catches: a detent.
struct Notch {
    std::string name{};
    std::int32_t at = 0;            ///< counts in the middle of it
    std::int32_t half = 1;          ///< half its width in counts, > 0
    std::optional<double> value{};  ///< what the axis gives there; as its travel has it when empty
    Extra extra{};

    friend bool operator==(const Notch&, const Notch&) = default;
};

using NotchList = std::vector<Notch>;

/// Where a lever is held now, measured over the last second at most.
///
/// @return its middle and a half width of twice the spread, at least 0.8 % of the range; empty
/// while
///         it moved within the last 0.3 s by more than 1 % of the range.
[[nodiscard]] std::optional<Notch> captureNotch(std::span<const AxisSample> samples,
                                                const AxisRange& range, Time now);

/// Puts a notch into its place. One that lies within a notch already there is that notch again: its
/// middle moves to where both were, and its width grows to hold both.
/// @return the place of the notch. Refuses what overlaps another one, naming both.
[[nodiscard]] Result<std::size_t> addNotch(NotchList& notches, Notch notch);

/// Puts them in order. Refuses notches that overlap, naming both, a width that is none, and values
/// that do not rise with the counts; they stay as they were then.
[[nodiscard]] Fallible orderNotches(NotchList& notches);

/// "notch 3": a name that none has.
[[nodiscard]] std::string freshNotchName(const NotchList& notches);

/// Gives two levers the same value at every pair of notches of one name: the middle of what both
/// give there now. Refuses when no name is common, or values would not rise with the counts.
/// @return how many pairs were matched.
[[nodiscard]] Result<int> matchNotches(NotchList& one, const Calibration& calibrationOfOne,
                                       NotchList& other, const Calibration& calibrationOfOther,
                                       Sides sides);

/// The value of an axis by its calibration, bent so that notches with a value of their own give
/// exactly that in their middle; straight in between. Once one has a value, the others keep what
/// their travel gives, or come as near to it as the values below and above them let the axis rise.
/// RT-safe. Pure: any thread.
[[nodiscard]] double valueWithNotches(const Calibration& calibration,
                                      std::span<const Notch> notches, std::int32_t raw,
                                      Sides sides) noexcept;

}  // namespace jolly
