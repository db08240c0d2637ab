// SPDX-License-Identifier: GPL-3.0-or-later
#include "core/flight/flight_player.h"

#include <algorithm>

namespace jolly
{

namespace
{

using Kind = Happening::Kind;

constexpr std::int32_t kNone = -1;
constexpr Time kNever = Time::min();

}  // namespace

FlightPlayer::FlightPlayer(const Recording& recording, TangleOf tangleOf, Player::Hear hear)
    : m_recording(recording),
      m_tangleOf(std::move(tangleOf)),
      m_hear(std::move(hear)),
      m_movedAt(recording.tracks.size(), kNever)
{
    start({});
}

FlightPlayer::FlightPlayer(const Recording& recording, const Tangle& instead, Player::Hear hear)
    : m_recording(recording), m_hear(std::move(hear)), m_movedAt(recording.tracks.size(), kNever)
{
    start(instead);
}

void FlightPlayer::start(const Tangle& tangle)
{
    m_tangle = tangle;
    m_player = std::make_unique<Player>(tangle, m_hear);
}

/// Finds out which controller is which of the rig, as the engine does with those that are there.
std::vector<Binding::Turn> FlightPlayer::bind()
{
    std::vector<PresentIdentity> present;
    for (const auto number : m_standing.controllers())
        present.push_back({number, m_recording.controllers[number].identity});
    return m_binding.bind(m_tangle->rig, present, m_standing.isLive());
}

/// Finds the tracks among a plan's inputs and outputs.
void FlightPlayer::placeTracks(const Plan& plan)
{
    m_inputOf.assign(m_recording.tracks.size(), kNone);
    m_outputOf.assign(m_recording.tracks.size(), kNone);
    for (std::size_t t = 0; t < m_recording.tracks.size(); ++t) {
        const auto& track = m_recording.tracks[t];
        if (track.isVirtual()) {
            const auto found = std::ranges::find(plan.outputs, track.place, &PlanOutput::place);
            if (found != plan.outputs.end() && found->device != kNoDevice)
                m_outputOf[t] = static_cast<std::int32_t>(found - plan.outputs.begin());
            continue;
        }
        const auto rig = m_binding.rigOf(track.controller);
        if (rig == Match::kUnknown) continue;
        const auto& control = m_recording.controllers[track.controller].controls[track.control];
        const auto input = plan.inputOf(static_cast<std::size_t>(rig), control.code);
        if (input && plan.inputs[*input].control.kind == control.kind)
            m_inputOf[t] = static_cast<std::int32_t>(*input);
    }
}

/// Lets a machine take the controls that are there as they stand.
void FlightPlayer::prime(Machine& machine) const
{
    for (std::uint32_t t = 0; t < m_inputOf.size(); ++t) {
        if (m_inputOf[t] != kNone)
            machine.prime(static_cast<std::uint32_t>(m_inputOf[t]), m_standing.counts(t));
    }
}

void FlightPlayer::primeController(std::uint32_t controller)
{
    for (std::uint32_t t = 0; t < m_inputOf.size(); ++t) {
        if (m_inputOf[t] == kNone || m_recording.tracks[t].controller != controller) continue;
        m_player->machine().prime(static_cast<std::uint32_t>(m_inputOf[t]), m_standing.counts(t));
    }
}

void FlightPlayer::loseController(std::uint32_t controller, Time time)
{
    std::vector<std::uint32_t> inputs;
    for (std::uint32_t t = 0; t < m_inputOf.size(); ++t) {
        if (m_inputOf[t] != kNone && m_recording.tracks[t].controller == controller)
            inputs.push_back(static_cast<std::uint32_t>(m_inputOf[t]));
    }
    m_player->machine().lose(inputs, time);
}

/// Controllers that are not who they were: the old one is lost, the new one taken as it stands.
void FlightPlayer::follow(std::span<const Binding::Turn> turns, Time time)
{
    for (const auto& turn : turns) {
        if (turn.before != Match::kUnknown) loseController(turn.number, time);
    }
    placeTracks(m_player->machine().plan());
    for (const auto& turn : turns) {
        if (turn.now != Match::kUnknown) primeController(turn.number);
    }
}

void FlightPlayer::holdHands(Time time)
{
    for (const auto& [track, counts] : m_standing.hands()) hold(track, true, time);
}

void FlightPlayer::begin(const Standing& standing, Time time)
{
    m_standing = standing;
    m_now = time;
    if (m_tangleOf) start(m_tangleOf(standing.tangle()));
    m_binding = {};
    bind();
    placeTracks(m_player->machine().plan());
    auto& machine = m_player->machine();
    if (standing.craft() < machine.plan().views.size()) machine.chooseCraft(standing.craft());
    prime(machine);
    m_player->begin(time);
    for (std::uint32_t layer = 1; layer < machine.plan().layers.size(); ++layer) {
        const bool was = ((standing.layers() >> layer) & 1U) != 0;
        if (was && !machine.layers().isEngaged(layer)) machine.flipLayer(layer);
    }
    holdHands(time);
    m_player->endFrame(time);
}

void FlightPlayer::endFrame()
{
    if (std::exchange(m_isInFrame, false)) m_player->endFrame({m_now, m_now + m_late});
}

void FlightPlayer::finish()
{
    endFrame();
}

std::optional<std::uint32_t> FlightPlayer::inputOf(std::uint32_t track) const
{
    if (track >= m_inputOf.size() || m_inputOf[track] == kNone) return std::nullopt;
    return static_cast<std::uint32_t>(m_inputOf[track]);
}

std::optional<Time> FlightPlayer::movedAt(std::uint32_t input) const
{
    for (std::size_t t = 0; t < m_inputOf.size(); ++t) {
        if (m_inputOf[t] == static_cast<std::int32_t>(input) && m_movedAt[t] != kNever)
            return m_movedAt[t];
    }
    return std::nullopt;
}

void FlightPlayer::feed(const Happening& happening)
{
    const bool isSameFrame = happening.kind == Kind::Move && !happening.isFirst;
    if (!isSameFrame) endFrame();
    auto& machine = m_player->machine();
    if (!m_tangleOf && machine.nextTick() <= happening.time) {
        endFrame();
        m_player->runUntil(happening.time);
    }
    const auto what = happening.what;
    m_now = happening.time;
    switch (happening.kind) {
        case Kind::Tangle:
            return takeTangle(happening);
        case Kind::Arrive:
            return arrive(happening);
        case Kind::Gone:
            return leave(happening);
        default:
            m_standing.take(happening);
    }
    switch (happening.kind) {
        case Kind::Move:
            if (happening.isFirst) m_late = std::exchange(m_lateNext, Time{});
            if (what < m_movedAt.size()) m_movedAt[what] = happening.time;
            if (const auto input = inputOf(what)) {
                m_player->move(*input, happening.isHatY, happening.raw,
                               {happening.time, happening.time + m_late});
                m_isInFrame = true;
            }
            break;
        case Kind::Late:
            m_lateNext = std::chrono::microseconds(happening.raw);
            break;
        case Kind::Tick:
            if (m_tangleOf) m_player->tick(happening.time);
            break;
        case Kind::Live:
            goLive(happening.time);
            break;
        case Kind::Flip:
            if (what > 0 && what < machine.plan().layers.size()) machine.flipLayer(what);
            m_player->endFrame(happening.time);
            break;
        case Kind::Fly:
            if (what < machine.plan().views.size()) machine.chooseCraft(what);
            m_player->endFrame(happening.time);
            break;
        case Kind::Hand:
        case Kind::HandOff:
            hold(what, happening.kind == Kind::Hand, happening.time);
            m_player->endFrame(happening.time);
            break;
        default:
            break;
    }
}

void FlightPlayer::hold(std::uint32_t track, bool isHeld, Time time)
{
    if (track >= m_outputOf.size() || m_outputOf[track] == kNone) return;
    const auto output = static_cast<std::uint32_t>(m_outputOf[track]);
    if (isHeld) {
        m_player->machine().holdByHand(output, m_standing.hands().at(track), time);
    } else {
        m_player->machine().letGo(output, time);
    }
}

void FlightPlayer::takeTangle(const Happening& happening)
{
    m_standing.take(happening);
    if (!m_tangleOf) return;
    m_tangle = m_tangleOf(happening.what);
    for (const auto& turn : bind()) {
        if (turn.before != Match::kUnknown) loseController(turn.number, happening.time);
    }
    m_player->endFrame(happening.time);
    m_player->take(
        *m_tangle,
        [this](Machine& machine) {
            placeTracks(machine.plan());
            prime(machine);
        },
        happening.time);
    holdHands(happening.time);
    m_player->endFrame(happening.time);
}

void FlightPlayer::goLive(Time time)
{
    m_player->restart([this](Machine& machine) { prime(machine); }, time);
}

void FlightPlayer::arrive(const Happening& happening)
{
    if (happening.what >= m_recording.controllers.size()) return;
    m_standing.take(happening);
    follow(bind(), happening.time);
    m_player->begin(happening.time);
}

void FlightPlayer::leave(const Happening& happening)
{
    loseController(happening.what, happening.time);
    m_player->endFrame(happening.time);
    m_standing.take(happening);
    follow(bind(), happening.time);
    m_player->begin(happening.time);
}

}  // namespace jolly
