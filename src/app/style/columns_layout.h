// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include <QLayout>
#include <QList>

namespace jolly::app
{

/// Cards in one or several columns of one width, each as high as it needs. The next card goes into
/// the column that is shortest, so that one reads down and to the right.
class ColumnsLayout : public QLayout
{
 public:
    ColumnsLayout(QWidget* parent, int space);
    ~ColumnsLayout() override;

    void setColumns(int columns);
    [[nodiscard]] int columns() const { return m_columns; }

    void insertWidget(int place, QWidget* widget);

    /// Across all columns.
    void insertWide(int place, QWidget* widget);

    void addItem(QLayoutItem* item) override;
    [[nodiscard]] int count() const override { return static_cast<int>(m_items.size()); }
    [[nodiscard]] QLayoutItem* itemAt(int place) const override { return m_items.value(place); }
    QLayoutItem* takeAt(int place) override;

    /// It takes the height that it needs and no more.
    [[nodiscard]] Qt::Orientations expandingDirections() const override { return {}; }
    [[nodiscard]] bool hasHeightForWidth() const override { return true; }
    [[nodiscard]] int heightForWidth(int width) const override;
    [[nodiscard]] QSize sizeHint() const override;
    [[nodiscard]] QSize minimumSize() const override;
    void setGeometry(const QRect& rect) override;

 private:
    /// @return the height of it all.
    int arrange(const QRect& rect, bool isReal) const;

    QList<QLayoutItem*> m_items;
    QList<const QWidget*> m_wide;
    int m_columns = 1;
};

}  // namespace jolly::app
