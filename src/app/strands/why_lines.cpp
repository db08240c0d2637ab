// SPDX-License-Identifier: GPL-3.0-or-later
#include "app/strands/why_lines.h"
#include "app/style/qt_text.h"

#include "app/style/elided_button.h"
#include "app/style/theme.h"
#include "core/flight/why.h"
#include "core/tangle/device_edit.h"
#include "format/recording_file.h"

#include <unistd.h>

#include <QDateTime>
#include <QPointer>
#include <QVBoxLayout>

namespace jolly::app
{

namespace
{

QStringList linesOf(const std::shared_ptr<const Recording>& kept, const Target& place,
                    std::optional<Time> moment)
{
    const auto& recording = *kept;
    const auto why =
        whyOf(recording, format::tanglesOf(kept), place, moment.value_or(recording.last()));
    if (!why) return {toQt(why.error().text())};
    const auto when = [&](Time time) {
        const auto ms = (recording.clock + time.count()) / 1'000'000;
        return QDateTime::fromMSecsSinceEpoch(ms)
            .toString(QStringLiteral("HH:mm:ss.zzz"))
            .toStdString();
    };
    QStringList lines;
    for (const auto& line : sentencesOf(*why, recording, when)) lines += toQt(line);
    return lines;
}

}  // namespace

WhyLines::WhyLines(Edits& edits, LiveFeed& feed, QWidget* parent)
    : QWidget(parent),
      m_edits(edits),
      m_feed(feed),
      m_button(new ElidedButton(tr("Why?"))),
      m_lines(new QLabel)
{
    auto* column = new QVBoxLayout(this);
    column->setContentsMargins(0, 0, 0, 0);
    column->setSpacing(4);
    m_button->setObjectName(QStringLiteral("why"));
    setTone(*m_button, "chip");
    m_lines->setObjectName(QStringLiteral("why lines"));
    m_lines->setFont(textFont(TextSize::Small));
    m_lines->setWordWrap(true);
    m_lines->setTextInteractionFlags(Qt::TextSelectableByMouse);
    m_lines->hide();
    column->addWidget(m_button, 0, Qt::AlignLeft);
    column->addWidget(m_lines);
    connect(m_button, &QPushButton::clicked, this, &WhyLines::ask);
    setPlace({});
}

void WhyLines::setPlace(const Target& place)
{
    m_button->setEnabled(!place.device.empty());
    if (place == m_place && !place.device.empty()) return;
    m_place = place;
    const auto name = place.device.empty() ? QString() : toQt(placeName(m_edits.tangle(), place));
    m_button->setText(name.isEmpty() ? tr("Why?") : tr("Why? %1").arg(name));
    m_button->setToolTip(tr("What gave it its value: the touch, the strand, its stages"));
    m_lines->hide();
}

void WhyLines::ask()
{
    if (m_lines->isVisible()) return m_lines->hide();
    if (const auto recording = m_source ? m_source() : nullptr)
        return answer(linesOf(recording, m_place, m_moment));
    m_feed.session().askForRecording(
        {}, [self = QPointer(this), this, place = m_place, moment = m_moment](Result<UniqueFd> fd) {
            if (!self) return;  // the card was closed meanwhile
            if (!fd) return answer({toQt(fd.error().text())});
            auto opened = format::openRecording(::dup(fd->get()), "The engine's recording");
            if (!opened) return answer({toQt(opened.error().text())});
            answer(linesOf(std::make_shared<const Recording>(std::move(*opened)), place, moment));
        });
}

void WhyLines::answer(const QStringList& lines)
{
    m_lines->setText(lines.join(QLatin1Char('\n')));
    m_lines->show();
}

}  // namespace jolly::app
