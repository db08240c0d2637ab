// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include <sys/types.h>

#include <memory>
#include <string>
#include <vector>

namespace jolly
{

/// The exit code that waitpid(2)'s status tells; 128 and the signal that ended a process.
[[nodiscard]] int exitCodeOf(int status) noexcept;

/// A program that we started. It blocks no signal, whatever we block.
class Child
{
 public:
    enum class Output : bool {
        Shared,  ///< it prints where we print
        Quiet,   ///< it prints nowhere, and what a terminal sends to us does not reach it
    };

    /// Null when it could not be started.
    [[nodiscard]] static std::unique_ptr<Child> start(const std::vector<std::string>& words,
                                                      Output output);

    /// Waits for its end. @return its exit code; 128 and the signal that ended it.
    [[nodiscard]] int wait();

    [[nodiscard]] pid_t pid() const noexcept { return m_pid; }

 private:
    explicit Child(pid_t pid) : m_pid(pid) {}

    pid_t m_pid;
};

}  // namespace jolly
