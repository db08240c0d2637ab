// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "ports/unique_fd.h"
#include "ports/world.h"

#include <algorithm>
#include <map>
#include <string>

namespace jolly
{

/// Notices who opens our virtual devices, and says when to nudge them: some readers show every axis
/// in its middle until the device's first report arrives (seen with DirectInput under Wine 8.0) or
/// until the axis' own does (Allegro 5), so a device is nudged a moment after it was opened, and
/// once more when slow readers are ready.
class OpenWatch
{
 public:
    static constexpr Time kSoon = std::chrono::milliseconds(300);
    static constexpr Time kLater = std::chrono::seconds(3);

    OpenWatch();

    [[nodiscard]] int fd() const noexcept { return m_fd.get(); }

    void watch(Handle device, const std::string& node);
    void forget(Handle device);

    /// The next opening of a device is our own: nobody has to be nudged.
    void expect(Handle device);

    /// Takes the news of openings at `now`.
    void read(Time now);

    /// Calls `nudge` with each device that is to be nudged by `now`. Allocates nothing.
    template <class Nudge>
    void forEachDue(Time now, Nudge&& nudge)
    {
        for (auto& [number, watched] : m_watched) {
            if (std::min(watched.soon, watched.later) > now) continue;
            if (watched.soon <= now) watched.soon = Time::max();
            if (watched.later <= now) watched.later = Time::max();
            nudge(watched.device);
        }
        findNext();
    }

    [[nodiscard]] Time nextDeadline() const noexcept { return m_next; }

 private:
    struct Watched {
        Handle device = 0;
        int expected = 0;  ///< openings that are our own
        Time soon = Time::max();
        Time later = Time::max();
    };

    void findNext() noexcept;

    UniqueFd m_fd;
    std::map<int, Watched> m_watched;  ///< by inotify's number
    Time m_next = Time::max();
};

}  // namespace jolly
