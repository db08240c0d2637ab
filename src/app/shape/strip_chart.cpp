// SPDX-License-Identifier: GPL-3.0-or-later
#include "app/shape/strip_chart.h"

#include "app/style/palette.h"
#include "app/style/theme.h"

#include <QEvent>
#include <QVBoxLayout>
#include <algorithm>

// QCustomPlot is written with Qt's keywords, which we go without.
#define signals Q_SIGNALS
#define slots Q_SLOTS
#define foreach Q_FOREACH
#include <qcustomplot.h>
#undef signals
#undef slots
#undef foreach

namespace jolly::app
{

namespace
{

constexpr int kRaw = 0;
constexpr int kShaped = 1;
constexpr double kSeen = 0.015;  ///< a pixel of the height
constexpr double kRoom = 1.08;   ///< of the highest value, so that its line is seen whole

}  // namespace

StripChart::StripChart(QWidget* parent) : QWidget(parent), m_plot(new QCustomPlot(this))
{
    setObjectName(QStringLiteral("strip"));
    setAccessibleName(tr("The last ten seconds, raw and shaped"));
    setSizePolicy(QSizePolicy::Expanding, QSizePolicy::Fixed);
    setFixedHeight(118);
    auto* column = new QVBoxLayout(this);
    column->setContentsMargins(0, 0, 0, 0);
    column->addWidget(m_plot);
    m_plot->setFocusPolicy(Qt::NoFocus);
    m_plot->setPlottingHint(QCP::phFastPolylines);
    m_plot->setPlottingHint(QCP::phImmediateRefresh, false);  // with all else of the frame
    m_plot->setAutoAddPlottableToLegend(false);
    m_plot->addGraph();
    m_plot->addGraph();
    for (const int graph : {kRaw, kShaped})
        m_plot->graph(graph)->setLineStyle(QCPGraph::lsStepLeft);
    auto* rect = m_plot->axisRect();
    rect->setAutoMargins(QCP::msNone);
    rect->setMargins(QMargins(46, 8, 4, 18));
    const QSharedPointer<QCPAxisTickerText> times(new QCPAxisTickerText);
    times->addTick(-10.0, tr("−10 s"));
    times->addTick(-5.0, tr("−5 s"));
    times->addTick(-0.4, tr("now"));
    m_plot->xAxis->setTicker(times);
    m_plot->xAxis->setRange(-inSeconds(AxisTrace::kLength), 0.0);
    showRange(true);
    dress();
}

void StripChart::showRange(bool isTwoSided)
{
    m_isTwoSided = isTwoSided;
    const QSharedPointer<QCPAxisTickerText> values(new QCPAxisTickerText);
    if (isTwoSided) values->addTick(-1.0, tr("−100 %"));
    values->addTick(0.0, tr("0 %"));
    values->addTick(1.0, tr("100 %"));
    m_plot->yAxis->setTicker(values);
    m_plot->yAxis->setRange(isTwoSided ? -kRoom : 1.0 - kRoom, kRoom);
}

void StripChart::dress()
{
    const auto& p = jolly::app::palette();
    m_plot->setBackground(p.card);
    m_plot->axisRect()->setBackground(p.well);
    for (auto* axis : {m_plot->xAxis, m_plot->yAxis}) dressAxis(*axis);
    m_plot->graph(kRaw)->setPen(QPen(p.dim, 1.0));
    m_plot->graph(kShaped)->setPen(QPen(p.straw, 2.0));
}

void StripChart::dressAxis(QCPAxis& axis)
{
    const auto& p = jolly::app::palette();
    axis.setBasePen(Qt::NoPen);
    axis.setTickPen(Qt::NoPen);
    axis.setSubTickPen(Qt::NoPen);
    axis.setTickLabelFont(textFont(TextSize::Small));
    axis.setTickLabelColor(p.dim);
    axis.setTickLabelPadding(4);
    axis.grid()->setPen(QPen(p.line, 1.0));
    axis.grid()->setZeroLinePen(QPen(p.line, 1.0));
}

void StripChart::changeEvent(QEvent* event)
{
    if (event->type() == QEvent::StyleChange || event->type() == QEvent::PaletteChange) dress();
    QWidget::changeEvent(event);
}

/// Of the samples that share a pixel the last one is drawn, and the lowest and highest where they
/// can be told from it.
void StripChart::draw(int graph, const std::deque<TraceSample>& samples, Time now,
                      double TraceSample::*value)
{
    QVector<QCPGraphData> points;
    for (std::size_t i = 0; i < samples.size();) {
        const auto pixel = samples[i].time / kPixel;
        double least = samples[i].*value;
        double most = least;
        const auto first = i;
        for (; i < samples.size() && samples[i].time / kPixel == pixel; ++i) {
            least = std::min(least, samples[i].*value);
            most = std::max(most, samples[i].*value);
        }
        const double at = std::min(inSeconds(samples[first].time - now), 0.0);
        const double last = samples[i - 1].*value;
        if (last - least > kSeen) points.append({at, least});
        if (most - last > kSeen) points.append({at, most});
        points.append({at, last});
    }
    points.append({0.0, samples.back().*value});
    m_plot->graph(graph)->data()->set(points, true);
}

void StripChart::show(const std::deque<TraceSample>& samples, Time now, Sides sides, Sides outSides)
{
    if (samples.empty()) return;
    const bool isTwoSided = sides == Sides::Two || outSides == Sides::Two;
    if (isTwoSided != m_isTwoSided) showRange(isTwoSided);
    draw(kRaw, samples, now, &TraceSample::in);
    draw(kShaped, samples, now, &TraceSample::out);
    m_plot->replot(QCustomPlot::rpQueuedReplot);
}

}  // namespace jolly::app
