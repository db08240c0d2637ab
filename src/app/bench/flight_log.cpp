// SPDX-License-Identifier: GPL-3.0-or-later
#include "app/bench/flight_log.h"

#include "core/flight/happening_words.h"
#include "core/tangle/device_edit.h"
#include "format/recording_file.h"

#include <unistd.h>

#include <QDateTime>
#include <algorithm>

namespace jolly::app
{

FlightLog::FlightLog(Studio& studio, QObject* parent) : QObject(parent), m_studio(studio)
{
    m_timer.setInterval(kFetchMs);
    connect(&m_timer, &QTimer::timeout, this, &FlightLog::fetch);
    connect(&studio.session(), &EngineSession::attached, this, [this] {
        if (isOfFile()) return;  // that one stays open
        m_recording = std::make_shared<Recording>();
        m_lines.clear();
        m_toldChunk = Time::min();
    });
}

void FlightLog::setWatched(bool isWatched)
{
    if (!isWatched) return m_timer.stop();
    m_timer.start();
    fetch();
}

void FlightLog::fetch()
{
    if (isOfFile() || m_isFetching) return;
    m_isFetching = true;
    const auto since = m_recording->chunks.empty() ? Time{} : m_recording->chunks.back().first;
    m_studio.session().askForRecording(since, [this](Result<UniqueFd> fd) {
        m_isFetching = false;
        if (!fd || isOfFile()) return;  // the engine is gone, which is told elsewhere
        auto recording = format::openRecording(::dup(fd->get()), "The engine's recording");
        if (recording) take(std::move(*recording));
    });
}

/// What came since the last time stands in the place of the chunk that went on then.
void FlightLog::take(Recording recording)
{
    auto chunks = m_recording->chunks;
    if (!recording.chunks.empty()) {
        const auto first = recording.chunks.front().first;
        std::erase_if(chunks, [&](const Chunk& chunk) { return chunk.first >= first; });
    }
    std::erase_if(chunks, [&](const Chunk& chunk) { return chunk.first < recording.keptFrom; });
    for (auto& chunk : recording.chunks) {
        if (auto bytes = recording.fetch(chunk))
            chunk.bytes = std::make_shared<const std::string>(std::move(*bytes));
        chunks.push_back(std::move(chunk));
    }
    recording.chunks = std::move(chunks);
    m_recording = std::make_shared<Recording>(std::move(recording));
    tell();
    Q_EMIT changed();
}

/// Adds the lines of what was not told yet.
void FlightLog::tell()
{
    constexpr std::size_t kMostChunks = 200;  // of a long file its last minutes are told
    const auto count = m_recording->chunks.size();
    const auto tangleOf = tangles();
    for (auto c = isOfFile() && count > kMostChunks ? count - kMostChunks : 0; c < count; ++c) {
        const auto& chunk = m_recording->chunks[c];
        if (chunk.first < m_toldChunk) continue;
        if (chunk.first != m_toldChunk) m_toldInChunk = 0;
        m_toldChunk = chunk.first;
        if (chunk.count <= m_toldInChunk) continue;
        const auto read = m_recording->read(c);
        if (!read) return;
        auto standing = read->begin;
        std::optional<Tangle> tangle;
        for (std::size_t i = 0; i < read->happenings.size(); ++i) {
            const auto& happening = read->happenings[i];
            standing.take(happening);
            if (happening.kind == Happening::Kind::Tangle) tangle.reset();
            if (i < m_toldInChunk) continue;
            if (!tangle) tangle = tangleOf(standing.tangle());
            m_story.take(happening, *m_recording, *tangle);
        }
        m_toldInChunk = read->happenings.size();
    }
    for (auto& line : m_story.takeLines()) m_lines.push_back(std::move(line));
    while (m_lines.size() > kMostLines) m_lines.pop_front();
}

FlightPlayer::TangleOf FlightLog::tangles() const
{
    return format::tanglesOf(m_recording);
}

void FlightLog::open(const QString& path)
{
    auto recording = format::openRecording(std::filesystem::path(path.toStdString()));
    if (!recording) return m_studio.refuse(QString::fromStdString(recording.error().text()));
    showMoment({});
    m_file = path;
    m_lines.clear();
    m_story = {};
    m_toldChunk = Time::min();
    m_toldInChunk = 0;
    m_recording = std::make_shared<Recording>(std::move(*recording));
    if (!m_recording->damage.empty()) m_studio.refuse(QString::fromStdString(m_recording->damage));
    tell();
    sayVerdict({});
    Q_EMIT changed();
}

void FlightLog::close()
{
    if (!isOfFile()) return;
    showMoment({});
    m_file.clear();
    m_recording = std::make_shared<Recording>();
    m_lines.clear();
    m_story = {};
    m_toldChunk = Time::min();
    sayVerdict({});
    fetch();
    Q_EMIT changed();
}

void FlightLog::showMoment(std::optional<Time> time)
{
    if (time) {
        const auto standing = m_recording->standingAt(*time);
        if (!standing) return m_studio.refuse(QString::fromStdString(standing.error().text()));
        m_studio.session().showPast(snapshotOf(*standing));
    } else if (m_moment) {
        m_studio.session().showPast({});
    }
    if (m_moment == time) return;
    m_moment = time;
    const auto id = QStringLiteral("past");
    if (time) {
        m_studio.show({id,
                       tr("All pages show %1, not now.").arg(clockOf(*time, true)),
                       {{tr("Back to now"), [this] { showMoment({}); }}}});
    } else {
        m_studio.hide(id);
    }
    Q_EMIT momentChanged();
}

/// The values of the desk as they were, in the places that they have now.
LiveSnapshot FlightLog::snapshotOf(const Standing& standing) const
{
    auto past = m_studio.session().presentValues();
    past.layers = standing.layers();
    past.craft = standing.craft();
    const auto& desk = m_studio.desk();
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
    m_studio.session().askToKeep([this](const Result<std::string>& path) {
        if (path) return m_studio.say(tr("Kept as %1.").arg(QString::fromStdString(*path)));
        m_studio.refuse(QString::fromStdString(path.error().text()));
    });
}

void FlightLog::compareWithPresent()
{
    if (m_recording->chunks.empty())
        return sayVerdict(tr("Nothing is recorded yet: move something first."));
    const auto last = m_recording->standingAt(m_recording->last());
    const auto flown = last ? tangles()(last->tangle()) : Tangle{};
    const auto compared = firstDifference(*m_recording, flown, m_studio.tangle());
    if (!compared) return sayVerdict(QString::fromStdString(compared.error().text()));
    if (!*compared) return sayVerdict(tr("The tangle as it is now does the same with all of it."));
    const auto& difference = **compared;
    const auto stands = [&](const Tangle& tangle, const std::optional<Counts>& counts) {
        return counts ? QString::fromStdString(countsInWords(tangle, difference.place, *counts))
                      : tr("not there");
    };
    const auto name = placeName(difference.second ? m_studio.tangle() : flown, difference.place);
    sayVerdict(
        tr("First difference at %1: %2 %3 instead of %4.")
            .arg(clockOf(difference.time, true), QString::fromStdString(name),
                 stands(m_studio.tangle(), difference.second), stands(flown, difference.first)),
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
    const auto ms = (m_recording->clock + time.count()) / 1'000'000;
    return QDateTime::fromMSecsSinceEpoch(ms).toString(withMillis ? QStringLiteral("HH:mm:ss.zzz")
                                                                  : QStringLiteral("HH:mm:ss"));
}

}  // namespace jolly::app
