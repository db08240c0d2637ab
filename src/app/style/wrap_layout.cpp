// SPDX-License-Identifier: GPL-3.0-or-later
#include "app/style/wrap_layout.h"

#include <QWidget>
#include <algorithm>

namespace jolly::app
{

WrapLayout::WrapLayout(int space, QWidget* parent) : QLayout(parent)
{
    setContentsMargins(0, 0, 0, 0);
    setSpacing(space);
}

WrapLayout::~WrapLayout()
{
    qDeleteAll(m_items);
}

void WrapLayout::addStretch()
{
    addItem(new QSpacerItem(0, 0, QSizePolicy::Expanding));
    invalidate();
}

QLayoutItem* WrapLayout::takeAt(int place)
{
    return place >= 0 && place < count() ? m_items.takeAt(place) : nullptr;
}

int WrapLayout::arrange(const QRect& rect, bool isReal) const
{
    int y = rect.top();
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
            const int wanted = std::min(size.width(), rect.width());
            if (width > 0 && width + spacing() + wanted > rect.width()) break;
            width += (width > 0 ? spacing() : 0) + wanted;
            height = std::max(height, size.height());
        }
        int x = rect.left();
        for (auto place = first; place < last; ++place) {
            auto* item = m_items[place];
            if (place == stretch) x += std::max(0, rect.width() - width);
            if (item->isEmpty()) continue;
            const auto size = item->sizeHint();
            const int wanted = std::min(size.width(), rect.width());
            if (isReal)
                item->setGeometry({x, y + (height - size.height()) / 2, wanted, size.height()});
            x += wanted + spacing();
        }
        if (height > 0) y += height + spacing();
        first = last;
    }
    return std::max(0, y - rect.top() - spacing());
}

int WrapLayout::heightForWidth(int width) const
{
    const auto margins = contentsMargins();
    return arrange({0, 0, width - margins.left() - margins.right(), 0}, false) + margins.top() +
           margins.bottom();
}

void WrapLayout::setGeometry(const QRect& rect)
{
    QLayout::setGeometry(rect);
    arrange(rect.marginsRemoved(contentsMargins()), true);
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
