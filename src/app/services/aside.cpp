// SPDX-License-Identifier: GPL-3.0-or-later
#include "app/services/aside.h"

#include <QMetaObject>
#include <chrono>
#include <condition_variable>
#include <deque>
#include <mutex>
#include <thread>

namespace jolly::app
{

/// The thread's queues: of calls, and of what is to follow on the window's thread. They outlive the
/// window's side while a call hangs.
class Aside::Worker
{
 public:
    /// Called on the thread after each call: takeDone() has something.
    std::function<void()> tell;

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
        tell = {};
        m_calls.clear();
        m_done.clear();
        m_news.notify_all();
    }

    /// What is to follow on a call that is done; nothing when all was taken.
    std::function<void()> takeDone()
    {
        const std::lock_guard lock(m_mutex);
        if (m_done.empty()) return {};
        auto then = std::move(m_done.front());
        m_done.pop_front();
        return then;
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
            self->m_done.push_back(std::move(then));
            if (self->tell) self->tell();
            self->m_news.notify_all();
        }
    }

 private:
    std::mutex m_mutex;
    std::condition_variable m_news;
    std::deque<std::pair<std::function<void()>, std::function<void()>>> m_calls;
    std::deque<std::function<void()>> m_done;
    bool m_isCalling = false;
    bool m_isEnding = false;
};

Aside::Aside(Way way, QObject* parent) : QObject(parent)
{
    m_patience.setSingleShot(true);
    m_patience.setInterval(kLateMs);
    connect(&m_patience, &QTimer::timeout, this, [this] {
        m_isLate = true;
        Q_EMIT late();
    });
    if (way == Way::AtOnce) return;
    m_worker = std::make_shared<Worker>();
    m_worker->tell = [this] {
        QMetaObject::invokeMethod(
            this,
            [this] {
                if (const auto then = m_worker->takeDone()) done(then);
            },
            Qt::QueuedConnection);
    };
    std::thread([worker = m_worker] { Worker::run(worker); }).detach();
}

Aside::~Aside()
{
    if (m_worker) m_worker->end();
}

bool Aside::finish(int ms)
{
    return !m_worker || m_worker->isDoneWithin(ms);
}

void Aside::run(std::function<void()> call, std::function<void()> then)
{
    if (!m_worker) {
        call();
        then();
        return;
    }
    if (m_open++ == 0) m_patience.start();
    m_worker->add(std::move(call), std::move(then));
}

void Aside::done(const std::function<void()>& then)
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
