// SPDX-License-Identifier: GPL-3.0-or-later
#include "button_story.h"
#include "core/tangle/edit.h"
#include "core/tangle/lookup.h"
#include "core/tangle/stage_complaint.h"
#include "core/tangle/stage_edit.h"
#include "core/tangle/switches.h"
#include "core/weave/weave.h"

/// What the positions of switches and selectors become, against docs/stages.md.
namespace jolly
{
namespace
{

using namespace test;
using testing::ElementsAre;
using testing::HasSubstr;
using testing::IsEmpty;

std::optional<Source> from(ControlCode code)
{
    return Source{"stick", code};
}

class Levers : public ButtonStory
{
 protected:
    const SwitchPlaces kLights = {
        {"landing", from(kTrigger)}, {"off", std::nullopt}, {"taxi", from(kThumb)}};
};

TEST_F(Levers, EachPositionIsAButtonTheSilentOneToo)
{
    weave(SwitchPositions{kLights});
    prime(kTrigger, 0);
    EXPECT_EQ(pressed(), "2") << "true from the first moment";
    press(kTrigger);
    EXPECT_EQ(pressed(), "1");
    release(kTrigger);
    EXPECT_EQ(pressed(), "2");
    press(kThumb);
    EXPECT_EQ(pressed(), "3") << "a button that the strand only looks at";
}

TEST_F(Levers, OfTwoThatAreDownTheOneThatCameLastCounts)
{
    weave(SwitchPositions{kLights});
    press(kTrigger);
    press(kThumb);
    EXPECT_EQ(pressed(), "3");
    release(kThumb);
    EXPECT_EQ(pressed(), "1") << "the other one is still down";
    press(kThumb);
    release(kTrigger);
    EXPECT_EQ(pressed(), "3");
    release(kThumb);
    EXPECT_EQ(pressed(), "2");
}

TEST_F(Levers, WithoutASilentPositionNothingIsPressedBetween)
{
    weave(SwitchPositions{{{"left", from(kTrigger)}, {"right", from(kThumb)}}});
    press(kTrigger);
    EXPECT_EQ(pressed(), "1");
    release(kTrigger);
    EXPECT_EQ(pressed(), "");
    press(kThumb);
    EXPECT_EQ(pressed(), "2");
}

TEST_F(Levers, LosingTheControllerLetsGoOfEveryPosition)
{
    weave(SwitchPositions{kLights});
    press(kThumb);
    release(kTrigger);
    EXPECT_EQ(pressed(), "3");
    lose(*machine, input(kTrigger), ++now);
    EXPECT_EQ(pressed(), "") << "of the silent one, too";
}

TEST_F(Levers, ASelectorStepsUpAndDown)
{
    weave(SwitchSteps{kLights, 40.0});
    prime(kTrigger, 0);
    EXPECT_THAT(until(100), IsEmpty()) << "where it stands at first is no step";
    press(kThumb);
    EXPECT_THAT(until(300), ElementsAre("100: button 1 = 1", "140: button 1 = 0"));
    release(kThumb);
    press(kTrigger);
    EXPECT_THAT(until(600), ElementsAre("300: button 2 = 1", "340: button 2 = 0",
                                        "380: button 2 = 1", "420: button 2 = 0"))
        << "two steps, one after the other";
}

TEST_F(Levers, ASelectorWithoutASilentPositionStepsAcrossTheGap)
{
    weave(SwitchSteps{{{"1", from(kTrigger)}, {"2", from(kThumb)}, {"3", from(kToggle)}}, 20.0});
    press(kTrigger);
    release(kTrigger);
    EXPECT_THAT(until(100), IsEmpty());
    press(kToggle);
    EXPECT_THAT(until(300), ElementsAre("100: button 1 = 1", "120: button 1 = 0",
                                        "140: button 1 = 1", "160: button 1 = 0"));
}

TEST_F(Levers, PositionsPutAnAxisWhereItStays)
{
    weave(Positions{
        {{"up", from(kTrigger), -1.0}, {"half", from(kThumb), 0.5}, {"full", from(kToggle), 1.0}}});
    prime(kTrigger, 0);
    EXPECT_EQ(at(axis(1)), 0) << "until one is pressed";
    press(kThumb);
    release(kThumb);
    EXPECT_EQ(at(axis(1)), 16384) << "half of the way, rounded, and it stays";
    press(kToggle);
    EXPECT_EQ(at(axis(1)), 32767);
    release(kToggle);
    press(kTrigger);
    EXPECT_EQ(at(axis(1)), -32768);
}

TEST_F(Levers, AnEditLeavesTheLeverWhereItIs)
{
    weave(SwitchPositions{kLights}, kToggle);
    press(kTrigger);
    press(kThumb);
    release(kToggle);
    raws[kTrigger] = raws[kThumb] = {1, 0};
    tangle.strands[0].note = "landing and taxi";
    edit();
    EXPECT_EQ(pressed(), "3") << "the one that came last";
}

TEST_F(Levers, WhatIsWrongWithPositionsIsSaid)
{
    const auto wrong = [](SwitchPlaces places) { return complaintOf(SwitchPositions{places}); };
    EXPECT_EQ(wrong(kLights), "");
    EXPECT_THAT(wrong({}), HasSubstr("fewest"));
    EXPECT_THAT(wrong({{"a", from(kTrigger)}, {"a", std::nullopt}}), HasSubstr("called \"a\""));
    EXPECT_THAT(wrong({{"a", from(kTrigger)}, {"b", from(kTrigger)}}), HasSubstr("same button"));
    EXPECT_THAT(wrong({{"a", std::nullopt}, {"b", std::nullopt}}),
                HasSubstr("both have no button"));
    EXPECT_THAT(wrong({{"", from(kTrigger)}, {"b", std::nullopt}}), HasSubstr("no name"));
    EXPECT_THAT(complaintOf(Positions{{{"low", from(kTrigger), -0.5}}, Sides::One}),
                HasSubstr("below 0"));
}

TEST_F(Levers, APositionOfAnotherSwitchIsTold)
{
    auto& strand = weave(SwitchPositions{kLights});
    strand.name = "lights";
    addStrand(tangle, kThumb, button(7));
    const auto problems = findProblems(tangle);
    EXPECT_TRUE(std::ranges::any_of(problems, [](const Problem& problem) {
        return problem.sentence.english().find("is a position of \"lights\"") != std::string::npos;
    }));
}

TEST_F(Levers, AStageThatIsAddedHasThePositionsOfTheSwitch)
{
    tangle = smallTangle();
    ASSERT_TRUE(putSwitch(tangle.rig[0], std::nullopt, threePositions(kTrigger, kThumb)));
    const auto id = addStrand(tangle, kThumb, button(1)).id;
    addStage(tangle, id, SwitchPositions{});
    const auto& strand = *findStrand(tangle, id);
    EXPECT_THAT(outletsOf(strand), ElementsAre("up", "middle", "down"));
    ASSERT_EQ(strand.ends.size(), 3U) << "an end for each";
    EXPECT_TRUE(findProblems(tangle).empty());
    start();
    press(kThumb);
    EXPECT_EQ(pressed(), std::to_string(targetOf(strand.ends[2])->control.number));
}

TEST_F(Levers, OfAButtonThatIsNoSwitchItHasTwo)
{
    tangle = smallTangle();
    const auto id = addStrand(tangle, kToggle, button(1)).id;
    addStage(tangle, id, SwitchPositions{});
    EXPECT_THAT(outletsOf(*findStrand(tangle, id)), ElementsAre("on", "off"));
}

TEST_F(Levers, ASliceIsEnteredFromOneSideOnly)
{
    Slice slice{.slices = {{"low gate", -0.2, 0.2, -0.3, 0.3, Entry::Below},
                           {"high gate", -0.2, 0.2, -0.3, 0.3, Entry::Above}}};
    weave(slice, kX);
    prime(kX, 0);
    EXPECT_EQ(pressed(), "") << "it did not come from anywhere";
    move(kX, -500);
    move(kX, 0);
    EXPECT_EQ(pressed(), "1");
    move(kX, 250);
    EXPECT_EQ(pressed(), "1") << "let go beyond its edges only";
    move(kX, 900);
    EXPECT_EQ(pressed(), "");
    move(kX, 100);
    EXPECT_EQ(pressed(), "2");
    move(kX, -900);
    move(kX, 900);
    EXPECT_EQ(pressed(), "") << "a jump over it is no visit";
}

TEST_F(Levers, ASliceAtTheEndIsNotEnteredFromBeyondIt)
{
    EXPECT_THAT(complaintOf(Slice{.slices = {{"idle", -1.0, -0.9, -1.0, -0.8, Entry::Below}}}),
                HasSubstr("from below"));
    EXPECT_THAT(complaintOf(Slice{.slices = {{"full", 0.9, 1.0, 0.8, 1.0, Entry::Above}}}),
                HasSubstr("from above"));
}

}  // namespace
}  // namespace jolly
