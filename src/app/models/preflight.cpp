// SPDX-License-Identifier: GPL-3.0-or-later
#include "app/models/preflight.h"

#include "control/preflight.h"

#include <utility>

namespace jolly::app
{

Preflight::Preflight(const Document& document, const EngineSession& session)
    : m_document(document), m_session(session), m_aside(session.way())
{
}

/// Whatever changes while it looks is looked at once, afterwards.
void Preflight::look()
{
    m_isStale = m_isLooking;
    if (std::exchange(m_isLooking, true)) return;
    m_aside.ask([tangle = m_document.shared(),
                 status = m_session.status()] { return preflight(*tangle, status); },
                [this](Problems problems) { take(std::move(problems)); });
}

void Preflight::take(Problems problems)
{
    m_isLooking = false;
    if (problems != m_problems) {
        m_problems = std::move(problems);
        Q_EMIT changed();
    }
    if (std::exchange(m_isStale, false)) look();
}

}  // namespace jolly::app
