// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "control/engine_client.h"

#include <QObject>
#include <QSocketNotifier>
#include <QTimer>
#include <functional>
#include <memory>

namespace jolly::app
{

/// How the window comes to an engine; tests bring their own.
struct EngineAccess {
    std::function<Result<std::unique_ptr<EngineLink>>()> connect;
    std::function<bool()> start;  ///< starts an engine process; false when it could not be started
};

/// The window's engine: found or started, asked for its values at display rate, started again when
/// it dies.
class EngineSession : public QObject
{
    Q_OBJECT

 public:
    explicit EngineSession(EngineAccess access, QObject* parent = nullptr);
    ~EngineSession() override;

    /// Finds or starts an engine; attached() or failed() follows.
    void begin();

    [[nodiscard]] bool isAttached() const { return m_link != nullptr; }
    [[nodiscard]] bool isLive() const { return m_status.isLive; }
    [[nodiscard]] const EngineStatus& status() const { return m_status; }
    [[nodiscard]] const LiveSnapshot& values() const { return m_values; }

    /// Every raw move since the values before, in order.
    [[nodiscard]] const std::vector<SeenMove>& moves() const { return m_moves; }

    /// Whether the engine was there before this window.
    [[nodiscard]] bool hasFoundOne() const { return m_hasFoundOne; }

    /// The tangle it runs; empty when it cannot be asked.
    [[nodiscard]] std::string tangle();

    void send(const Tangle& tangle);
    [[nodiscard]] Fallible goLive();
    [[nodiscard]] Fallible standDown();

    /// Ends the engine, and does not start it again.
    void end();

    /// Ends the engine and goes on with another.
    void changeTo(EngineAccess access);

    /// Looks at the values once, as the timer does.
    void poll();

 Q_SIGNALS:
    void attached();  ///< an engine is there; it has no tangle of ours yet
    void statusChanged();
    void valuesChanged();
    void lost();  ///< it died; another one is being started
    void failed(const QString& sentence);

 private:
    void tryToConnect();
    void attach(std::unique_ptr<EngineLink> link);
    void lose();
    void fetchStatus();
    using Slots = std::vector<std::pair<std::uint32_t, std::size_t>>;
    [[nodiscard]] static Slots slotsOf(const EngineStatus& status);
    [[nodiscard]] std::uint32_t slotCount() const;

    EngineAccess m_access;
    std::unique_ptr<EngineLink> m_link;
    LiveView m_view;
    EngineStatus m_status;
    LiveSnapshot m_values;
    std::vector<SeenMove> m_moves;
    std::uint64_t m_nextMove = 0;
    QTimer m_poll;
    QTimer m_retry;
    std::unique_ptr<QSocketNotifier> m_death;
    int m_deathFd = -1;
    int m_triesLeft = 0;
    std::uint64_t m_seenSequence = 1;
    bool m_hasFoundOne = false;
    bool m_wasLive = false;  ///< when the last engine died
};

}  // namespace jolly::app
