// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "app/widgets/row_table.h"
#include "core/shaping/stage_info.h"

#include <array>
#include <vector>

namespace jolly::app
{

/// Points as rows of exact numbers, in percent. A number that its neighbours or the curve do not
/// let be gives way to the nearest one that they do.
class PairsTable : public RowTable
{
    Q_OBJECT

 public:
    /// The words above the two columns.
    PairsTable(const QString& in, const QString& out, QWidget* parent = nullptr);

    /// Shows these; does nothing while they are what it shows.
    void show(const CurvePoints& points, bool isMirrored);

 Q_SIGNALS:
    void changed(const jolly::CurvePoints& points);

 private:
    void rebuild() override;
    void addRow(std::size_t point);
    void showNumbers();
    void change(std::size_t point, CurvePoint to);

    QString m_in, m_out;
    std::vector<std::array<QDoubleSpinBox*, 2>> m_boxes;  ///< of each point: in, out
    CurvePoints m_points;
    bool m_isMirrored = false;
};

}  // namespace jolly::app
