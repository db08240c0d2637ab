// SPDX-License-Identifier: GPL-3.0-or-later
#include "app/bench/recorder_card.h"

#include "app/style/theme.h"
#include "app/style/wrap_layout.h"

#include <QFileInfo>
#include <QLocale>
#include <QVBoxLayout>
#include <cmath>

namespace jolly::app
{

namespace
{

/// "3 min 12 s".
QString lengthText(Time length)
{
    const auto seconds = static_cast<long>(std::lround(inSeconds(length)));
    return seconds < 60 ? RecorderCard::tr("%1 s").arg(seconds)
                        : RecorderCard::tr("%1 min %2 s").arg(seconds / 60).arg(seconds % 60);
}

}  // namespace

RecorderCard::RecorderCard(Edits& edits, FlightLog& log, QWidget* parent)
    : Card(parent),
      m_log(log),
      m_what(new ElidedLabel),
      m_compare(new QPushButton(tr("Replay against the present"))),
      m_open(new QPushButton(tr("Open…"))),
      m_keep(new QPushButton(tr("Keep it"))),
      m_line(new TimeLine(log, edits)),
      m_verdict(new ElidedLabel),
      m_show(new QPushButton(tr("Show it"))),
      m_now(new QPushButton(tr("Back to now")))
{
    setObjectName(QStringLiteral("recorder card"));
    auto* column = new QVBoxLayout(this);
    column->setContentsMargins(12, 10, 12, 8);
    column->setSpacing(4);
    auto* head = new WrapLayout(6);
    auto* title = new QLabel(tr("Flight recorder"));
    title->setFont(textFont(TextSize::Title, true));
    setTone(*title, "title");
    m_what->setFont(textFont(TextSize::Small));
    m_what->setObjectName(QStringLiteral("recorder what"));
    setTone(*m_what, "dim");
    m_compare->setObjectName(QStringLiteral("recorder compare"));
    m_compare->setToolTip(
        tr("Play it through the tangle as it is now, and name the first difference"));
    m_open->setObjectName(QStringLiteral("recorder open"));
    m_keep->setObjectName(QStringLiteral("recorder keep"));
    m_keep->setToolTip(tr("Write the last minutes to a file"));
    head->addWidget(title);
    head->addWidget(m_what);
    head->addStretch();
    for (auto* button : {m_compare, m_open, m_keep}) {
        setTone(*button, "chip");
        head->addWidget(button);
    }
    auto* foot = new WrapLayout(6);
    m_verdict->setObjectName(QStringLiteral("recorder verdict"));
    m_show->setObjectName(QStringLiteral("recorder show"));
    m_now->setObjectName(QStringLiteral("recorder now"));
    setTone(*m_verdict, "straw");
    for (auto* button : {m_show, m_now}) setTone(*button, "plain-straw");
    foot->addWidget(m_verdict);
    foot->addStretch();
    foot->addWidget(m_show);
    foot->addWidget(m_now);
    column->addLayout(head);
    column->addWidget(m_line, 1);
    column->addLayout(foot);
    connect(m_compare, &QPushButton::clicked, &log, &FlightLog::compareWithPresent);
    connect(m_open, &QPushButton::clicked, this, [this] {
        if (m_log.isOfFile()) return m_log.close();
        Q_EMIT openWanted();
    });
    connect(m_keep, &QPushButton::clicked, &log, &FlightLog::keep);
    connect(m_show, &QPushButton::clicked, this,
            [this] { m_log.showMoment(m_log.differenceAt()); });
    connect(m_now, &QPushButton::clicked, this, [this] { m_log.showMoment({}); });
    connect(&log, &FlightLog::changed, this, &RecorderCard::showState);
    connect(&log, &FlightLog::momentChanged, this, &RecorderCard::showState);
    connect(&log, &FlightLog::verdictChanged, this, &RecorderCard::showState);
    showState();
}

void RecorderCard::showState()
{
    const auto& recording = m_log.recording();
    const auto length = lengthText(recording.last() - recording.first());
    std::uint64_t bytes = 0;
    for (const auto& chunk : recording.chunks) bytes += chunk.length;
    const auto size = QLocale().toString(static_cast<double>(bytes) / 1e6, 'f', 1);
    m_what->setText(m_log.isOfFile() ? tr("%1: %2").arg(QFileInfo(m_log.file()).fileName(), length)
                                     : tr("the last %1, %2 MB").arg(length, size));
    m_open->setText(m_log.isOfFile() ? tr("Close it") : tr("Open…"));
    m_keep->setVisible(!m_log.isOfFile());
    setMarked(m_log.moment().has_value());
    m_verdict->setText(!m_log.verdict().isEmpty() ? m_log.verdict()
                       : m_log.moment()
                           ? tr("All pages show %1.").arg(m_log.clockOf(*m_log.moment(), true))
                           : QString());
    m_show->setVisible(m_log.differenceAt().has_value());
    m_now->setVisible(m_log.moment().has_value());
}

}  // namespace jolly::app
