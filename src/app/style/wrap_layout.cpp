// SPDX-License-Identifier: GPL-3.0-or-later
#include "app/style/wrap_layout.h"

#include <QWidget>
#include <algorithm>

namespace jolly::app
{

WrapLayout::WrapLayout(int space, QWidget* parent) : ItemLayout(parent, space)
{
    setContentsMargins(0, 0, 0, 0);
}

void WrapLayout::addStretch()
{
    addItem(new QSpacerItem(0, 0, QSizePolicy::Expanding));
    invalidate();
}

int WrapLayout::arrange(const QRect& room, bool isReal) const
{
    int y = room.top();
    for (qsizetype first = 0; first < m_items.size();) {
        int width = 0;
        int height = 0;
        qsizetype stretch = -1;
        auto last = first;
        for (; last < m_items.size(); ++last) {  // the line
            const auto* item = m_items[last];
            if (item->isEmpty() && !const_cast<QLayoutItem*>(item)->spacerItem()) continue;
            if (const_cast<QLayoutItem*>(item)->spacerItem()) {
                stretch = last;
                continue;
            }
            const auto size = item->sizeHint();
            const int wanted = std::min(size.width(), room.width());
            if (width > 0 && width + spacing() + wanted > room.width()) break;
            width += (width > 0 ? spacing() : 0) + wanted;
            height = std::max(height, size.height());
        }
        int x = room.left();
        for (auto place = first; place < last; ++place) {
            auto* item = m_items[place];
            if (place == stretch) x += std::max(0, room.width() - width);
            if (item->isEmpty()) continue;
            const auto size = item->sizeHint();
            const int wanted = std::min(size.width(), room.width());
            if (isReal)
                item->setGeometry({x, y + (height - size.height()) / 2, wanted, size.height()});
            x += wanted + spacing();
        }
        if (height > 0) y += height + spacing();
        first = last;
    }
    return std::max(0, y - room.top() - spacing());
}

QSize WrapLayout::sizeHint() const
{
    int width = 0;
    for (const auto* item : m_items)
        width += item->isEmpty() ? 0 : item->sizeHint().width() + spacing();
    return {std::max(0, width - spacing()), minimumSize().height()};
}

QSize WrapLayout::minimumSize() const
{
    QSize most;
    for (const auto* item : m_items) {
        if (!item->isEmpty()) most = most.expandedTo({40, item->sizeHint().height()});
    }
    return most;
}

}  // namespace jolly::app
