// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "app/widgets/row_table.h"
#include "core/digital/slice.h"

namespace jolly::app
{

/// Slices as rows: a name, where each begins and ends, where it is let go, in percent, and from
/// where it has to be entered. A number that another one does not let be pushes that one along.
class SlicesTable : public RowTable
{
    Q_OBJECT

 public:
    /// @param low   the least value of the axis.
    /// @param held  how far behind an edge a new slice is let go.
    SlicesTable(double low, double held, QWidget* parent = nullptr);

    /// Shows these; does nothing while they are what it shows.
    void show(const SliceParts& slices);

    /// The live value of the axis, at which Space puts an edge.
    void setDot(double value) { m_dot = value; }

 Q_SIGNALS:
    void changed(const jolly::SliceParts& slices);

 private:
    void rebuild() override;
    void addRow(std::size_t slice);
    /// From where the slice has to be entered: on to the next way.
    void turnEntry(std::size_t slice);
    void showEntry(std::size_t slice);
    void addSlice();
    void showNumbers();
    void setEdge(std::size_t slice, int edge, double value);
    bool eventFilter(QObject* watched, QEvent* event) override;

    double m_low;
    double m_held;
    double m_dot = 0.0;
    SliceParts m_slices;
};

}  // namespace jolly::app
