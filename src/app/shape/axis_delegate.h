// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include <QStyledItemDelegate>

namespace jolly::app
{

/// Draws a strand of a StrandModel that begins at an axis: its name, where it comes from and goes
/// to, and its curve in small.
class AxisDelegate : public QStyledItemDelegate
{
 public:
    using QStyledItemDelegate::QStyledItemDelegate;

    [[nodiscard]] QSize sizeHint(const QStyleOptionViewItem& option,
                                 const QModelIndex& index) const override;
    void paint(QPainter* painter, const QStyleOptionViewItem& option,
               const QModelIndex& index) const override;
};

}  // namespace jolly::app
