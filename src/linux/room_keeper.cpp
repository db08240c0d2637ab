// SPDX-License-Identifier: GPL-3.0-or-later
#include "linux/room_keeper.h"

#include "linux/child.h"

#include <fcntl.h>
#include <poll.h>
#include <sys/signalfd.h>
#include <sys/wait.h>

#include <csignal>
#include <iostream>

namespace jolly
{

namespace
{

constexpr int kNotStarted = 127;

/// Hands an order on to everybody in the room. @return false at the end of the orders.
bool takeOrder(int orders)
{
    unsigned char signal = 0;
    const bool isOrder = ::read(orders, &signal, 1) == 1;
    kill(-1, isOrder ? signal : SIGKILL);
    return isOrder;
}

}  // namespace

int keepRoom(UniqueFd orders, const std::vector<std::string>& game)
{
    fcntl(orders.get(), F_SETFD, FD_CLOEXEC);
    const auto first = Child::start(game, Child::Output::Shared);
    if (!first) {
        std::cerr << "tangle: " << game.front() << " could not be started. Check its name.\n";
        return kNotStarted;
    }
    sigset_t ends;
    sigemptyset(&ends);
    sigaddset(&ends, SIGCHLD);
    sigprocmask(SIG_BLOCK, &ends, nullptr);
    const UniqueFd news(signalfd(-1, &ends, SFD_CLOEXEC | SFD_NONBLOCK));
    int code = 0;
    while (true) {
        int status = 0;
        pid_t ended = 0;
        while ((ended = waitpid(-1, &status, WNOHANG)) > 0) {
            if (ended == first->pid()) code = exitCodeOf(status);
        }
        if (ended < 0) return code;
        pollfd watched[] = {{orders.get(), POLLIN, 0}, {news.get(), POLLIN, 0}};
        if (poll(watched, 2, -1) < 0) continue;
        if (watched[0].revents != 0 && !takeOrder(orders.get())) orders = UniqueFd();
        signalfd_siginfo signal{};
        while (::read(news.get(), &signal, sizeof signal) == sizeof signal) {
        }
    }
}

}  // namespace jolly
