// SPDX-License-Identifier: GPL-3.0-or-later
#include "core/layers/views.h"
#include "core/weave/weave.h"
#include "machine_story.h"

/// Layers and craft, by tables, against docs/model.md.
namespace jolly
{
namespace
{

using namespace test;
using testing::ElementsAre;
using testing::HasSubstr;
using testing::IsEmpty;

class Layers : public MachineStory
{
 protected:
    Layers()
    {
        tangle.rig[0].controls.push_back({.code = kFourth, .kind = ControlKind::Button});
        tangle.rig[0].controls.push_back({.code = kFifth, .kind = ControlKind::Button});
        tangle.layers.push_back({.id = "water", .name = "On water"});
        tangle.layers.push_back({.id = "trim", .name = "Trim held"});
    }

    static constexpr ControlCode kFourth{EventType::Key, 0x123};
    static constexpr ControlCode kFifth{EventType::Key, 0x124};

    Strand& weave(const std::string& layer, ControlCode from, VirtualControl to,
                  std::vector<Stage> stages = {})
    {
        auto& strand = addStrand(tangle, from, to, std::move(stages));
        strand.layer = layer;
        return strand;
    }
    void engageBy(ControlCode from, const std::string& layer, Engage engage = Engage::Hold,
                  std::vector<Stage> stages = {})
    {
        addStrand(tangle, from, button(1), std::move(stages)).ends[0].goal =
            LayerGoal{layer, engage};
    }
    Layer& layer(std::size_t place) { return tangle.layers[place]; }

    void pressAndSee(ControlCode code)
    {
        press(code);
        static_cast<void>(seen());
    }
    void releaseAndSee(ControlCode code)
    {
        release(code);
        static_cast<void>(seen());
    }

