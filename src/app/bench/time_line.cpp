// SPDX-License-Identifier: GPL-3.0-or-later
#include "app/bench/time_line.h"

#include "app/style/palette.h"
#include "app/style/theme.h"
#include "core/tangle/lookup.h"

#include <QKeyEvent>
#include <QMouseEvent>
#include <QPainter>
#include <algorithm>
#include <cmath>
#include <utility>

namespace jolly::app
{

namespace
{

constexpr int kNames = 96;
constexpr int kLaneHeight = 19;  ///< and less where there is little room
constexpr int kLeastLane = 9;
constexpr int kTop = 6;
constexpr int kBottom = 20;
constexpr std::size_t kMostLanes = 8;
constexpr std::size_t kMostRead = 400;  ///< chunks of a file that are read for the drawing
constexpr double kLeast = 0.04;         ///< of the travel, in a part; less is noise

/// The full travel of a track in its counts.
double spanOf(const Recording& recording, std::uint32_t track)
{
    const auto& described = recording.tracks[track];
    if (described.isVirtual())
        return described.place.control.kind == ControlKind::Axis ? 65535.0 : 1.0;
    const auto& control = recording.controllers[described.controller].controls[described.control];
    if (control.kind != ControlKind::Axis) return 1.0;
    return std::max(1.0, static_cast<double>(control.high) - control.low);
}

}  // namespace

TimeLine::TimeLine(FlightLog& log, Studio& studio, QWidget* parent)
    : QWidget(parent), m_log(log), m_studio(studio)
{
    setObjectName(QStringLiteral("time line"));
    setFocusPolicy(Qt::StrongFocus);
    setCursor(Qt::PointingHandCursor);
    setSizePolicy(QSizePolicy::Expanding, QSizePolicy::Expanding);
    setToolTip(tr("Drag to see how everything stood then; Esc goes back to now"));
    connect(&log, &FlightLog::changed, this, &TimeLine::rebuild);
    connect(&log, &FlightLog::momentChanged, this, [this] {
        describe();
        update();
    });
    connect(&log, &FlightLog::verdictChanged, this, [this] { update(); });
    rebuild();
}

QSize TimeLine::sizeHint() const
{
    const auto lanes = std::max<std::size_t>(3, m_lanes.size());
    return {420, kTop + kBottom + kLaneHeight * static_cast<int>(lanes)};
}

/// Finds out how much the tracks moved in chunks that are new, or went on. Of a long recording
/// from a file only what moved at all is known, so that it opens at once.
void TimeLine::lookAtChunks()
{
    const auto& recording = m_log.recording();
    if (recording.chunks.empty()) return m_activity.clear();
    std::erase_if(m_activity,
                  [&](const auto& each) { return each.first < recording.chunks.front().first; });
    for (std::size_t c = 0; c < recording.chunks.size(); ++c) {
        const auto& chunk = recording.chunks[c];
        auto& activity = m_activity[chunk.first];
        if (activity.count == chunk.count) continue;
        activity = {chunk.count, {}};
        const auto parts = static_cast<std::size_t>((chunk.last - chunk.first) / kPart) + 1;
        if (m_log.isOfFile() && recording.chunks.size() > kMostRead) {
            for (const auto track : chunk.active) activity.travel[track].assign(parts, 1.0);
            continue;
        }
        const auto read = recording.read(c);
        if (!read) continue;
        auto before = read->begin;
        for (const auto& happening : read->happenings) {
            if (happening.hasTrack() && happening.time >= chunk.first) {
                auto& travel = activity.travel[happening.what];
                travel.resize(parts);
                const auto part = static_cast<std::size_t>((happening.time - chunk.first) / kPart);
                const auto counts = before.counts(happening.what);
                travel[std::min(part, parts - 1)] +=
                    std::abs(double(happening.raw) - (happening.isHatY ? counts.y : counts.x)) /
                    spanOf(recording, happening.what);
            }
            before.take(happening);
        }
    }
}

/// When the tracks of a lane moved, as pieces; what only shakes is left out.
TimeLine::Lane TimeLine::laneOf(const QString& name, QColor Palette::*colour,
                                const std::function<bool(const Track&)>& isOfLane) const
{
    Lane lane{name, colour, {}};
    const auto& recording = m_log.recording();
    for (const auto& [first, activity] : m_activity) {
        std::vector<double> most;
        for (const auto& [track, travel] : activity.travel) {
            if (track >= recording.tracks.size() || !isOfLane(recording.tracks[track])) continue;
            most.resize(std::max(most.size(), travel.size()));
            for (std::size_t i = 0; i < travel.size(); ++i) most[i] = std::max(most[i], travel[i]);
        }
        for (std::size_t i = 0; i < most.size(); ++i) {
            if (most[i] < kLeast) continue;
            const auto from = first + static_cast<Time::rep>(i) * kPart;
            const bool goesOn = !lane.pieces.empty() && from - lane.pieces.back().last <= kPart / 2;
            if (goesOn && std::abs(lane.pieces.back().share - std::min(1.0, most[i])) < 0.3) {
                lane.pieces.back().last = from + kPart;
            } else {
                lane.pieces.push_back({from, from + kPart, std::min(1.0, most[i])});
            }
        }
    }
    return lane;
}

void TimeLine::addLayers()
{
    Lane lane{tr("layers"), &Palette::sky, {}};
    const auto& recording = m_log.recording();
    const auto& chunks = recording.chunks;
    if (m_log.isOfFile() && chunks.size() > kMostRead) return;  // a long one is not read whole
    std::optional<Time> since;
    for (std::size_t c = 0; c < chunks.size(); ++c) {
        const auto read = recording.read(c);
        if (!read) break;
        auto layers = read->begin.layers();
        if (layers != 1 && !since) since = chunks[c].first;
        for (const auto& happening : read->happenings) {
            if (happening.kind != Happening::Kind::Engaged) continue;
            const auto bit = std::uint64_t{1} << (happening.what & 63U);
            layers = happening.raw != 0 ? layers | bit : layers & ~bit;
            if (layers != 1 && !since) since = happening.time;
            if (layers == 1 && since)
                lane.pieces.push_back({*std::exchange(since, {}), happening.time, 1.0});
        }
    }
    if (since) lane.pieces.push_back({*since, recording.last(), 1.0});
    m_lanes.push_back(std::move(lane));
}

void TimeLine::rebuild()
{
    m_lanes.clear();
    lookAtChunks();
    const auto& recording = m_log.recording();
    for (std::uint32_t c = 0; c < recording.controllers.size(); ++c) {
        const auto& identity = recording.controllers[c].identity;
        auto name = identity.name;
        for (const auto& known : m_studio.tangle().rig) {
            if (known.identity.name == identity.name && known.identity.phys == identity.phys)
                name = known.alias;
        }
        auto lane = laneOf(QString::fromStdString(name), &Palette::straw,
                           [c](const Track& track) { return track.controller == c; });
        if (m_lanes.size() < kMostLanes - 2) m_lanes.push_back(std::move(lane));
    }
    addLayers();
    for (const auto& device : m_studio.tangle().devices) {
        auto lane =
            laneOf(QString::fromStdString(device.name), &Palette::mint, [&](const Track& track) {
                return track.isVirtual() && track.place.device == device.id;
            });
        if (!lane.pieces.empty() && m_lanes.size() < kMostLanes) m_lanes.push_back(std::move(lane));
    }
    describe();
    updateGeometry();
    update();
}

double TimeLine::laneHeight() const
{
    const auto lanes = std::max<std::size_t>(1, m_lanes.size());
    return std::clamp((height() - kTop - kBottom) / static_cast<double>(lanes), double(kLeastLane),
                      double(kLaneHeight));
}

double TimeLine::xOf(Time time) const
{
    const auto& recording = m_log.recording();
    const double length = std::max(1e-9, inSeconds(recording.last() - recording.first()));
    return kNames + (width() - kNames - 8.0) * inSeconds(time - recording.first()) / length;
}

void TimeLine::paintEvent(QPaintEvent*)
{
    const auto& p = jolly::app::palette();
    QPainter painter(this);
    painter.setRenderHint(QPainter::Antialiasing);
    painter.setFont(textFont(TextSize::Small));
    if (m_log.recording().chunks.empty()) {
        painter.setPen(p.dim);
        painter.drawText(rect(), Qt::AlignCenter, tr("Nothing is recorded yet: move something."));
        return;
    }
    const double high = laneHeight();
    for (std::size_t i = 0; i < m_lanes.size(); ++i) {
        const auto& lane = m_lanes[i];
        const QRectF row(kNames, kTop + high * static_cast<double>(i) + 1.0, width() - kNames - 8.0,
                         high - 4.0);
        painter.setPen(p.dim);
        painter.drawText(QRectF(0, row.top() - 2, kNames - 8, high),
                         Qt::AlignLeft | Qt::AlignVCenter,
                         painter.fontMetrics().elidedText(lane.name, Qt::ElideRight, kNames - 8));
        painter.setPen(Qt::NoPen);
        painter.setBrush(p.well);
        painter.drawRoundedRect(row, 3, 3);
        for (const auto& piece : lane.pieces) {
            auto colour = p.*lane.colour;
            colour.setAlphaF(static_cast<float>(0.4 + 0.6 * piece.share));
            painter.setBrush(colour);
            const double left = xOf(piece.first);
            painter.drawRoundedRect(
                QRectF(left, row.top(), std::max(2.0, xOf(piece.last) - left - 1.0), row.height()),
                2, 2);
        }
    }
    const double foot = kTop + high * static_cast<double>(m_lanes.size()) + 2.0;
    painter.setPen(p.dim);
    const auto& recording = m_log.recording();
    painter.drawText(QRectF(kNames, foot, 90, 16), Qt::AlignLeft, m_log.clockOf(recording.first()));
    painter.drawText(QRectF(width() - 98.0, foot, 90, 16), Qt::AlignRight,
                     m_log.isOfFile() ? m_log.clockOf(recording.last()) : tr("now"));
    if (const auto at = m_log.differenceAt()) {
        painter.setPen(QPen(p.coral, 1.5, Qt::DashLine));
        painter.drawLine(QPointF(xOf(*at), kTop), QPointF(xOf(*at), foot));
    }
    if (hasFocus()) {
        painter.setPen(QPen(p.straw, 1.0));
        painter.setBrush(Qt::NoBrush);
        painter.drawRoundedRect(
            QRectF(kNames - 3.0, kTop - 3.0, width() - kNames - 2.0, foot - kTop + 3.0), 5, 5);
    }
    const auto moment = m_log.moment();
    if (!moment) return;
    const double x = xOf(*moment);
    painter.setPen(QPen(p.strong, 1.6));
    painter.drawLine(QPointF(x, 2), QPointF(x, foot));
    painter.setPen(Qt::NoPen);
    painter.setBrush(p.strong);
    painter.drawEllipse(QPointF(x, 5), 4.5, 4.5);
    const QRectF tag(std::clamp(x - 36.0, double(kNames), width() - 80.0), foot, 72, 17);
    painter.setBrush(p.raised);
    painter.setPen(QPen(p.line, 1.0));
    painter.drawRoundedRect(tag, 8, 8);
    painter.setPen(p.strong);
    painter.drawText(tag, Qt::AlignCenter, m_log.clockOf(*moment));
}

void TimeLine::showAt(double x)
{
    const auto& recording = m_log.recording();
    if (recording.chunks.empty()) return;
    const double part = std::clamp((x - kNames) / (width() - kNames - 8.0), 0.0, 1.0);
    const auto length = recording.last() - recording.first();
    m_log.showMoment(recording.first() +
                     Time(static_cast<Time::rep>(static_cast<double>(length.count()) * part)));
}

void TimeLine::mousePressEvent(QMouseEvent* event)
{
    showAt(event->position().x());
}

void TimeLine::mouseMoveEvent(QMouseEvent* event)
{
    if ((event->buttons() & Qt::LeftButton) != 0) showAt(event->position().x());
}

void TimeLine::go(Time by)
{
    const auto& recording = m_log.recording();
    if (recording.chunks.empty()) return;
    const auto from = m_log.moment().value_or(recording.last());
    m_log.showMoment(std::clamp(from + by, recording.first(), recording.last()));
}

void TimeLine::keyPressEvent(QKeyEvent* event)
{
    const bool isFine = (event->modifiers() & Qt::ShiftModifier) != 0;
    const Time step = isFine ? Time(std::chrono::milliseconds(20)) : Time(std::chrono::seconds(1));
    switch (event->key()) {
        case Qt::Key_Left:
            return go(-step);
        case Qt::Key_Right:
            return go(step);
        case Qt::Key_Home:
            return m_log.showMoment(m_log.recording().first());
        case Qt::Key_End:
        case Qt::Key_Escape:
            if (m_log.moment()) return m_log.showMoment({});
            break;
        default:
            break;
    }
    QWidget::keyPressEvent(event);
}

void TimeLine::describe()
{
    const auto moment = m_log.moment();
    setAccessibleName(moment ? tr("The recording, shown at %1").arg(m_log.clockOf(*moment))
                             : tr("The recording, shown as it is now"));
}

}  // namespace jolly::app
