// SPDX-License-Identifier: GPL-3.0-or-later
#include "format/sheet_text.h"

#include "format/place.h"
#include "support/golden.h"

#include <gmock/gmock.h>

#include <fstream>

namespace jolly::format
{
namespace
{

namespace fs = std::filesystem;
using testing::HasSubstr;

TEST(SheetText, WhatIsWrittenIsRead)
{
    const SimSheet sheet{.name = "Sim",
                         .note = "Bind one by one.",
                         .devices = 2,
                         .axes = 6,
                         .hats = 0,
                         .isGamepadOnly = true,
                         .keyOnly = {"open menu"},
                         .extra = {{"colour", "3"}}};
    const auto read = readSheet(writeSheet(sheet));
    ASSERT_TRUE(read.isReadable);
    EXPECT_EQ(read.sheet, sheet);
}

TEST(SheetText, AllThatShipAreReadValidAndWrittenAsTheyAre)
{
    const auto found = findSheets({test::shippedData() / "sheets"});
    ASSERT_EQ(found.size(), 5U);
    for (const auto& each : found) {
        EXPECT_TRUE(each.read.isReadable) << each.path;
        EXPECT_TRUE(each.read.problems.empty()) << each.path;
        EXPECT_NE(each.read.sheet.note, "") << each.path;
    }
}

TEST(SheetText, LimitsThatCannotBeAreNamedWithTheirPlace)
{
    const auto sentence = [](const char* text) {
        const auto read = readSheet(text);
        EXPECT_FALSE(read.isReadable) << text;
        return read.problems.empty() ? std::string() : toText(read.problems.front(), "x");
    };
    EXPECT_THAT(sentence("{\"simsheet\": 1, \"name\": \"S\", \"devices\": 0}"),
                HasSubstr("x:1:41: /devices: The sheet \"S\" says that the sim sees no device."));
    EXPECT_THAT(sentence("{\"simsheet\": 1, \"name\": \"S\", \"buttons\": -4}"),
                HasSubstr("Expected a whole number from 0 to 1024."));
    EXPECT_THAT(sentence("{\"simsheet\": 1, \"name\": \"S\", \"axes\": \"many\"}"),
                HasSubstr("/axes"));
    EXPECT_THAT(sentence("{\"simsheet\": 1}"), HasSubstr("\"name\" is missing"));
    EXPECT_THAT(sentence("{\"tangle\": 1, \"name\": \"T\"}"), HasSubstr("no simsheet"));
    EXPECT_THAT(sentence("{\"simsheet\": 9, \"name\": \"S\"}"), HasSubstr("version 9"));
}

class SheetFolders : public testing::Test
{
 protected:
    SheetFolders()
    {
        fs::create_directories(own);
        fs::create_directories(shipped);
    }
    ~SheetFolders() override { fs::remove_all(root); }

    static void put(const fs::path& folder, const char* file, const char* name)
    {
        std::ofstream(folder / file) << writeSheet({.name = name});
    }

    fs::path root = fs::path(testing::TempDir()) / ("sheets-" + std::to_string(getpid()));
    fs::path own = root / "own";
    fs::path shipped = root / "shipped";
};

TEST_F(SheetFolders, ThePilotsOwnSheetHidesItsNamesake)
{
    put(shipped, "classic.simsheet", "As it ships");
    put(own, "classic.simsheet", "My own");
    put(shipped, "notes.txt", "No sheet");
    ASSERT_EQ(findSheets({own, shipped, root / "not there"}).size(), 1U);
    EXPECT_EQ(sheetNamed("classic", {own, shipped})->name, "My own");
    EXPECT_EQ(sheetNamed("My own", {own, shipped})->name, "My own");
    EXPECT_EQ(sheetNamed((shipped / "classic.simsheet").string(), {})->name, "As it ships");
}

TEST_F(SheetFolders, AnUnknownOrBrokenSheetIsRefusedInASentence)
{
    put(shipped, "classic.simsheet", "Classic");
    EXPECT_EQ(sheetNamed("classik", {shipped}).error().text(),
              "There is no sim sheet \"classik\". Name a file, or one of: classic.");
    std::ofstream(own / "broken.simsheet") << "{\"simsheet\": 1,";
    EXPECT_THAT(sheetNamed("broken", {own}).error().sentence, HasSubstr("broken.simsheet:1:"));
}

}  // namespace
}  // namespace jolly::format
