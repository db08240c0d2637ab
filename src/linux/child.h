// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include <sys/types.h>

#include <functional>
#include <memory>
#include <string>
#include <vector>

namespace jolly
{

/// A program that we started.
class Child
{
 public:
    enum class Output : bool {
        Shared,  ///< it prints where we print
        Quiet,
    };

    /// Null when it could not be started.
    [[nodiscard]] static std::unique_ptr<Child> start(const std::vector<std::string>& words,
                                                      Output output);

    /// Waits for its end. @return its exit code; 128 and the signal that ended it.
    [[nodiscard]] int wait();

    /// Waits for its end, handing on the signals by which a person or a game library ends us.
    ///
    /// @param fd      looked at meanwhile; `onNews` is called when it is readable.
    /// @return as wait().
    [[nodiscard]] int wait(int fd, const std::function<void()>& onNews);

 private:
    explicit Child(pid_t pid) : m_pid(pid) {}

    pid_t m_pid;
};

}  // namespace jolly
