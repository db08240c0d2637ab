// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "support/golden.h"
#include "support/program.h"

#include <gmock/gmock.h>

#include <fstream>
#include <utility>

namespace jolly::test
{

inline const std::string kTangle = std::string(JOLLY_BUILD_DIR) + "/bin/tangle";
inline const std::string kDemo = (shippedData() / "demo" / "marrowmere.tangle").string();
inline const std::string kWorld = (shippedData() / "demo" / "marrowmere-world.json").string();

/// Runs a command to its end. @return exit code and everything it printed.
inline std::pair<int, std::string> run(std::vector<std::string> arguments)
{
    arguments.insert(arguments.begin(), kTangle);
    Program program(arguments);
    const int code = program.end();
    return {code, program.text()};
}

inline void expect(const std::vector<std::string>& arguments, int code, const std::string& text)
{
    const auto [ended, printed] = run(arguments);
    EXPECT_EQ(ended, code) << printed;
    EXPECT_THAT(printed, testing::HasSubstr(text));
}

inline std::string temporary(const std::string& name, const std::string& text)
{
    const auto file =
        std::filesystem::temp_directory_path() / ("jolly-cli-" + std::to_string(::getpid()) + name);
    std::ofstream(file) << text;
    return file.string();
}

}  // namespace jolly::test
