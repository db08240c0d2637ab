// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "app/style/palette.h"

#include <QPainter>
#include <QWidget>

namespace jolly::app
{

/// Dims a window while a sheet lies over it.
class Veil : public QWidget
{
 public:
    explicit Veil(QWidget& window) : QWidget(&window)
    {
        setAttribute(Qt::WA_TransparentForMouseEvents);
        setGeometry(window.rect());
        show();
        raise();
    }

 protected:
    void paintEvent(QPaintEvent*) override
    {
        constexpr float kDimmed = 0.55F;
        auto colour = jolly::app::palette().ground;
        colour.setAlphaF(kDimmed);
        QPainter(this).fillRect(rect(), colour);
    }
};

}  // namespace jolly::app
