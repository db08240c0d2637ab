// SPDX-License-Identifier: GPL-3.0-or-later
#include "app/strands/hat_rose.h"

#include "app/style/palette.h"

#include <QMouseEvent>
#include <QPainter>
#include <QPainterPath>
#include <cmath>
#include <numbers>

namespace jolly::app
{

namespace
{

constexpr double kSize = 92.0;
constexpr double kRing = 44.0;
constexpr double kHub = 11.0;
constexpr double kGapDegrees = 5.0;  ///< between petals

}  // namespace

HatRose::HatRose(QWidget* parent) : OutletPicture(parent)
{
    setObjectName(QStringLiteral("hat rose"));
    setFixedSize(static_cast<int>(kSize), static_cast<int>(kSize));
    setAccessibleName(tr("The ways of the hat"));
}

void HatRose::setStage(const Stage& stage)
{
    m_ways = outletsOf(stage.parameters).size();
    update();
}

QPointF HatRose::petal(std::size_t outlet) const
{
    const double angle =
        2.0 * std::numbers::pi * static_cast<double>(outlet) / static_cast<double>(m_ways);
    const double radius = (kRing + kHub) / 2.0;
    return rect().toRectF().center() + QPointF(radius * std::sin(angle), -radius * std::cos(angle));
}

void HatRose::paintEvent(QPaintEvent*)
{
    QPainter painter(this);
    painter.setRenderHint(QPainter::Antialiasing);
    const auto middle = rect().toRectF().center();
    const double each = 360.0 / static_cast<double>(m_ways);
    const QRectF ring(middle.x() - kRing, middle.y() - kRing, 2.0 * kRing, 2.0 * kRing);
    for (std::size_t i = 0; i < m_ways; ++i) {
        const double at = 90.0 - each * static_cast<double>(i);
        QPainterPath petalPath;
        petalPath.moveTo(middle);
        petalPath.arcTo(ring, at - each / 2.0 + kGapDegrees / 2.0, each - kGapDegrees);
        petalPath.closeSubpath();
        painter.setPen({isPressed(i) ? app::palette().straw : app::palette().line, 1.0});
        painter.setBrush(isPressed(i) ? app::palette().straw : app::palette().well);
        painter.drawPath(petalPath);
    }
    painter.setPen({app::palette().line, 1.0});
    painter.setBrush(app::palette().card);
    painter.drawEllipse(middle, kHub, kHub);
}

void HatRose::mouseReleaseEvent(QMouseEvent* event)
{
    const auto from = event->position() - rect().toRectF().center();
    if (std::hypot(from.x(), from.y()) < kHub) return;
    const double turn = std::atan2(from.x(), -from.y()) / (2.0 * std::numbers::pi);
    const auto ways = static_cast<double>(m_ways);
    const auto way = static_cast<long>(std::lround(turn * ways) + static_cast<long>(m_ways));
    Q_EMIT clicked(static_cast<std::size_t>(way) % m_ways);
}

}  // namespace jolly::app
