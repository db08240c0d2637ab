// SPDX-License-Identifier: GPL-3.0-or-later
#include "linux/child.h"

#include "ports/unique_fd.h"

#include <fcntl.h>
#include <poll.h>
#include <spawn.h>
#include <sys/signalfd.h>
#include <sys/wait.h>
#include <unistd.h>

#include <cerrno>
#include <csignal>

namespace jolly
{

namespace
{

constexpr int kSignals[] = {SIGINT, SIGTERM, SIGHUP, SIGCHLD};

sigset_t watchedSignals()
{
    sigset_t set;
    sigemptyset(&set);
    for (const int signal : kSignals) sigaddset(&set, signal);
    return set;
}

int codeOf(int status)
{
    return WIFEXITED(status) ? WEXITSTATUS(status) : 128 + WTERMSIG(status);
}

}  // namespace

std::unique_ptr<Child> Child::start(const std::vector<std::string>& words, Output output)
{
    std::vector<char*> arguments;
    for (const auto& word : words) arguments.push_back(const_cast<char*>(word.c_str()));
    arguments.push_back(nullptr);
    posix_spawn_file_actions_t files;
    posix_spawn_file_actions_init(&files);
    if (output == Output::Quiet) {
        for (const int fd : {STDOUT_FILENO, STDERR_FILENO})
            posix_spawn_file_actions_addopen(&files, fd, "/dev/null", O_WRONLY, 0);
    }
    pid_t pid = -1;
    const int error = posix_spawnp(&pid, arguments[0], &files, nullptr, arguments.data(), environ);
    posix_spawn_file_actions_destroy(&files);
    return error == 0 ? std::unique_ptr<Child>(new Child(pid)) : nullptr;
}

int Child::wait()
{
    int status = 0;
    while (waitpid(m_pid, &status, 0) < 0 && errno == EINTR) {
    }
    return codeOf(status);
}

int Child::wait(int fd, const std::function<void()>& onNews)
{
    const auto signals = watchedSignals();
    sigprocmask(SIG_BLOCK, &signals, nullptr);
    const UniqueFd news(signalfd(-1, &signals, SFD_CLOEXEC | SFD_NONBLOCK));
    int status = 0;
    while (waitpid(m_pid, &status, WNOHANG) == 0) {
        pollfd watched[] = {{fd, POLLIN, 0}, {news.get(), POLLIN, 0}};
        if (poll(watched, 2, -1) < 0) continue;
        if (watched[0].revents != 0) onNews();
        signalfd_siginfo signal{};
        while (::read(news.get(), &signal, sizeof signal) == sizeof signal) {
            if (signal.ssi_signo != SIGCHLD) kill(m_pid, static_cast<int>(signal.ssi_signo));
        }
    }
    return codeOf(status);
}

}  // namespace jolly
