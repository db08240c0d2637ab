// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "app/models/gesture.h"
#include "core/tangle/stage.h"

#include <QWidget>
#include <vector>

namespace jolly::app
{

/// A drawing of the outlets of a stage, lit where they are pressed. A click on one chooses it.
class OutletPicture : public QWidget
{
    Q_OBJECT

 public:
    /// The picture of a stage; null where there is none. It goes with its parent.
    [[nodiscard]] static OutletPicture* of(const Stage& stage, QWidget* parent);

    /// Whether it stands above the rows; else it stands at their left.
    [[nodiscard]] virtual bool isAbove() const { return false; }

    virtual void setStage(const Stage& stage) = 0;

    /// @param places  the middle of each outlet's row, in pixels from the top of the picture.
    virtual void setRows(const std::vector<int>&) {}

    void setPressed(const std::vector<bool>& pressed);

 Q_SIGNALS:
    /// An outlet was clicked: its place.
    void clicked(std::size_t outlet);

    /// A time was dragged to another place.
    void dragged(const QString& key, double value, jolly::app::Gesture drag);

 protected:
    using QWidget::QWidget;
    [[nodiscard]] bool isPressed(std::size_t outlet) const
    {
        return outlet < m_pressed.size() && m_pressed[outlet];
    }

 private:
    std::vector<bool> m_pressed;
};

}  // namespace jolly::app
