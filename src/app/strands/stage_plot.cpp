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
    m_rows.clear();
    if (!complaintOf(m_stage.parameters).empty()) return;
    auto runner = prepare(m_stage.parameters, m_input);
    const double low = m_input.low();
    if (signalAfter(m_stage.parameters, m_input).kind != m_input.kind) {
        m_rows.resize(outletsOf(m_stage.parameters).size());
        std::vector<Value> outlets(m_rows.size());
        for (int i = 0; i <= kSamples; ++i) {
            static_cast<void>(settled(runner, {low + (1.0 - low) * i / kSamples, 0.0}, outlets));
            for (std::size_t row = 0; row < m_rows.size(); ++row)
                m_rows[row].push_back(outlets[row].isPressed());
        }
        return;
    }
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

/// Where along the travel each outlet is pressed, the first one lowest, and where the axis is.
void StagePlot::paintRows(QPainter& painter) const
{
    const auto& p = jolly::app::palette();
    const auto f = field();
    const double height = f.height() / static_cast<double>(m_rows.size());
    const double width = f.width() / kSamples;
    painter.setPen(Qt::NoPen);
    for (std::size_t row = 0; row < m_rows.size(); ++row) {
        const double top = f.bottom() - height * static_cast<double>(row + 1);
        const auto place = static_cast<std::size_t>(
            std::lround(kSamples * (m_dot.in - m_input.low()) / (1.0 - m_input.low())));
        const bool isPressed = place < m_rows[row].size() && m_rows[row][place];
        painter.setBrush(m_stage.isOn && isPressed ? p.straw : p.faint);
        for (std::size_t i = 0; i < m_rows[row].size(); ++i) {
            if (!m_rows[row][i]) continue;
            auto end = i;
            while (end + 1 < m_rows[row].size() && m_rows[row][end + 1]) ++end;
            painter.drawRect(QRectF(f.left() + width * static_cast<double>(i), top + 1,
                                    std::max(width * static_cast<double>(end - i), 2.0),
                                    std::max(height - 2.0, 1.0)));
            i = end;
        }
    }
    painter.setPen(QPen(p.strong, 2));
    const double x = placeOf(m_dot.in, 0).x();
    painter.drawLine(QPointF(x, f.top()), QPointF(x, f.bottom()));
}

void StagePlot::paintEvent(QPaintEvent*)
{
    const auto& p = jolly::app::palette();
    QPainter painter(this);
    painter.setRenderHint(QPainter::Antialiasing);
    painter.setPen(Qt::NoPen);
    painter.setBrush(p.well);
    painter.drawRoundedRect(rect(), 4, 4);
    if (!m_rows.empty()) return paintRows(painter);
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
