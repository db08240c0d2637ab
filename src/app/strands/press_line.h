// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "app/strands/outlet_picture.h"

#include <QCoreApplication>

namespace jolly::app
{

/// Kinds of presses on a line of time: a short one, a long one, two in a row. What makes a press
/// long, and how soon the second one has to come, is dragged.
class PressLine : public OutletPicture
{
    Q_DECLARE_TR_FUNCTIONS(jolly::app::PressLine)

 public:
    explicit PressLine(QWidget* parent = nullptr);

    [[nodiscard]] bool isAbove() const override { return true; }
    void setStage(const Stage& stage) override;

    enum class Grip { None, Long, Twice };

    /// Where a grip is drawn.
    [[nodiscard]] QPointF placeOf(Grip grip) const;

    [[nodiscard]] QSize sizeHint() const override { return {300, 58}; }

 protected:
    void paintEvent(QPaintEvent* event) override;
    void mousePressEvent(QMouseEvent* event) override;
    void mouseMoveEvent(QMouseEvent* event) override;
    void mouseReleaseEvent(QMouseEvent* event) override;

 private:
    [[nodiscard]] double third(int kind) const;
    [[nodiscard]] Grip gripAt(QPointF place) const;
    void drag(double x);

    double m_longAfter = 400.0;
    double m_twiceWithin = 250.0;
    Grip m_grip = Grip::None;
    Gesture m_drag;
};

}  // namespace jolly::app
