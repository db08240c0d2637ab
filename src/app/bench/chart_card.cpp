// SPDX-License-Identifier: GPL-3.0-or-later
#include "app/bench/chart_card.h"

#include "app/style/elided_button.h"
#include "app/style/palette.h"
#include "app/style/scroll_column.h"
#include "app/style/theme.h"
#include "app/style/wrap_layout.h"

#include <QEvent>
#include <QVBoxLayout>
#include <QWheelEvent>
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

constexpr int kGraphs = 3;  ///< of a trace: raw, sent, seen
constexpr int kDrawMs = 33;
constexpr int kSteps[] = {2, 5, 10, 30, 60};

QColor colourOf(std::size_t trace)
{
    const auto& p = jolly::app::palette();
    const QColor colours[] = {p.straw, p.sky, p.mint, p.violet};
    return colours[trace % std::size(colours)];
}

Qt::PenStyle dashOf(std::size_t trace)
{
    constexpr Qt::PenStyle kStyles[] = {Qt::SolidLine, Qt::DashLine, Qt::DotLine, Qt::DashDotLine};
    return kStyles[trace % std::size(kStyles)];
}

}  // namespace

ChartCard::ChartCard(Edits& edits, Selection& selection, QWidget* parent)
    : Card(parent),
      m_edits(edits),
      m_selection(selection),
      m_chips(new WrapLayout(6)),
      m_add(new QPushButton(tr("Keep this one"))),
      m_zoom(new QPushButton),
      m_pause(new QPushButton(tr("Pause"))),
      m_plot(new QCustomPlot),
      m_words(new QLabel(tr("thin: the hand · thick: what we sent · dots: what a game read")))
{
    setObjectName(QStringLiteral("chart card"));
    auto* column = new QVBoxLayout(this);
    column->setContentsMargins(12, 10, 12, 8);
    column->setSpacing(4);
    auto* head = new WrapLayout(6);
    auto* title = new QLabel(tr("Raw, sent, read back"));
    title->setFont(textFont(TextSize::Title, true));
    setTone(*title, "title");
    m_add->setObjectName(QStringLiteral("chart add"));
    m_add->setToolTip(tr("Draw the selected control, too, whatever is selected next"));
    m_zoom->setObjectName(QStringLiteral("chart zoom"));
    m_zoom->setToolTip(tr("How much of the past is drawn; the wheel zooms, too"));
    m_pause->setObjectName(QStringLiteral("chart pause"));
    m_pause->setCheckable(true);
    for (auto* button : {m_add, m_zoom, m_pause}) setTone(*button, "chip");
    head->addWidget(title);
    head->addStretch();
    head->addWidget(m_add);
    head->addWidget(m_zoom);
    head->addWidget(m_pause);
    m_plot->setMinimumHeight(90);
    m_plot->setFocusPolicy(Qt::NoFocus);
    m_plot->setAccessibleName(tr("Strip chart"));
    m_plot->setPlottingHint(QCP::phFastPolylines);
    m_plot->setPlottingHint(QCP::phImmediateRefresh, false);  // with all else of the frame
    m_plot->setAttribute(Qt::WA_TransparentForMouseEvents);
    m_plot->setAutoAddPlottableToLegend(false);
    for (std::size_t graph = 0; graph < kMost * kGraphs; ++graph)
        m_plot->addGraph()->setLineStyle(QCPGraph::lsStepLeft);
    m_plot->axisRect()->setAutoMargins(QCP::msNone);
    m_plot->axisRect()->setMargins(QMargins(4, 4, 4, 16));
    m_plot->yAxis->setRange(-0.06, 1.06);
    m_plot->yAxis->setTickLabels(false);
    m_words->setFont(textFont(TextSize::Small));
    m_words->setWordWrap(true);
    setTone(*m_words, "dim");
    column->addLayout(head);
    column->addLayout(m_chips);
    column->addWidget(m_plot, 1);
    column->addWidget(m_words);
    connect(m_add, &QPushButton::clicked, this, [this] {
        if (m_selection.selected()) toggle(*m_selection.selected());
    });
    connect(m_zoom, &QPushButton::clicked, this, [this] { setLength(1); });
    connect(m_pause, &QPushButton::toggled, this, &ChartCard::setPaused);
    m_soon.setSingleShot(true);
    m_soon.setInterval(kDrawMs);
    connect(&m_soon, &QTimer::timeout, this, &ChartCard::draw);
    connect(&selection.feed(), &LiveFeed::moved, this, &ChartCard::takeValues);
    connect(&selection, &Selection::selectionChanged, this, &ChartCard::follow);
    connect(&edits, &Edits::settled, this, &ChartCard::follow);
    setLength(0);
    dress();
    follow();
}

