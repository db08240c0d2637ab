// SPDX-License-Identifier: GPL-3.0-or-later
#include "format/schema.h"

#include "core/tangle/stage.h"
#include "support/golden.h"

#include <gtest/gtest.h>

#include <cstdlib>

namespace jolly::format
{
namespace
{

namespace fs = std::filesystem;

/// Asks a validator that nobody here wrote.
bool isValid(const fs::path& file)
{
    const auto command = std::string(JOLLY_PYTHON) + " -m jsonschema -i '" + file.string() + "' '" +
                         (test::shippedData() / "tangle.schema.json").string() + "' 2>/dev/null";
    return std::system(command.c_str()) == 0;
}

TEST(Schema, ThePublishedOneIsTheOneTheReaderFollows)
{
    test::expectGolden(test::shippedData() / "tangle.schema.json", writeSchema());
    test::expectGolden(test::shippedData() / "faceplate.schema.json", writeFaceplateSchema());
    test::expectGolden(test::shippedData() / "simsheet.schema.json", writeSheetSchema());
}

TEST(Schema, EveryStageAndEachOfItsParametersIsInTheDocs)
{
    const auto docs = test::textOf(test::shippedData().parent_path() / "docs" / "stages.md");
    StageList::forEach([&](auto kind) {
        std::string title(kind.kInfo.name);
        title.front() = static_cast<char>(title.front() - 'a' + 'A');
        const auto begin = docs.find("\n## " + title + "\n");
        ASSERT_NE(begin, std::string::npos) << title;
        const auto section = docs.substr(begin, docs.find("\n## ", begin + 1) - begin);
        kind.fields(kind, [&](const auto& spec, auto&) {
            EXPECT_NE(section.find("`" + std::string(spec.key) + "`"), std::string::npos)
                << title << ", " << spec.key;
        });
    });
}

TEST(Schema, TheDemoTangleIsValid)
{
    EXPECT_TRUE(isValid(test::shippedData() / "demo" / "marrowmere.tangle"));
}

TEST(Schema, RefusesWhatTheReaderRefuses)
{
    for (const auto* name : {"unknown-stage", "amount-out-of-range", "point-is-a-number",
                             "strand-is-a-text", "too-many-buttons", "newer-version", "json-list",
                             "notch-without-width", "cells-off-the-grid"}) {
        EXPECT_FALSE(isValid(test::testData() / "defects" / (std::string(name) + ".tangle")))
            << name;
    }
}

}  // namespace
}  // namespace jolly::format
