// SPDX-License-Identifier: GPL-3.0-or-later
#include "helper/closing.h"
#include "helper/service.h"

#include <fcntl.h>
#include <sys/file.h>
#include <sys/prctl.h>
#include <sys/stat.h>
#include <sys/wait.h>
#include <unistd.h>

#include <cstdlib>
#include <iostream>

namespace
{

constexpr const char* kLock = "/run/jolly-tangle-helper.lock";

/// Only one helper at a time, and a new one only when the last has given everything back. The lock
/// goes with the last process that has it open.
jolly::UniqueFd lock()
{
    jolly::UniqueFd file(::open(kLock, O_RDWR | O_CREAT | O_CLOEXEC | O_NOFOLLOW, 0600));
    if (file.isOpen() && flock(file.get(), LOCK_EX) == 0) return file;
    return {};
}

sigset_t endingSignals()
{
    sigset_t set;
    sigemptyset(&set);
    for (const int signal : {SIGTERM, SIGINT, SIGHUP}) sigaddset(&set, signal);
    return set;
}

}  // namespace

/// The helper: one process serves, and one waits for its end, so that everything is given back also
/// when the serving one is killed. When the waiting one is killed, the serving one ends by itself.
int main()
{
    clearenv();
    umask(022);
    const auto only = lock();
    if (geteuid() != 0 || !only.isOpen()) {
        std::cerr << "jolly-tangle-helper: the system bus starts this program, as root.\n";
        return 1;
    }
    const auto signals = endingSignals();
    sigprocmask(SIG_BLOCK, &signals, nullptr);
    const pid_t parent = getpid();
    const pid_t server = fork();
    if (server == 0) {
        prctl(PR_SET_PDEATHSIG, SIGTERM);
        return getppid() == parent ? jolly::serve(signals) : 1;
    }
    if (server < 0) return 1;
    sigprocmask(SIG_UNBLOCK, &signals, nullptr);
    int status = 0;
    while (waitpid(server, &status, 0) < 0 && errno == EINTR) {
    }
    if (WIFEXITED(status)) return WEXITSTATUS(status);
    jolly::openAll();
    return 1;
}
