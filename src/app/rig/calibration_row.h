// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "app/rig/axis_track.h"
#include "app/rig/notch_table.h"
#include "core/calibration/calibration_walk.h"
#include "core/tangle/rig.h"

#include <QCheckBox>
#include <QLabel>

namespace jolly::app
{

/// One axis of the guided walk: how far it came in the present step, or what was found out about it
/// and would be set.
class CalibrationRow : public QWidget
{
    Q_OBJECT

 public:
    /// @param control  as the rig has it.
    CalibrationRow(const RigControl& control, const QString& name, const AxisRange& range, int slot,
                   QWidget* parent = nullptr);

    /// Where the axis is in the live block; another place after its controller came back.
    [[nodiscard]] int slot() const { return m_slot; }
    void setSlot(int slot) { m_slot = slot; }

    [[nodiscard]] ControlCode code() const { return m_control.code; }
    [[nodiscard]] const AxisRange& range() const { return m_range; }

    /// @param present  the count it has now.
    void showProgress(const CalibrationWalk& walk, std::size_t axis, std::int32_t present);

    /// @param uncovered  strands whose dead zone does not cover the drift.
    void showVerdict(const AxisVerdict& verdict, const NotchList& notches,
                     std::ptrdiff_t uncovered);

    [[nodiscard]] bool isChosen() const { return m_name->isChecked(); }
    [[nodiscard]] bool canBeChosen() const { return m_name->isEnabled(); }

    /// Makes of the rig's control what the verdict says.
    [[nodiscard]] static RigControl settled(RigControl control, const AxisVerdict& verdict,
                                            const NotchList& notches);

 Q_SIGNALS:
    void notchesChanged(const jolly::NotchList& notches);
    void refused(const QString& sentence);

 private:
    RigControl m_control;
    AxisRange m_range;
    int m_slot;
    QCheckBox* m_name;
    QLabel* m_state;
    AxisTrack* m_track;
    QLabel* m_words;
    QLabel* m_offer;
    NotchTable* m_notches;
};

}  // namespace jolly::app
