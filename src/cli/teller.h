// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "control/news_thread.h"
#include "engine/spsc_queue.h"
#include "ports/unique_fd.h"

#include <string>

namespace jolly
{

/// Says sentences on standard error from a thread of its own, so that whoever flies never waits for
/// a terminal or a pipe: what a reader does not take within kPatience is left out.
class Teller
{
 public:
    static constexpr int kPatienceMs = 500;

    Teller();

    /// One thread only; it neither waits nor prints. What finds no room is left out.
    void say(std::string sentence);

    /// Waits until all that was said is told, or left out. The thread of say() only.
    void finish();

 private:
    void tell();

    SpscQueue<std::string, 64> m_sentences;
    std::atomic<std::uint64_t> m_told{0};
    std::uint64_t m_said = 0;
    UniqueFd m_bell;
    NewsThread m_thread;  ///< last: it uses all of the above
};

}  // namespace jolly
