// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include <sys/types.h>

#include <string>
#include <vector>

namespace jolly::test
{

/// Another program that runs beside the test. Ended with it.
class Program
{
 public:
    explicit Program(const std::vector<std::string>& command);
    Program(const Program&) = delete;
    Program& operator=(const Program&) = delete;
    ~Program();

    /// Reads what it prints until `text` is in it. @return whether it came within `seconds`.
    bool prints(const std::string& text, double seconds = 60.0);

    /// Reads what it prints for a while.
    void listen(double seconds);

    void signal(int number) const;
    /// Waits for its end. @return its exit code, or -1 when it did not end or was killed.
    int end(double seconds = 60.0);

    [[nodiscard]] bool isRunning() const;

    /// Everything it printed so far, both streams.
    [[nodiscard]] const std::string& text() const { return m_text; }
    void forget() { m_text.clear(); }
    [[nodiscard]] pid_t pid() const { return m_pid; }

 private:
    bool readOnce(double seconds);

    pid_t m_pid = -1;
    int m_out = -1;
    std::string m_text;
};

}  // namespace jolly::test
