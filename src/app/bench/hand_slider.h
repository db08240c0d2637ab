// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "core/value/value.h"

#include <QWidget>

namespace jolly::app
{

/// The handle with which a virtual axis is moved by hand: dragged, or with the arrow keys; Esc, or
/// a double click, gives it back to the controllers.
class HandSlider : public QWidget
{
    Q_OBJECT

 public:
    explicit HandSlider(Sides sides, QWidget* parent = nullptr);

    /// Where the handle stands, and whether it is held by hand.
    void show(double value, bool isHeld);
    [[nodiscard]] double value() const { return m_value; }
    [[nodiscard]] QSize sizeHint() const override { return {64, 22}; }

 Q_SIGNALS:
    void moved(double value);
    void givenBack();

 protected:
    void paintEvent(QPaintEvent* event) override;
    void mousePressEvent(QMouseEvent* event) override;
    void mouseMoveEvent(QMouseEvent* event) override;
    void mouseDoubleClickEvent(QMouseEvent* event) override;
    void keyPressEvent(QKeyEvent* event) override;

 private:
    [[nodiscard]] double lowest() const { return m_sides == Sides::Two ? -1.0 : 0.0; }
    [[nodiscard]] double valueAt(double x) const;
    void moveTo(double value);

    Sides m_sides;
    double m_value = 0.0;
    bool m_isHeld = false;
};

}  // namespace jolly::app
