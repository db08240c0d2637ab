// SPDX-License-Identifier: GPL-3.0-or-later
#include "core/tangle/function_edit.h"
#include "core/tangle/lookup.h"
#include "core/weave/reach_check.h"
#include "core/weave/remedies.h"
#include "core/weave/weave.h"
#include "support/small_tangle.h"

#include <gmock/gmock.h>

namespace jolly
{
namespace
{

using namespace test;
using testing::HasSubstr;
using testing::IsEmpty;

class ReachCheck : public testing::Test
{
 protected:
    Tangle tangle = smallTangle();
};

TEST_F(ReachCheck, AThrottleOnACentredAxisIsSaidAndItsRemedyLetsItRestAlike)
{
    addStrand(tangle, kThrottle, axis(1));
    const auto problems = findSidesProblems(StrandFindings(tangle));
    ASSERT_EQ(problems.size(), 1U);
    EXPECT_THAT(problems[0].sentence,
                HasSubstr("rests at its low end to X of Jolly, which rests in"));
    EXPECT_TRUE(remedyFor(problems[0])->apply(tangle, problems[0]));
    EXPECT_EQ(settingsOf(tangle.devices[0], axis(1)).sides, Sides::One);
    EXPECT_THAT(findSidesProblems(StrandFindings(tangle)), IsEmpty());
}

TEST_F(ReachCheck, ASprungAxisOnAOneSidedOneStartsAtAHalf)
{
    addStrand(tangle, kX, axis(3));
    EXPECT_THAT(findSidesProblems(StrandFindings(tangle))[0].meaning, HasSubstr("sees one half"));
}

TEST_F(ReachCheck, AGamepadsTriggerCannotBeToldWhereToRest)
{
    tangle.devices.push_back(
        {.id = "pad", .name = "Pad", .kind = VirtualKind::Gamepad, .number = 2});
    addStrand(tangle, kX, axis(1)).ends = endsAt({{"pad", axis(3)}});
    ASSERT_EQ(findSidesProblems(StrandFindings(tangle)).size(), 1U);
    EXPECT_EQ(findSidesProblems(StrandFindings(tangle))[0].remedy, "");
}

TEST_F(ReachCheck, AxesThatFitAreNotMentioned)
{
    addStrand(tangle, kX, axis(1), {{DeadZone{}}, {Curve{}}, {Invert{}}});
    addStrand(tangle, kThrottle, axis(3));
    EXPECT_THAT(findSidesProblems(StrandFindings(tangle)), IsEmpty());
    EXPECT_THAT(findHalfReaches(StrandFindings(tangle)), IsEmpty());
}

TEST_F(ReachCheck, ACurveThatKeepsToOneHalfIsSaidWithItsPercent)
{
    Curve curve;
    curve.points = {{-1.0, 0.0}, {1.0, 1.0}};
    curve.isMirrored = false;
    auto& strand = addStrand(tangle, kX, axis(1), {{curve}});
    EXPECT_THAT(findHalfReaches(StrandFindings(tangle))[0].sentence,
                HasSubstr("reaches only 50 % of the travel of X"));
    strand.stages[0].isOn = false;
    EXPECT_THAT(findHalfReaches(StrandFindings(tangle)), IsEmpty());
}

TEST_F(ReachCheck, AValueThatTheHandMovesOnlyReachesItsOwnLimits)
{
    auto& strand = addStrand(tangle, kX, axis(1), {{Drive{}}, {DeadZone{}}});
    EXPECT_THAT(findHalfReaches(StrandFindings(tangle)), IsEmpty());
    strand.stages = {{Spring{}}};
    EXPECT_THAT(findHalfReaches(StrandFindings(tangle)), IsEmpty());
    strand.stages = {{Drive{.lowest = 0.0, .highest = 0.5}}};
    EXPECT_THAT(findHalfReaches(StrandFindings(tangle))[0].sentence,
                HasSubstr("reaches only 25 %"));
}

TEST_F(ReachCheck, AStrandThatCannotRunIsNotAskedHowFarItReaches)
{
    for (const CurvePoints& points :
         {CurvePoints{}, CurvePoints{{0, 0}}, CurvePoints{{0, 0}, {0, 0}, {0, 0}}}) {
        tangle.strands.clear();
        addStrand(tangle, kX, axis(1), {{Curve{points}}});
        addStrand(tangle, kX, axis(2), {{CounterCurve{points}}});
        EXPECT_THAT(findHalfReaches(StrandFindings(tangle)), IsEmpty());
        EXPECT_TRUE(hasErrors(findProblems(tangle)));
    }
}

TEST_F(ReachCheck, AFunctionThatNothingLeadsToIsNamed)
{
    setFunction(tangle, {"jolly", button(2)}, "mail hatch");
    EXPECT_EQ(findUnfed(tangle)[0].sentence, "Nothing leads to \"mail hatch\" (Jolly, button 2).");
    addStrand(tangle, kTrigger, button(2));
    EXPECT_THAT(findUnfed(tangle), IsEmpty());
}

TEST_F(ReachCheck, TwoStrandsOnOneButtonAreNamedToo)
{
    addStrand(tangle, kTrigger, button(2));
    addStrand(tangle, kToggle, button(2));
    EXPECT_THAT(findProblems(tangle).back().sentence,
                HasSubstr("2 strands meet on button 2 of Jolly"));
}

}  // namespace
}  // namespace jolly