ChartCard::~ChartCard() = default;

void ChartCard::dress()
{
    m_drawn.clear();
    const auto& p = jolly::app::palette();
    m_plot->setBackground(p.card);
    m_plot->axisRect()->setBackground(p.well);
    for (auto* axis : {m_plot->xAxis, m_plot->yAxis}) {
        axis->setBasePen(Qt::NoPen);
        axis->setTickPen(Qt::NoPen);
        axis->setSubTickPen(Qt::NoPen);
        axis->setTickLabelFont(textFont(TextSize::Small));
        axis->setTickLabelColor(p.dim);
        axis->setTickLabelPadding(2);
        axis->grid()->setPen(QPen(p.line, 1.0));
        axis->grid()->setZeroLinePen(QPen(p.line, 1.0));
    }
    for (std::size_t t = 0; t < kMost; ++t) {
        const auto first = static_cast<int>(t) * kGraphs;
        auto faint = colourOf(t);
        faint.setAlphaF(0.55F);
        m_plot->graph(first)->setPen(QPen(t == 0 ? p.dim : faint, 1.0));
        m_plot->graph(first + 1)->setPen(QPen(colourOf(t), 2.0, dashOf(t)));
        m_plot->graph(first + 2)->setLineStyle(QCPGraph::lsNone);
        m_plot->graph(first + 2)->setScatterStyle(
            QCPScatterStyle(QCPScatterStyle::ssDisc, p.strong, p.strong, 3.0));
    }
}

void ChartCard::changeEvent(QEvent* event)
{
    if (event->type() == QEvent::StyleChange || event->type() == QEvent::PaletteChange) dress();
    Card::changeEvent(event);
}

void ChartCard::wheelEvent(QWheelEvent* event)
{
    setLength(event->angleDelta().y() > 0 ? -1 : 1);
    event->accept();
}

/// @param step  to the next longer one, round and round; -1 to the next shorter one.
void ChartCard::setLength(int step)
{
    const auto seconds = static_cast<int>(inSeconds(m_length));
    const auto count = static_cast<int>(std::size(kSteps));
    const auto place = static_cast<int>(std::ranges::find(kSteps, seconds) - std::begin(kSteps));
    const auto to = step < 0 ? std::max(0, place - 1) : (place + step) % count;
    m_length = std::chrono::seconds(kSteps[to]);
    m_zoom->setText(tr("%1 s").arg(kSteps[to]));
    const QSharedPointer<QCPAxisTickerText> times(new QCPAxisTickerText);
    for (const double part : {1.0, 0.75, 0.5, 0.25}) {
        const double at = kSteps[to] * part;
        if (part < 1.0) times->addTick(-at, tr("−%1 s").arg(at));
    }
    m_plot->xAxis->setTicker(times);
    m_plot->xAxis->setRange(-kSteps[to], 0.0);
    m_drawn.clear();
    draw();
}

void ChartCard::setPaused(bool isPaused)
{
    m_isPaused = isPaused;
    m_pausedAt = m_selection.feed().now();
    m_pause->setChecked(isPaused);
    m_pause->setText(isPaused ? tr("Go on") : tr("Pause"));
    draw();
}

