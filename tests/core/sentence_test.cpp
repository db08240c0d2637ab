// SPDX-License-Identifier: GPL-3.0-or-later
#include "core/value/percent.h"
#include "core/value/sentence.h"

#include <gtest/gtest.h>

#include <map>

namespace jolly::test
{
namespace
{

/// Turns the order of things round, writes a comma into numbers, and counts to two.
class Backwards : public Language
{
 public:
    std::string textOf(std::string_view english) const override
    {
        static const std::map<std::string_view, std::string> kTexts = {
            {"%1 of %2", "%2's %1"}, {"left", "tfel"}, {"%1 %", "%1 pc"}};
        const auto found = kTexts.find(english);
        return found == kTexts.end() ? std::string(english) : found->second;
    }
    std::string textOf(std::string_view one, std::string_view, std::int64_t count) const override
    {
        return (count > 2 ? "many " : "few ") + std::string(one);
    }
    std::string numberOf(const std::string& number) const override
    {
        auto text = number;
        std::ranges::replace(text, '.', ',');
        return text;
    }
    std::string capitalOf(std::string text) const override { return "^" + text; }
};

TEST(Sentence, PlacesAreFilledOnceWithWhatBelongsThere)
{
    EXPECT_EQ(say("%1 of %2", std::string("%2"), std::string("%1")).english(), "%2 of %1");
    EXPECT_EQ(say("%2, then %1, 100 %", std::string("a"), 7).english(), "7, then a, 100 %");
    EXPECT_EQ(say("%1%1%", std::string()).english(), "%");
    EXPECT_EQ(say("nothing to fill").english(), "nothing to fill");
}

TEST(Sentence, OneThingIsSaidOtherwiseThanSeveral)
{
    const auto keys = [](int count) { return several("%n key of %1", "%n keys of %1", count, 5); };
    EXPECT_EQ(keys(1).english(), "1 key of 5");
    EXPECT_EQ(keys(0).english(), "0 keys of 5");
    EXPECT_EQ(keys(12).english(), "12 keys of 5");
}

TEST(Sentence, AnotherLanguageHasItsOwnOrderNumbersAndWaysToCount)
{
    const Backwards language;
    const auto inner = say("%1 of %2", words("left"), std::string("left"));
    EXPECT_EQ(inner.in(language), "left's tfel");
    EXPECT_EQ(say("%1 of %2", inner, percent(0.031)).in(language), "3,1 pc's left's tfel");
    EXPECT_EQ(several("%1!", "%1s!", 3, words("left")).in(language), "many tfel!");
    EXPECT_EQ(inner.withCapital().in(language), "^left's tfel");
    EXPECT_EQ(inner.english(), "left of left");
}

TEST(Sentence, OurWordIsTranslatedWhereItIsOneAndANameIsNot)
{
    const Backwards language;
    EXPECT_EQ(Sentence::ourWord("left").in(language), "tfel");
    EXPECT_EQ(Sentence::ourWord("Gannet").in(language), "Gannet");
    EXPECT_EQ(Sentence(std::string("left")).in(language), "left");
}

TEST(Sentence, SentencesFollowEachOtherWithoutEmptyOnes)
{
    const Sentence none;
    const Sentence one(std::string("One."));
    EXPECT_EQ(oneAfterOther({none, one, none, words("Two."), none}).english(), "One. Two.");
    EXPECT_EQ(oneAfterOther(none, none), none);
    EXPECT_EQ(inARow({std::string("a"), std::string("b"), std::string("c")}).english(), "a, b, c");
    EXPECT_TRUE(inARow({}).empty());
}

TEST(Sentence, LongNamesAreCutAndTheTextIsNot)
{
    const std::string name(200, 'x');
    const auto text = say("The text itself is longer than the name may be: %1.", name);
    EXPECT_EQ(text.withShortNames(20).english(),
              "The text itself is longer than the name may be: " + std::string(17, 'x') + "....");
    EXPECT_EQ(shortened("ééé", 5), "é...");
}

TEST(Sentence, CapitalsAreOfTheFirstLetterAlone)
{
    EXPECT_EQ(say("%1 moved", std::string("left lever")).withCapital().english(),
              "Left lever moved");
    EXPECT_EQ(say("%1 moved", std::string("élan")).withCapital().english(), "élan moved");
}

}  // namespace
}  // namespace jolly::test
