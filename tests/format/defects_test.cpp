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

class Defect : public testing::TestWithParam<fs::path>
{
};

TEST_P(Defect, IsNamedInClearSentencesWithPlaceAndCure)
{
    const auto read = readTangle(test::textOf(GetParam()));
    std::string says;
    for (const auto& problem : read.problems) {
        EXPECT_FALSE(problem.cure.empty());
        says += toText(problem, GetParam().filename().string()) + "\n";
    }
    EXPECT_TRUE(hasErrors(read.problems));
    auto golden = GetParam();
    test::expectGolden(golden.replace_extension(".says"), says);
}

std::vector<fs::path> defectFiles()
{
    std::vector<fs::path> files;
    for (const auto& entry : fs::directory_iterator(test::testData() / "defects")) {
        if (entry.path().extension() == ".tangle") files.push_back(entry.path());
    }
    std::ranges::sort(files);
    return files;
}

INSTANTIATE_TEST_SUITE_P(Files, Defect, testing::ValuesIn(defectFiles()), [](const auto& row) {
    auto name = row.param.stem().string();
    std::ranges::replace(name, '-', '_');
    return name;
});

}  // namespace
}  // namespace jolly::format
