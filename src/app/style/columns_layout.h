// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "app/style/item_layout.h"

namespace jolly::app
{

/// Cards in one or several columns of one width, each as high as it needs. The next card goes into
/// the column that is shortest, so that one reads down and to the right.
class ColumnsLayout : public ItemLayout
{
 public:
    ColumnsLayout(QWidget* parent, int space);

    void setColumns(int columns);

    void insertWidget(int place, QWidget* widget);

    /// Across all columns.
    void insertWide(int place, QWidget* widget);

    [[nodiscard]] QSize sizeHint() const override { return minimumSize(); }
    [[nodiscard]] QSize minimumSize() const override;

 private:
    int arrange(const QRect& room, bool isReal) const override;

    QList<const QWidget*> m_wide;
    int m_columns = 1;
};

}  // namespace jolly::app
