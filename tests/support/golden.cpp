// SPDX-License-Identifier: GPL-3.0-or-later
#include "support/golden.h"

#include "format/files.h"

#include <gtest/gtest.h>

#include <cstdlib>
#include <fstream>

namespace jolly::test
{

std::filesystem::path testData()
{
    return std::filesystem::path(JOLLY_SOURCE_DIR) / "tests" / "data";
}

std::filesystem::path shippedData()
{
    return std::filesystem::path(JOLLY_SOURCE_DIR) / "data";
}

std::string textOf(const std::filesystem::path& file)
{
    auto text = format::readText(file);
    if (!text) ADD_FAILURE() << text.error().text();
    return text.value_or("");
}

void expectGolden(const std::filesystem::path& file, const std::string& text)
{
    if (std::getenv("JOLLY_REWRITE_GOLDENS") != nullptr) {
        std::ofstream(file, std::ios::binary) << text;
        ADD_FAILURE() << file
                      << " was written anew; read it, then run without JOLLY_REWRITE_GOLDENS";
        return;
    }
    EXPECT_EQ(textOf(file), text) << "differs from " << file;
}

}  // namespace jolly::test
