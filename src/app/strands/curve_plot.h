// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "app/models/gesture.h"
#include "app/strands/stage_plot.h"

namespace jolly::app
{

/// The graph of a curve whose points can be moved: dragged, added by a double click or Insert,
/// taken out with Delete, chosen with Page Up and Page Down and moved with the arrows.
class CurvePlot : public StagePlot
{
    Q_OBJECT

 public:
    explicit CurvePlot(QWidget* parent = nullptr);

    /// @param points  of the stage, and whether they shape both halves alike.
    void setCurve(const Stage& stage, CurvePoints points, bool isMirrored, StageInput input);
    [[nodiscard]] const CurvePoints& points() const { return m_points; }
    [[nodiscard]] int chosen() const { return m_chosen; }

    /// Where a point is drawn.
    [[nodiscard]] QPointF placeOfPoint(int point) const;

    [[nodiscard]] QSize sizeHint() const override { return {260, 220}; }

 Q_SIGNALS:
    /// @param drag  that it is part of; none for a step of its own.
    void pointsChanged(const CurvePoints& points, jolly::app::Gesture drag);
    void chosenChanged();

 protected:
    void mousePressEvent(QMouseEvent* event) override;
    void mouseMoveEvent(QMouseEvent* event) override;
    void mouseReleaseEvent(QMouseEvent* event) override;
    void mouseDoubleClickEvent(QMouseEvent* event) override;
    void keyPressEvent(QKeyEvent* event) override;
    [[nodiscard]] QRectF field() const override;
    void paintOver(QPainter& painter) override;

 private:
    [[nodiscard]] int pointNear(QPointF place) const;
    [[nodiscard]] int lastPoint() const;
    void choose(int point);
    void moveChosen(CurvePoint to);
    void addPoint(CurvePoint at);
    void removeChosen();

    CurvePoints m_points;
    bool m_isMirrored = false;
    int m_chosen = 0;
    Gesture m_drag;
};

}  // namespace jolly::app
