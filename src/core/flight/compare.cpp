// SPDX-License-Identifier: GPL-3.0-or-later
#include "core/flight/compare.h"

#include <algorithm>
#include <map>
#include <set>

namespace jolly
{

namespace
{

/// What virtual controls stand at, and which of them moved since somebody looked.
class Outcome
{
 public:
    explicit Outcome(const Tangle& tangle, const Recording& recording)
        : m_player(recording, tangle, [this](Time, const Change& change) { take(change); })
    {
    }

    void begin(const Standing& standing, Time time)
    {
        m_player.begin(standing, time);
        const auto& machine = m_player.machine();
        const auto& outputs = machine.plan().outputs;
        for (std::uint32_t o = 0; o < outputs.size(); ++o) {
            if (outputs[o].device != kNoDevice) set(o, machine.meetings().raw(o));
        }
    }
    void feed(const Happening& happening) { m_player.feed(happening); }
    void finish() { m_player.finish(); }

    using Key = std::pair<std::string, VirtualControl>;

    [[nodiscard]] std::optional<Counts> at(const Key& key) const
    {
        const auto found = m_counts.find(key);
        return found == m_counts.end() ? std::nullopt : std::optional(found->second);
    }
    [[nodiscard]] std::set<Key> takeMoved() { return std::exchange(m_moved, {}); }

 private:
    void take(const Change& change) { set(change.output, change.raw); }
    void set(std::uint32_t output, Counts counts)
    {
        const auto& place = m_player.machine().plan().outputs[output].place;
        const Key key(place.device, place.control);
        m_counts[key] = counts;
        m_moved.insert(key);
    }

    std::map<Key, Counts> m_counts;
    std::set<Key> m_moved;
    FlightPlayer m_player;
};

}  // namespace

FlightCompared firstDifference(const Recording& recording, const Tangle& first,
                               const Tangle& second)
{
    Outcome one(first, recording);
    Outcome other(second, recording);
    std::optional<FlightDifference> difference;
    const auto look = [&](Time time) {
        auto moved = one.takeMoved();
        moved.merge(other.takeMoved());
        for (const auto& key : moved) {
            if (one.at(key) == other.at(key)) continue;
            difference = {time, {key.first, key.second}, one.at(key), other.at(key)};
            return false;
        }
        return true;
    };
    Time last{};
    const auto begin = [&](const Standing& standing) {
        last = recording.first();
        one.begin(standing, last);
        other.begin(standing, last);
        look(last);
    };
    const auto take = [&](const Happening& happening) {
        if (difference) return false;
        one.feed(happening);
        other.feed(happening);
        const bool isAlike = look(last);
        last = happening.time;
        return isAlike;
    };
    if (const auto done = recording.forEach(0, begin, take); !done)
        return tl::unexpected(done.error());
    if (difference) return difference;
    one.finish();
    other.finish();
    look(last);
    return difference;
}

FlightCompared firstDifferenceFromFlown(const Recording& recording,
                                        const FlightPlayer::TangleOf& tangleOf)
{
    std::map<std::uint32_t, Counts> played;  // that moved since the last look, by track
    std::set<std::uint32_t> recorded;
    std::optional<FlightDifference> difference;
    FlightPlayer* flown = nullptr;
    std::map<std::pair<std::string, VirtualControl>, std::uint32_t> trackOf;
    for (std::uint32_t t = 0; t < recording.tracks.size(); ++t) {
        const auto& place = recording.tracks[t].place;
        if (recording.tracks[t].isVirtual()) trackOf[{place.device, place.control}] = t;
    }
    FlightPlayer player(recording, tangleOf, [&](Time, const Change& change) {
        const auto& place = flown->machine().plan().outputs[change.output].place;
        const auto track = trackOf.find({place.device, place.control});
        if (track != trackOf.end()) played[track->second] = change.raw;
    });
    flown = &player;
    std::map<std::uint32_t, Counts> stands;  // of what the replay moved
    Time last = recording.first();
    const auto look = [&] {
        for (const auto& [track, counts] : played) {
            stands[track] = counts;
            recorded.insert(track);
        }
        played.clear();
        for (const auto track : recorded) {
            const auto here = stands.find(track);
            const auto there = player.standing().counts(track);
            if (here != stands.end() && here->second == there) continue;
            difference = {last, recording.tracks[track].place, there,
                          here == stands.end() ? std::nullopt : std::optional(here->second)};
            break;
        }
        recorded.clear();
    };
    const auto begin = [&](const Standing& standing) {
        player.begin(standing, last);
        played.clear();
        const auto& machine = player.machine();
        for (std::uint32_t o = 0; o < machine.plan().outputs.size(); ++o) {
            const auto& place = machine.plan().outputs[o].place;
            const auto track = trackOf.find({place.device, place.control});
            if (track != trackOf.end()) stands[track->second] = machine.meetings().raw(o);
        }
    };
    const auto take = [&](const Happening& happening) {
        const bool isChange = happening.kind == Happening::Kind::Change;
        const bool isSameFrame = happening.kind == Happening::Kind::Move && !happening.isFirst;
        if (!isChange && !isSameFrame) {
            player.finish();
            look();
        }
        if (difference) return false;
        player.feed(happening);
        if (isChange) recorded.insert(happening.what);
        last = happening.time;
        return true;
    };
    if (const auto done = recording.forEach(0, begin, take); !done)
        return tl::unexpected(done.error());
    if (difference) return difference;
    player.finish();
    look();
    return difference;
}

}  // namespace jolly
