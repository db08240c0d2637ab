// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include <condition_variable>
#include <deque>
#include <functional>
#include <mutex>
#include <thread>

namespace jolly
{

/// Does what takes long, one piece after the other, on a thread of its own.
class LoadQueue
{
 public:
    LoadQueue() : m_thread([this] { run(); }) {}
    LoadQueue(const LoadQueue&) = delete;
    LoadQueue& operator=(const LoadQueue&) = delete;

    /// Waits for the piece that is being done; those behind it are dropped.
    ~LoadQueue()
    {
        {
            const std::lock_guard lock(m_mutex);
            m_isEnding = true;
        }
        m_news.notify_one();
        m_thread.join();
    }

    void add(std::function<void()> work)
    {
        {
            const std::lock_guard lock(m_mutex);
            m_waiting.push_back(std::move(work));
        }
        m_news.notify_one();
    }

 private:
    void run()
    {
        while (true) {
            std::unique_lock lock(m_mutex);
            m_news.wait(lock, [this] { return m_isEnding || !m_waiting.empty(); });
            if (m_isEnding) return;
            const auto work = std::move(m_waiting.front());
            m_waiting.pop_front();
            lock.unlock();
            work();
        }
    }

    std::mutex m_mutex;
    std::condition_variable m_news;
    std::deque<std::function<void()>> m_waiting;
    bool m_isEnding = false;
    std::thread m_thread;
};

}  // namespace jolly
