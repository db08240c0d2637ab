// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include <QLayout>
#include <QList>

namespace jolly::app
{

/// A layout whose height follows its width: what holds its items, for those that arrange them.
class ItemLayout : public QLayout
{
 public:
    ItemLayout(QWidget* parent, int space) : QLayout(parent) { setSpacing(space); }
    ~ItemLayout() override { qDeleteAll(m_items); }

    void addItem(QLayoutItem* item) override { m_items.append(item); }
    [[nodiscard]] int count() const override { return static_cast<int>(m_items.size()); }
    [[nodiscard]] QLayoutItem* itemAt(int place) const override { return m_items.value(place); }
    QLayoutItem* takeAt(int place) override
    {
        return place >= 0 && place < count() ? m_items.takeAt(place) : nullptr;
    }

    /// It takes the height that it needs and no more.
    [[nodiscard]] Qt::Orientations expandingDirections() const override { return {}; }
    [[nodiscard]] bool hasHeightForWidth() const override { return true; }
    [[nodiscard]] int heightForWidth(int width) const override
    {
        const auto margins = contentsMargins();
        const QRect room(0, 0, width - margins.left() - margins.right(), 0);
        return arrange(room, false) + margins.top() + margins.bottom();
    }
    void setGeometry(const QRect& rect) override
    {
        QLayout::setGeometry(rect);
        arrange(rect.marginsRemoved(contentsMargins()), true);
    }

 protected:
    /// Arranges the items within `room`, or finds out how they would be.
    ///
    /// @return the height of it all.
    virtual int arrange(const QRect& room, bool isReal) const = 0;

    QList<QLayoutItem*> m_items;
};

}  // namespace jolly::app
