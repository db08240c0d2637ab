// SPDX-License-Identifier: GPL-3.0-or-later
#include "app/models/studio.h"

#include "app/models/engine_notices.h"

namespace jolly::app
{

Studio::Studio(Document& document, EngineSession& session)
    : m_document(document),
      m_session(session),
      m_stance(document, session),
      m_feed(document, session),
      m_selection(m_feed),
      m_edits(document, m_stance, m_messages),
      m_weaver(m_edits, m_selection),
      m_flown(document, session, m_messages),
      m_preflight(document, session)
{
    tellOfEngine(session, m_messages);
    connect(&m_stance, &Stance::refused, &m_messages, &Messages::refuse);
    connect(&m_stance, &Stance::stoodElsewhere, &m_edits, &Edits::settled);
    connect(&document, &Document::changed, this, [this] {
        m_stance.follow();
        m_flown.send();
    });
    connect(&m_preflight, &Preflight::changed, this, [this] {
        if (!m_isSettling) Q_EMIT m_edits.settled();
    });
    connect(&m_flown, &Flown::sent, this, &Studio::settle);
    connect(&session, &EngineSession::statusChanged, this, &Studio::settle);
    connect(&session, &EngineSession::valuesChanged, this, [this] {
        m_selection.look();
        Q_EMIT m_feed.moved();
    });
    settle();
}

/// Lets every model follow, then tells it once.
void Studio::settle()
{
    if (m_flown.isSending()) return;  // what the engine says of it is looked at once, after it
    m_feed.rebuild();
    m_selection.checkDesk();
    m_isSettling = true;
    m_preflight.look();
    m_isSettling = false;
    Q_EMIT m_edits.settled();
    Q_EMIT m_feed.moved();
}

}  // namespace jolly::app
