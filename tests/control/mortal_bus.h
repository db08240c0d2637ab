// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "support/program.h"

#include <gtest/gtest.h>
#include <unistd.h>

#include <csignal>
#include <cstdlib>
#include <filesystem>
#include <memory>
#include <string>
#include <vector>

namespace jolly::test
{

/// A bus of its own, which can be killed and begun again at the same address.
class MortalBus
{
 public:
    /// @param variable  tells programs its address.
    explicit MortalBus(const char* variable)
        : m_variable(variable),
          m_address("unix:path=" + std::filesystem::temp_directory_path().string() + "/jolly-bus-" +
                    std::to_string(::getpid()))
    {
        if (const char* before = std::getenv(variable)) m_before = before;
        ::setenv(variable, m_address.c_str(), 1);
        begin();
    }
    ~MortalBus()
    {
        ::setenv(m_variable, m_before.c_str(), 1);
        kill();
    }
    void begin()
    {
        m_daemon = std::make_unique<Program>(std::vector<std::string>{
            "dbus-daemon", "--session", "--nofork", "--print-address", "--address=" + m_address});
        EXPECT_TRUE(m_daemon->prints("unix:path"));
    }
    void kill()
    {
        if (!m_daemon) return;
        m_daemon->signal(SIGKILL);
        m_daemon->end();
        m_daemon.reset();
        std::filesystem::remove(m_address.substr(std::string("unix:path=").size()));
    }

 private:
    const char* m_variable;
    std::string m_address;
    std::string m_before;
    std::unique_ptr<Program> m_daemon;
};

}  // namespace jolly::test