void ChartCard::toggle(const Source& control)
{
    const auto known = std::ranges::find(m_traces, control, &Trace::control);
    if (!m_isChosen) {
        m_isChosen = true;
        if (known == m_traces.end()) m_traces.push_back({.control = control});
    } else if (known != m_traces.end()) {
        m_traces.erase(known);
        m_isChosen = !m_traces.empty();
    } else if (m_traces.size() < kMost) {
        m_traces.push_back({.control = control});
    } else {
        m_edits.messages().refuse(
            tr("%n control(s) are drawn already; take one out first.", nullptr, kMost));
    }
    follow();
}

void ChartCard::follow()
{
    const auto& selected = m_selection.selected();
    if (!m_isChosen) {
        const bool isSame = !m_traces.empty() && selected && m_traces.front().control == *selected;
        if (!isSame) m_traces.clear();
        if (!isSame && selected) m_traces.push_back({.control = *selected});
    }
    for (auto& trace : m_traces) resolve(trace);
    buildChips();
}

/// Where the control leads now.
void ChartCard::resolve(Trace& trace) const
{
    trace.place = {};
    for (const auto* strand : m_edits.stance().strandsFrom(trace.control)) {
        if (!m_edits.stance().acts(*strand)) continue;
        for (const auto& end : strand->ends) {
            if (const auto* target = targetOf(end)) {
                trace.place = *target;
                return;
            }
        }
    }
}

void ChartCard::buildChips()
{
    QStringList names;
    for (const auto& trace : m_traces) names += m_selection.feed().nameOf(trace.control);
    names += m_isChosen ? QStringLiteral("chosen") : QString();
    m_add->setEnabled(m_selection.selected().has_value());
    if (names == m_shownChips) return;
    m_shownChips = names;
    clearLayout(*m_chips);
    for (std::size_t t = 0; t < m_traces.size(); ++t) {
        auto* chip = new ElidedButton(m_selection.feed().nameOf(m_traces[t].control));
        chip->setObjectName(QStringLiteral("chart chip"));
        setTone(*chip, "chip");
        chip->setStyleSheet(QStringLiteral("color: %1;").arg(colourOf(t).name()));
        chip->setToolTip(m_isChosen ? tr("Take it out") : tr("The selected control"));
        chip->setEnabled(m_isChosen);
        connect(chip, &QPushButton::clicked, this, [this, control = m_traces[t].control] {
            later(this, [this, control] { toggle(control); });
        });
        m_chips->addWidget(chip);
    }
}

void ChartCard::trim(std::deque<Sample>& samples, Time now)
{
    while (samples.size() > 1 && samples[1].time < now - kKept) samples.pop_front();
}

void ChartCard::takeEntries(Trace& trace)
{
    const auto* controller = m_selection.feed().controllerOf(trace.control);
    const RigControl* control = nullptr;
    int slot = -1;
    for (std::size_t c = 0; controller && c < controller->rig.controls.size(); ++c) {
        if (controller->rig.controls[c].code != trace.control.control) continue;
        control = &controller->rig.controls[c];
        slot = controller->slotOf[c];
    }
    int place = -1;
    VirtualSlot layout;
    for (const auto& device : m_selection.feed().desk().devices) {
        if (device.device.id != trace.place.device || device.firstSlot < 0) continue;
        const auto found =
            std::ranges::find(device.layout, trace.place.control, &VirtualSlot::control);
        if (found == device.layout.end()) continue;
        layout = *found;
        place = device.firstSlot + static_cast<int>(found - device.layout.begin());
    }
    const auto part = [](double low, double high, double raw) {
        return high > low ? std::clamp((raw - low) / (high - low), 0.0, 1.0) : 0.0;
    };
    for (const auto& [happening, isScene] : m_selection.feed().session().entries()) {
        if (isScene || happening.isHatY) continue;
        if (control && happening.kind == Happening::Kind::Move &&
            static_cast<int>(happening.what) == slot) {
            const bool isAxis = control->kind == ControlKind::Axis;
            trace.raw.push_back(
                {happening.time, part(isAxis ? control->calibration.low : 0,
                                      isAxis ? control->calibration.high : 1, happening.raw)});
        }
        if (happening.kind == Happening::Kind::Change &&
            static_cast<int>(happening.what) == place) {
            const bool isAxis = layout.control.kind == ControlKind::Axis;
            trace.sent.push_back({happening.time, part(isAxis ? layout.low : 0,
                                                       isAxis ? layout.high : 1, happening.raw)});
        }
    }
}

