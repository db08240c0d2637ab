// SPDX-License-Identifier: GPL-3.0-or-later
#include "support/program.h"

#include <fcntl.h>
#include <poll.h>
#include <sys/wait.h>
#include <unistd.h>

#include <chrono>
#include <csignal>
#include <thread>

namespace jolly::test
{

namespace
{

using Clock = std::chrono::steady_clock;

Clock::time_point after(double seconds)
{
    return Clock::now() +
           std::chrono::duration_cast<Clock::duration>(std::chrono::duration<double>(seconds));
}

}  // namespace

Program::Program(const std::vector<std::string>& command)
{
    int pipes[2] = {};
    if (pipe2(pipes, O_CLOEXEC) != 0) return;
    m_pid = fork();
    if (m_pid == 0) {
        dup2(pipes[1], 1);
        dup2(pipes[1], 2);
        std::vector<char*> arguments;
        for (const auto& word : command) arguments.push_back(const_cast<char*>(word.c_str()));
        arguments.push_back(nullptr);
        execvp(arguments[0], arguments.data());
        _exit(127);
    }
    ::close(pipes[1]);
    m_out = pipes[0];
}

Program::~Program()
{
    if (m_out >= 0) ::close(m_out);
    if (m_pid <= 0) return;
    kill(m_pid, SIGKILL);
    waitpid(m_pid, nullptr, 0);
}

bool Program::readOnce(double seconds)
{
    pollfd out{m_out, POLLIN, 0};
    if (poll(&out, 1, static_cast<int>(seconds * 1000)) <= 0) return false;
    char buffer[65536];
    const auto size = ::read(m_out, buffer, sizeof buffer);
    if (size <= 0) return false;
    m_text.append(buffer, static_cast<std::size_t>(size));
    return true;
}

bool Program::prints(const std::string& text, double seconds)
{
    const auto end = after(seconds);
    while (m_text.find(text) == std::string::npos && Clock::now() < end) {
        if (!readOnce(0.05)) std::this_thread::sleep_for(std::chrono::milliseconds(5));
    }
    return m_text.find(text) != std::string::npos;
}

void Program::listen(double seconds)
{
    const auto end = after(seconds);
    while (Clock::now() < end) readOnce(0.05);
}

bool Program::isRunning() const
{
    siginfo_t about{};
    return ::waitid(P_PID, static_cast<id_t>(m_pid), &about, WEXITED | WNOHANG | WNOWAIT) == 0 &&
           about.si_pid == 0;
}

void Program::signal(int number) const
{
    if (m_pid > 0) kill(m_pid, number);
}

int Program::end(double seconds)
{
    const auto limit = after(seconds);
    int status = 0;
    while (Clock::now() < limit) {
        readOnce(0.01);
        if (waitpid(m_pid, &status, WNOHANG) != m_pid) continue;
        m_pid = -1;
        while (readOnce(0.0)) {  // what it printed last
        }
        return WIFEXITED(status) ? WEXITSTATUS(status) : -1;
    }
    return -1;
}

}  // namespace jolly::test
