// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "core/calibration/axis_survey.h"
#include "core/calibration/calibration.h"

#include <string>
#include <vector>

namespace jolly
{

/// What a walk found out about an axis, and what it would set.
struct AxisVerdict {
    bool offersCalibration = false;
    Calibration calibration{};  ///< as it would be; as it is when nothing is offered
    double deadZone = 0.0;      ///< that covers the drift, part of a side; 0 when none is needed
    std::string words;          ///< for the pilot
};

/// Judges an axis by what it did while it was moved to its ends and while it was let go.
///
/// The ends that were reached become the ends; where it rested becomes its rest; jitter of at most
/// two counts or half a percent of the range becomes noise that is no move. Ends count only
/// when more than half of the range was moved through. The dead zone is a quarter larger than what
/// was seen, since the next flight is longer than the walk.
[[nodiscard]] AxisVerdict judge(const AxisFindings& ends, const AxisFindings& rests,
                                const AxisRange& range, Sides sides, const Calibration& present);

/// The guided walk through the calibration of a whole controller: move everything to its ends, let
/// everything go, see the verdict. It can go back and forth, and each step begins anew.
class CalibrationWalk
{
 public:
    enum class Step { Ends, LetGo, Verdict };
    static constexpr int kReleases = 3;  ///< after which an axis is ticked off

    /// An axis as the walk finds it.
    struct Axis {
        AxisRange range{};
        Sides sides = Sides::Two;
        Calibration present{};
    };

    /// @param counts  of each axis at `now`.
    CalibrationWalk(const std::vector<Axis>& axes, const std::vector<std::int32_t>& counts,
                    Time now);

    [[nodiscard]] Step step() const noexcept { return m_step; }
    [[nodiscard]] std::size_t size() const noexcept { return m_axes.size(); }

    /// Begins a step. What was recorded in it before is forgotten; the other step's stays.
    void begin(Step step, const std::vector<std::int32_t>& counts, Time now);

    /// Takes a move of an axis; ignored while the verdict is read.
    void take(std::size_t axis, AxisSample sample);

    /// Measures what was recorded until `now`.
    void look(Time now);

    /// What the present step found out about an axis, as of look().
    [[nodiscard]] const AxisFindings& findings(std::size_t axis) const;

    /// Whether an axis has done in the present step what it is asked for.
    [[nodiscard]] bool isTicked(std::size_t axis) const;

    [[nodiscard]] AxisVerdict verdict(std::size_t axis) const;

 private:
    struct Record {
        std::vector<AxisSample> samples;
        AxisFindings findings;
    };
    struct Walked {
        Axis axis;
        Record ends;
        Record rests;
    };

    [[nodiscard]] Record* recordOf(Walked& walked) const noexcept;

    Step m_step = Step::Ends;
    std::vector<Walked> m_axes;
};

}  // namespace jolly
