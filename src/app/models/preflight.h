// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "app/models/live_feed.h"
#include "app/services/aside.h"
#include "core/tangle/problem.h"

namespace jolly::app
{

/// What is wrong with the tangle and the desk as they are now; all pages share one answer. It is
/// looked for aside, since a large tangle takes longer than a frame: the answer is of the tangle
/// before until changed() is told.
class Preflight : public QObject
{
    Q_OBJECT

 public:
    Preflight(const Document& document, const EngineSession& session);

    [[nodiscard]] const Problems& problems() const { return m_problems; }

    /// Looks again: the tangle is another, or what the engine says.
    void look();

 Q_SIGNALS:
    void changed();  ///< there are other problems than before

 private:
    void take(Problems problems);

    const Document& m_document;
    const EngineSession& m_session;
    Problems m_problems;
    bool m_isLooking = false;
    bool m_isStale = false;  ///< something changed since it began to look
    Aside m_aside;
};

}  // namespace jolly::app
