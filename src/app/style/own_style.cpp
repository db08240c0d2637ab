// SPDX-License-Identifier: GPL-3.0-or-later
#include "app/style/own_style.h"

#include "app/style/palette.h"

#include <QComboBox>
#include <QPainter>
#include <QStyleOption>

namespace jolly::app
{

namespace
{

constexpr int kBox = 16;

}  // namespace

OwnStyle::OwnStyle() : QProxyStyle(QStringLiteral("Fusion")) {}

void OwnStyle::polish(QWidget* widget)
{
    constexpr int kLetters = 6;
    QProxyStyle::polish(widget);
    if (auto* box = qobject_cast<QComboBox*>(widget)) {
        box->setSizeAdjustPolicy(QComboBox::AdjustToMinimumContentsLengthWithIcon);
        box->setMinimumContentsLength(std::max(box->minimumContentsLength(), kLetters));
    }
}

int OwnStyle::pixelMetric(PixelMetric metric, const QStyleOption* option,
                          const QWidget* widget) const
{
    if (metric == PM_IndicatorWidth || metric == PM_IndicatorHeight) return kBox;
    return QProxyStyle::pixelMetric(metric, option, widget);
}

void OwnStyle::drawItemText(QPainter* painter, const QRect& rect, int flags,
                            const QPalette& palette, bool isEnabled, const QString& text,
                            QPalette::ColorRole role) const
{
    const auto metrics = painter->fontMetrics();
    const bool isLine = !(flags & Qt::TextWordWrap) && !text.contains(QLatin1Char('\n'));
    const bool fits = !isLine || metrics.size(flags, text).width() <= rect.width();
    QProxyStyle::drawItemText(painter, rect, flags, palette, isEnabled,
                              fits ? text : metrics.elidedText(text, Qt::ElideRight, rect.width()),
                              role);
}

void OwnStyle::drawPrimitive(PrimitiveElement element, const QStyleOption* option,
                             QPainter* painter, const QWidget* widget) const
{
    if (element != PE_IndicatorCheckBox)
        return QProxyStyle::drawPrimitive(element, option, painter, widget);
    const auto& p = jolly::app::palette();
    const bool isOn = option->state.testFlag(State_On);
    const bool isEnabled = option->state.testFlag(State_Enabled);
    painter->save();
    painter->setRenderHint(QPainter::Antialiasing);
    const QRectF box = QRectF(option->rect).adjusted(0.5, 0.5, -0.5, -0.5);
    painter->setPen(QPen(isOn ? p.straw : isEnabled ? p.dim : p.faint, 1));
    painter->setBrush(isOn ? p.straw : p.well);
    painter->drawRoundedRect(box, 4, 4);
    if (isOn) {
        painter->setPen(QPen(p.onStraw, 2, Qt::SolidLine, Qt::RoundCap, Qt::RoundJoin));
        const auto at = [&box](double x, double y) {
            return QPointF(box.left() + x * box.width(), box.top() + y * box.height());
        };
        painter->drawPolyline(QPolygonF({at(0.24, 0.52), at(0.43, 0.72), at(0.77, 0.30)}));
    }
    painter->restore();
}

}  // namespace jolly::app
