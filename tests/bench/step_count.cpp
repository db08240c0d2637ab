// SPDX-License-Identifier: GPL-3.0-or-later
#include "step_count.h"

#include <sys/ptrace.h>
#include <sys/syscall.h>
#include <sys/user.h>
#include <sys/wait.h>

#include <algorithm>
#include <vector>

namespace jolly::test
{

namespace
{

constexpr long kMostSteps = 1'000'000;

bool stepOnce(pid_t program)
{
    int status = 0;
    return ptrace(PTRACE_SINGLESTEP, program, nullptr, nullptr) == 0 &&
           waitpid(program, &status, 0) == program && WIFSTOPPED(status);
}

/// Whether it is about to call epoll_wait.
bool isBeforeWait(pid_t program)
{
    constexpr unsigned long kSyscall = 0x050f;  // "syscall", as it lies in memory
    user_regs_struct registers{};
    if (ptrace(PTRACE_GETREGS, program, nullptr, &registers) != 0) return false;
    const auto number = registers.rax;
    if (number != SYS_epoll_wait && number != SYS_epoll_pwait) return false;
    const auto word =
        static_cast<unsigned long>(ptrace(PTRACE_PEEKTEXT, program, registers.rip, nullptr));
    return (word & 0xffffUL) == kSyscall;
}

/// @return how many steps it took to get there, or 0 when it never did.
long stepToWait(pid_t program)
{
    for (long steps = 0; steps < kMostSteps; ++steps) {
        if (isBeforeWait(program)) return steps;
        if (!stepOnce(program)) return 0;
    }
    return 0;
}

}  // namespace

long instructionsAnEvent(pid_t program, int events, const std::function<void()>& send)
{
    int status = 0;
    if (ptrace(PTRACE_SEIZE, program, nullptr, nullptr) != 0) return 0;
    ptrace(PTRACE_INTERRUPT, program, nullptr, nullptr);
    waitpid(program, &status, 0);
    send();  // the wait that was interrupted may be followed by a read that blocks
    static_cast<void>(stepToWait(program));
    std::vector<long> counts;
    for (int i = 0; i < events; ++i) {
        send();
        if (!stepOnce(program)) break;
        counts.push_back(stepToWait(program));
    }
    ptrace(PTRACE_DETACH, program, nullptr, nullptr);
    if (counts.empty()) return 0;
    std::ranges::sort(counts);
    return counts[counts.size() / 2];
}

}  // namespace jolly::test
