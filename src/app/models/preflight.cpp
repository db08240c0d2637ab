// SPDX-License-Identifier: GPL-3.0-or-later
#include "app/models/preflight.h"

#include "control/preflight.h"

namespace jolly::app
{

Preflight::Preflight(const Document& document, const EngineSession& session)
    : m_document(document), m_session(session)
{
}

bool Preflight::look()
{
    auto problems = preflight(m_document.tangle(), m_session.status());
    if (problems == m_problems) return false;
    m_problems = std::move(problems);
    return true;
}

}  // namespace jolly::app
