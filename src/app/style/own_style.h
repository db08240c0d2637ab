// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include <QProxyStyle>

namespace jolly::app
{

/// Fusion with check boxes of our own: a drawn tick, so that colour is not all that tells.
class OwnStyle : public QProxyStyle
{
 public:
    OwnStyle();

    void drawPrimitive(PrimitiveElement element, const QStyleOption* option, QPainter* painter,
                       const QWidget* widget) const override;
    [[nodiscard]] int pixelMetric(PixelMetric metric, const QStyleOption* option,
                                  const QWidget* widget) const override;
};

}  // namespace jolly::app
