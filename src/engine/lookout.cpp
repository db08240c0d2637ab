// SPDX-License-Identifier: GPL-3.0-or-later
#include "engine/lookout.h"

#include <poll.h>
#include <sys/eventfd.h>
#include <unistd.h>

#include <algorithm>

namespace jolly
{

namespace
{

/// How long it waits for something to read before it looks at what is late.
constexpr int kPollMs = 50;

void add(std::atomic<std::uint64_t>& counter, std::uint64_t count)
{
    counter.store(counter.load(std::memory_order_relaxed) + count, std::memory_order_relaxed);
}

Time steadyNow()
{
    return std::chrono::steady_clock::now().time_since_epoch();
}

}  // namespace

Lookout::Lookout(LiveBlock& live, EngineDoor& door)
    : m_live(live),
      m_door(door),
      m_bell(eventfd(0, EFD_CLOEXEC | EFD_NONBLOCK)),
      m_thread([this] { run(); })
{
}

Lookout::~Lookout()
{
    {
        const std::lock_guard lock(m_mutex);
        m_isEnding = true;
    }
    m_wanted.notify_one();
    ring();
    m_thread.join();
}

void Lookout::ask()
{
    {
        const std::lock_guard lock(m_mutex);
        m_until = std::chrono::steady_clock::now() + kLease;
    }
    m_wanted.notify_one();
}

void Lookout::ring() noexcept
{
    constexpr std::uint64_t kOne = 1;
    [[maybe_unused]] const auto done = ::write(m_bell.get(), &kOne, sizeof kOne);
}

void Lookout::run()
{
    while (true) {
        {
            std::unique_lock lock(m_mutex);
            const auto isWanted = [this] {
                return m_isEnding || std::chrono::steady_clock::now() < m_until;
            };
            if (!isWanted() && !m_seats.empty()) {
                lock.unlock();
                closeSeats();
                lock.lock();
            }
            m_wanted.wait(lock, isWanted);
            if (m_isEnding) return;
        }
        look();
    }
}

/// One round: reads what there is, and finds what is late.
void Lookout::look()
{
    const bool isNew = m_live.header.edition.load(std::memory_order_acquire) != m_edition;
    if (isNew || steadyNow() >= m_openAgain) openSeats();
    wait();
    for (auto& seat : m_seats) readSeat(seat);
    takeSent();
    countDelays();
    judge(steadyNow());
}

void Lookout::openSeats()
{
    closeSeats();
    m_edition = m_live.header.edition.load(std::memory_order_acquire);
    m_position = m_live.header.entries.load(std::memory_order_acquire);
    auto opened = std::make_shared<GameSeats>();
    const auto done = m_door.ask([opened](Engine& engine) -> Fallible {
        *opened = engine.openAsGame();
        engine.measureAll(true);
        return {};
    });
    if (!done) return;
    m_seats = std::move(opened->seats);
    m_openAgain = opened->areAll ? Time::max() : steadyNow() + kOpenAgain;
    m_eyes.clear();
    for (auto& seat : m_seats) {
        const auto state = seat.reader->state();
        m_eyes.resize(std::max(m_eyes.size(), seat.firstSlot + state.size()));
        for (std::uint32_t i = 0; i < state.size() && seat.firstSlot + i < kLiveEyes; ++i) {
            auto& eye = m_live.eyes[seat.firstSlot + i];
            const bool isTurner = seat.kinds[i] == ControlKind::Turner;
            eye.raw = isTurner ? m_live.slots[seat.firstSlot + i].raw.load() : state[i].x;
            eye.rawY = state[i].y;
            eye.sight = static_cast<std::uint32_t>(LiveSight::Same);
        }
    }
}

void Lookout::closeSeats()
{
    for (const auto& seat : m_seats) {
        for (std::uint32_t i = 0; i < seat.kinds.size() && seat.firstSlot + i < kLiveEyes; ++i)
            m_live.eyes[seat.firstSlot + i].sight = static_cast<std::uint32_t>(LiveSight::Unseen);
    }
    m_edition = 0;
    if (m_seats.empty()) return;
    m_seats.clear();
    static_cast<void>(m_door.ask([](Engine& engine) -> Fallible {
        engine.measureAll(false);
        return {};
    }));
}

void Lookout::wait()
{
    std::vector<pollfd> fds = {{m_bell.get(), POLLIN, 0}};
    for (const auto& seat : m_seats) fds.push_back({seat.reader->fd(), POLLIN, 0});
    static_cast<void>(::poll(fds.data(), fds.size(), kPollMs));
}

/// What the engine sent waits until it is read.
void Lookout::takeSent()
{
    if (readRing(m_live, m_position, m_seen) > 0) {
        for (auto& eye : m_eyes) eye.back.forget();
    }
    for (const auto& [happening, isScene] : m_seen) {
        if (isScene || happening.kind != Happening::Kind::Change) continue;
        if (happening.what >= m_eyes.size()) continue;
        m_eyes[happening.what].back.send({happening.raw, happening.isHatY, happening.time});
    }
}

void Lookout::readSeat(GameSeat& seat)
{
    Time time{};
    while (seat.reader->read(m_changes, time)) {
        add(m_live.sights.frames, 1);
        for (const auto& change : m_changes) {
            if (change.slot < seat.kinds.size())
                see(seat.firstSlot + change.slot, change, seat.kinds[change.slot], time);
        }
    }
}

void Lookout::see(std::uint32_t slot, const SeenChange& change, ControlKind kind, Time time)
{
    if (slot >= kLiveEyes || slot >= m_eyes.size()) return;
    auto& eye = m_live.eyes[slot];
    auto& raw = change.isHatY ? eye.rawY : eye.raw;
    const auto now =
        kind == ControlKind::Turner ? raw.load(std::memory_order_relaxed) + change.raw : change.raw;
    raw.store(now, std::memory_order_relaxed);
    eye.changes.fetch_add(1, std::memory_order_relaxed);
    m_eyes[slot].back.read({now, change.isHatY, time});
}

void Lookout::countDelays()
{
    auto& sights = m_live.sights;
    for (auto& eye : m_eyes) {
        for (const auto delay : eye.back.meet()) {
            add(sights.delays[delayBin(delay.count())], 1);
            if (delay.count() > sights.worstNs.load(std::memory_order_relaxed))
                sights.worstNs.store(delay.count(), std::memory_order_relaxed);
        }
    }
}

/// Whether each control is what was sent.
void Lookout::judge(Time now)
{
    for (const auto& seat : m_seats) {
        for (std::uint32_t i = 0; i < seat.kinds.size(); ++i) {
            const auto slot = seat.firstSlot + i;
            if (slot >= kLiveEyes || slot >= m_eyes.size()) break;
            auto& eye = m_live.eyes[slot];
            const auto& sent = m_live.slots[slot];
            const bool isSame = eye.raw.load(std::memory_order_relaxed) ==
                                    sent.raw.load(std::memory_order_relaxed) &&
                                (seat.kinds[i] != ControlKind::Hat ||
                                 eye.rawY.load(std::memory_order_relaxed) ==
                                     sent.rawY.load(std::memory_order_relaxed));
            auto& since = m_eyes[slot].differsSince;
            since = isSame ? Time::max() : std::min(since, now);
            const bool isFault = !isSame && now - since >= kPatience;
            eye.sight.store(
                static_cast<std::uint32_t>(isFault ? LiveSight::Differs : LiveSight::Same),
                std::memory_order_relaxed);
        }
    }
}

}  // namespace jolly
