// SPDX-License-Identifier: GPL-3.0-or-later
#include "core/layers/family_edit.h"

#include "core/layers/compare.h"
#include "core/tangle/edit.h"
#include "core/tangle/function_edit.h"
#include "core/tangle/lookup.h"
#include "core/weave/weave.h"
#include "craft_story.h"

/// Edits of craft and of what they inherit, against what games then see.
namespace jolly
{
namespace
{

using namespace test;
using testing::ElementsAre;
using testing::HasSubstr;
using testing::IsEmpty;

class FamilyEdits : public Crafts
{
 protected:
    /// An edit as the window makes it: in a craft and a layer.
    void edit(const Footing& footing, const std::function<void(Tangle&)>& change)
    {
        const auto before = tangle;
        change(tangle);
        keepInherited(before, tangle, footing);
    }
    std::string tapIn(const std::string& craft, ControlCode code)
    {
        start();
        fly(craft);
        return tap(code);
    }
    void leadTo(const std::string& strand, VirtualControl to)
    {
        targetOf(findStrand(tangle, strand)->ends[0])->control = to;
    }
};

TEST_F(FamilyEdits, AnEditOfWhatIsInheritedIsForThisCraftAlone)
{
    const auto id = weaveFor("everywhere", kTrigger, button(1)).id;
    const auto other = weaveFor("everywhere", kTrigger, button(2)).id;
    edit({"gannet", "base"}, [&](Tangle&) { leadTo(id, button(3)); });
    EXPECT_EQ(tapIn("gannet", kTrigger), "23");
    EXPECT_EQ(tapIn("boats", kTrigger), "12");
    EXPECT_EQ(tapIn("everywhere", kTrigger), "12");
    edit({"everywhere", "base"}, [&](Tangle&) { leadTo(other, button(4)); });
    EXPECT_EQ(tapIn("gannet", kTrigger), "34") << "what it did not change follows Everywhere";
}

TEST_F(FamilyEdits, ASecondEditChangesItsOwn)
{
    const auto id = weaveFor("everywhere", kTrigger, button(1)).id;
    edit({"gannet", "base"}, [&](Tangle&) { leadTo(id, button(3)); });
    const auto own = tangle.strands.back().id;
    edit({"gannet", "base"}, [&](Tangle&) { leadTo(own, button(4)); });
    EXPECT_EQ(tangle.strands.size(), 2U);
    EXPECT_EQ(tapIn("gannet", kTrigger), "4");
}

TEST_F(FamilyEdits, WhatAGrandchildChangesOfItsParentIsItsOwn)
{
    const auto id = weaveFor("everywhere", kTrigger, button(1)).id;
    edit({"boats", "base"}, [&](Tangle&) { leadTo(id, button(2)); });
    const auto boats = tangle.strands.back().id;
    edit({"gannet", "base"}, [&](Tangle&) { leadTo(boats, button(3)); });
    EXPECT_EQ(tapIn("everywhere", kTrigger), "1");
    EXPECT_EQ(tapIn("boats", kTrigger), "2");
    EXPECT_EQ(tapIn("gannet", kTrigger), "3");
}

TEST_F(FamilyEdits, WhatACraftTakesAwayIsSilentThereAlone)
{
    const auto id = weaveFor("everywhere", kTrigger, button(1)).id;
    weaveFor("everywhere", kTrigger, button(2));
    edit({"gannet", "base"},
         [&](Tangle& t) { std::erase_if(t.strands, [&](const Strand& s) { return s.id == id; }); });
    EXPECT_EQ(tapIn("gannet", kTrigger), "2");
    EXPECT_EQ(tapIn("rally", kTrigger), "12");
    EXPECT_EQ(tangle.strands.front().id, id) << "where it was";
}

TEST_F(FamilyEdits, NewStrandsAreOfTheFooting)
{
    edit({"gannet", "water"}, [&](Tangle& t) { addStrand(t, kTrigger, button(5)); });
    EXPECT_EQ(tangle.strands.back().craft, "gannet");
    EXPECT_EQ(tangle.strands.back().layer, "water");
    edit({"everywhere", "base"}, [&](Tangle& t) { addStrand(t, kTrigger, button(6)); });
    EXPECT_EQ(tangle.strands.back().craft, "everywhere");
    EXPECT_EQ(tangle.strands.back().layer, "base");
}

TEST_F(FamilyEdits, StrandsOfOtherFamiliesAreEditedAsTheyAre)
{
    const auto id = weaveFor("rally", kTrigger, button(1)).id;
    edit({"gannet", "base"}, [&](Tangle&) { leadTo(id, button(2)); });
    EXPECT_EQ(tangle.strands.size(), 1U);
    EXPECT_EQ(tapIn("rally", kTrigger), "2");
}

TEST_F(FamilyEdits, ForEveryoneInstead)
{
    const auto id = weaveFor("everywhere", kTrigger, button(1)).id;
    edit({"gannet", "base"}, [&](Tangle&) { leadTo(id, button(3)); });
    EXPECT_EQ(giveToFamily(tangle, tangle.strands.back().id).value(), id);
    EXPECT_EQ(tangle.strands.size(), 1U);
    EXPECT_EQ(tapIn("rally", kTrigger), "3");
    EXPECT_EQ(tapIn("gannet", kTrigger), "3");
    EXPECT_THAT(giveToFamily(tangle, id).error().sentence, HasSubstr("for everyone already"));
    EXPECT_FALSE(giveToFamily(tangle, "gone"));
    const auto alone = weaveFor("gannet", kThumb, button(2)).id;
    EXPECT_TRUE(giveToFamily(tangle, alone));
    EXPECT_EQ(findStrand(tangle, alone)->craft, "boats") << "a step up the family";
}

TEST_F(FamilyEdits, SetBackToInherited)
{
    const auto id = weaveFor("everywhere", kTrigger, button(1)).id;
    edit({"gannet", "base"}, [&](Tangle&) { leadTo(id, button(3)); });
    ASSERT_TRUE(setBack(tangle, tangle.strands.back().id));
    EXPECT_EQ(tapIn("gannet", kTrigger), "1");
    EXPECT_THAT(setBack(tangle, id).error().sentence, HasSubstr("inherits from nobody"));
    ASSERT_TRUE(moveToCraft(tangle, id, "boats"));
    EXPECT_EQ(tapIn("rally", kTrigger), "");
    EXPECT_EQ(tapIn("gannet", kTrigger), "1");
    EXPECT_FALSE(moveToCraft(tangle, id, "nobody"));
}

TEST_F(FamilyEdits, AnOwnStrandNoLongerSharesItsFeel)
{
    auto& strand = weaveFor("everywhere", kX, axis(1));
    strand.stages = {{DeadZone{}}};
    strand.shape = "both";
    const auto id = strand.id;
    edit({"gannet", "base"}, [&](Tangle&) {
        findStrand(tangle, id)->stages = {{DeadZone{.below = 0.5, .above = 0.5}}};
    });
    EXPECT_EQ(tangle.strands.back().shape, "");
    EXPECT_EQ(tangle.strands.front().shape, "both");
}

TEST_F(FamilyEdits, CraftAreMadeCopiedAndTakenAway)
{
    weaveFor("everywhere", kTrigger, button(1));
    weaveFor("gannet", kTrigger, button(2));
    const auto copy = copyCraft(tangle, "gannet").value();
    EXPECT_EQ(findBy(tangle.craft, &Craft::id, copy)->name, "Gannet 12 2");
    EXPECT_EQ(tapIn(copy, kTrigger), "2");
    const auto fresh = addCraft(tangle, "Saltback", "boats").value();
    EXPECT_EQ(tapIn(fresh, kTrigger), "1");
    EXPECT_THAT(addCraft(tangle, "Saltback", "boats").error().sentence, HasSubstr("already"));
    EXPECT_THAT(addCraft(tangle, "", "boats").error().sentence, HasSubstr("no name"));
    EXPECT_FALSE(addCraft(tangle, "Winch Nine", "nobody"));
    EXPECT_THAT(renameCraft(tangle, fresh, "Gannet 12").error().sentence, HasSubstr("already"));
    EXPECT_THAT(setParent(tangle, "boats", "gannet").error().sentence, HasSubstr("itself"));
    EXPECT_THAT(setParent(tangle, "boats", "boats").error().sentence, HasSubstr("itself"));
    EXPECT_FALSE(setParent(tangle, "everywhere", "gannet"));
    ASSERT_TRUE(setParent(tangle, "rally", "boats"));
    auto& chooser = weaveFor("everywhere", kThumb, button(1));
    chooser.ends[0].goal = CraftGoal{"boats", Choose::This};
    ASSERT_TRUE(removeCraft(tangle, "boats"));
    EXPECT_EQ(findBy(tangle.craft, &Craft::id, "gannet")->parent, "everywhere");
    EXPECT_EQ(tangle.strands.back().ends[0].goal, Goal(Nothing{}));
    tangle.layers.resize(1);
    EXPECT_THAT(findProblems(tangle), IsEmpty());
    EXPECT_THAT(removeCraft(tangle, "everywhere").error().sentence, HasSubstr("root"));
}

TEST_F(FamilyEdits, ACraftThatIsRemovedWhileItFliesLeavesEverywhere)
{
    weaveFor("everywhere", kTrigger, button(1));
    weaveFor("gannet", kTrigger, button(2));
    start();
    fly("gannet");
    press(kTrigger);
    EXPECT_EQ(pressed(), "2");
    ASSERT_TRUE(removeCraft(tangle, "gannet"));
    MachineStory::edit();
    EXPECT_EQ(pressed(), "") << "its strand is gone, and so is its press";
    releaseAndSee(kTrigger);
    EXPECT_EQ(tap(kTrigger), "1");
}

TEST_F(FamilyEdits, WhatBecomesItsOwnGoesOnFromWhereItWas)
{
    auto& strand = weaveFor("everywhere", kTrigger, button(1));
    strand.stages = {{Latch{}}};
    const auto id = strand.id;
    start();
    fly("gannet");
    EXPECT_EQ(tap(kTrigger), "1");
    edit({"gannet", "base"}, [&](Tangle&) { findStrand(tangle, id)->note = "mine"; });
    MachineStory::edit();
    EXPECT_EQ(pressed(), "1") << "the latch is on";
    EXPECT_EQ(tap(kTrigger), "");
    pressAndSee(kTrigger);
    leadTo(tangle.strands.back().id, button(2));
    MachineStory::edit();
    EXPECT_EQ(pressed(), "2");
}

TEST_F(FamilyEdits, TwoCraftSideBySide)
{
    const auto id = weaveFor("everywhere", kTrigger, button(1)).id;
    weaveFor("everywhere", kThumb, button(2));
    edit({"gannet", "base"}, [&](Tangle&) { leadTo(id, button(3)); });
    weaveFor("gannet", kFourth, button(4));
    weaveFor("gannet", kFifth, button(5)).layer = "water";
    const auto rows = compareCraft(tangle, "gannet", "rally");
    EXPECT_EQ(rows.size(), 4U);
    EXPECT_EQ(countDifferent(rows), 3U);
    const auto own = ownCounts(tangle)[placeOfCraft(tangle, "gannet")];
    EXPECT_EQ(own.added, 2U);
    EXPECT_EQ(own.changed, 1U);
    for (const auto& row : compareCraft(tangle, "gannet", "rally")) {
        if (row.areSame) continue;
        const auto source = row.source;
        const auto layer = tangle.layers[row.layer].id;
        ASSERT_TRUE(takeMeaning(tangle, source, layer, "gannet", "rally"));
    }
    EXPECT_EQ(countDifferent(compareCraft(tangle, "gannet", "rally")), 0U);
    EXPECT_EQ(tapIn("rally", kTrigger), "3");
    const Source fourth{tangle.rig[0].id, kFourth};
    ASSERT_TRUE(takeMeaning(tangle, fourth, "base", "boats", "rally"));
    EXPECT_EQ(tapIn("rally", kFourth), "") << "who has nothing gives nothing";
    const Source trigger{tangle.rig[0].id, kTrigger};
    const auto size = tangle.strands.size();
    ASSERT_TRUE(takeMeaning(tangle, trigger, "base", "boats", "rally"));
    EXPECT_EQ(tangle.strands.size(), size - 1) << "it inherits that anyway";
    EXPECT_FALSE(takeMeaning(tangle, trigger, "gone", "boats", "rally"));
}

TEST_F(FamilyEdits, FunctionsOfAPlanWithoutAStrandAreGaps)
{
    setFunctions(tangle, "everywhere", {"radio"});
    setFunctions(tangle, "gannet", {"mail hatch", "anchor"});
    weaveFor("gannet", kTrigger, button(1)).function = "anchor";
    EXPECT_THAT(functionsOf(tangle, "gannet"), ElementsAre("mail-hatch", "anchor", "radio"));
    EXPECT_THAT(gapsOf(tangle, "gannet"), ElementsAre("mail-hatch", "radio"));
    EXPECT_THAT(gapsOf(tangle, "rally"), ElementsAre("radio"));
    auto& off = weaveFor("everywhere", kThumb, button(2));
    off.function = "radio";
    off.isOn = false;
    EXPECT_THAT(gapsOf(tangle, "rally"), ElementsAre("radio")) << "what is off does nothing";
}

}  // namespace
}  // namespace jolly
