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
    m_deck.add(m_session.seat(handle, description, {state.begin(), state.end()}));
    layOut();
    const auto now = m_world.now();
    recordState(*m_deck.find(handle), now);
    m_live.record(Kind::Arrive, handle, 0, now);
    m_session.follow(now);
    deckChanged();
}

void Engine::controllerGone(Handle handle)
{
    const auto now = m_world.now();
    m_live.record(Kind::Gone, handle, 0, now);
    if (const auto* controller = m_deck.find(handle)) m_desk.letGo(*controller);
    m_deck.remove(handle);
    m_session.leave(handle, now);
    deckChanged();
}

/// Who is there, and who each of them is, may be otherwise than before.
void Engine::deckChanged()
{
    setStraight();
    if (isLive()) letAllGo();
    m_wantsHold = isLive();
    m_isStale = true;
}

void Engine::setStraight()
{
    for (const auto& controller : m_deck.controllers()) {
        const auto rig = controller.seat->rig;
        m_world.setStraight(controller.handle(),
                            rig != Match::kUnknown &&
                                m_session.tangle().rig[static_cast<std::size_t>(rig)].isStraight);
    }
}

}  // namespace jolly
