// SPDX-License-Identifier: GPL-3.0-or-later
#include "linux/open_watch.h"

#include <sys/inotify.h>

#include <algorithm>
#include <climits>

namespace jolly
{

OpenWatch::OpenWatch() : m_fd(inotify_init1(IN_NONBLOCK | IN_CLOEXEC)) {}

void OpenWatch::watch(Handle device, const std::string& node)
{
    const int number = inotify_add_watch(m_fd.get(), node.c_str(), IN_OPEN);
    if (number >= 0) m_watched[number] = {device};
}

void OpenWatch::forget(Handle device)
{
    for (const auto& [number, watched] : m_watched) {
        if (watched.device == device) inotify_rm_watch(m_fd.get(), number);
    }
    std::erase_if(m_watched, [device](const auto& item) { return item.second.device == device; });
    findNext();
}

void OpenWatch::expect(Handle device)
{
    for (auto& [number, watched] : m_watched) {
        if (watched.device == device) ++watched.expected;
    }
}

void OpenWatch::read(Time now)
{
    alignas(inotify_event) char buffer[16 * (sizeof(inotify_event) + NAME_MAX + 1)];
    ssize_t size = 0;
    while ((size = ::read(m_fd.get(), buffer, sizeof buffer)) > 0) {
        for (const char* at = buffer; at < buffer + size;) {
            const auto* event = reinterpret_cast<const inotify_event*>(at);
            at += sizeof(inotify_event) + event->len;
            const auto found = m_watched.find(event->wd);
            if (found == m_watched.end() || (event->mask & IN_OPEN) == 0) continue;
            if (found->second.expected > 0) {
                --found->second.expected;
                continue;
            }
            found->second.soon = now + kSoon;
            found->second.later = now + kLater;
        }
    }
    findNext();
}

void OpenWatch::findNext() noexcept
{
    m_next = Time::max();
    for (const auto& [number, watched] : m_watched)
        m_next = std::min({m_next, watched.soon, watched.later});
}

}  // namespace jolly
