// SPDX-License-Identifier: GPL-3.0-or-later
#include "app/style/columns_layout.h"

#include <QWidget>
#include <algorithm>
#include <vector>

namespace jolly::app
{

namespace
{

constexpr int kLeastWidth = 120;

/// What the widget needs, whatever height it has now.
int heightOf(const QLayoutItem& item, int width)
{
    const auto* widget = const_cast<QLayoutItem&>(item).widget();
    const int wanted = widget->heightForWidth(width);
    return wanted >= 0 ? wanted : item.sizeHint().height();
}

}  // namespace

ColumnsLayout::ColumnsLayout(QWidget* parent, int space) : ItemLayout(parent, space)
{
    setContentsMargins(0, 0, 8, 0);
}

void ColumnsLayout::setColumns(int columns)
{
    if (columns == m_columns) return;
    m_columns = std::max(1, columns);
    invalidate();
}

void ColumnsLayout::insertWidget(int place, QWidget* widget)
{
    addChildWidget(widget);
    m_items.insert(place, new QWidgetItemV2(widget));
    invalidate();
}

void ColumnsLayout::insertWide(int place, QWidget* widget)
{
    m_wide.append(widget);
    insertWidget(place, widget);
}

int ColumnsLayout::arrange(const QRect& room, bool isReal) const
{
    const int width = (room.width() - (m_columns - 1) * spacing()) / m_columns;
    std::vector<int> bottoms(static_cast<std::size_t>(m_columns), room.top());
    for (auto* item : m_items) {
        if (item->isEmpty()) continue;
        if (m_wide.contains(item->widget())) {
            const int top = *std::ranges::max_element(bottoms);
            const int height = heightOf(*item, room.width());
            if (isReal) item->setGeometry({room.left(), top, room.width(), height});
            std::ranges::fill(bottoms, top + height + spacing());
            continue;
        }
        const auto shortest = std::ranges::min_element(bottoms);
        const int column = static_cast<int>(shortest - bottoms.begin());
        const int height = heightOf(*item, width);
        if (isReal)
            item->setGeometry(
                {room.left() + column * (width + spacing()), *shortest, width, height});
        *shortest += height + spacing();
    }
    const int lowest = *std::ranges::max_element(bottoms) - spacing();
    return std::max(0, lowest - room.top());
}

QSize ColumnsLayout::minimumSize() const
{
    return {m_columns * kLeastWidth, 0};
}

}  // namespace jolly::app
