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

}  // namespace jolly
