// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "app/models/gesture.h"
#include "core/digital/slice.h"

#include <QWidget>

namespace jolly::app
{

class SliceBar;
class SlicesTable;

/// The slices of an axis, to be dragged on its live travel or set as numbers.
class SliceEditor : public QWidget
{
    Q_OBJECT

 public:
    /// @param low   the least value of the axis.
    /// @param held  how far behind an edge a new slice is let go.
    SliceEditor(double low, double held, QWidget* parent = nullptr);

    void show(const SliceParts& slices);
    void setDot(double value);

 Q_SIGNALS:
    /// @param drag  that it is part of; none for a step of its own.
    void changed(const jolly::SliceParts& slices, jolly::app::Gesture drag);

 private:
    SliceBar* m_bar;
    SlicesTable* m_table;
};

}  // namespace jolly::app
