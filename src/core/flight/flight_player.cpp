// SPDX-License-Identifier: GPL-3.0-or-later
#include "core/flight/flight_player.h"

#include <algorithm>
#include <utility>

namespace jolly
{

namespace
{

using Kind = Happening::Kind;

constexpr Time kNever = Time::min();

/// What all virtual controls stand at.
std::vector<Counts> countsOf(const Machine& machine)
{
    std::vector<Counts> all;
    for (std::uint32_t o = 0; o < machine.plan().outputs.size(); ++o)
        all.push_back(machine.meetings().raw(o));
    return all;
}

}  // namespace

FlightPlayer::FlightPlayer(const Recording& recording, TangleOf tangleOf, Hear hear)
    : m_recording(recording),
      m_tangleOf(std::move(tangleOf)),
      m_hear(std::move(hear)),
      m_movedAt(recording.tracks.size(), kNever)
{
    start({});
}

FlightPlayer::FlightPlayer(const Recording& recording, const Tangle& instead, Hear hear)
    : m_recording(recording), m_hear(std::move(hear)), m_movedAt(recording.tracks.size(), kNever)
{
    start(instead);
}

void FlightPlayer::start(const Tangle& tangle)
{
    SessionListener& us = *this;
    m_session = std::make_unique<Session>(std::make_unique<WovenTangle>(tangle), us);
}

void FlightPlayer::begin(const Standing& standing, Time time)
{
    m_standing = standing;
    m_now = time;
    if (m_tangleOf) start(m_tangleOf(standing.tangle()));
    if (standing.isLive()) m_session->goLive(time);
    if (standing.craft() < plan().views.size()) m_session->machine().chooseCraft(standing.craft());
    for (const auto controller : standing.controllers()) seat(controller);
    m_session->follow(time);
    for (std::uint32_t layer = 1; layer < plan().layers.size(); ++layer) {
        const bool was = ((standing.layers() >> layer) & 1U) != 0;
        if (was && !machine().layers().isEngaged(layer)) m_session->flip(layer, time);
    }
    for (const auto& [track, counts] : standing.hands()) {
        if (const auto output = outputOf(track)) m_session->hold(*output, counts, time);
    }
}

/// A controller is there, and stands as its tracks do.
void FlightPlayer::seat(std::uint32_t controller)
{
    const auto& description = m_recording.controllers[controller];
    std::vector<Counts> state(description.controls.size());
    for (std::uint32_t t = 0; t < m_recording.tracks.size(); ++t) {
        const auto& track = m_recording.tracks[t];
        if (track.controller == controller && track.control < state.size())
            state[track.control] = m_standing.counts(t);
    }
    m_session->seat(controller, description, std::move(state));
}

void FlightPlayer::frameOver(Instant now) noexcept
{
    m_session->machine().takeChanges(now, [&](const Change& change) {
        if (m_hear) m_hear(now.heard, change);
    });
    if (m_hearFrame) m_hearFrame(now.heard);
}

void FlightPlayer::endFrame()
{
    if (std::exchange(m_isInFrame, false)) frameOver({m_now, m_now + m_late});
}

std::optional<std::uint32_t> FlightPlayer::inputOf(std::uint32_t track) const
{
    if (track >= m_recording.tracks.size()) return std::nullopt;
    const auto& place = m_recording.tracks[track];
    const auto* controller =
        place.isVirtual() ? nullptr : std::as_const(*m_session).find(place.controller);
    if (!controller || controller->inputOf[place.control] == SeatedController::kUnbound)
        return std::nullopt;
    return static_cast<std::uint32_t>(controller->inputOf[place.control]);
}

std::optional<std::uint32_t> FlightPlayer::outputOf(std::uint32_t track) const
{
    if (track >= m_recording.tracks.size() || !m_recording.tracks[track].isVirtual())
        return std::nullopt;
    return plan().outputOf(m_recording.tracks[track].place);
}

std::optional<Time> FlightPlayer::movedAt(std::uint32_t input) const
{
    for (std::uint32_t t = 0; t < m_movedAt.size(); ++t) {
        if (m_movedAt[t] != kNever && inputOf(t) == input) return m_movedAt[t];
    }
    return std::nullopt;
}

void FlightPlayer::runUntil(Time time)
{
    while (machine().nextTick() <= time) m_session->tick(machine().nextTick());
}

void FlightPlayer::feed(const Happening& happening)
{
    const bool isSameFrame = happening.kind == Kind::Move && !happening.isFirst;
    if (!isSameFrame) endFrame();
    if (!m_tangleOf && machine().nextTick() <= happening.time) {
        endFrame();
        runUntil(happening.time);
    }
    const auto what = happening.what;
    const auto time = happening.time;
    m_now = time;
    m_standing.take(happening);
    switch (happening.kind) {
        case Kind::Move:
            return move(happening);
        case Kind::Late:
            m_lateNext = std::chrono::microseconds(happening.raw);
            return;
        case Kind::Tick:
            if (m_tangleOf) m_session->tick(time);
            return;
        case Kind::Arrive:
            if (what < m_recording.controllers.size() && !m_session->find(what)) seat(what);
            return m_session->follow(time);
        case Kind::Gone:
            return m_session->leave(what, time);
        case Kind::Tangle:
            return takeTangle(happening);
        case Kind::Live:
            return goLive(time);
        case Kind::Down:
            return m_session->standDown();
        case Kind::Flip:
            if (what > 0 && what < plan().layers.size()) m_session->flip(what, time);
            return;
        case Kind::Fly:
            if (what < plan().views.size()) m_session->fly(what, time);
            return;
        case Kind::Hand:
        case Kind::HandOff:
            return hold(happening);
        case Kind::Change:
        case Kind::Stand:
        case Kind::Engaged:
        case Kind::Flown:
        case Kind::Lost:
        case Kind::Gap:
        case Kind::Kept:
            return;  // what came of it, or nothing that a session knows
    }
}

void FlightPlayer::move(const Happening& happening)
{
    if (happening.isFirst) m_late = std::exchange(m_lateNext, Time{});
    const auto what = happening.what;
    if (what >= m_recording.tracks.size() || m_recording.tracks[what].isVirtual()) return;
    m_movedAt[what] = happening.time;
    const auto& track = m_recording.tracks[what];
    auto* controller = m_session->find(track.controller);
    if (!controller) return;
    m_session->move(*controller, track.control, happening.isHatY, happening.raw,
                    {happening.time, happening.time + m_late});
    m_isInFrame = true;
}

/// Of a hat both halves are told, up-down last.
void FlightPlayer::hold(const Happening& happening)
{
    const auto output = outputOf(happening.what);
    if (!output) return;
    if (happening.kind == Kind::HandOff) return m_session->letGo(*output, happening.time);
    const bool isHat = plan().outputs[*output].layout.control.kind == ControlKind::Hat;
    if (isHat && !happening.isHatY) return;
    m_session->hold(*output, m_standing.hands().at(happening.what), happening.time);
}

void FlightPlayer::takeTangle(const Happening& happening)
{
    if (!m_tangleOf) return;
    const auto before =
        m_session->take(std::make_unique<WovenTangle>(m_tangleOf(happening.what)), happening.time);
    tellWhatIsOther(before->machine.plan(), countsOf(before->machine), happening.time);
}

void FlightPlayer::goLive(Time time)
{
    const auto before = countsOf(machine());
    m_session->goLive(time);
    tellWhatIsOther(plan(), before, time);
}

/// What virtual controls stand at that did not stand there before, when an edit or going live put
/// them there as a whole. Their order is nearly always the same, so each is looked for behind the
/// one that was found before it.
void FlightPlayer::tellWhatIsOther(const Plan& old, const std::vector<Counts>& before, Time time)
{
    if (!m_hear) return;
    const auto& outputs = plan().outputs;
    std::size_t next = 0;
    for (std::uint32_t o = 0; o < outputs.size(); ++o) {
        if (outputs[o].device == kNoDevice) continue;
        const auto now = machine().meetings().raw(o);
        bool isSame = false;
        for (std::size_t i = 0; i < before.size(); ++i) {
            const auto place = (next + i) % before.size();
            if (old.outputs[place].place != outputs[o].place) continue;
            isSame = before[place] == now;
            next = place + 1;
            break;
        }
        if (!isSame) m_hear(time, {o, now, machine().meetings().value(o)});
    }
    if (m_hearFrame) m_hearFrame(time);
}

}  // namespace jolly
