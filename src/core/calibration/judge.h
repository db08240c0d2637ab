// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "core/value/sentence.h"
#include "core/calibration/axis_survey.h"
#include "core/calibration/calibration.h"

#include <string>

namespace jolly
{

/// What a walk found out about an axis, and what it would set.
struct AxisVerdict {
    bool offersCalibration = false;
    bool isSure = true;         ///< else the pilot has to say that the axis was moved to its ends
    Calibration calibration{};  ///< as it would be; as it is when nothing is offered
    Sides sides = Sides::Two;   ///< as it behaves
    double deadZone = 0.0;      ///< that covers the drift, part of a side; 0 when none is needed
    Sentence words;             ///< for the pilot
};

/// Where an axis came to rest, and the sides as which it behaves there.
struct SidedFindings {
    AxisFindings findings{};
    Sides sides = Sides::Two;
};

/// Less than this part of the range is not moved.
inline constexpr double kMoved = 0.02;

/// The part of the range that was moved through; more than 1 beyond the told ends.
[[nodiscard]] double reachOf(const AxisFindings& ends, const AxisRange& range);

/// The dead zone that covers an axis which came to rest up to `stray` away from its rest: a quarter
/// larger than that in steps of 0.1 %, since the next flight is longer than what was seen. Parts
/// of a side.
[[nodiscard]] double coverOf(double stray);

/// Surveys an axis; what never rests where its sides would have it, but twice or more where the
/// other sides would, behaves as those.
[[nodiscard]] SidedFindings surveyRests(std::span<const AxisSample> samples, const AxisRange& range,
                                        Sides sides, Time until);

/// Judges an axis by what it did while it was moved to its ends and while it was let go.
///
/// The ends that were reached become the ends; where it rested becomes its rest; jitter of at most
/// two counts or half a percent of the range becomes noise that is no move. Ends count only
/// when more than half of the range was moved through, and are sure from four fifths on. The dead
/// zone is that of coverOf().
///
/// @param rests  and the sides as which it behaves; `sides` are those it was taken for.
/// @param range  as the device tells it; an impossible one gives way to what was seen.
[[nodiscard]] AxisVerdict judge(const AxisFindings& ends, const SidedFindings& rests,
                                const AxisRange& range, Sides sides, const Calibration& present);

}  // namespace jolly
