// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include <QStyledItemDelegate>

namespace jolly::app
{

/// Draws a line of a StoryModel: a mark by what it is about, the time, what happened, what came of
/// it.
class StoryDelegate : public QStyledItemDelegate
{
 public:
    using QStyledItemDelegate::QStyledItemDelegate;

    [[nodiscard]] QSize sizeHint(const QStyleOptionViewItem& option,
                                 const QModelIndex& index) const override;
    void paint(QPainter* painter, const QStyleOptionViewItem& option,
               const QModelIndex& index) const override;
};

}  // namespace jolly::app
