// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "app/models/axis_trace.h"

#include <QCoreApplication>
#include <QWidget>

class QCPAxis;
class QCustomPlot;

namespace jolly::app
{

/// The last seconds of an axis: what the hand did, and what came out of it.
class StripChart : public QWidget
{
    Q_DECLARE_TR_FUNCTIONS(jolly::app::StripChart)

 public:
    /// How much time a pixel of it is: drawing it more often than that shows nothing new.
    static constexpr Time kPixel = std::chrono::milliseconds(33);

    explicit StripChart(QWidget* parent = nullptr);

    /// Shows samples until `now`; a value stays until the next one, as the game sees it.
    void show(const std::deque<TraceSample>& samples, Time now, Sides sides, Sides outSides);

 protected:
    void changeEvent(QEvent* event) override;

 private:
    void dress();
    void dressAxis(QCPAxis& axis);
    void showRange(bool isTwoSided);
    void draw(int graph, const std::deque<TraceSample>& samples, Time now,
              double TraceSample::*value);

    QCustomPlot* m_plot;
    bool m_isTwoSided = true;
};

}  // namespace jolly::app
