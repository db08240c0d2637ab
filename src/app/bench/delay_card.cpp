// SPDX-License-Identifier: GPL-3.0-or-later
#include "app/bench/delay_card.h"

#include "app/style/palette.h"
#include "app/style/theme.h"
#include "app/style/wrap_layout.h"

#include <QPainter>
#include <QVBoxLayout>
#include <algorithm>
#include <cmath>

namespace jolly::app
{

namespace
{

QString micros(Time time)
{
    return QString::number(std::lround(std::chrono::duration<double, std::micro>(time).count()));
}

}  // namespace

DelayColumns::DelayColumns(QWidget* parent) : QWidget(parent)
{
    setMinimumHeight(64);
    setSizePolicy(QSizePolicy::Expanding, QSizePolicy::Expanding);
    setAccessibleName(tr("How many frames had which delay"));
}

void DelayColumns::show(const DelayBins& bins)
{
    if (bins == m_bins) return;
    m_bins = bins;
    update();
}

void DelayColumns::paintEvent(QPaintEvent*)
{
    const auto& p = jolly::app::palette();
    QPainter painter(this);
    painter.setRenderHint(QPainter::Antialiasing);
    painter.setFont(textFont(TextSize::Small));
    const auto figures = figuresOf(m_bins);
    if (figures.count == 0) {
        painter.setPen(p.dim);
        painter.drawText(rect(), Qt::AlignCenter | Qt::TextWordWrap, tr("Nothing has moved yet."));
        return;
    }
    std::size_t first = m_bins.size();
    std::size_t last = 0;
    for (std::size_t bin = 0; bin < m_bins.size(); ++bin) {
        if (m_bins[bin] == 0) continue;
        first = std::min(first, bin);
        last = bin;
    }
    const auto most = *std::ranges::max_element(m_bins);
    const auto count = last - first + 1;
    const double wide = std::min(26.0, (width() - 4.0) / static_cast<double>(count));
    const double ground = height() - 17.0;
    for (std::size_t bin = first; bin <= last; ++bin) {
        if (m_bins[bin] == 0) continue;
        // A single frame in a million is still seen.
        const double part = static_cast<double>(m_bins[bin]) / static_cast<double>(most);
        const double high = std::max(2.0, part * (ground - 4.0));
        const bool isTail = Time(delayOfBin(static_cast<std::uint32_t>(bin))) >= figures.most;
        painter.setPen(Qt::NoPen);
        painter.setBrush(isTail ? p.slate : p.straw);
        painter.drawRoundedRect(QRectF(2.0 + wide * static_cast<double>(bin - first) + 1.0,
                                       ground - high, std::max(1.5, wide - 2.5), high),
                                1.5, 1.5);
    }
    painter.setPen(QPen(p.line, 1.0));
    painter.drawLine(QPointF(2, ground + 0.5), QPointF(width() - 2.0, ground + 0.5));
    painter.setPen(p.dim);
    const QRect words(2, static_cast<int>(ground) + 2, width() - 4, 15);
    const auto from = Time(delayOfBin(static_cast<std::uint32_t>(first)));
    painter.drawText(words, Qt::AlignLeft, tr("%1 µs").arg(micros(from)));
    const auto end = static_cast<int>(wide * static_cast<double>(count)) + 2;
    painter.drawText(QRect(words.left(), words.top(), std::max(end, 120), 15), Qt::AlignRight,
                     tr("%1 µs").arg(micros(figures.worst)));
}

DelayCard::DelayCard(LiveFeed& feed, QWidget* parent)
    : Card(parent),
      m_feed(feed),
      m_rate(new QLabel),
      m_columns(new DelayColumns),
      m_figures(new QLabel),
      m_lost(new QLabel),
      m_toGame(new QPushButton(tr("to the game")))
{
    setObjectName(QStringLiteral("delay card"));
    auto* column = new QVBoxLayout(this);
    column->setContentsMargins(12, 10, 12, 10);
    column->setSpacing(4);
    auto* head = new WrapLayout(6);
    auto* title = new QLabel(tr("Delay we add"));
    title->setFont(textFont(TextSize::Title, true));
    setTone(*title, "title");
    m_rate->setFont(textFont(TextSize::Small));
    setTone(*m_rate, "dim");
    m_toGame->setObjectName(QStringLiteral("delay to game"));
    m_toGame->setCheckable(true);
    m_toGame->setToolTip(tr("Measure until a game reads it, not only until we write it"));
    setTone(*m_toGame, "chip");
    head->addWidget(title);
    head->addWidget(m_rate);
    head->addStretch();
    head->addWidget(m_toGame);
    m_figures->setObjectName(QStringLiteral("delay figures"));
    m_figures->setWordWrap(true);
    m_lost->setObjectName(QStringLiteral("events lost"));
    m_lost->setWordWrap(true);
    for (auto* label : {m_figures, m_lost}) label->setFont(textFont(TextSize::Small));
    column->addLayout(head);
    column->addWidget(m_columns, 1);
    column->addWidget(m_figures);
    column->addWidget(m_lost);
    connect(m_toGame, &QPushButton::toggled, this, &DelayCard::showValues);
    connect(&feed.session(), &EngineSession::attached, this, [this] { m_past.clear(); });
}

void DelayCard::showValues()
{
    constexpr Time kOften = std::chrono::seconds(1);
    const auto now = m_feed.now();
    const auto counts = m_feed.session().counts();
    if (m_past.empty() || now - m_past.back().time >= kOften) m_past.push_back({now, counts});
    while (m_past.size() > 1 && m_past.front().time < now - kLength) m_past.pop_front();
    const auto& before = m_past.front();
    const auto bins = m_toGame->isChecked() ? since(before.counts.seen, counts.seen)
                                            : since(before.counts.sent, counts.sent);
    m_columns->show(bins);
    const auto figures = figuresOf(bins);
    m_figures->setText(
        figures.count == 0
            ? tr("Move something while live, and see how fast it is.")
            : tr("middle %1 µs · 99 % under %2 µs · worst under %3 µs")
                  .arg(micros(figures.middle), micros(figures.most), micros(figures.worst)));
    const double length = inSeconds(now - before.time);
    const auto events = counts.events - before.counts.events;
    m_rate->setText(length > 0.5
                        ? tr("%1 events/s").arg(std::lround(static_cast<double>(events) / length))
                        : QString());
    setTone(*m_lost, counts.losses == 0 ? "dim" : "coral");
    m_lost->setText(counts.losses == 0
                        ? tr("0 of %L1 events lost").arg(counts.events)
                        : tr("The kernel dropped events %n time(s): they were not read fast "
                             "enough, the machine is too busy.",
                             nullptr,
                             static_cast<int>(std::min<std::uint64_t>(counts.losses, 1000000))));
}

}  // namespace jolly::app
