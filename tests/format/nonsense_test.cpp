// SPDX-License-Identifier: GPL-3.0-or-later
#include "core/tangle/told.h"
#include "format/json.h"
#include "format/place.h"
#include "format/sheet_text.h"
#include "format/tangle_text.h"
#include "support/small_tangle.h"

#include <gmock/gmock.h>

namespace jolly::format
{
namespace
{

using namespace test;
using testing::HasSubstr;

/// A tangle's text with something put into its object.
std::string tangleWith(const std::string& fields)
{
    return "{\"tangle\": 1, \"name\": \"Nonsense\",\n" + fields + "}\n";
}

std::string unknownFields(int count)
{
    std::string fields;
    for (int i = 0; i < count; ++i)
        fields += "\"field " + std::to_string(i) + "\": " + std::to_string(i) +
                  (i + 1 < count ? ",\n" : "\n");
    return fields;
}

TEST(Nonsense, OfTenThousandProblemsAHundredAreToldAndTheRestCounted)
{
    std::string strands;
    for (int i = 0; i < 10'000; ++i) strands += i == 0 ? "7\n" : ",7\n";
    const auto read = readTangle(tangleWith("\"strands\": [\n" + strands + "]"));
    EXPECT_FALSE(read.isReadable);
    ASSERT_EQ(read.problems.size(), kMostTold + 1);
    for (std::size_t i = 0; i < kMostTold; ++i) {
        EXPECT_EQ(read.problems[i].path, "/strands/" + std::to_string(i));
        EXPECT_EQ(read.problems[i].line, static_cast<int>(i) + 3);
    }
    EXPECT_EQ(read.problems.back().sentence, "There are 9900 more.");
    EXPECT_EQ(read.problems.back().severity, Severity::Error);
}

TEST(Nonsense, AFineFileWithTenThousandUnknownFieldsIsKeptWhole)
{
    const auto text = tangleWith(unknownFields(10'000));
    const auto read = readTangle(text);
    ASSERT_TRUE(read.isReadable);
    ASSERT_EQ(read.problems.size(), kMostTold + 1);
    EXPECT_EQ(read.problems[99].line, 101);
    EXPECT_EQ(read.problems.back().severity, Severity::Warning);
    const auto again = readTangle(writeTangle(read.tangle));
    ASSERT_EQ(again.tangle.extra.size(), 10'000U);
    EXPECT_EQ(again.tangle.extra[9'999].first, "field 9999");
}

TEST(Nonsense, ErrorsAreToldBeforeWhatIsOnlyANote)
{
    const auto read = readTangle(tangleWith(unknownFields(500) + ", \"rig\": 7"));
    EXPECT_FALSE(read.isReadable);
    EXPECT_TRUE(hasErrors(read.problems));
    EXPECT_EQ(read.problems.size(), kMostTold + 1);
}

TEST(Nonsense, NobodyPrintsAMegabyteOfNames)
{
    const std::string name(1'000'000, 'x');
    for (const auto& fields :
         {"\"craft\": [{\"id\": \"" + name + "\", \"name\": \"a\"}]", "\"" + name + "\": 1",
          "\"" + name + "\": 1, \"" + name + "\": 2",
          "\"strands\": [{\"id\": {\"" + name + "\": 1}, \"sources\": [], \"targets\": []}]"}) {
        for (const auto& problem : readTangle(tangleWith(fields)).problems)
            EXPECT_LT(toText(problem, "file").size(), 3 * kLongestSentence);
    }
    EXPECT_THAT(readTangle(tangleWith("\"craft\": [{\"id\": \"" + name + "\", \"name\": \"a\"}]"))
                    .problems[0]
                    .cure,
                HasSubstr("a text of 4000 bytes at most, not 1000000"));
}

TEST(Nonsense, AStrandThatNamesNothingOfAHugeRigTellsTheFirstNames)
{
    auto tangle = smallTangle();
    for (int i = 0; i < 300; ++i) tangle.rig.push_back(smallStick("board " + std::to_string(i)));
    addStrand(tangle, kX, axis(1)).source = {"nobody", kX};
    const auto read = readTangle(writeTangle(tangle));
    const auto found = std::ranges::find_if(
        read.problems, [](const auto& p) { return p.cure.english().starts_with("Name one of"); });
    ASSERT_NE(found, read.problems.end());
    EXPECT_THAT(found->cure, HasSubstr("board 6 and 293 more."));
}

TEST(Nonsense, SeventyThousandControllersAreRefused)
{
    std::string rig;
    for (int i = 0; i < 70'000; ++i) rig += i == 0 ? "{}" : ",{}";
    const auto read = readTangle(tangleWith("\"rig\": [" + rig + "]"));
    EXPECT_FALSE(read.isReadable);
    EXPECT_EQ(read.problems[0].sentence, "\"rig\" is a list of 70000 items.");
    EXPECT_THAT(read.problems[0].cure, HasSubstr("20000 items at most"));
}

TEST(Nonsense, MoreSettingsThanADeviceHasControlsAreRefused)
{
    std::string settings;
    for (int i = 0; i < 1001; ++i)
        settings += std::string(i == 0 ? "" : ",") + "{\"control\": \"button 1\"}";
    const auto read = readTangle(
        tangleWith("\"devices\": [{\"id\": \"j\", \"name\": \"J\", \"kind\": \"joystick\", "
                   "\"settings\": [" +
                   settings + "]}]"));
    EXPECT_FALSE(read.isReadable);
    EXPECT_THAT(read.problems[0].cure, HasSubstr("1000 items at most"));
}

TEST(Nonsense, EveryKindOfFileIsBounded)
{
    EXPECT_EQ(
        readSheet("{\"simsheet\": 1, \"name\": \"a\"," + unknownFields(500) + "}").problems.size(),
        kMostTold + 1);
}

TEST(IndexedMap, KeepsTheOrderAndFindsManyNames)
{
    Json object = Json::object();
    for (int i = 0; i < 1000; ++i) object[std::to_string(999 - i)] = i;
    object["500"] = "again";
    EXPECT_EQ(object.size(), 1000U);
    EXPECT_EQ(object.items().begin().key(), "999");
    EXPECT_EQ(object["500"], "again");
    EXPECT_TRUE(object.contains("0"));
    EXPECT_FALSE(object.contains("1000"));
    object.erase("500");
    EXPECT_EQ(object.size(), 999U);
    EXPECT_FALSE(object.contains("500"));
    EXPECT_EQ(object["0"], 999);
    object["500"] = 1;
    const Json copy = object;
    EXPECT_EQ(copy.at("500"), 1);
    EXPECT_EQ(copy, Json::parse(object.dump()));
}

TEST(Shortened, CutsBetweenCharacters)
{
    EXPECT_EQ(shortened("abcdef", 6), "abcdef");
    EXPECT_EQ(shortened("abcdefg", 6), "abc...");
    EXPECT_EQ(shortened("ab\u00e9defg", 6), "ab...");
}

}  // namespace
}  // namespace jolly::format
