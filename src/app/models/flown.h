// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "app/models/document.h"
#include "app/models/messages.h"
#include "app/services/engine_session.h"

#include <QObject>
#include <memory>
#include <optional>
#include <set>
#include <string>

namespace jolly::app
{

/// What is flown: the tangle that is open, or for a while something else in its place; and what is
/// told when an engine flies another one.
class Flown : public QObject
{
    Q_OBJECT

 public:
    Flown(Document& document, EngineSession& session, Messages& messages);

    [[nodiscard]] const Tangle& tangle() const { return *m_tangle; }
    /// The same, which stays as it is when another one is flown.
    [[nodiscard]] const std::shared_ptr<const Tangle>& shared() const { return m_tangle; }
    [[nodiscard]] bool isLive() const { return m_session.isLive(); }

    /// Flies another tangle until it is called with none; the document stays as it is.
    void setTrial(std::optional<Tangle> trial);

    /// Turns a strand's axis round until one stands down; the document stays as it is.
    void reverse(const std::string& strand, bool isReversed);
    [[nodiscard]] bool isReversed(const std::string& strand) const
    {
        return m_reversed.contains(strand);
    }

    /// What was flown for a while goes: the document is flown again, as when the window closes.
    void endTrials();

    /// Nobody asked for the tangle that is open: should another one fly, that one is shown.
    void setYielding(bool isYielding) { m_isYielding = isYielding; }

    /// Sends what is to be flown.
    void send();

    /// While a tangle is being sent, what the engine says of it is not looked at: all is there only
    /// afterwards.
    [[nodiscard]] bool isSending() const { return m_isSending; }

 Q_SIGNALS:
    void sent();
    void changed();  ///< it is another than the document, or no longer

 private:
    void endWithFlight();
    void meetEngine();
    void take(const std::string& text);
    void compare();
    void find();

    Document& m_document;
    EngineSession& m_session;
    Messages& m_messages;
    std::shared_ptr<const Tangle> m_tangle;
    std::optional<Tangle> m_trial;
    std::set<std::string> m_reversed;  ///< ids of strands
    bool m_wasLive = false;
    bool m_isSending = false;
    bool m_isYielding = false;
};

}  // namespace jolly::app
