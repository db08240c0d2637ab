// SPDX-License-Identifier: GPL-3.0-or-later
#include "app/services/engine_calls.h"

#include <QMetaObject>
#include <chrono>
#include <condition_variable>
#include <deque>
#include <mutex>
#include <thread>

namespace jolly::app
{

/// The thread's queue. It outlives the window's side while a call hangs.
class EngineCalls::Worker
{
 public:
    /// Called on the thread after each call, with what is to follow on the window's.
    std::function<void(std::function<void()>)> giveBack;

    void add(std::function<void()> call, std::function<void()> then)
    {
        const std::lock_guard lock(m_mutex);
        m_calls.emplace_back(std::move(call), std::move(then));
        m_news.notify_all();
    }

    void end()
    {
        const std::lock_guard lock(m_mutex);
        m_isEnding = true;
        giveBack = {};
        m_calls.clear();
        m_news.notify_all();
    }

    bool isDoneWithin(int ms)
    {
        std::unique_lock lock(m_mutex);
        return m_news.wait_for(lock, std::chrono::milliseconds(ms),
                               [this] { return m_calls.empty() && !m_isCalling; });
    }

    static void run(const std::shared_ptr<Worker>& self)
    {
        std::unique_lock lock(self->m_mutex);
        while (true) {
            self->m_news.wait(lock, [&] { return self->m_isEnding || !self->m_calls.empty(); });
            if (self->m_isEnding) return;
            auto [call, then] = std::move(self->m_calls.front());
            self->m_calls.pop_front();
            self->m_isCalling = true;
            lock.unlock();
            call();
            call = {};
            lock.lock();
            self->m_isCalling = false;
            if (self->giveBack) self->giveBack(std::move(then));
            self->m_news.notify_all();
        }
    }

 private:
    std::mutex m_mutex;
    std::condition_variable m_news;
    std::deque<std::pair<std::function<void()>, std::function<void()>>> m_calls;
    bool m_isCalling = false;
    bool m_isEnding = false;
};

EngineCalls::EngineCalls(Way way, QObject* parent) : QObject(parent)
{
    m_patience.setSingleShot(true);
    m_patience.setInterval(kLateMs);
    connect(&m_patience, &QTimer::timeout, this, [this] {
        m_isLate = true;
        Q_EMIT late();
    });
    if (way == Way::AtOnce) return;
    m_worker = std::make_shared<Worker>();
    m_worker->giveBack = [this](std::function<void()> then) {
        QMetaObject::invokeMethod(
            this, [this, then = std::move(then)] { done(then); }, Qt::QueuedConnection);
    };
    std::thread([worker = m_worker] { Worker::run(worker); }).detach();
}

EngineCalls::~EngineCalls()
{
    if (m_worker) m_worker->end();
}

bool EngineCalls::finish(int ms)
{
    return !m_worker || m_worker->isDoneWithin(ms);
}

void EngineCalls::run(std::function<void()> call, std::function<void()> then)
{
    if (!m_worker) {
        call();
        then();
        return;
    }
    if (m_open++ == 0) m_patience.start();
    m_worker->add(std::move(call), std::move(then));
}

void EngineCalls::done(const std::function<void()>& then)
{
    if (--m_open == 0) {
        m_patience.stop();
    } else {
        m_patience.start();
    }
    if (std::exchange(m_isLate, false)) Q_EMIT answered();
    then();
}

}  // namespace jolly::app
