// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include <QScrollArea>

namespace jolly::app
{

/// Scrolls upright until all of a widget is seen, and some of what is around it. What is seen
/// already stays where it is.
inline void scrollTo(QScrollArea& area, QWidget& widget)
{
    constexpr int kAround = 60;
    const QRect place(widget.mapTo(area.viewport(), QPoint(0, 0)), widget.size());
    if (place.top() >= 0 && place.bottom() < area.viewport()->height()) return;
    area.ensureWidgetVisible(&widget, 0, kAround);
}

}  // namespace jolly::app
