// SPDX-License-Identifier: GPL-3.0-or-later
#include "app/services/engine_session.h"
#include "app/style/qt_text.h"

#include "core/tangle/virtual_layout.h"
#include "core/value/mark.h"
#include "format/tangle_text.h"

#include <unistd.h>

#include <algorithm>
#include <utility>

namespace jolly::app
{

namespace
{

constexpr int kFrameMs = 16;
constexpr int kLooks = 8;     ///< at what others change, one after the other
constexpr int kRestMs = 100;  ///< until one look more is taken
constexpr int kRetryMs = 25;
constexpr int kTries = 400;
constexpr int kBusRetryMs = 1000;
constexpr int kEndMs = 2000;  ///< how long an end is waited for

/// What the engine says of a tangle that it does not run.
QString whyRefused(const LoadResult& refused)
{
    QString sentence = EngineSession::tr("The engine did not take the tangle.");
    for (const auto& problem : refused.problems) {
        if (problem.severity == Severity::Error)
            return sentence + QLatin1Char(' ') + toQt(problem.sentence);
    }
    return sentence;
}

}  // namespace

EngineSession::EngineSession(EngineAccess access, QObject* parent)
    : QObject(parent),
      m_access(std::move(access)),
      m_calls(std::make_unique<Aside>(m_access.way)),
      m_looksLeft(kLooks)
{
    m_poll.setInterval(kFrameMs);
    m_poll.setTimerType(Qt::PreciseTimer);
    connect(&m_poll, &QTimer::timeout, this, &EngineSession::poll);
    m_rest.setInterval(kRestMs);
    connect(&m_rest, &QTimer::timeout, this, [this] {
        if (++m_looksLeft == kLooks) m_rest.stop();
        followOthers();
    });
    connect(&m_retry, &QTimer::timeout, this, &EngineSession::tryToConnect);
    connect(m_calls.get(), &Aside::late, this, &EngineSession::silent);
    connect(m_calls.get(), &Aside::answered, this, &EngineSession::answered);
}

EngineSession::~EngineSession()
{
    m_death.reset();
    if (m_deathFd >= 0) ::close(m_deathFd);
}

void EngineSession::begin()
{
    m_hasFoundOne = false;
    m_calls->ask(m_access.connect, [this](Result<std::unique_ptr<EngineLink>> link) {
        if (link) {
            m_hasFoundOne = true;
            meet(std::move(*link));
        } else if (link.error().code == Failure::Code::NotThere ||
                   std::exchange(m_isStartingAnother, false)) {
            startOne();
        } else {  // one that is started could not be reached
            giveUp(toQt(link.error().text()));
        }
    });
}

void EngineSession::startOne()
{
    if (const auto done = m_access.start(); !done) return giveUp(toQt(done.error().text()));
    m_triesLeft = kTries;
    m_retry.start(kRetryMs);
}

void EngineSession::giveUp(const QString& why)
{
    m_retry.stop();
    Q_EMIT notStarted(why);
}

void EngineSession::tryToConnect()
{
    if (m_isConnecting) return;
    m_isConnecting = true;
    m_calls->ask(m_access.connect, [this](Result<std::unique_ptr<EngineLink>> link) {
        m_isConnecting = false;
        if (!m_retry.isActive()) return;
        if (link) {
            m_retry.stop();
            return meet(std::move(*link));
        }
        // Another window may have started one meanwhile, so that ours was not needed.
        const auto why = m_access.whyNot && !m_hasLostBus ? m_access.whyNot() : QString();
        if (!why.isEmpty()) return giveUp(why);
        if (!m_hasLostBus && --m_triesLeft == 0) giveUp(toQt(link.error().text()));
    });
}

/// The engine lives, but the bus to it is gone: it comes to the next one, and so does the window.
void EngineSession::awaitBus(const Failure& failure)
{
    if (m_hasLostBus) return;
    m_hasLostBus = true;
    forgetLink();
    Q_EMIT failed(toQt(failure.text()));
    m_retry.start(kBusRetryMs);
}

/// Whether a call failed since there is no way to an engine that lives.
bool EngineSession::isBusGone(const Failure& failure) const
{
    const bool isNoWay =
        failure.code == Failure::Code::NotThere || failure.code == Failure::Code::System;
    return m_link && m_deathFd >= 0 && isNoWay;
}

void EngineSession::meet(Link link)
{
    m_calls->ask(
        [link] {
            return Meeting{link->values(), link->status()};
        },
        [this, link](Meeting meeting) { attach(link, std::move(meeting)); });
}

void EngineSession::attach(Link link, Meeting meeting)
{
    for (const auto* failure : {meeting.view ? nullptr : &meeting.view.error(),
                                meeting.status ? nullptr : &meeting.status.error()}) {
        if (failure) return giveUp(toQt(failure->text()));
    }
    if (std::exchange(m_hasLostBus, false)) endWatch();
    m_link = std::move(link);
    m_view = std::move(*meeting.view);
    m_seenSequence = 1;
    m_sentMark = 0;
    watchForDeath();
    takeStatus(std::move(*meeting.status));
    m_nextEntry = m_values.entries;
    Q_EMIT attached();
    if (std::exchange(m_wasLive, false)) {
        goLive([this](const Fallible& done) {
            if (!done) Q_EMIT failed(toQt(done.error().text()));
        });
    }
    m_poll.start();
    poll();
}

void EngineSession::watchForDeath()
{
    m_deathFd = m_view.watchEngine();
    if (m_deathFd < 0) return;
    m_death = std::make_unique<QSocketNotifier>(m_deathFd, QSocketNotifier::Read);
    connect(m_death.get(), &QSocketNotifier::activated, this, &EngineSession::lose);
}

void EngineSession::endWatch()
{
    if (!m_death) return;
    m_death->setEnabled(false);  // before its descriptor is closed
    m_death.release()->deleteLater();
    ::close(std::exchange(m_deathFd, -1));
}

void EngineSession::lose()
{
    m_poll.stop();
    m_retry.stop();
    m_hasLostBus = false;
    endWatch();
    m_wasLive = m_status.isLive;
    forgetLink();
    m_status = {};
    const bool isWanted = m_view.isEndWanted();
    if (isWanted) {
        m_wasLive = false;
        Q_EMIT wasEnded();
    } else {
        Q_EMIT lost();
    }
    Q_EMIT statusChanged();
    if (!isWanted) begin();
}

void EngineSession::end()
{
    m_poll.stop();
    m_retry.stop();
    m_death.reset();
    if (m_deathFd >= 0) ::close(std::exchange(m_deathFd, -1));
    if (m_link) m_calls->ask([link = m_link] { return link->quit(); }, [](const Fallible&) {});
    m_calls->finish(kEndMs);
    forgetLink();
}

/// The engine is gone: what was asked of it has no answer any more.
void EngineSession::forgetLink()
{
    m_link.reset();
    m_isSending = m_isFetching = m_isStatusStale = m_isConnecting = false;
    m_past.reset();
}

void EngineSession::leave()
{
    if (m_link && m_wanted) {
        m_calls->ask(
            [link = m_link, tangle = m_wanted] { return link->load(format::writeTangle(*tangle)); },
            [](const Result<LoadResult>&) {});
    }
    m_calls->finish(kEndMs);
}

void EngineSession::changeTo(EngineAccess access)
{
    end();
    m_status = {};
    m_access = std::move(access);
    Q_EMIT statusChanged();
    begin();
}

/// The kernel gives back everything that the old one had. When it was attached, its death is seen
/// as any other; else the call that hangs ends, and an engine is looked for as at the start.
void EngineSession::startAnother()
{
    m_isStartingAnother = !m_link;
    if (m_access.endByForce) m_access.endByForce();
}

std::uint32_t EngineSession::slotCount() const
{
    std::uint32_t count = 0;
    for (const auto& c : m_status.controllers) {
        count = std::max(count,
                         c.firstSlot + static_cast<std::uint32_t>(c.description.controls.size()));
    }
    // The devices' slots come first; the last one's may be the end when no controller is there.
    for (const auto& d : m_status.devices) count = std::max(count, d.firstSlot + kMostSlots);
    return count;
}

void EngineSession::poll()
{
    const auto sequence = m_view.sequence();
    if ((!m_link && !m_hasLostBus) || sequence == m_seenSequence) return;
    if (!m_view.read(slotCount(), m_values)) return;
    followOthers();
    if (m_values.generation != m_status.generation) return;  // slots mean something else
    m_seenSequence = m_values.sequence;
    m_view.readEntries(m_nextEntry, m_entries);
    m_moves = movesOf(m_entries);
    Q_EMIT valuesChanged();
}

/// What other programs change is looked at once in a while when they change it all the time: all
/// that a window shows follows from it.
void EngineSession::followOthers()
{
    if (m_values.edition == m_status.edition) return;
    if (m_isSending || m_isFetching || m_looksLeft == 0) return;
    --m_looksLeft;
    if (!m_rest.isActive()) m_rest.start();
    fetchStatus();
}

void EngineSession::forgetMoves()
{
    m_moves.clear();
    m_entries.clear();
}

void EngineSession::fetchStatus()
{
    if (!m_link) return;
    m_isStatusStale = m_isFetching;
    if (std::exchange(m_isFetching, true)) return;
    m_calls->ask([link = m_link] { return link->status(); },
                 [this, link = m_link](Result<EngineStatus> status) {
                     if (link != m_link) return;  // of an engine that is gone
                     m_isFetching = false;
                     if (status) takeStatus(std::move(*status));
                     if (!status && isBusGone(status.error())) return awaitBus(status.error());
                     if (std::exchange(m_isStatusStale, false)) fetchStatus();
                 });
}

void EngineSession::takeStatus(EngineStatus status)
{
    auto before = std::exchange(m_status, std::move(status));
    static_cast<void>(m_view.read(slotCount(), m_values));
    if (m_status.generation != before.generation) m_nextEntry = m_values.entries;
    Q_EMIT statusTold();
    before.edition = m_status.edition;
    before.mark = m_status.mark;
    if (before != m_status) Q_EMIT statusChanged();
}

void EngineSession::askForTangle(std::function<void(const std::string&)> then)
{
    if (!m_link) return then({});
    m_calls->ask([link = m_link] { return link->tangle(); },
                 [this, link = m_link, then = std::move(then)](const Result<std::string>& text) {
                     if (link == m_link) then(text ? *text : std::string());
                 });
}

void EngineSession::send(std::shared_ptr<const Tangle> tangle)
{
    if (!m_link) return;
    m_wanted = std::move(tangle);
    if (!m_isSending) sendNext();
}

/// The text is written aside, too: that of a large tangle takes longer than a frame.
void EngineSession::sendNext()
{
    struct Sent {
        std::uint64_t mark;
        Result<LoadResult> done;
    };
    m_isSending = true;
    m_calls->ask(
        [link = m_link, tangle = m_wanted] {
            const auto text = format::writeTangle(*tangle);
            return Sent{markOf(text), link->load(text)};
        },
        [this, link = m_link, tangle = m_wanted](const Sent& sent) {
            if (link != m_link) return;
            m_isSending = false;
            const bool isTaken = sent.done && sent.done->isAccepted;
            if (isTaken) m_sentMark = sent.mark;
            if (!sent.done && isBusGone(sent.done.error())) return awaitBus(sent.done.error());
            if (!sent.done) Q_EMIT failed(toQt(sent.done.error().text()));
            if (sent.done && !isTaken) Q_EMIT failed(whyRefused(*sent.done));
            if (m_wanted != tangle) return sendNext();
            fetchStatus();
        });
}

bool EngineSession::fliesAnother() const
{
    return m_link && m_sentMark != 0 && !m_isSending && !m_isFetching &&
           m_status.mark != m_sentMark;
}

std::vector<SeenByGame> EngineSession::seenByGame() const
{
    return m_view.seenByGame(slotCount());
}

void EngineSession::showPast(std::optional<LiveSnapshot> past)
{
    m_past = std::move(past);
    forgetMoves();
    Q_EMIT valuesChanged();
}

}  // namespace jolly::app
