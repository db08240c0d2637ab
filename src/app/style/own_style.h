// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include <QProxyStyle>

namespace jolly::app
{

/// Fusion with check boxes of our own: a drawn tick, so that colour is not all that tells. A text
/// in a line that is too short for it ends in dots.
class OwnStyle : public QProxyStyle
{
 public:
    OwnStyle();

    /// A list of choices gives way when there is little room.
    void polish(QWidget* widget) override;
    using QProxyStyle::polish;

    void drawPrimitive(PrimitiveElement element, const QStyleOption* option, QPainter* painter,
                       const QWidget* widget) const override;
    void drawItemText(QPainter* painter, const QRect& rect, int flags, const QPalette& palette,
                      bool isEnabled, const QString& text, QPalette::ColorRole role) const override;
    [[nodiscard]] int pixelMetric(PixelMetric metric, const QStyleOption* option,
                                  const QWidget* widget) const override;
};

}  // namespace jolly::app
