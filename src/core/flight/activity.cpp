// SPDX-License-Identifier: GPL-3.0-or-later
#include "core/flight/activity.h"

#include <algorithm>
#include <cmath>
#include <optional>

namespace jolly
{

namespace
{

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

std::size_t partsOf(const Chunk& chunk)
{
    return static_cast<std::size_t>((chunk.last - chunk.first) / ChunkActivity::kPart) + 1;
}

ChunkActivity emptyOf(const Chunk& chunk)
{
    return {.first = chunk.first, .last = chunk.last, .count = chunk.count};
}

/// Notes when layers besides Base are engaged.
class EngagedSpans
{
 public:
    EngagedSpans(ChunkActivity& activity, std::uint64_t layers) : m_activity(activity)
    {
        follow(layers, activity.first);
    }

    void follow(std::uint64_t layers, Time time)
    {
        const bool isEngaged = layers != 1;
        if (isEngaged && !m_since) m_since = time;
        if (!isEngaged && m_since)
            m_activity.engaged.emplace_back(*std::exchange(m_since, {}), time);
    }

    void finish()
    {
        m_activity.staysEngaged = m_since.has_value();
        if (m_since) m_activity.engaged.emplace_back(*m_since, m_activity.last);
    }

 private:
    ChunkActivity& m_activity;
    std::optional<Time> m_since;
};

}  // namespace

Result<ChunkActivity> activityOf(const Recording& recording, std::size_t chunk)
{
    const auto& which = recording.chunks[chunk];
    const auto read = recording.read(chunk);
    if (!read) return tl::unexpected(read.error());
    auto activity = emptyOf(which);
    const auto parts = partsOf(which);
    auto before = read->begin;
    EngagedSpans spans(activity, before.layers());
    for (const auto& happening : read->happenings) {
        if (happening.hasTrack() && happening.time >= which.first) {
            auto& travel = activity.travel[happening.what];
            travel.resize(parts);
            const auto part =
                static_cast<std::size_t>((happening.time - which.first) / ChunkActivity::kPart);
            const auto counts = before.counts(happening.what);
            travel[std::min(part, parts - 1)] +=
                std::abs(double(happening.raw) - (happening.isHatY ? counts.y : counts.x)) /
                spanOf(recording, happening.what);
        }
        before.take(happening);
        spans.follow(before.layers(), happening.time);
    }
    spans.finish();
    return activity;
}

ChunkActivity activityUnread(const Chunk& chunk)
{
    auto activity = emptyOf(chunk);
    for (const auto track : chunk.active) activity.travel[track].assign(partsOf(chunk), 1.0);
    return activity;
}

}  // namespace jolly
