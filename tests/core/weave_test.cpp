// SPDX-License-Identifier: GPL-3.0-or-later
#include "core/weave/weave.h"

#include "support/small_tangle.h"

#include <gmock/gmock.h>

namespace jolly
{
namespace
{

using namespace test;
using testing::HasSubstr;

class WeaveTest : public testing::Test
{
 protected:
    /// The one problem there is, as path and sentence.
    std::string only()
    {
        const auto problems = findProblems(tangle);
        if (problems.size() != 1) return std::to_string(problems.size()) + " problems";
        EXPECT_FALSE(problems[0].cure.empty());
        return problems[0].path + " " + problems[0].sentence.english();
    }

    Tangle tangle = smallTangle();
};

TEST_F(WeaveTest, ASoundTangleHasNoProblems)
{
    addStrand(tangle, kX, axis(1), {{DeadZone{}}, {Curve{}}, {Invert{}}});
    addStrand(tangle, kTrigger, button(1), {{Invert{}}});
    addStrand(tangle, kHat, hat(1));
    EXPECT_TRUE(findProblems(tangle).empty());
}

TEST_F(WeaveTest, NamesAStrandThatStartsNowhere)
{
    addStrand(tangle, {EventType::Abs, 0x05}, axis(1));
    EXPECT_THAT(only(), HasSubstr("/strands/0/source/control"));
    EXPECT_THAT(only(), HasSubstr("ABS_RZ, which Small stick does not have"));
    tangle.strands[0].source.controller = "gone";
    EXPECT_THAT(only(), HasSubstr("\"gone\", which is not in the rig"));
}

TEST_F(WeaveTest, NamesAStrandThatEndsNowhere)
{
    addStrand(tangle, kX, axis(5));
    EXPECT_THAT(only(), HasSubstr("axis 5 of Jolly, which has no such control"));
    targetOf(tangle.strands[0].ends[0])->device = "gone";
    EXPECT_THAT(findStrandProblems(tangle, 0)[0].sentence, HasSubstr("\"gone\""));
    tangle.strands[0].ends.clear();
    EXPECT_THAT(only(), HasSubstr("ends nowhere"));
}

TEST_F(WeaveTest, NamesWhatDoesNotFitTogether)
{
    addStrand(tangle, kX, button(1));
    EXPECT_THAT(only(), HasSubstr("from an axis to a button"));
    tangle.strands.clear();
    addStrand(tangle, kHat, hat(1), {{Curve{}}});
    EXPECT_THAT(only(), HasSubstr("\"curve\", which does nothing for a hat"));
    tangle.strands.clear();
    addStrand(tangle, kDial, axis(1));
    EXPECT_THAT(only(), HasSubstr("turner"));
}

TEST_F(WeaveTest, NamesUnsoundStages)
{
    addStrand(tangle, kX, axis(1), {{Curve{.points = {{0.5, 0}, {0.1, 1}}}}});
    EXPECT_THAT(only(), HasSubstr("/strands/0/stages/0 "));
}

TEST_F(WeaveTest, NamesTwins)
{
    tangle.rig.push_back(smallStick());
    tangle.rig.back().alias = "Other";
    EXPECT_THAT(only(), HasSubstr("/rig/1 Two controllers are called \"stick\""));
}

TEST_F(WeaveTest, NamesMeetingsAndIdleLayersAsWarningsOnly)
{
    addStrand(tangle, kX, axis(1));
    addStrand(tangle, kY, axis(1));
    EXPECT_THAT(only(), HasSubstr("2 strands meet on X of Jolly"));
    tangle.strands.pop_back();
    tangle.layers.push_back({"water", "On water", {}});
    addStrand(tangle, kY, axis(2)).layer = "water";
    EXPECT_THAT(only(), HasSubstr("Nothing engages the layer \"On water\""));
    EXPECT_FALSE(hasErrors(findProblems(tangle)));
}

TEST_F(WeaveTest, NamesLayersAndCraftThatAreNotThere)
{
    addStrand(tangle, kX, axis(1)).layer = "nowhere";
    EXPECT_TRUE(hasErrors(findProblems(tangle)));
    tangle.strands[0].layer = kBase;
    tangle.strands[0].craft = "boat";
    EXPECT_TRUE(hasErrors(findProblems(tangle)));
}

}  // namespace
}  // namespace jolly
