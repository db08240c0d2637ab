// SPDX-License-Identifier: GPL-3.0-or-later
#include "core/weave/weave.h"
#include "craft_story.h"

/// Craft, by tables, against docs/model.md.
namespace jolly
{
namespace
{

using namespace test;
using testing::ElementsAre;
using testing::HasSubstr;
using testing::IsEmpty;

TEST_F(Crafts, TheNearestOfTheFamilyCounts)
{
    weaveFor("everywhere", kTrigger, button(1));
    weaveFor("boats", kTrigger, button(2));
    weaveFor("gannet", kThumb, button(3));
    start();
    EXPECT_EQ(tap(kTrigger), "1");
    fly("gannet");
    EXPECT_EQ(tap(kTrigger), "2") << "what its family changed";
    EXPECT_EQ(tap(kThumb), "3");
    fly("rally");
    EXPECT_EQ(tap(kTrigger), "1");
    EXPECT_EQ(tap(kThumb), "");
}

TEST_F(Crafts, AStrandStandsInsteadOfOneThatIsInherited)
{
    const auto first = weaveFor("everywhere", kTrigger, button(1)).id;
    weaveFor("everywhere", kTrigger, button(2));
    weaveFor("gannet", kTrigger, button(3)).insteadOf = first;
    start();
    EXPECT_EQ(tap(kTrigger), "12");
    fly("gannet");
    EXPECT_EQ(tap(kTrigger), "23");
}

TEST_F(Crafts, InheritedStrandsDoNotEvenNoticeASwitchOfCraft)
{
    weaveFor("everywhere", kTrigger, button(1));
    weaveFor("everywhere", kThumb, button(4)).stages = {{Latch{}}};
    weaveFor("gannet", kFourth, button(5));
    start();
    tap(kThumb);
    pressAndSee(kTrigger);
    machine->chooseCraft(2);
    EXPECT_THAT(seen(), IsEmpty());
    EXPECT_EQ(pressed(), "14");
    releaseAndSee(kTrigger);
    EXPECT_EQ(pressed(), "4");
}

TEST_F(Crafts, APressOfACraftThatIsLeftEndsWhereItBegan)
{
    weaveFor("gannet", kTrigger, button(1));
    weaveFor("rally", kTrigger, button(2));
    start();
    fly("gannet");
    pressAndSee(kTrigger);
    fly("rally");
    EXPECT_EQ(pressed(), "1");
    releaseAndSee(kTrigger);
    EXPECT_EQ(pressed(), "");
    EXPECT_EQ(tap(kTrigger), "2");
}

TEST_F(Crafts, AControlChoosesTheNextCraft)
{
    addStrand(tangle, kFifth, button(1)).ends[0].goal = CraftGoal{{}, Choose::Next};
    addStrand(tangle, kFourth, button(1)).ends[0].goal = CraftGoal{"rally", Choose::This};
    start();
    tap(kFifth);
    EXPECT_EQ(machine->routing().craft(), 1U);
    tap(kFourth);
    EXPECT_EQ(machine->routing().craft(), 3U);
    tap(kFifth);
    EXPECT_EQ(machine->routing().craft(), 0U) << "round and round";
}

TEST_F(Crafts, TheCraftIsFlownOnAfterAnEditAndLeftWhenItIsGone)
{
    weaveFor("everywhere", kTrigger, button(1));
    weaveFor("gannet", kTrigger, button(2));
    start();
    fly("gannet");
    tangle.craft.erase(tangle.craft.begin() + 3);
    edit();
    EXPECT_EQ(tap(kTrigger), "2");
    tangle.craft.pop_back();
    std::erase_if(tangle.strands, [](const Strand& strand) { return strand.craft == "gannet"; });
    edit();
    EXPECT_EQ(tap(kTrigger), "1");
}

TEST_F(Crafts, ARingOfFamiliesComesToAnEnd)
{
    tangle.craft[1].parent = "gannet";
    EXPECT_THAT(familyOf(tangle, 2), ElementsAre(2U, 1U));
    start();
    fly("gannet");
    EXPECT_EQ(tap(kTrigger), "");
}

TEST_F(Crafts, WhatIsWrongIsSaid)
{
    const auto problem = [&] {
        for (const auto& found : findProblems(tangle)) {
            if (found.severity == Severity::Error) return found.sentence.english();
        }
        return std::string();
    };
    addStrand(tangle, kTrigger, button(1)).ends[0].goal = LayerGoal{"gone"};
    EXPECT_THAT(problem(), HasSubstr("engages the layer \"gone\""));
    tangle.strands[0].ends[0].goal = LayerGoal{"base"};
    EXPECT_THAT(problem(), HasSubstr("Base, which always is"));
    tangle.strands[0].ends[0].goal = LayerGoal{"water", Engage::Next};
    EXPECT_THAT(problem(), HasSubstr("which is of none"));
    tangle.strands[0].ends[0].goal = CraftGoal{"gone"};
    EXPECT_THAT(problem(), HasSubstr("craft \"gone\""));
    tangle.strands[0].ends[0].goal = LayerGoal{"water"};
    EXPECT_EQ(problem(), "");
    for (int i = 0; i < 62; ++i)
        tangle.layers.push_back({.id = "l" + std::to_string(i), .name = std::to_string(i)});
    EXPECT_THAT(problem(), HasSubstr("65 layers; 64 are the most"));
    start();
    EXPECT_EQ(tap(kTrigger), "") << "and nothing hangs";
}

TEST_F(Crafts, WhoStandsInsteadOfOneThatANearerCraftReplacedStandsInsteadOfThat)
{
    const auto first = weaveFor("everywhere", kTrigger, button(1)).id;
    weaveFor("everywhere", kTrigger, button(2));
    weaveFor("boats", kTrigger, button(3)).insteadOf = first;
    weaveFor("gannet", kTrigger, button(4)).insteadOf = first;
    start();
    fly("boats");
    EXPECT_EQ(tap(kTrigger), "23");
    fly("gannet");
    EXPECT_EQ(tap(kTrigger), "24");
    tangle.strands[2].insteadOf.clear();  // the boats replace all
    start();
    fly("boats");
    EXPECT_EQ(tap(kTrigger), "3");
    fly("gannet");
    EXPECT_EQ(tap(kTrigger), "4");
}

}  // namespace
}  // namespace jolly
