// SPDX-License-Identifier: GPL-3.0-or-later
#include "app/shape/axis_delegate.h"

#include "app/models/strand_model.h"
#include "app/style/palette.h"
#include "app/style/theme.h"

#include <QPainter>

namespace jolly::app
{

namespace
{

constexpr QSize kAxisRow{200, 55};
constexpr int kRowGap = 3;        // below a row
constexpr int kScrollBarGap = 6;  // right of it
constexpr int kSmallPlot = 36;

/// A curve in small, in its square.
void paintCurve(QPainter& painter, const AxisCurve& curve, const QRectF& plot, const QColor& ink)
{
    painter.setPen(Qt::NoPen);
    painter.setBrush(palette().well);
    painter.drawRoundedRect(plot, 4, 4);
    const double low = curve.in == Sides::Two ? -1.0 : 0.0;
    const double outLow = curve.out == Sides::Two ? -1.0 : 0.0;
    QPolygonF line;
    for (const auto& point : curve.points)
        line << QPointF(plot.left() + plot.width() * (point.in - low) / (1.0 - low),
                        plot.bottom() - plot.height() * (point.out - outLow) / (1.0 - outLow));
    painter.setPen(QPen(ink, 1.5));
    painter.setBrush(Qt::NoBrush);
    painter.drawPolyline(line);
}

}  // namespace

QSize AxisDelegate::sizeHint(const QStyleOptionViewItem&, const QModelIndex&) const
{
    return kAxisRow;
}

void AxisDelegate::paint(QPainter* painter, const QStyleOptionViewItem& option,
                         const QModelIndex& index) const
{
    const auto& p = palette();
    const auto row = option.rect.adjusted(0, 0, -kScrollBarGap, -kRowGap);
    const bool isChosen = (option.state & QStyle::State_Selected) != 0;
    const bool isMarked = index.data(StrandModel::NeedsAttention).toBool();
    painter->save();
    painter->setRenderHint(QPainter::Antialiasing);
    if (isChosen || (option.state & (QStyle::State_HasFocus | QStyle::State_MouseOver)) != 0) {
        painter->setPen(QPen(isChosen ? p.straw : p.line, isChosen ? 1.6 : 1.0));
        painter->setBrush(isChosen ? p.raised : p.card);
        painter->drawRoundedRect(QRectF(row).adjusted(1, 1, -1, -1), 8, 8);
    }
    const QRectF plot(row.right() + 1 - kSmallPlot - 8,
                      row.top() + (row.height() - kSmallPlot) / 2.0, kSmallPlot, kSmallPlot);
    paintCurve(*painter, index.data(StrandModel::Curve).value<AxisCurve>(), plot,
               isChosen ? p.straw : p.dim);
    const int room = row.width() - kSmallPlot - 32 - (isMarked ? 12 : 0);
    const auto write = [&](int top, int height, const QString& text) {
        painter->drawText(QRect(row.left() + 12, row.top() + top, room, height),
                          Qt::AlignLeft | Qt::AlignVCenter,
                          painter->fontMetrics().elidedText(text, Qt::ElideRight, room));
    };
    painter->setFont(textFont(TextSize::Normal, true));
    painter->setPen(isChosen ? p.strong : p.text);
    write(8, 18, index.data().toString());
    painter->setFont(textFont(TextSize::Small));
    painter->setPen(p.dim);
    write(27, 16, index.data(StrandModel::Way).toString());
    if (isMarked) {
        painter->setFont(textFont(TextSize::Normal, true));
        painter->setPen(p.coral);
        painter->drawText(QRectF(plot.left() - 14, row.top() + 8, 10, 18), Qt::AlignCenter,
                          QStringLiteral("!"));
    }
    painter->restore();
}

}  // namespace jolly::app
