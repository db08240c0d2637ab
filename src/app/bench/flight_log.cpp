// SPDX-License-Identifier: GPL-3.0-or-later
#include "app/bench/flight_log.h"

#include "app/style/qt_text.h"
#include "core/flight/happening_words.h"
#include "core/tangle/device_edit.h"
#include "format/recording_file.h"

#include <unistd.h>

#include <algorithm>

namespace jolly::app
{

FlightLog::FlightLog(Edits& edits, LiveFeed& feed, QObject* parent)
    : QObject(parent), m_edits(edits), m_feed(feed), m_aside(feed.session().way())
{
    m_timer.setInterval(kFetchMs);
    connect(&m_timer, &QTimer::timeout, this, &FlightLog::fetchNews);
    connect(&feed.session(), &EngineSession::attached, this, [this] {
        if (!isOfFile() && !m_isOpening) beginAnew();  // an opened one stays open
    });
}

void FlightLog::setWatched(bool isWatched)
{
    if (!isWatched) return m_timer.stop();
    m_timer.start();
    fetch();
}

void FlightLog::fetchNews()
{
    const std::pair now{m_feed.session().presentValues().sequence,
                        m_feed.session().status().edition};
    if (m_isFetching || m_told == now) return;
    m_told = now;
    fetch();
}

void FlightLog::fetch()
{
    if (isOfFile() || m_isOpening || m_isFetching) return;
    m_isFetching = true;
    const auto since = m_recording->chunks.empty() ? Time{} : m_recording->chunks.back().first;
    m_feed.session().askForRecording(since, [this](Result<UniqueFd> fd) {
        m_isFetching = fd && !isOfFile() && !m_isOpening;  // a lost engine is told elsewhere
        if (!m_isFetching) return m_told.reset();
        const auto handed = std::make_shared<UniqueFd>(std::move(*fd));
        m_aside.ask(
            [reader = m_reader, handed]() -> Result<FlightRead> {
                auto recording =
                    format::openRecording(::dup(handed->get()), "The engine's recording");
                if (!recording) return tl::unexpected(recording.error());
                return reader->take(std::move(*recording));
            },
            [this, reader = m_reader](Result<FlightRead> read) {
                m_isFetching = false;
                if (!read) return m_told.reset();  // it is asked for again
                if (reader == m_reader) show(std::move(*read));
            });
    });
}

/// Forgets what was read; what is being read for it comes to nothing.
void FlightLog::beginAnew()
{
    m_file.clear();
    m_story.clear();
    m_recording = std::make_shared<Recording>();
    m_activity.clear();
    m_told.reset();
    m_reader = std::make_shared<FlightReader>();
}

void FlightLog::show(FlightRead read)
{
    m_recording = std::move(read.recording);
    m_activity = std::move(read.activity);
    m_story.add(std::move(read.lines), Time(m_recording->clock));
    Q_EMIT changed();
}

FlightPlayer::TangleOf FlightLog::tangles() const
{
    return format::tanglesOf(m_recording);
}

void FlightLog::open(const QString& path)
{
    m_isOpening = true;
    const auto reader = std::make_shared<FlightReader>();
    m_aside.ask([reader, path] { return reader->open(path); },
                [this, reader, path](Result<FlightRead> read) {
                    m_isOpening = false;
                    if (!read) return m_edits.messages().refuse(toQt(read.error().text()));
                    showMoment({});
                    beginAnew();
                    m_reader = reader;
                    m_file = path;
                    const auto damage = read->recording->damage;
                    if (!damage.empty()) m_edits.messages().refuse(toQt(damage));
                    sayVerdict({});
                    show(std::move(*read));
                });
}

void FlightLog::close()
{
    if (!isOfFile()) return;
    showMoment({});
    beginAnew();
    sayVerdict({});
    fetch();
    Q_EMIT changed();
}

void FlightLog::showMoment(std::optional<Time> time)
{
    if (time) {
        const auto standing = m_recording->standingAt(*time);
        if (!standing) return m_edits.messages().refuse(toQt(standing.error().text()));
        m_feed.session().showPast(snapshotOf(*standing));
    } else if (m_moment) {
        m_feed.session().showPast({});
    }
    if (m_moment == time) return;
    m_moment = time;
    const auto id = QStringLiteral("past");
    if (time) {
        m_edits.messages().show({id,
                                 tr("All pages show %1, not now.").arg(clockOf(*time, true)),
                                 {{tr("Back to now"), [this] { showMoment({}); }}}});
    } else {
        m_edits.messages().hide(id);
    }
    Q_EMIT momentChanged();
}

/// The values of the desk as they were, in the places that they have now.
LiveSnapshot FlightLog::snapshotOf(const Standing& standing) const
{
    auto past = m_feed.session().presentValues();
    past.layers = standing.layers();
    past.craft = standing.craft();
    const auto& desk = m_feed.desk();
    for (std::uint32_t t = 0; t < m_recording->tracks.size(); ++t) {
        const auto& track = m_recording->tracks[t];
        const auto counts = standing.counts(t);
        if (track.isVirtual()) {
            for (const auto& device : desk.devices) {
                if (device.device.id != track.place.device || device.firstSlot < 0) continue;
                const auto slot =
                    std::ranges::find(device.layout, track.place.control, &VirtualSlot::control);
                const auto place = static_cast<std::size_t>(device.firstSlot) +
                                   static_cast<std::size_t>(slot - device.layout.begin());
                if (slot == device.layout.end() || place >= past.slots.size()) continue;
                const auto range = Calibration::ofRange(slot->low, slot->high);
                past.slots[place].raw = counts;
                past.slots[place].value = slot->control.kind == ControlKind::Axis
                                              ? range.valueOf(counts.x, slot->sides)
                                              : valueOfCounts(slot->control.kind, counts).x;
            }
            continue;
        }
        const auto& recorded = m_recording->controllers[track.controller];
        const auto& control = recorded.controls[track.control];
        for (const auto& controller : desk.controllers) {
            const auto& identity = controller.rig.identity;
            if (identity.name != recorded.identity.name || identity.phys != recorded.identity.phys)
                continue;
            const auto known =
                std::ranges::find(controller.rig.controls, control.code, &RigControl::code);
            if (known == controller.rig.controls.end()) continue;
            const auto slot =
                controller
                    .slotOf[static_cast<std::size_t>(known - controller.rig.controls.begin())];
            if (slot < 0 || static_cast<std::size_t>(slot) >= past.slots.size()) continue;
            auto& value = past.slots[static_cast<std::size_t>(slot)];
            value.raw = counts;
            value.value = known->kind == ControlKind::Axis
                              ? known->calibration.valueOf(counts.x, known->sides)
                              : valueOfCounts(known->kind, counts).x;
        }
    }
    return past;
}

void FlightLog::keep()
{
    m_feed.session().askToKeep([this](const Result<std::string>& path) {
        if (path) return m_edits.messages().say(tr("Kept as %1.").arg(toQt(*path)));
        m_edits.messages().refuse(toQt(path.error().text()));
    });
}

void FlightLog::compareWithPresent()
{
    if (m_recording->chunks.empty())
        return sayVerdict(tr("Nothing is recorded yet: move something first."));
    sayVerdict(tr("Comparing…"));
    struct Compared {
        Tangle flown;
        FlightCompared difference;
    };
    const auto present = std::make_shared<const Tangle>(m_edits.tangle());
    m_aside.ask(
        [recording = m_recording, present] {
            const auto last = recording->standingAt(recording->last());
            auto flown = last ? format::tanglesOf(recording)(last->tangle()) : Tangle{};
            auto difference = firstDifference(*recording, flown, *present);
            return Compared{std::move(flown), std::move(difference)};
        },
        [this, present](const Compared& compared) {
            sayDifference(compared.difference, compared.flown, *present);
        });
}

void FlightLog::sayDifference(const FlightCompared& compared, const Tangle& flown,
                              const Tangle& present)
{
    if (!compared) return sayVerdict(toQt(compared.error().text()));
    if (!*compared) return sayVerdict(tr("The tangle as it is now does the same with all of it."));
    const auto& difference = **compared;
    const auto stands = [&](const Tangle& tangle, const std::optional<Counts>& counts) {
        return counts ? toQt(countsInWords(tangle, difference.place, *counts)) : tr("not there");
    };
    const auto name = placeName(difference.second ? present : flown, difference.place);
    sayVerdict(tr("First difference at %1: %2 %3 instead of %4.")
                   .arg(clockOf(difference.time, true), toQt(name),
                        stands(present, difference.second), stands(flown, difference.first)),
               difference.time);
}

void FlightLog::sayVerdict(const QString& words, std::optional<Time> at)
{
    m_verdict = words;
    m_differenceAt = at;
    Q_EMIT verdictChanged();
}

QString FlightLog::clockOf(Time time, bool withMillis) const
{
    return clockText(Time(m_recording->clock), time, withMillis);
}

}  // namespace jolly::app
