// SPDX-License-Identifier: GPL-3.0-or-later
#include "app/strands/stage_plot.h"

#include "app/style/palette.h"
#include "core/tangle/stage_complaint.h"

#include <QPainter>
#include <algorithm>
#include <cmath>

namespace jolly::app
{

namespace
{

constexpr int kSamples = 96;

}  // namespace

StagePlot::StagePlot(QWidget* parent) : QWidget(parent)
{
    setSizePolicy(QSizePolicy::Expanding, QSizePolicy::Fixed);
    sample();
}

void StagePlot::setStage(const Stage& stage, StageInput input)
{
    m_stage = stage;
    m_input = input;
    sample();
    update();
}

void StagePlot::sample()
{
    m_line.clear();
    if (!complaintOf(m_stage.parameters).empty()) return;
    auto runner = prepare(m_stage.parameters, m_input);
    const double low = m_input.sides == Sides::Two ? -1.0 : 0.0;
    for (int i = 0; i <= kSamples; ++i) {
        const double in = low + (1.0 - low) * i / kSamples;
        m_line.push_back({in, m_stage.isOn ? settled(runner, {in, 0.0}).x : in});
    }
}

void StagePlot::setDot(double in, double out)
{
    const double visible = 1.0 / std::max(40.0, field().width());
    if (std::abs(in - m_dot.in) < visible && std::abs(out - m_dot.out) < visible) return;
    m_dot = {in, out};
    update();
}

QRectF StagePlot::field() const
{
    return QRectF(rect()).adjusted(4, 4, -4, -4);
}

QPointF StagePlot::placeOf(double in, double out) const
{
    const auto f = field();
    const double low = m_input.sides == Sides::Two ? -1.0 : 0.0;
    return {f.left() + f.width() * (in - low) / (1.0 - low),
            f.bottom() - f.height() * (out - low) / (1.0 - low)};
}

CurvePoint StagePlot::pointAt(QPointF place) const
{
    const auto f = field();
    const double low = m_input.sides == Sides::Two ? -1.0 : 0.0;
    const auto part = [](double at, double size) { return std::clamp(at / size, 0.0, 1.0); };
    return {low + (1.0 - low) * part(place.x() - f.left(), f.width()),
            low + (1.0 - low) * part(f.bottom() - place.y(), f.height())};
}

void StagePlot::paintEvent(QPaintEvent*)
{
    const auto& p = jolly::app::palette();
    QPainter painter(this);
    painter.setRenderHint(QPainter::Antialiasing);
    painter.setPen(Qt::NoPen);
    painter.setBrush(p.well);
    painter.drawRoundedRect(rect(), 4, 4);
    painter.setPen(QPen(p.line, 1));
    painter.drawLine(placeOf(0, m_input.sides == Sides::Two ? -1 : 0), placeOf(0, 1));
    painter.drawLine(placeOf(m_input.sides == Sides::Two ? -1 : 0, 0), placeOf(1, 0));
    QPolygonF line;
    for (const auto& point : m_line) line << placeOf(point.in, point.out);
    painter.setPen(
        QPen(m_stage.isOn ? p.straw : p.faint, 1.8, m_stage.isOn ? Qt::SolidLine : Qt::DashLine));
    painter.drawPolyline(line);
    paintOver(painter);
    if (m_line.empty()) return;
    painter.setPen(Qt::NoPen);
    painter.setBrush(p.strong);
    painter.drawEllipse(placeOf(m_dot.in, m_dot.out), 4, 4);
}

}  // namespace jolly::app