/// What a game reads, as often as it is drawn.
void ChartCard::takeSeen(Trace& trace, Time now)
{
    const auto seen = m_selection.feed().session().seenByGame();
    for (const auto& device : m_selection.feed().desk().devices) {
        if (device.device.id != trace.place.device || device.firstSlot < 0) continue;
        const auto found =
            std::ranges::find(device.layout, trace.place.control, &VirtualSlot::control);
        const auto place = static_cast<std::size_t>(device.firstSlot) +
                           static_cast<std::size_t>(found - device.layout.begin());
        if (found == device.layout.end() || place >= seen.size()) continue;
        if (seen[place].sight == LiveSight::Unseen) continue;
        const bool isAxis = found->control.kind == ControlKind::Axis;
        const double low = isAxis ? found->low : 0;
        const double high = isAxis ? found->high : 1;
        const double value = (seen[place].raw.x - low) / (high - low);
        if (trace.seen.empty() || trace.seen.back().value != value)
            trace.seen.push_back({now, value});
    }
}

void ChartCard::takeValues()
{
    const auto now = m_selection.feed().now();
    for (auto& trace : m_traces) {
        takeEntries(trace);
        if (isVisible()) takeSeen(trace, now);
        for (auto* samples : {&trace.raw, &trace.sent, &trace.seen}) {
            if (!m_isPaused) trim(*samples, now);
        }
    }
}

std::size_t ChartCard::sampleCount() const
{
    return m_traces.empty() ? 0 : m_traces.front().sent.size();
}

/// Of the samples that share a pixel the first and the last are drawn; what lasts since before the
/// picture begins at its edge.
ChartCard::Points ChartCard::pointsOf(const std::deque<Sample>& samples, bool isLine,
                                      Time now) const
{
    Points points;
    const auto pixel = std::max(Time(1), m_length / 600);
    const auto edge = now - m_length;
    for (std::size_t i = 0; i < samples.size(); ++i) {
        if (i + 1 < samples.size() && samples[i + 1].time < edge) continue;
        if (!isLine && samples[i].time < edge) continue;
        const bool isFirst = i == 0 || samples[i - 1].time / pixel != samples[i].time / pixel;
        const bool isLast =
            i + 1 == samples.size() || samples[i + 1].time / pixel != samples[i].time / pixel;
        if (isFirst || isLast)
            points.emplace_back(inSeconds(std::max(samples[i].time, edge) - now), samples[i].value);
    }
    if (isLine && !samples.empty()) points.emplace_back(0.0, samples.back().value);
    return points;
}

void ChartCard::drawSoon()
{
    if (!m_soon.isActive()) m_soon.start();
}

void ChartCard::draw()
{
    const auto now = m_isPaused ? m_pausedAt : m_selection.feed().now();
    std::vector<Points> drawn;
    for (std::size_t t = 0; t < kMost; ++t) {
        const Trace none{};
        const auto& trace = t < m_traces.size() ? m_traces[t] : none;
        drawn.push_back(pointsOf(trace.raw, true, now));
        drawn.push_back(pointsOf(trace.sent, true, now));
        drawn.push_back(pointsOf(trace.seen, false, now));
    }
    if (drawn == m_drawn) return;
    m_drawn = std::move(drawn);
    for (std::size_t graph = 0; graph < m_drawn.size(); ++graph) {
        QVector<QCPGraphData> points;
        for (const auto& [at, value] : m_drawn[graph]) points.append({at, value});
        m_plot->graph(static_cast<int>(graph))->data()->set(points, false);
    }
    m_plot->replot(QCustomPlot::rpQueuedReplot);
}

}  // namespace jolly::app
