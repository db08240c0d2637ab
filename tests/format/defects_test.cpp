// SPDX-License-Identifier: GPL-3.0-or-later
#include "format/place.h"
#include "format/tangle_text.h"
#include "support/golden.h"

#include <gtest/gtest.h>

namespace jolly::format
{
namespace
{

namespace fs = std::filesystem;

/// What is told of a file; its sentences are those of the golden file beside it.
Problems told(fs::path file)
{
    auto read = readTangle(test::textOf(file));
    std::string says;
    for (const auto& problem : read.problems) {
        EXPECT_FALSE(problem.cure.empty());
        says += toText(problem, file.filename().string()) + "\n";
    }
    test::expectGolden(file.replace_extension(".says"), says);
    return std::move(read.problems);
}

class Defect : public testing::TestWithParam<fs::path>
{
};

TEST_P(Defect, IsNamedInClearSentencesWithPlaceAndCure)
{
    EXPECT_TRUE(hasErrors(told(GetParam())));
}

/// What may be meant flies, and is told all the same.
class Oddity : public testing::TestWithParam<fs::path>
{
};

TEST_P(Oddity, IsToldInClearSentencesAndFlies)
{
    const auto problems = told(GetParam());
    EXPECT_FALSE(problems.empty());
    EXPECT_FALSE(hasErrors(problems));
}

std::vector<fs::path> filesIn(const char* folder)
{
    std::vector<fs::path> files;
    for (const auto& entry : fs::directory_iterator(test::testData() / folder)) {
        if (entry.path().extension() == ".tangle") files.push_back(entry.path());
    }
    std::ranges::sort(files);
    return files;
}

std::string nameOf(const testing::TestParamInfo<fs::path>& row)
{
    auto name = row.param.stem().string();
    std::ranges::replace(name, '-', '_');
    return name;
}

INSTANTIATE_TEST_SUITE_P(Files, Defect, testing::ValuesIn(filesIn("defects")), nameOf);
INSTANTIATE_TEST_SUITE_P(Files, Oddity, testing::ValuesIn(filesIn("oddities")), nameOf);

}  // namespace
}  // namespace jolly::format
