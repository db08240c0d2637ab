// SPDX-License-Identifier: GPL-3.0-or-later
#include "core/layers/layer_edit.h"

#include "core/layers/rules.h"
#include "core/tangle/edit.h"
#include "core/tangle/lookup.h"
#include "core/weave/weave.h"
#include "craft_story.h"

/// Edits of the stack and of what engages it, against what games then see.
namespace jolly
{
namespace
{

using namespace test;
using testing::HasSubstr;
using testing::IsEmpty;

using LayerEdits = Crafts;

TEST_F(LayerEdits, ALayerAndItsRuleByOneTouch)
{
    weave("base", kTrigger, button(1));
    const auto id = addLayer(tangle, "Night").value();
    ASSERT_TRUE(jolly::engageBy(tangle, tangle.rig[0], kThumb, id, Engage::Hold, "everywhere"));
    weave(id, kTrigger, button(7));
    std::erase_if(tangle.layers, [](const Layer& l) { return l.id == "water" || l.id == "trim"; });
    EXPECT_THAT(findProblems(tangle), IsEmpty());
    start();
    pressAndSee(kThumb);
    EXPECT_EQ(tap(kTrigger), "7");
    releaseAndSee(kThumb);
    EXPECT_EQ(tap(kTrigger), "1");
}

TEST_F(LayerEdits, AnAxisEngagesALayerInItsUpperHalf)
{
    ASSERT_TRUE(jolly::engageBy(tangle, tangle.rig[0], kX, "water", Engage::Hold, "everywhere"));
    start();
    move(kX, 1000);
    static_cast<void>(seen());
    EXPECT_EQ(engaged(), "water ");
    move(kX, -1000);
    static_cast<void>(seen());
    EXPECT_EQ(engaged(), "");
}

TEST_F(LayerEdits, RefusalsChangeNothing)
{
    const auto before = tangle;
    const auto& rig = tangle.rig[0];
    EXPECT_THAT(
        jolly::engageBy(tangle, rig, kHat, "water", Engage::Hold, "everywhere").error().sentence,
        HasSubstr("neither held"));
    EXPECT_THAT(
        jolly::engageBy(tangle, rig, kThumb, "base", Engage::Hold, "everywhere").error().sentence,
        HasSubstr("always engaged"));
    EXPECT_FALSE(jolly::engageBy(tangle, rig, kThumb, "gone", Engage::Hold, "everywhere"));
    EXPECT_FALSE(moveLayer(tangle, "base", 2));
    EXPECT_FALSE(moveLayer(tangle, "gone", 2));
    EXPECT_FALSE(removeLayer(tangle, "base"));
    EXPECT_FALSE(removeLayer(tangle, "gone"));
    EXPECT_EQ(tangle, before);
    while (tangle.layers.size() < kMostLayers) ASSERT_TRUE(addLayer(tangle, "more"));
    EXPECT_THAT(addLayer(tangle, "65th").error().sentence, HasSubstr("64 layers"));
}

TEST_F(LayerEdits, TheOrderOfTheStackDecides)
{
    weave("water", kTrigger, button(2));
    weave("trim", kTrigger, button(3));
    engageBy(kThumb, "water");
    engageBy(kFourth, "trim");
    const auto both = [&] {
        start();
        pressAndSee(kThumb);
        pressAndSee(kFourth);
        return tap(kTrigger);
    };
    EXPECT_EQ(both(), "3");
    ASSERT_TRUE(moveLayer(tangle, "water", 9));
    EXPECT_EQ(tangle.layers.back().id, "water");
    EXPECT_EQ(both(), "2");
    ASSERT_TRUE(moveLayer(tangle, "water", 0));
    EXPECT_EQ(tangle.layers[1].id, "water") << "Base stays at the bottom";
    EXPECT_EQ(both(), "3");
}

TEST_F(LayerEdits, ALayerThatGoesTakesItsRulesAlong)
{
    weave("base", kTrigger, button(1));
    weave("water", kTrigger, button(2));
    engageBy(kThumb, "water");
    tangle.layers[2].needs = {"water"};
    ASSERT_TRUE(removeLayer(tangle, "water"));
    EXPECT_EQ(tangle.strands.size(), 1U);
    EXPECT_THAT(tangle.layers.back().needs, IsEmpty());
}

TEST_F(LayerEdits, AModifierThatTaps)
{
    weave("base", kThumb, button(1));
    weave("base", kTrigger, button(2));
    weave("water", kTrigger, button(3));
    const auto rule =
        jolly::engageBy(tangle, tangle.rig[0], kThumb, "water", Engage::Hold, "everywhere");
    EXPECT_EQ(tapOnly(tangle, rule.value()), 1U);
    start();
    press(kThumb);
    EXPECT_EQ(pressed(), "") << "nothing before it is let go";
    wait(100);
    release(kThumb);
    EXPECT_EQ(pressed(), "1") << "a short tap alone";
    wait(1000);
    EXPECT_EQ(pressed(), "");
    pressAndSee(kThumb);
    EXPECT_EQ(tap(kTrigger), "3");
    release(kThumb);
    EXPECT_EQ(pressed(), "") << "it was used as a modifier";
    press(kThumb);
    wait(400);
    release(kThumb);
    EXPECT_EQ(pressed(), "") << "held too long";
    EXPECT_EQ(tapOnly(tangle, "gone"), 0U);
}

TEST_F(LayerEdits, ATapEndsWhereItBeganAlsoOverAnEdit)
{
    weave("base", kThumb, button(1), {{Tap{}}});
    weave("base", kTrigger, button(2));
    start();
    tap(kTrigger);
    press(kThumb);
    edit();
    wait(50);
    release(kThumb);
    EXPECT_EQ(pressed(), "1") << "uses are counted on";
}

TEST_F(LayerEdits, RulesInWords)
{
    const auto words = [&](const char* id) {
        return whenEngaged(tangle, *findBy(tangle.layers, &Layer::id, std::string(id)),
                           strandsOf(tangle, "gannet"));
    };
    EXPECT_EQ(words("base"), "always");
    EXPECT_EQ(words("water"), "nothing engages it yet");
    tangle.rig[0].alias = "Skerry Stick";
    engageBy(kThumb, "water");
    EXPECT_EQ(words("water"), "while Skerry Stick button 2 is held");
    engageBy(kFourth, "water", Engage::Flip);
    EXPECT_EQ(words("water"),
              "while Skerry Stick button 2 is held, or flips with Skerry Stick button 4");
    tangle.layers[2].needs = {"water", "base"};
    EXPECT_EQ(words("trim"), "while On water and Base are engaged");
    EXPECT_EQ(modifiersOf(tangle, tangle.layers[2]), 1U);
    engageBy(kFifth, "trim");
    EXPECT_EQ(modifiersOf(tangle, tangle.layers[2]), 2U);
    EXPECT_EQ(modifiersOf(tangle, tangle.layers[0]), 0U);
    Tangle ring;
    ring.layers.push_back({.id = "a", .name = "a", .needs = {"b"}});
    ring.layers.push_back({.id = "b", .name = "b", .needs = {"a"}});
    EXPECT_EQ(modifiersOf(ring, ring.layers[0]), 0U) << "what needs itself in a circle ends";
    tangle.strands.back().craft = "rally";
    EXPECT_EQ(words("trim"), "while On water and Base are engaged") << "not for this craft";
}

TEST_F(LayerEdits, HowALayerFollowsIsChanged)
{
    weave("water", kTrigger, button(2));
    engageBy(kThumb, "water");
    setEngage(tangle, tangle.strands.back().id, "water", Engage::Flip);
    start();
    tap(kThumb);
    EXPECT_EQ(tap(kTrigger), "2");
}

}  // namespace
}  // namespace jolly
