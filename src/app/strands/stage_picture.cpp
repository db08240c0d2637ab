// SPDX-License-Identifier: GPL-3.0-or-later
#include "app/strands/stage_picture.h"

#include "app/style/palette.h"
#include "core/tangle/stage_run.h"

#include <QPainter>
#include <QPolygonF>
#include <algorithm>

namespace jolly::app
{

namespace
{

constexpr double kThick = 1.6;
constexpr double kSign = 9.0;  ///< how large the sign of a kind is
constexpr int kMostRings = 3;

/// What stands for one control of a kind.
void drawSign(QPainter& painter, QPointF at, ControlKind kind)
{
    const double r = kSign / 2.0;
    switch (kind) {
        case ControlKind::Axis:
            painter.drawLine(at + QPointF(-r, r), at + QPointF(r, -r));
            return;
        case ControlKind::Button:
            painter.drawEllipse(at, r * 0.6, r * 0.6);
            return;
        case ControlKind::Hat:
            painter.drawLine(at - QPointF(r, 0), at + QPointF(r, 0));
            painter.drawLine(at - QPointF(0, r), at + QPointF(0, r));
            return;
        case ControlKind::Turner:
            painter.drawArc(QRectF(at - QPointF(r, r), QSizeF(kSign, kSign)), 40 * 16, 280 * 16);
            return;
    }
}

/// From what it gets to what it gives, one below the other where it has several outlets.
void drawChange(QPainter& painter, const StageParameters& stage, const Signal& gets)
{
    const auto& p = jolly::app::palette();
    const auto gives = signalAfter(stage, gets).kind;
    const auto outlets = std::min<std::size_t>(outletsOf(stage).size(), kMostRings);
    const double middle = kStagePicture.height() / 2.0;
    painter.setPen(QPen(p.dim, kThick));
    drawSign(painter, {7.0, middle}, gets.kind);
    painter.drawLine(QPointF(14.0, middle), QPointF(22.0, middle));
    painter.setPen(QPen(p.straw, kThick));
    for (std::size_t i = 0; i < outlets; ++i) {
        const double y =
            middle + (static_cast<double>(i) - (static_cast<double>(outlets) - 1.0) / 2.0) * 7.0;
        drawSign(painter, {31.0, y}, gives);
    }
}

/// What it makes of the travel; of a stage that changes nothing by itself the straight line.
void drawCurve(QPainter& painter, const StageParameters& stage, const Signal& gets)
{
    constexpr int kSteps = 36;
    const auto& p = jolly::app::palette();
    const QRectF box(2.0, 2.0, kStagePicture.width() - 4.0, kStagePicture.height() - 4.0);
    painter.setPen(QPen(p.line, 1.0));
    painter.drawLine(QPointF(box.left(), box.center().y()), QPointF(box.right(), box.center().y()));
    auto runner = prepare(stage, StageInput{gets});
    const double low = gets.low();
    const double lowOut = signalAfter(stage, gets).low();
    QPolygonF line;
    for (int i = 0; i <= kSteps; ++i) {
        const double part = static_cast<double>(i) / kSteps;
        const double out = settled(runner, {low + (1.0 - low) * part, 0.0}).x;
        line << QPointF(box.left() + part * box.width(),
                        box.bottom() - (out - lowOut) / (1.0 - lowOut) * box.height());
    }
    painter.setPen(QPen(p.straw, kThick));
    painter.drawPolyline(line);
}

}  // namespace

QImage stagePicture(const StageParameters& stage, const Signal& gets, qreal scale)
{
    QImage picture(kStagePicture * scale, QImage::Format_ARGB32_Premultiplied);
    picture.setDevicePixelRatio(scale);
    picture.fill(Qt::transparent);
    QPainter painter(&picture);
    painter.setRenderHint(QPainter::Antialiasing);
    const bool staysAxis =
        gets.kind == ControlKind::Axis && signalAfter(stage, gets).kind == ControlKind::Axis;
    staysAxis ? drawCurve(painter, stage, gets) : drawChange(painter, stage, gets);
    return picture;
}

}  // namespace jolly::app
