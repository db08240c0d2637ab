// SPDX-License-Identifier: GPL-3.0-or-later
#include "app/bench/time_line.h"
#include "app/style/qt_text.h"

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
constexpr double kLeast = 0.04;  ///< of the travel, in a part; less is noise
constexpr Time kPart = ChunkActivity::kPart;

}  // namespace

TimeLine::TimeLine(FlightLog& log, Edits& edits, QWidget* parent)
    : QWidget(parent), m_log(log), m_edits(edits)
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

/// When the tracks of a lane moved, as pieces; what only shakes is left out.
TimeLine::Lane TimeLine::laneOf(const QString& name, QColor Palette::*colour,
                                const std::function<bool(const Track&)>& isOfLane) const
{
    Lane lane{name, colour, {}};
    const auto& recording = m_log.recording();
    for (const auto& [first, activity] : m_log.activity()) {
        std::vector<double> most;
        for (const auto& [track, travel] : activity->travel) {
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

/// When layers besides Base were engaged; what goes on from one chunk to the next is one piece.
void TimeLine::addLayers()
{
    Lane lane{tr("layers"), &Palette::sky, {}};
    bool goesOn = false;
    for (const auto& [first, activity] : m_log.activity()) {
        for (const auto& [from, to] : activity->engaged) {
            if (goesOn && from == first) {
                lane.pieces.back().last = to;
            } else {
                lane.pieces.push_back({from, to, 1.0});
            }
            goesOn = false;
        }
        goesOn = activity->staysEngaged;
    }
    m_lanes.push_back(std::move(lane));
}

void TimeLine::rebuild()
{
    m_lanes.clear();
    const auto& recording = m_log.recording();
    for (std::uint32_t c = 0; c < recording.controllers.size(); ++c) {
        const auto& identity = recording.controllers[c].identity;
        auto name = identity.name;
        for (const auto& known : m_edits.tangle().rig) {
            if (known.identity.name == identity.name && known.identity.phys == identity.phys)
                name = known.alias;
        }
        auto lane = laneOf(toQt(name), &Palette::straw,
                           [c](const Track& track) { return track.controller == c; });
        if (m_lanes.size() < kMostLanes - 2) m_lanes.push_back(std::move(lane));
    }
    addLayers();
    for (const auto& device : m_edits.tangle().devices) {
        auto lane = laneOf(toQt(device.name), &Palette::mint, [&](const Track& track) {
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
