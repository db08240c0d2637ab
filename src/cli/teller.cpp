// SPDX-License-Identifier: GPL-3.0-or-later
#include "cli/teller.h"

#include "cli/plain_output.h"

#include <poll.h>
#include <unistd.h>

#include <algorithm>
#include <sstream>
#include <string_view>

namespace jolly
{

namespace
{

/// A pipe that is ready takes so much at once (PIPE_BUF, pipe(7)).
constexpr std::size_t kAtOnce = 4096;

/// Without control characters, as all that the program prints.
std::string lineOf(const std::string& sentence)
{
    std::ostringstream line;
    {
        const PlainOutput plain(line);
        line << "tangle: " << sentence << "\n";
    }
    return line.str();
}

void writeOut(std::string_view text)
{
    while (!text.empty()) {
        pollfd ready{STDERR_FILENO, POLLOUT, 0};
        if (::poll(&ready, 1, Teller::kPatienceMs) <= 0 || (ready.revents & POLLOUT) == 0) return;
        const auto count = ::write(STDERR_FILENO, text.data(), std::min(text.size(), kAtOnce));
        if (count <= 0) return;
        text.remove_prefix(static_cast<std::size_t>(count));
    }
}

}  // namespace

Teller::Teller()
    : m_bell(eventfd(0, EFD_CLOEXEC | EFD_NONBLOCK)), m_thread(m_bell.get(), [this] { tell(); })
{
}

void Teller::say(std::string sentence)
{
    if (!m_sentences.push(std::move(sentence))) return;
    ++m_said;
    constexpr std::uint64_t kOne = 1;
    static_cast<void>(::write(m_bell.get(), &kOne, sizeof kOne) == sizeof kOne);
}

void Teller::tell()
{
    std::string sentence;
    while (m_sentences.pop(sentence)) {
        writeOut(lineOf(sentence));
        ++m_told;
        m_told.notify_all();
    }
}

void Teller::finish()
{
    for (auto told = m_told.load(); told < m_said; told = m_told.load()) m_told.wait(told);
}

}  // namespace jolly
