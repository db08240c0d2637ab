// SPDX-License-Identifier: GPL-3.0-or-later
#include "core/flight/standing.h"

namespace jolly
{

namespace
{

using Kind = Happening::Kind;

void put(Counts& counts, const Happening& happening)
{
    (happening.isHatY ? counts.y : counts.x) = happening.raw;
}

}  // namespace

Counts& Standing::at(std::uint32_t track)
{
    if (track >= m_counts.size()) {
        m_counts.resize(track + 1);
        m_kinds.resize(track + 1, Kind::Gap);
    }
    return m_counts[track];
}

void Standing::take(const Happening& happening)
{
    const auto what = happening.what;
    switch (happening.kind) {
        case Kind::Move:
        case Kind::Stand:
            put(at(what), happening);
            m_kinds[what] = Kind::Stand;
            break;
        case Kind::Change:
            put(at(what), happening);
            m_kinds[what] = Kind::Change;
            break;
        case Kind::Arrive:
            m_controllers.insert(what);
            break;
        case Kind::Gone:
            m_controllers.erase(what);
            break;
        case Kind::Tangle:
            m_tangle = what;
            break;
        case Kind::Live:
        case Kind::Down:
            m_isLive = happening.kind == Kind::Live;
            m_hands.clear();
            break;
        case Kind::Engaged: {
            const auto bit = std::uint64_t{1} << (what & 63U);
            m_layers = happening.raw != 0 ? m_layers | bit : m_layers & ~bit;
            break;
        }
        case Kind::Flown:
            m_craft = what;
            break;
        case Kind::Hand:
            put(m_hands[what], happening);
            break;
        case Kind::HandOff:
            m_hands.erase(what);
            break;
        case Kind::Tick:
        case Kind::Flip:
        case Kind::Fly:
        case Kind::Lost:
        case Kind::Gap:
        case Kind::Kept:
        case Kind::Late:
            break;
    }
}

void Standing::forget(std::uint32_t track)
{
    at(track) = {};
    m_kinds[track] = Kind::Gap;
    m_hands.erase(track);
}

std::vector<Happening> Standing::happenings(Time time) const
{
    std::vector<Happening> all;
    const auto add = [&](Kind kind, std::uint32_t what, std::int32_t raw = 0, bool isHatY = false) {
        all.push_back({kind, isHatY, false, what, raw, time});
    };
    if (m_isLive) add(Kind::Live, 0);
    add(Kind::Tangle, m_tangle);
    for (std::uint32_t track = 0; track < m_counts.size(); ++track) {
        if (m_kinds[track] == Kind::Gap) continue;
        add(m_kinds[track], track, m_counts[track].x);
        if (m_counts[track].y != 0) add(m_kinds[track], track, m_counts[track].y, true);
    }
    for (const auto controller : m_controllers) add(Kind::Arrive, controller);
    for (std::uint32_t layer = 1; layer < 64; ++layer) {
        if (((m_layers >> layer) & 1U) != 0) add(Kind::Engaged, layer, 1);
    }
    add(Kind::Flown, m_craft);
    for (const auto& [track, counts] : m_hands) {
        add(Kind::Hand, track, counts.x);
        if (counts.y != 0) add(Kind::Hand, track, counts.y, true);
    }
    return all;
}

}  // namespace jolly
