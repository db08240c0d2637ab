// SPDX-License-Identifier: GPL-3.0-or-later
#include "core/flight/player.h"

#include <algorithm>
#include <utility>

namespace jolly
{

void Player::begin(Time time)
{
    m_machine->begin(time);
    endFrame(time);
}

void Player::restart(const std::function<void(Machine&)>& prime, Time time)
{
    const auto& outputs = m_machine->plan().outputs;
    std::vector<Counts> before;
    for (std::uint32_t o = 0; o < outputs.size(); ++o)
        before.push_back(m_machine->meetings().raw(o));
    m_machine->reset();
    prime(*m_machine);
    m_machine->begin(time);
    m_machine->dropChanges(time);
    for (std::uint32_t o = 0; o < outputs.size() && m_hear; ++o) {
        const auto& now = m_machine->meetings();
        if (outputs[o].device != kNoDevice && now.raw(o) != before[o])
            m_hear(time, {o, now.raw(o), now.value(o)});
    }
}

void Player::runUntil(Time time)
{
    while (m_machine->nextTick() <= time) tick(m_machine->nextTick());
}

void Player::tick(Time time)
{
    m_machine->tick(time);
    endFrame(time);
}

void Player::endFrame(Instant time)
{
    m_machine->takeChanges(time, [&](const Change& change) {
        if (m_hear) m_hear(time.heard, change);
    });
    if (m_hearFrame) m_hearFrame(time.heard);
}

void Player::take(const Tangle& tangle, const std::function<void(Machine&)>& prime, Time time)
{
    auto next = std::make_unique<Machine>(compile(tangle));
    prime(*next);
    next->takeOver(*m_machine, time);
    next->dropChanges(time);
    std::swap(m_machine, next);
    if (m_hear) tellEdit(*next, time);
}

/// What virtual controls stand at that did not stand there in the machine before. Their order is
/// nearly always the same, so each is looked for behind the one that was found before it.
void Player::tellEdit(const Machine& before, Time time)
{
    const auto& old = before.plan().outputs;
    const auto& outputs = m_machine->plan().outputs;
    std::size_t next = 0;
    for (std::uint32_t o = 0; o < outputs.size(); ++o) {
        if (outputs[o].device == kNoDevice) continue;
        const auto& now = m_machine->meetings();
        bool isSame = false;
        for (std::size_t i = 0; i < old.size(); ++i) {
            const auto place = (next + i) % old.size();
            if (old[place].place != outputs[o].place) continue;
            isSame = before.meetings().raw(static_cast<std::uint32_t>(place)) == now.raw(o);
            next = place + 1;
            break;
        }
        if (!isSame) m_hear(time, {o, now.raw(o), now.value(o)});
    }
}

}  // namespace jolly
