// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "app/models/desk.h"
#include "app/models/document.h"
#include "app/services/engine_session.h"

#include <QObject>
#include <chrono>
#include <functional>

namespace jolly::app
{

/// What is on the desk, and what everything there stands at now.
class LiveFeed : public QObject
{
    Q_OBJECT

 public:
    LiveFeed(const Document& document, EngineSession& session);

    [[nodiscard]] EngineSession& session() { return m_session; }
    [[nodiscard]] const EngineSession& session() const { return m_session; }
    [[nodiscard]] const Desk& desk() const { return m_desk; }
    [[nodiscard]] const LiveSnapshot& values() const { return m_session.values(); }

    /// The controller of a reference; null when it is not on the desk.
    [[nodiscard]] const DeskController* controllerOf(const Source& ref) const;
    [[nodiscard]] QString nameOf(const Source& ref) const;

    /// The engine's clock, which moves carry; tests and pictures bring their own.
    [[nodiscard]] Time now() const { return m_clock(); }
    void setClock(std::function<Time()> clock) { m_clock = std::move(clock); }

    /// Puts the desk together anew: the tangle is another, or what is present.
    void rebuild();

 Q_SIGNALS:
    void rebuilt();  ///< the desk is another; pages wait for Edits::settled()
    void moved();    ///< the values are others

 private:
    const Document& m_document;
    EngineSession& m_session;
    Desk m_desk;
    std::function<Time()> m_clock = [] {
        return Time(std::chrono::steady_clock::now().time_since_epoch());
    };
};

}  // namespace jolly::app