    /// Which of the first eight buttons are pressed.
    std::string pressed()
    {
        static_cast<void>(seen());
        std::string numbers;
        for (std::uint16_t n = 1; n <= 8; ++n)
            numbers += at(button(n)) == 1 ? std::to_string(n) : "";
        return numbers;
    }
    std::string tap(ControlCode code)
    {
        press(code);
        auto numbers = pressed();
        release(code);
        return numbers;
    }
    std::string engaged() const
    {
        std::string text;
        for (std::uint32_t l = 1; l < machine->plan().layers.size(); ++l)
            text += machine->layers().isEngaged(l) ? machine->plan().layers[l].id + " " : "";
        return text;
    }
};

TEST_F(Layers, AHeldControlEngagesALayerWhoseStrandsCountInstead)
{
    weave("base", kTrigger, button(1));
    weave("water", kTrigger, button(2));
    engageBy(kThumb, "water");
    start();
    EXPECT_EQ(tap(kTrigger), "1");
    pressAndSee(kThumb);
    EXPECT_EQ(tap(kTrigger), "2");
    releaseAndSee(kThumb);
    EXPECT_EQ(tap(kTrigger), "1");
}

TEST_F(Layers, WhatIsNotReplacedShowsThrough)
{
    weave("base", kTrigger, button(1));
    weave("base", kFourth, button(4));
    weave("water", kTrigger, button(2));
    engageBy(kThumb, "water");
    start();
    pressAndSee(kThumb);
    EXPECT_EQ(tap(kFourth), "4");
}

TEST_F(Layers, NothingSilences)
{
    weave("base", kTrigger, button(1));
    weave("water", kTrigger, button(2)).ends[0].goal = Nothing{};
    engageBy(kThumb, "water");
    start();
    pressAndSee(kThumb);
    EXPECT_EQ(tap(kTrigger), "");
}

TEST_F(Layers, OfSeveralTheHighestCounts)
{
    weave("base", kTrigger, button(1));
    weave("water", kTrigger, button(2));
    weave("trim", kTrigger, button(3));
    engageBy(kThumb, "water");
    engageBy(kFourth, "trim");
    start();
    pressAndSee(kFourth);
    pressAndSee(kThumb);
    EXPECT_EQ(tap(kTrigger), "3");
    releaseAndSee(kFourth);
    EXPECT_EQ(tap(kTrigger), "2");
}

TEST_F(Layers, FourMeaningsFromTwoHeldModifiers)
{
    layer(2).needs = {};
    tangle.layers.push_back({.id = "both", .name = "Both", .needs = {"water", "trim"}});
    for (const auto& [name, number] :
         {std::pair("base", 1), {"water", 2}, {"trim", 3}, {"both", 4}})
        weave(name, kTrigger, button(static_cast<std::uint16_t>(number)));
    engageBy(kThumb, "water");
    engageBy(kFourth, "trim");
    start();
    EXPECT_EQ(tap(kTrigger), "1");
    pressAndSee(kThumb);
    EXPECT_EQ(tap(kTrigger), "2");
    pressAndSee(kFourth);
    EXPECT_EQ(tap(kTrigger), "4") << "it needs both and counts above them";
    releaseAndSee(kThumb);
    EXPECT_EQ(tap(kTrigger), "3");
    releaseAndSee(kFourth);
    EXPECT_EQ(tap(kTrigger), "1");
}

TEST_F(Layers, APressEndsWhereItBegan)
{
    weave("base", kTrigger, button(1));
    weave("water", kTrigger, button(2));
    engageBy(kThumb, "water");
    start();
    pressAndSee(kTrigger);
    pressAndSee(kThumb);
    EXPECT_EQ(pressed(), "1") << "the layer flips while it is held";
    releaseAndSee(kTrigger);
    EXPECT_EQ(pressed(), "");
    pressAndSee(kTrigger);
    EXPECT_EQ(pressed(), "2");
    releaseAndSee(kThumb);
    EXPECT_EQ(pressed(), "2");
    releaseAndSee(kTrigger);
    EXPECT_EQ(pressed(), "");
    EXPECT_EQ(tap(kTrigger), "1");
}

TEST_F(Layers, TwoModifiersThatGoInOneFrameAreRightInEitherOrder)
{
    for (const bool isFirst : {true, false}) {
        tangle.strands.clear();
        weave("base", kTrigger, button(1));
        weave("water", kTrigger, button(2));
        weave("trim", kTrigger, button(3));
        engageBy(kThumb, "water");
        engageBy(kFourth, "trim");
        start();
        pressAndSee(kThumb);
        pressAndSee(kFourth);
        release(isFirst ? kThumb : kFourth);
        release(isFirst ? kFourth : kThumb);
        static_cast<void>(seen());
        EXPECT_EQ(engaged(), "");
        EXPECT_EQ(tap(kTrigger), "1");
    }
}

TEST_F(Layers, AFlipStaysUntilTheNext)
{
    weave("base", kTrigger, button(1));
    weave("water", kTrigger, button(2));
    engageBy(kThumb, "water", Engage::Flip);
    start();
    tap(kThumb);
    EXPECT_EQ(tap(kTrigger), "2");
    tap(kThumb);
    EXPECT_EQ(tap(kTrigger), "1");
}

TEST_F(Layers, ALatchBeforeItIsAFlipLikewise)
{
    engageBy(kThumb, "water", Engage::Hold, {{Latch{}}});
    start();
    tap(kThumb);
    EXPECT_EQ(engaged(), "water ");
    tap(kThumb);
    EXPECT_EQ(engaged(), "");
}

TEST_F(Layers, ASliceOfALeverEngages)
{
    engageBy(kThrottle, "water", Engage::Hold, {{Slice{{{"reverse", 0.9, 1.0, 0.85, 1.0}}}}});
    start();
    move(kThrottle, 950);
    static_cast<void>(seen());
    EXPECT_EQ(engaged(), "water ");
    move(kThrottle, 500);
    static_cast<void>(seen());
    EXPECT_EQ(engaged(), "");
}

TEST_F(Layers, ASwitchThatIsOnEngagesBeforeTheFirstFrame)
{
    weave("base", kThrottle, axis(3));
    weave("water", kThrottle, axis(4));
    engageBy(kToggle, "water");
    start();
    machine->prime(input(kToggle), {1, 0});
    machine->prime(input(kThrottle), {1000, 0});
    machine->begin(now);
    EXPECT_EQ(engaged(), "water ");
    EXPECT_EQ(at(axis(4)), 32767);
    EXPECT_EQ(at(axis(3)), -32768) << "the seat that is not taken gets nothing";
}

TEST_F(Layers, OfAGroupOneIsEngaged)
{
    layer(1).group = layer(2).group = "seat";
    engageBy(kThumb, "water", Engage::Flip);
    engageBy(kFourth, "trim", Engage::Flip);
    engageBy(kFifth, "water", Engage::Next);
    start();
    tap(kThumb);
    EXPECT_EQ(engaged(), "water ");
    tap(kFourth);
    EXPECT_EQ(engaged(), "trim ");
    tap(kFifth);
    EXPECT_EQ(engaged(), "water ") << "round and round";
    tap(kFifth);
    EXPECT_EQ(engaged(), "trim ");
    tap(kFourth);
    EXPECT_EQ(engaged(), "");
}

TEST_F(Layers, OfTwoHeldOnesOfAGroupTheLaterCounts)
{
    layer(1).group = layer(2).group = "seat";
    engageBy(kThumb, "water");
    engageBy(kFourth, "trim");
    start();
    pressAndSee(kFourth);
    pressAndSee(kThumb);
    EXPECT_EQ(engaged(), "water ");
    releaseAndSee(kThumb);
    EXPECT_EQ(engaged(), "trim ") << "it still is held";
}

TEST_F(Layers, ALayerThatNeedsAnotherWaitsForIt)
{
    layer(2).needs = {"water"};
    engageBy(kThumb, "water");
    engageBy(kFourth, "trim");
    start();
    pressAndSee(kFourth);
    EXPECT_EQ(engaged(), "");
    pressAndSee(kThumb);
    EXPECT_EQ(engaged(), "water trim ");
    releaseAndSee(kThumb);
    EXPECT_EQ(engaged(), "");
}

TEST_F(Layers, ACircleOfNeedsIsNeverEngagedAndSaid)
{
    layer(1).needs = {"trim"};
    layer(2).needs = {"water"};
    EXPECT_TRUE(hasErrors(findProblems(tangle)));
    start();
    static_cast<void>(seen());
    EXPECT_EQ(engaged(), "");
}

TEST_F(Layers, ALayerThatEngagesAndDisengagesItselfComesToAnEnd)
{
    engageBy(kToggle, "water");
    weave("water", kToggle, button(1)).ends[0].goal = Nothing{};
    start();
    press(kToggle);
    static_cast<void>(seen());
    press(kToggle);
    release(kToggle);
    static_cast<void>(seen());
    EXPECT_EQ(engaged(), "") << "nothing is left engaged when nothing is pressed";
}

TEST_F(Layers, AnAxisJumpsOrIsPickedUp)
{
    for (const auto crossing : {Crossing::Jump, Crossing::PickUp}) {
        tangle.strands.clear();
        layer(1).crossing = crossing;
        weave("base", kThrottle, axis(3));
        weave("water", kThrottle, axis(4));
        engageBy(kThumb, "water");
        start();
        machine->prime(input(kThrottle), {750, 0});
        machine->begin(now);
        EXPECT_EQ(at(axis(3)), 16383);
        pressAndSee(kThumb);
        EXPECT_EQ(at(axis(3)), -32768) << "it lost its lever, and rests";
        const bool isJump = crossing == Crossing::Jump;
        EXPECT_EQ(at(axis(4)), isJump ? 16384 : 0);
        move(kThrottle, 600);
        EXPECT_EQ(at(axis(4)), isJump ? 6553 : 0) << "two-sided: the middle is half of the lever";
        move(kThrottle, 490);
        EXPECT_LT(at(axis(4)), 0) << "past it";
        move(kThrottle, 1000);
        EXPECT_EQ(at(axis(4)), 32767) << "from then on it follows";
        releaseAndSee(kThumb);
    }
}

TEST_F(Layers, AnAxisThatIsKeptStaysWhereItWas)
{
    weave("base", kThrottle, axis(3)).whenAway = WhenAway::Keep;
    weave("water", kThrottle, axis(4));
    engageBy(kThumb, "water");
    start();
    move(kThrottle, 750);
    pressAndSee(kThumb);
    move(kThrottle, 0);
    EXPECT_EQ(at(axis(3)), 16383);
    releaseAndSee(kThumb);
    EXPECT_EQ(at(axis(3)), -32768) << "its lever is there again";
}

TEST_F(Layers, ASwitchSaysWhereItStandsUnlessItsLayerDoesNotWantThat)
{
    for (const bool tells : {true, false}) {
        tangle.strands.clear();
        layer(1).tellsSwitches = tells;
        weave("base", kToggle, button(1));
        weave("water", kToggle, button(2));
        engageBy(kThumb, "water");
        start();
        pressAndSee(kToggle);
        pressAndSee(kThumb);
        EXPECT_EQ(pressed(), tells ? "2" : "1") << "it stays where it was until it moves";
        releaseAndSee(kThumb);
        EXPECT_EQ(pressed(), "1");
        releaseAndSee(kToggle);
        EXPECT_EQ(pressed(), "");
    }
}

TEST_F(Layers, ALatchOutlivesItsLayerOrDoesNot)
{
    for (const bool remembers : {true, false}) {
        tangle.strands.clear();
        layer(1).remembers = remembers;
        weave("water", kTrigger, button(2), {{Latch{}}});
        engageBy(kThumb, "water");
        start();
        pressAndSee(kThumb);
        tap(kTrigger);
        EXPECT_EQ(pressed(), "2");
        releaseAndSee(kThumb);
        EXPECT_EQ(pressed(), "");
        pressAndSee(kThumb);
        EXPECT_EQ(pressed(), remembers ? "2" : "");
    }
}

TEST_F(Layers, AStageWorksWhileALayerIsEngaged)
{
    Stage invert{Invert{}};
    invert.when = When{.layer = "water"};
    weave("base", kX, axis(1), {invert});
    engageBy(kThumb, "water");
    start();
    move(kX, 500);
    EXPECT_EQ(at(axis(1)), 16384);
    pressAndSee(kThumb);
    EXPECT_EQ(at(axis(1)), -16384);
    releaseAndSee(kThumb);
    EXPECT_EQ(at(axis(1)), 16384);
}

TEST_F(Layers, UnpluggingLetsGoOfALayer)
{
    weave("base", kTrigger, button(1));
    weave("water", kTrigger, button(2));
    engageBy(kThumb, "water");
    start();
    pressAndSee(kThumb);
    pressAndSee(kTrigger);
    machine->lose(input(kThumb), ++now);
    EXPECT_EQ(pressed(), "2") << "the press is still where it began";
    EXPECT_EQ(engaged(), "");
    machine->lose(input(kTrigger), ++now);
    EXPECT_EQ(pressed(), "");
}

TEST_F(Layers, AnEditLeavesEngagedWhatIsEngaged)
{
    weave("base", kTrigger, button(1));
    weave("water", kTrigger, button(2));
    engageBy(kThumb, "water", Engage::Flip);
    start();
    tap(kThumb);
    pressAndSee(kTrigger);
    raws[kTrigger] = {1, 0};
    tangle.strands[0].note = "edited";
    std::swap(tangle.layers[1], tangle.layers[2]);
    edit();
    EXPECT_EQ(engaged(), "water ");
    EXPECT_EQ(pressed(), "2");
    tap(kThumb);
    EXPECT_EQ(pressed(), "2") << "the press ends where it began, after the edit too";
    releaseAndSee(kTrigger);
    EXPECT_EQ(pressed(), "");
    EXPECT_EQ(tap(kTrigger), "1");
}

class Crafts : public Layers
{
 protected:
    Crafts()
    {
        tangle.craft.push_back({.id = "boats", .name = "Floatplanes", .parent = "everywhere"});
        tangle.craft.push_back({.id = "gannet", .name = "Gannet 12", .parent = "boats"});
        tangle.craft.push_back({.id = "rally", .name = "Bramble Rally 4", .parent = "everywhere"});
    }

    Strand& weaveFor(const std::string& craft, ControlCode from, VirtualControl to)
    {
        auto& strand = addStrand(tangle, from, to);
        strand.craft = craft;
        return strand;
    }
    void fly(const std::string& craft)
    {
        machine->chooseCraft(static_cast<std::uint32_t>(placeOfCraft(tangle, craft)));
        static_cast<void>(seen());
    }
};

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
            if (found.severity == Severity::Error) return found.sentence;
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

}  // namespace
}  // namespace jolly
