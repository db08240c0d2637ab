// SPDX-License-Identifier: GPL-3.0-or-later
#include "app/window/reading_order.h"

#include <QScrollArea>
#include <algorithm>

namespace jolly::app
{

namespace
{

/// Children line by line: what begins above the middle of a line's first one stands in that line.
std::vector<QWidget*> childrenInOrder(const QWidget& parent)
{
    std::vector<QWidget*> children;
    for (auto* child : parent.children()) {
        auto* widget = qobject_cast<QWidget*>(child);
        if (widget && widget->isVisible() && !widget->isWindow()) children.push_back(widget);
    }
    std::ranges::stable_sort(children, {}, [](const QWidget* each) { return each->y(); });
    for (auto line = children.begin(); line != children.end();) {
        const int middle = (*line)->geometry().center().y();
        const auto end = std::find_if(line + 1, children.end(), [middle](const QWidget* each) {
            return each->y() >= middle;
        });
        std::ranges::stable_sort(line, end, {}, [](const QWidget* each) { return each->x(); });
        line = end;
    }
    return children;
}

void addStops(const QWidget& part, std::vector<QWidget*>& stops)
{
    for (auto* child : childrenInOrder(part)) {
        const bool isStop = (child->focusPolicy() & Qt::TabFocus) != 0;
        if (isStop && child->isEnabled() && !child->focusProxy()) stops.push_back(child);
        addStops(*child, stops);
    }
}

}  // namespace

std::vector<QWidget*> stopsIn(const QWidget& part)
{
    std::vector<QWidget*> stops;
    addStops(part, stops);
    return stops;
}

void stopAt(QWidget& widget, Qt::FocusReason reason)
{
    constexpr int kAround = 40;
    widget.setFocus(reason);
    for (auto* each = widget.parentWidget(); each; each = each->parentWidget()) {
        if (auto* area = qobject_cast<QScrollArea*>(each))
            area->ensureWidgetVisible(&widget, 0, kAround);
    }
}

}  // namespace jolly::app
