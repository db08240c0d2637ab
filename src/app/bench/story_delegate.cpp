// SPDX-License-Identifier: GPL-3.0-or-later
#include "app/bench/story_delegate.h"

#include "app/bench/story_model.h"
#include "app/style/palette.h"
#include "app/style/theme.h"

#include <QPainter>

namespace jolly::app
{

namespace
{

constexpr int kStoryLine = 26;

/// A shape for each kind, so that colour is not all that tells.
void paintMark(QPainter& painter, StoryKind kind, QPointF at)
{
    const auto& p = jolly::app::palette();
    painter.setPen(Qt::NoPen);
    switch (kind) {
        case StoryKind::Touch:
            painter.setBrush(p.straw);
            painter.drawEllipse(at, 4.0, 4.0);
            break;
        case StoryKind::Game:
            painter.setPen(QPen(p.straw, 1.6));
            painter.setBrush(Qt::NoBrush);
            painter.drawEllipse(at, 3.4, 3.4);
            break;
        case StoryKind::Layer:
            painter.setBrush(p.sky);
            painter.drawRect(QRectF(at.x() - 4, at.y() - 4, 8, 3));
            painter.drawRect(QRectF(at.x() - 4, at.y() + 1, 8, 3));
            break;
        case StoryKind::Edit:
            painter.setBrush(p.slate);
            painter.drawRect(QRectF(at.x() - 3.5, at.y() - 3.5, 7, 7));
            break;
        case StoryKind::Plug:
            painter.setBrush(p.mint);
            painter.drawPolygon(
                QPolygonF({at + QPointF(-4, 3.5), at + QPointF(4, 3.5), at + QPointF(0, -4)}));
            break;
        case StoryKind::Fault:
            painter.setPen(QPen(p.coral, 2.0));
            painter.drawLine(at + QPointF(-3.5, -3.5), at + QPointF(3.5, 3.5));
            painter.drawLine(at + QPointF(-3.5, 3.5), at + QPointF(3.5, -3.5));
            break;
    }
}

}  // namespace

QSize StoryDelegate::sizeHint(const QStyleOptionViewItem&, const QModelIndex&) const
{
    return {100, kStoryLine};
}

void StoryDelegate::paint(QPainter* painter, const QStyleOptionViewItem& option,
                          const QModelIndex& index) const
{
    const auto& p = jolly::app::palette();
    painter->save();
    painter->setRenderHint(QPainter::Antialiasing);
    const auto rect = option.rect;
    if ((option.state & QStyle::State_Selected) != 0) {
        painter->setPen(Qt::NoPen);
        painter->setBrush(p.strawDeep);
        painter->drawRoundedRect(QRectF(rect).adjusted(0, 1, 0, -1), 6, 6);
    }
    paintMark(*painter, static_cast<StoryKind>(index.data(StoryModel::Kind).toInt()),
              QPointF(rect.left() + 10, rect.center().y() + 0.5));
    painter->setFont(textFont(TextSize::Small));
    painter->setPen(p.dim);
    const QRect clock(rect.left() + 22, rect.top(), 78, rect.height());
    painter->drawText(clock, Qt::AlignVCenter | Qt::AlignLeft,
                      index.data(StoryModel::Clock).toString());
    const auto left = clock.right() + 6;
    const auto room = rect.right() - left - 6;
    const auto result = index.data(StoryModel::Result).toString();
    painter->setFont(textFont(TextSize::Small, true));
    const auto what = index.data(Qt::DisplayRole).toString();
    const auto most = result.isEmpty() ? room : room * 56 / 100;
    const auto width = std::min(most, painter->fontMetrics().horizontalAdvance(what) + 2);
    painter->setPen(p.text);
    painter->drawText(QRect(left, rect.top(), width, rect.height()),
                      Qt::AlignVCenter | Qt::AlignLeft,
                      painter->fontMetrics().elidedText(what, Qt::ElideRight, width));
    painter->setFont(textFont(TextSize::Small));
    painter->setPen(p.dim);
    const auto rest = room - width - 10;
    painter->drawText(QRect(left + width + 10, rect.top(), rest, rect.height()),
                      Qt::AlignVCenter | Qt::AlignRight,
                      painter->fontMetrics().elidedText(result, Qt::ElideRight, rest));
    painter->restore();
}

}  // namespace jolly::app
