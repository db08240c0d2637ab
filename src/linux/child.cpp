// SPDX-License-Identifier: GPL-3.0-or-later
#include "linux/child.h"

#include <fcntl.h>
#include <spawn.h>
#include <sys/wait.h>
#include <unistd.h>

#include <cerrno>
#include <csignal>

namespace jolly
{

int exitCodeOf(int status) noexcept
{
    return WIFEXITED(status) ? WEXITSTATUS(status) : 128 + WTERMSIG(status);
}

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
    posix_spawnattr_t attributes;
    posix_spawnattr_init(&attributes);
    sigset_t none;
    sigemptyset(&none);
    posix_spawnattr_setsigmask(&attributes, &none);
    const bool isApart = output == Output::Quiet;
    const short group = isApart ? POSIX_SPAWN_SETPGROUP : 0;
    posix_spawnattr_setflags(&attributes, static_cast<short>(POSIX_SPAWN_SETSIGMASK | group));
    pid_t pid = -1;
    const int error =
        posix_spawnp(&pid, arguments[0], &files, &attributes, arguments.data(), environ);
    posix_spawnattr_destroy(&attributes);
    posix_spawn_file_actions_destroy(&files);
    return error == 0 ? std::unique_ptr<Child>(new Child(pid)) : nullptr;
}

int Child::wait()
{
    int status = 0;
    while (waitpid(m_pid, &status, 0) < 0 && errno == EINTR) {
    }
    return exitCodeOf(status);
}

}  // namespace jolly
