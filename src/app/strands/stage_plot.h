// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "core/tangle/stage_run.h"

#include <QPolygonF>
#include <QWidget>

namespace jolly::app
{

/// The graph of one stage with a dot where it is now.
class StagePlot : public QWidget
{
 public:
    explicit StagePlot(QWidget* parent = nullptr);

    /// Draws this stage from now on, for a value that comes in like `input`.
    void setStage(const Stage& stage, StageInput input);
    void setDot(double in, double out);

    [[nodiscard]] QSize sizeHint() const override { return {88, 62}; }

 protected:
    void paintEvent(QPaintEvent* event) override;

    /// From value to place, and back.
    [[nodiscard]] QPointF placeOf(double in, double out) const;
    [[nodiscard]] CurvePoint pointAt(QPointF place) const;
    [[nodiscard]] StageInput input() const { return m_input; }
    [[nodiscard]] virtual QRectF field() const;

    /// Draws what lies over the line; nothing here.
    virtual void paintOver(QPainter&) {}

 private:
    void sample();
    void paintRows(QPainter& painter) const;

    Stage m_stage;
    StageInput m_input;
    std::vector<CurvePoint> m_line;
    std::vector<std::vector<bool>> m_rows;  ///< of a stage of buttons: where each is pressed
    CurvePoint m_dot;
};

}  // namespace jolly::app
