// SPDX-License-Identifier: GPL-3.0-or-later
#include "app/rig/axis_track.h"

#include "app/style/palette.h"

#include <QPainter>
#include <algorithm>

namespace jolly::app
{

namespace
{

constexpr double kGroove = 6.0;
constexpr double kMark = 4.0;

}  // namespace

AxisTrack::AxisTrack(bool showsDwell, QWidget* parent) : QWidget(parent), m_showsDwell(showsDwell)
{
    setFixedHeight(AxisTrack::sizeHint().height());
    setSizePolicy(QSizePolicy::Expanding, QSizePolicy::Fixed);
}

QSize AxisTrack::sizeHint() const
{
    return {160, kTrackHeight + (m_showsDwell ? kDwellHeight : 0)};
}

void AxisTrack::show(const AxisRange& range, const AxisFindings& findings, std::int32_t present)
{
    const bool isSame = present == m_present && findings.low == m_findings.low &&
                        findings.high == m_findings.high && findings.rests == m_findings.rests &&
                        (!m_showsDwell || findings.dwell == m_findings.dwell);
    m_range = range;
    m_findings = findings;
    m_present = present;
    if (!isSame) update();
}

double AxisTrack::placeOf(std::int32_t raw) const
{
    const double part = (static_cast<double>(raw) - m_range.low) / m_range.travel();
    return kMark + std::clamp(part, 0.0, 1.0) * (width() - 2.0 * kMark);
}

void AxisTrack::paintEvent(QPaintEvent*)
{
    QPainter painter(this);
    painter.setRenderHint(QPainter::Antialiasing);
    painter.setPen(Qt::NoPen);
    const QRectF track(0, height() - kTrackHeight, width(), kTrackHeight);
    if (m_showsDwell) drawDwell(painter, {0, 0, static_cast<double>(width()), track.top() - 2});
    drawTrack(painter, track);
}

void AxisTrack::drawDwell(QPainter& painter, const QRectF& field) const
{
    const auto& p = jolly::app::palette();
    const auto& dwell = m_findings.dwell;
    const double most = std::max(1e-9, *std::ranges::max_element(dwell));
    const double each = (field.width() - 2.0 * kMark) / static_cast<double>(dwell.size());
    painter.setBrush(p.slate);
    for (std::size_t i = 0; i < dwell.size(); ++i) {
        if (dwell[i] <= 0.0) continue;
        const double size = std::max(1.5, field.height() * dwell[i] / most);
        painter.drawRect(QRectF(kMark + each * static_cast<double>(i) + 0.5, field.bottom() - size,
                                each - 1.0, size));
    }
}

void AxisTrack::drawTrack(QPainter& painter, const QRectF& field) const
{
    const auto& p = jolly::app::palette();
    const double middle = field.center().y();
    const auto bar = [&](double from, double to, const QColor& colour) {
        painter.setBrush(colour);
        painter.drawRoundedRect(QRectF(from, middle - kGroove / 2, to - from, kGroove), 3, 3);
    };
    bar(0, width(), p.well);
    if (m_findings.samples > 0)
        bar(placeOf(m_findings.low) - kMark, placeOf(m_findings.high) + kMark, p.strawDeep);
    painter.setBrush(p.straw);
    for (const auto rest : m_findings.rests)
        painter.drawRect(QRectF(placeOf(rest) - 0.75, field.top() + 1, 1.5, field.height() - 2));
    painter.setBrush(p.strong);
    painter.drawEllipse(QPointF(placeOf(m_present), middle), kMark, kMark);
}

}  // namespace jolly::app
