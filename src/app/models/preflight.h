// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "app/models/live_feed.h"
#include "core/tangle/problem.h"

namespace jolly::app
{

/// What is wrong with the tangle and the desk as they are now; all pages share one answer.
class Preflight : public QObject
{
    Q_OBJECT

 public:
    Preflight(const Document& document, const EngineSession& session);

    [[nodiscard]] const Problems& problems() const { return m_problems; }

    /// Looks again: the tangle is another, or what the engine says. @return whether it found
    /// something else than before.
    bool look();

 Q_SIGNALS:
    void changed();

 private:
    const Document& m_document;
    const EngineSession& m_session;
    Problems m_problems;
};

}  // namespace jolly::app
