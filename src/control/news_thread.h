// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include <poll.h>
#include <sys/eventfd.h>
#include <unistd.h>

#include <array>
#include <cerrno>
#include <cstdint>
#include <functional>
#include <thread>

namespace jolly
{

/// Calls `tell`, on a thread of its own, whenever a counter (an eventfd) was written to.
class NewsThread
{
 public:
    /// @param news  stays the caller's, and may be -1: then nothing is ever told.
    NewsThread(int news, std::function<void()> tell)
        : m_end(eventfd(0, EFD_CLOEXEC | EFD_NONBLOCK)),
          m_thread([this, news, tell = std::move(tell)] { run(news, tell); })
    {
    }
    NewsThread(const NewsThread&) = delete;
    NewsThread& operator=(const NewsThread&) = delete;
    ~NewsThread()
    {
        constexpr std::uint64_t kOne = 1;
        while (::write(m_end, &kOne, sizeof kOne) < 0 && errno == EINTR) {
        }
        m_thread.join();
        ::close(m_end);
    }

 private:
    void run(int news, const std::function<void()>& tell) const
    {
        std::array<pollfd, 2> fds = {{{m_end, POLLIN, 0}, {news, POLLIN, 0}}};
        while (true) {
            if (::poll(fds.data(), fds.size(), -1) < 0) continue;
            if (fds[0].revents != 0) return;
            std::uint64_t count = 0;
            if (::read(news, &count, sizeof count) == sizeof count) tell();
        }
    }

    int m_end;
    std::thread m_thread;
};

}  // namespace jolly
