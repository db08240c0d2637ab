// SPDX-License-Identifier: GPL-3.0-or-later
#include "engine/engine.h"

/// What the engine shares of what it does: the slots of the live block and what happened.
namespace jolly
{

namespace
{

using Kind = Happening::Kind;

}  // namespace

void Engine::recordChange(std::uint32_t slot, const PlanOutput& output, Counts raw,
                          Time time) noexcept
{
    m_live.record(Kind::Change, slot, raw.x, time);
    if (output.layout.control.kind == ControlKind::Hat)
        m_live.record(Kind::Change, slot, raw.y, time, kLiveHatY);
}

/// How the controls of a controller that came stand.
void Engine::recordState(const DeckController& controller, Time time) noexcept
{
    const auto& seat = *controller.seat;
    for (std::uint32_t i = 0; i < seat.state.size(); ++i) {
        const auto slot = controller.firstSlot + i;
        m_live.record(Kind::Stand, slot, seat.state[i].x, time);
        if (seat.description.controls[i].kind == ControlKind::Hat)
            m_live.record(Kind::Stand, slot, seat.state[i].y, time, kLiveHatY);
    }
}

/// Layers that were engaged or let go, and a craft that was chosen.
void Engine::tellLayers(Time time) noexcept
{
    const auto& machine = m_session.machine();
    const auto engaged = machine.layers().engaged();
    const auto craft = machine.routing().craft();
    if (engaged == m_engaged && craft == m_craft) return;
    m_live.setLayers(engaged, craft);
    for (auto changed = engaged ^ std::exchange(m_engaged, engaged); changed != 0;
         changed &= changed - 1) {
        const auto layer = static_cast<std::uint32_t>(std::countr_zero(changed));
        m_live.record(Kind::Engaged, layer, ((engaged >> layer) & 1U) != 0 ? 1 : 0, time);
    }
    if (std::exchange(m_craft, craft) != craft) m_live.record(Kind::Flown, craft, 0, time);
}

/// A control said so; whoever runs the engine does it.
void Engine::keepRecording()
{
    m_live.record(Kind::Kept, 0, 0, m_world.now());
    m_wantsKeep = true;
}

void Engine::lost(Handle controller, Time time) noexcept
{
    m_live.countLoss();
    m_live.record(Kind::Lost, controller, 1, time);
}

/// Gives every control its slot, and puts there what it stands at. What an edit changed is
/// recorded.
void Engine::layOut()
{
    const auto& machine = m_session.machine();
    const auto now = m_world.now();
    auto slots = m_deck.layOut(machine.plan());
    m_live.begin();
    const bool isOther = slots != m_slots;
    if (isOther) {
        m_live.newGeneration();
        putScene();
        m_live.recordScene(m_live.generation(), now);
    }
    for (std::uint32_t i = 0; i < machine.plan().outputs.size(); ++i) {
        const auto raw = machine.meetings().raw(i);
        const auto& output = machine.plan().outputs[i];
        if (output.device != kNoDevice && (isOther || m_live.rawOf(i) != raw))
            recordChange(i, output, raw, now);
        m_live.put(i, raw, machine.meetings().value(i).x);
    }
    for (const auto& controller : m_deck.controllers()) {
        const auto& seat = *controller.seat;
        for (std::uint32_t i = 0; i < seat.state.size(); ++i)
            m_live.put(controller.firstSlot + i, seat.state[i], shown(seat, i).x);
    }
    m_slots = std::move(slots);
    m_live.setLayers(machine.layers().engaged(), machine.routing().craft());
    tellLayers(now);
    m_live.end();
}

GameSeats Engine::openAsGame()
{
    GameSeats all;
    const auto& plan = m_session.plan();
    for (std::size_t d = 0; d < m_session.tangle().devices.size(); ++d) {
        if (!m_fleet.isThere(d)) continue;
        auto reader = m_world.openAsGame(m_fleet.handleOf(d));
        if (!reader) {
            all.areAll = false;
            continue;
        }
        const auto& outputs = plan.outputsOfDevice[d];
        GameSeat seat{std::move(*reader), outputs.first, {}};
        for (std::uint32_t i = 0; i < outputs.count; ++i)
            seat.kinds.push_back(plan.outputs[outputs.first + i].layout.control.kind);
        all.seats.push_back(std::move(seat));
    }
    return all;
}

/// Leaves for the recorder what the slots mean from now on.
void Engine::putScene()
{
    auto scene = std::make_shared<Scene>();
    scene->generation = m_live.generation();
    for (const auto& output : m_session.plan().outputs)
        scene->outputs.push_back(output.device == kNoDevice ? Target{} : output.place);
    for (const auto& controller : m_deck.controllers()) {
        scene->controllers.push_back(controller.info());
        scene->handles.push_back(controller.handle());
    }
    m_board.putScene(std::move(scene));
}

}  // namespace jolly
