// SPDX-License-Identifier: GPL-3.0-or-later
#include "app/services/engine_session.h"

#include "core/tangle/virtual_layout.h"
#include "format/tangle_text.h"

#include <unistd.h>

#include <algorithm>
#include <utility>

namespace jolly::app
{

namespace
{

constexpr int kFrameMs = 16;
constexpr int kRetryMs = 25;
constexpr int kTries = 160;

}  // namespace

EngineSession::EngineSession(EngineAccess access, QObject* parent)
    : QObject(parent), m_access(std::move(access))
{
    m_poll.setInterval(kFrameMs);
    m_poll.setTimerType(Qt::PreciseTimer);
    m_retry.setInterval(kRetryMs);
    connect(&m_poll, &QTimer::timeout, this, &EngineSession::poll);
    connect(&m_retry, &QTimer::timeout, this, &EngineSession::tryToConnect);
}

EngineSession::~EngineSession()
{
    m_death.reset();
    if (m_deathFd >= 0) ::close(m_deathFd);
}

void EngineSession::begin()
{
    auto link = m_access.connect();
    if (link) {
        m_hasFoundOne = true;
        attach(std::move(*link));
        return;
    }
    m_hasFoundOne = false;
    if (link.error().code != Failure::Code::NotThere) {  // one that is started could not be reached
        Q_EMIT failed(QString::fromStdString(link.error().text()));
        return;
    }
    if (!m_access.start()) {
        Q_EMIT failed(
            tr("The engine could not be started. Check that the program \"tangle\" is installed."));
        return;
    }
    m_triesLeft = kTries;
    m_retry.start();
}

void EngineSession::tryToConnect()
{
    auto link = m_access.connect();
    if (link) {
        m_retry.stop();
        attach(std::move(*link));
    } else if (--m_triesLeft == 0) {
        m_retry.stop();
        Q_EMIT failed(QString::fromStdString(link.error().text()));
    }
}

void EngineSession::attach(std::unique_ptr<EngineLink> link)
{
    m_link = std::move(link);
    auto view = m_link->values();
    if (!view) {
        m_link.reset();
        Q_EMIT failed(QString::fromStdString(view.error().text()));
        return;
    }
    m_view = std::move(*view);
    m_seenSequence = 1;
    m_deathFd = m_view.watchEngine();
    if (m_deathFd >= 0) {
        m_death = std::make_unique<QSocketNotifier>(m_deathFd, QSocketNotifier::Read);
        connect(m_death.get(), &QSocketNotifier::activated, this, &EngineSession::lose);
    }
    fetchStatus();
    m_nextMove = m_values.events;
    Q_EMIT attached();
    if (m_wasLive) {
        m_wasLive = false;
        if (const auto done = goLive(); !done)
            Q_EMIT failed(QString::fromStdString(done.error().text()));
    }
    m_poll.start();
    poll();
}

void EngineSession::lose()
{
    m_poll.stop();
    m_death.release()->deleteLater();
    ::close(std::exchange(m_deathFd, -1));
    m_wasLive = m_status.isLive;
    m_link.reset();
    m_status = {};
    Q_EMIT lost();
    Q_EMIT statusChanged();
    begin();
}

void EngineSession::end()
{
    m_poll.stop();
    m_retry.stop();
    m_death.reset();
    if (m_deathFd >= 0) ::close(std::exchange(m_deathFd, -1));
    if (m_link) static_cast<void>(m_link->quit());
    m_link.reset();
}

void EngineSession::changeTo(EngineAccess access)
{
    end();
    m_status = {};
    m_access = std::move(access);
    Q_EMIT statusChanged();
    begin();
}

/// Where whose controls are in the live block: moves of other slots mean nothing any more.
EngineSession::Slots EngineSession::slotsOf(const EngineStatus& status)
{
    Slots slots;
    for (const auto& c : status.controllers)
        slots.emplace_back(c.firstSlot, c.description.controls.size());
    return slots;
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
    if (!m_link || sequence == m_seenSequence) return;
    if (!m_view.read(slotCount(), m_values)) return;
    if (m_values.generation != m_status.generation) {
        const auto slotsBefore = slotsOf(m_status);
        fetchStatus();
        if (!m_link || !m_view.read(slotCount(), m_values)) return;
        if (slotsOf(m_status) != slotsBefore) m_nextMove = m_values.events;
    }
    m_seenSequence = m_values.sequence;
    m_view.readMoves(m_nextMove, m_moves);
    Q_EMIT valuesChanged();
}

void EngineSession::fetchStatus()
{
    if (!m_link) return;
    auto status = m_link->status();
    if (!status) return;
    m_status = std::move(*status);
    static_cast<void>(m_view.read(slotCount(), m_values));
    Q_EMIT statusChanged();
}

std::string EngineSession::tangle()
{
    return m_link ? m_link->tangle().value_or("") : std::string();
}

void EngineSession::send(const Tangle& tangle)
{
    if (!m_link) return;
    if (const auto done = m_link->load(format::writeTangle(tangle)); !done) {
        Q_EMIT failed(QString::fromStdString(done.error().text()));
    }
    fetchStatus();
}

Fallible EngineSession::goLive()
{
    if (!m_link)
        return fail(Failure::Code::NotThere, "There is no engine.", "Wait a moment and try again.");
    auto done = m_link->goLive();
    fetchStatus();
    return done;
}

Fallible EngineSession::standDown()
{
    if (!m_link) return {};
    auto done = m_link->standDown();
    fetchStatus();
    return done;
}

}  // namespace jolly::app
