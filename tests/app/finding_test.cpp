// SPDX-License-Identifier: GPL-3.0-or-later
#include "app/models/finding.h"

#include <gmock/gmock.h>

namespace jolly::app
{
namespace
{

const std::vector<Found> kAll = {{"Twinlever Q2 · Left lever", "control", {}},
                                 {"Twinlever Q2 · Right lever", "control", {}},
                                 {"Go live", "command", {}, "Ctrl+L", "Fly stand down"},
                                 {"Gannet 12", "craft", {}},
                                 {"Puffling 3", "craft", {}},
                                 {"Clé à molette", "function", {}},
                                 {"Recentre", "command", {}}};

std::vector<std::string> found(const char* typed)
{
    std::vector<std::string> words;
    for (const auto place : findIn(kAll, QString::fromUtf8(typed)))
        words.push_back(kAll[place].words.toStdString());
    return words;
}

using testing::ElementsAre;
using testing::IsEmpty;

TEST(Finding, TheOrderOfTheWordsDoesNotCount)
{
    EXPECT_THAT(found("lev left"), ElementsAre("Twinlever Q2 · Left lever"));
    EXPECT_THAT(found("left lev"), ElementsAre("Twinlever Q2 · Left lever"));
}

TEST(Finding, SlipsAreForgiven)
{
    EXPECT_THAT(found("gannte"), ElementsAre("Gannet 12")) << "two letters swapped";
    EXPECT_THAT(found("ganet"), ElementsAre("Gannet 12")) << "one missing";
    EXPECT_THAT(found("gannnet"), ElementsAre("Gannet 12")) << "one too many";
    EXPECT_THAT(found("pufling"), ElementsAre("Puffling 3"));
    EXPECT_THAT(found("gennot"), IsEmpty()) << "two slips in a short word are another word";
    EXPECT_THAT(found("pofflimg"), ElementsAre("Puffling 3")) << "not so in a long one";
    EXPECT_THAT(found("3x"), IsEmpty()) << "short words are taken as they are";
}

TEST(Finding, MarksAndCapitalsDoNotCount)
{
    EXPECT_THAT(found("CLE molette"), ElementsAre("Clé à molette"));
}

TEST(Finding, TheBestComesFirstAndKindsAreFoundToo)
{
    EXPECT_EQ(found("r").front(), "Twinlever Q2 · Right lever");
    EXPECT_THAT(found("craft"), ElementsAre("Gannet 12", "Puffling 3"));
    EXPECT_THAT(found("stand"), ElementsAre("Go live"));
    EXPECT_EQ(found("").size(), kAll.size());
    EXPECT_THAT(found("zzz"), IsEmpty());
}

}  // namespace
}  // namespace jolly::app
