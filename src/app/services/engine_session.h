// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "app/services/engine_access.h"
#include "control/engine_client.h"
#include "core/tangle/tangle.h"

#include <QObject>
#include <QSocketNotifier>
#include <QTimer>
#include <functional>
#include <memory>
#include <optional>

namespace jolly::app
{

/// The window's engine: found or started, asked for its values at display rate, started again when
/// it dies. Nothing here waits for the engine.
class EngineSession : public QObject
{
    Q_OBJECT

 public:
    using Then = std::function<void(const Fallible&)>;

    explicit EngineSession(EngineAccess access, QObject* parent = nullptr);
    ~EngineSession() override;

    void begin();  ///< finds or starts an engine; attached() or failed() follows
    [[nodiscard]] Aside::Way way() const { return m_access.way; }  ///< in which it is asked
    [[nodiscard]] bool isAttached() const { return m_link != nullptr; }
    [[nodiscard]] bool isLive() const { return m_status.isLive; }
    [[nodiscard]] const EngineStatus& status() const { return m_status; }

    /// What everything stands at now, or stood at in the past that is shown.
    [[nodiscard]] const LiveSnapshot& values() const { return m_past ? *m_past : m_values; }
    [[nodiscard]] const LiveSnapshot& presentValues() const { return m_values; }

    /// Shows a past moment in the place of the present one, until it is called with none.
    void showPast(std::optional<LiveSnapshot> past);
    [[nodiscard]] bool isShowingPast() const { return m_past.has_value(); }
    /// What a reader of the virtual devices got, by slot; see EngineCommands::lookAsGame().
    [[nodiscard]] std::vector<SeenByGame> seenByGame() const;
    [[nodiscard]] LiveCounts counts() const { return m_view.counts(); }

    /// Every raw move since the values before, in order, until forgetMoves().
    [[nodiscard]] const std::vector<SeenMove>& moves() const { return m_moves; }
    /// Likewise all that happened.
    [[nodiscard]] const std::vector<LiveSeen>& entries() const { return m_entries; }
    void forgetMoves();
    /// Whether the engine was there before this window.
    [[nodiscard]] bool hasFoundOne() const { return m_hasFoundOne; }
    /// Asks for the text of its tangle; empty when it cannot be asked.
    void askForTangle(std::function<void(const std::string&)> then);

    /// Sends a tangle to be run. While one is on its way only the newest of those that follow is
    /// kept.
    void send(std::shared_ptr<const Tangle> tangle);
    void send(Tangle tangle) { send(std::make_shared<const Tangle>(std::move(tangle))); }

    [[nodiscard]] bool fliesAnother() const;  ///< it runs another tangle than was sent last
    void askForRecording(Time since, std::function<void(Result<UniqueFd>)> then);
    void askToKeep(std::function<void(const Result<std::string>&)> then);

    /// Asks the engine for something; `then` is called with what came of it.
    void ask(std::function<Fallible(EngineLink&)> call, const Then& then = {});
    void goLive(Then then = {});
    void standDown(Then then = {});
    void flipLayer(const std::string& layer, Then then = {});
    void chooseCraft(const std::string& craft, Then then = {});

    /// Ends the engine, and does not start it again. Waits for it a little, not for long.
    void end();
    void leave();  ///< the engine stays: the tangle that was sent last is seen to arrive
    /// Ends the engine and goes on with another.
    void changeTo(EngineAccess access);

    /// Ends an engine that does not answer, and starts another in its place.
    void startAnother();
    void poll();  ///< looks at the values once, as the timer does

 Q_SIGNALS:
    void attached();       ///< an engine is there; it has no tangle of ours yet
    void statusTold();     ///< the engine told it, news or not
    void statusChanged();  ///< it says something else than before, not only that a tangle was taken
    void valuesChanged();
    void lost();                          ///< it died; another one is being started
    void wasEnded();                      ///< somebody ended it; no other one is started
    void silent();                        ///< it does not answer
    void answered();                      ///< it does again
    void notStarted(const QString& why);  ///< no engine could be started or reached
    void failed(const QString& sentence);

 private:
    /// What is asked of an engine when it is found.
    struct Meeting {
        Result<LiveView> view;
        Result<EngineStatus> status;
    };
    using Link = std::shared_ptr<EngineLink>;

    void startOne();
    void tryToConnect();
    void meet(Link link);
    void attach(Link link, Meeting meeting);
    void watchForDeath();
    void lose();
    void forgetLink();
    void endWatch();
    void awaitBus(const Failure& failure);
    [[nodiscard]] bool isBusGone(const Failure& failure) const;
    void giveUp(const QString& why);
    void sendNext();
    void followOthers();
    void fetchStatus();
    void takeStatus(EngineStatus status);
    [[nodiscard]] std::uint32_t slotCount() const;

    EngineAccess m_access;
    std::unique_ptr<Aside> m_calls;
    Link m_link;
    LiveView m_view;
    EngineStatus m_status;
    LiveSnapshot m_values;
    std::optional<LiveSnapshot> m_past;  ///< that is shown
    std::vector<SeenMove> m_moves;
    std::vector<LiveSeen> m_entries;
    std::uint64_t m_nextEntry = 0;
    QTimer m_poll;
    QTimer m_rest;  ///< runs until all looks are left again
    int m_looksLeft;
    QTimer m_retry;
    std::unique_ptr<QSocketNotifier> m_death;
    int m_deathFd = -1;
    int m_triesLeft = 0;
    std::uint64_t m_seenSequence = 1;
    std::shared_ptr<const Tangle> m_wanted;  ///< the tangle that is to run
    std::uint64_t m_sentMark = 0;            ///< of the one that was sent last; 0 for none
    bool m_isSending = false;
    bool m_isFetching = false;     ///< the status
    bool m_isStatusStale = false;  ///< it changed again while it was fetched
    bool m_isConnecting = false;
    bool m_isStartingAnother = false;  ///< in the place of one that did not let itself be found
    bool m_hasLostBus = false;         ///< to an engine that lives
    bool m_hasFoundOne = false;
    bool m_wasLive = false;  ///< when the last engine died
};

}  // namespace jolly::app
