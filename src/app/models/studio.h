// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "app/models/edits.h"
#include "app/models/flown.h"
#include "app/models/live_feed.h"
#include "app/models/preflight.h"
#include "app/models/selection.h"
#include "app/models/weaver.h"

namespace jolly::app
{

/// Makes the models that the pages share, and lets them follow a change one after the other. Who
/// needs one or two of them takes those.
class Studio : public QObject
{
    Q_OBJECT

 public:
    Studio(Document& document, EngineSession& session);

    [[nodiscard]] Document& document() { return m_document; }
    [[nodiscard]] EngineSession& session() { return m_session; }
    [[nodiscard]] Messages& messages() { return m_messages; }
    [[nodiscard]] Stance& stance() { return m_stance; }
    [[nodiscard]] LiveFeed& feed() { return m_feed; }
    [[nodiscard]] Selection& selection() { return m_selection; }
    [[nodiscard]] Edits& edits() { return m_edits; }
    [[nodiscard]] Weaver& weaver() { return m_weaver; }
    [[nodiscard]] Flown& flown() { return m_flown; }
    [[nodiscard]] Preflight& preflight() { return m_preflight; }

    [[nodiscard]] const Tangle& tangle() const { return m_document.tangle(); }

 private:
    void settle();

    Document& m_document;
    EngineSession& m_session;
    Messages m_messages;
    Stance m_stance;
    LiveFeed m_feed;
    Selection m_selection;
    Edits m_edits;
    Weaver m_weaver;
    Flown m_flown;
    Preflight m_preflight;
    bool m_isSettling = false;
};

}  // namespace jolly::app
