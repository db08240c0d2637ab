// SPDX-License-Identifier: GPL-3.0-or-later
#include "engine/engine.h"

/// Controllers that come and go, and who each of them is.
namespace jolly
{

namespace
{

using Kind = Happening::Kind;

}  // namespace

void Engine::controllerArrived(Handle handle, const ControllerDescription& description,
                               std::span<const Counts> state)
{
    m_deck.add(handle, description, state);
    layOut();
    const auto now = m_world.now();
    recordState(*m_deck.find(handle), now);
    m_live.record(Kind::Arrive, handle, 0, now);
    bindDeck(now);
}

void Engine::controllerGone(Handle handle)
{
    const auto now = m_world.now();
    m_live.record(Kind::Gone, handle, 0, now);
    if (auto* controller = m_deck.find(handle)) {
        lose(*controller, now);
        m_desk.letGo(*controller);
    }
    m_deck.remove(handle);
    bindDeck(now);
}

/// Finds out anew who is who. Whoever is not who he was is lost, or taken as he stands.
void Engine::bindDeck(Time now)
{
    const auto turns = m_deck.bind(*m_woven, isLive());
    loseTurned(turns, now);
    placeDeck();
    for (const auto& turn : turns) {
        const auto* controller = m_deck.find(turn.number);
        if (controller && turn.now != Match::kUnknown) prime(*controller);
    }
    m_woven->machine.begin(now);
    flush(now);
    if (isLive()) letAllGo();
    m_wantsHold = isLive();
    m_isStale = true;
}

/// Controllers that are no longer who they were in the rig.
void Engine::loseTurned(std::span<const Binding::Turn> turns, Time now)
{
    for (const auto& turn : turns) {
        const auto* controller = m_deck.find(turn.number);
        if (controller && turn.before != Match::kUnknown) lose(*controller, now);
    }
}

void Engine::lose(const DeckController& controller, Time now) noexcept
{
    m_woven->machine.lose(controller.inputs(), now);
    flush(now);
}

/// Lets the machine take the controls as they stand.
void Engine::prime(const DeckController& controller)
{
    auto& machine = m_woven->machine;
    for (std::size_t i = 0; i < controller.state.size(); ++i) {
        const auto input = controller.inputOf[i];
        if (input == DeckController::kUnbound) continue;
        machine.prime(static_cast<std::uint32_t>(input), controller.state[i]);
    }
}

void Engine::placeDeck()
{
    m_deck.place(*m_woven);
    for (const auto& controller : m_deck.controllers()) {
        const auto rig = controller.info.rig;
        m_world.setStraight(controller.handle,
                            rig != Match::kUnknown &&
                                m_woven->tangle.rig[static_cast<std::size_t>(rig)].isStraight);
    }
}

}  // namespace jolly
