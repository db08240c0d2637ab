// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "core/calibration/judge.h"
#include "core/calibration/notch.h"

#include <optional>
#include <vector>

namespace jolly
{

/// The guided walk through the calibration of a controller: move everything to its ends, let
/// everything go, put levers into their notches, see the verdict. It can go back and forth, each
/// step begins anew; and it can be left and gone on with later.
class CalibrationWalk
{
 public:
    enum class Step { Ends, LetGo, Notches, Verdict };
    static constexpr int kReleases = 3;  ///< after which an axis is ticked off

    /// An axis as the walk finds it.
    struct Axis {
        AxisRange range{};
        Sides sides = Sides::Two;
        Calibration present{};
        NotchList notches{};
    };

    /// @param counts  of each axis at `now`.
    CalibrationWalk(const std::vector<Axis>& axes, const std::vector<std::int32_t>& counts,
                    Time now);

    [[nodiscard]] Step step() const noexcept { return m_step; }
    [[nodiscard]] std::size_t size() const noexcept { return m_axes.size(); }

    /// Begins a step. What was recorded in it before is forgotten; the other step's stays.
    void begin(Step step, const std::vector<std::int32_t>& counts, Time now);

    /// Leaves the walk; takes and looks do nothing until resume().
    void pause(Time now);

    /// Goes on where it was left: the time between does not count.
    void resume(const std::vector<std::int32_t>& counts, Time now);

    /// The step after or before the present one. Notches are for levers: without any they are left
    /// out.
    [[nodiscard]] Step next() const noexcept;
    [[nodiscard]] Step previous() const noexcept;

    /// The present step counted from 1, and how many there are.
    [[nodiscard]] int stepNumber() const noexcept;
    [[nodiscard]] int stepCount() const noexcept { return hasLevers() ? 4 : 3; }

    /// Takes a move of an axis; ignored while the verdict is read.
    void take(std::size_t axis, AxisSample sample);

    /// Measures what was recorded until `now`.
    void look(Time now);

    /// What the present step found out about an axis, as of look().
    [[nodiscard]] const AxisFindings& findings(std::size_t axis) const;

    /// The range of an axis: as its device tells it, or as seen when that is impossible.
    [[nodiscard]] AxisRange range(std::size_t axis) const { return rangeOf(m_axes[axis]); }

    /// Whether an axis has done in the present step what it is asked for.
    [[nodiscard]] bool isTicked(std::size_t axis) const;

    /// Captures the notch in which a lever is held: that lever which was moved last. Refuses with
    /// a sentence when none was moved in this step, it still moves, or the notch overlaps others.
    /// @return the axis.
    [[nodiscard]] Result<std::size_t> capture(Time now);

    /// The notches of an axis as they would be set.
    [[nodiscard]] const NotchList& notches(std::size_t axis) const { return m_axes[axis].notches; }
    void setNotches(std::size_t axis, NotchList notches);

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
        Record held;               ///< in the step of the notches
        Sides sides = Sides::Two;  ///< as it behaves
        NotchList notches;
    };

    [[nodiscard]] Record* recordOf(Walked& walked) const noexcept;
    [[nodiscard]] bool hasLevers() const noexcept;
    [[nodiscard]] static AxisRange rangeOf(const Walked& walked);

    Step m_step = Step::Ends;
    std::vector<Walked> m_axes;
    std::optional<Time> m_pausedAt;
    Time m_pauses{};  ///< how long it was left in all
};

}  // namespace jolly
