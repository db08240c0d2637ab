// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "app/models/studio.h"

#include <QWidget>

class QDoubleSpinBox;

namespace jolly::app
{

/// The reach of a wheel in degrees: how far it turns, and how far of that is to be all of it.
class WheelField : public QWidget
{
 public:
    /// @param strand  id; @param stage  place of the stage "reach" among its stages.
    WheelField(Studio& studio, const std::string& strand, std::size_t stage,
               QWidget* parent = nullptr);

    /// Shows what the tangle has now.
    void refresh();

 private:
    [[nodiscard]] QDoubleSpinBox* makeDegrees(const char* name, const QString& words);
    void set(double turns, double wanted);

    Studio& m_studio;
    std::string m_strand;
    std::size_t m_stage;
    QDoubleSpinBox* m_turns;
    QDoubleSpinBox* m_wanted;
};

/// The axis at which a strand begins; null when the rig has none.
[[nodiscard]] const RigControl* axisOf(const Tangle& tangle, const Strand& strand);

}  // namespace jolly::app
