// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include <filesystem>
#include <string>

namespace jolly::test
{

/// The folder of test data, and the folder of what the project ships.
[[nodiscard]] std::filesystem::path testData();
[[nodiscard]] std::filesystem::path shippedData();

/// A file's text; fails the test when it cannot be read.
[[nodiscard]] std::string textOf(const std::filesystem::path& file);

/// Compares a text with a golden file. With JOLLY_REWRITE_GOLDENS=1 in the environment the file is
/// written anew instead, and the test fails to say so.
void expectGolden(const std::filesystem::path& file, const std::string& text);

}  // namespace jolly::test
