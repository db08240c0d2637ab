// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "app/shape/axis_trace.h"

#include <QWidget>

class QPainter;

namespace jolly::app
{

/// The last seconds of an axis: what the hand did, and what came out of it.
class StripChart : public QWidget
{
 public:
    explicit StripChart(QWidget* parent = nullptr);

    /// Shows samples until `now`; a two-sided axis has its rest in the middle.
    void show(const std::deque<TraceSample>& samples, Time now, Sides sides, Sides outSides);

    [[nodiscard]] QSize sizeHint() const override { return {300, 120}; }

 protected:
    void paintEvent(QPaintEvent* event) override;

 private:
    void paintLine(QPainter& painter, double TraceSample::*value, Sides sides) const;

    std::deque<TraceSample> m_samples;
    Time m_now{};
    Sides m_sides = Sides::Two;
    Sides m_outSides = Sides::Two;
};

}  // namespace jolly::app
