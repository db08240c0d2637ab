// SPDX-License-Identifier: GPL-3.0-or-later
#include "core/tangle/feel.h"

#include "core/tangle/lookup.h"
#include "core/weave/feel_check.h"
#include "support/small_tangle.h"

#include <gmock/gmock.h>

namespace jolly
{
namespace
{

using namespace test;
using testing::Contains;
using testing::ElementsAre;
using testing::HasSubstr;
using testing::IsEmpty;

/// X, Y and the throttle woven, to be given feels.
class FeelTest : public testing::Test
{
 protected:
    FeelTest()
    {
        addStrand(tangle, kX, axis(1));
        addStrand(tangle, kY, axis(2));
        addStrand(tangle, kThrottle, axis(3));
    }

    Strand& roll() { return tangle.strands[0]; }
    Strand& pitch() { return tangle.strands[1]; }
    Strand& power() { return tangle.strands[2]; }

    /// An edit as the window does it.
    template <class Change>
    void edit(Change&& change)
    {
        const auto before = tangle;
        change();
        keepShapes(before, tangle);
    }

    static std::vector<std::string> namesOf(const Strand& strand)
    {
        std::vector<std::string> names;
        for (const auto& stage : strand.stages) names.emplace_back(infoOf(stage.parameters).name);
        return names;
    }

    std::vector<std::string> notes(const Strand& strand, const OtherBends& others = {})
    {
        const Machine machine(compile(tangle));
        const auto& plan = machine.plan();
        const auto found = std::ranges::find(plan.strands, strand.id, &PlanStrand::id);
        if (found == plan.strands.end()) return {"it does not compile"};
        Chain chain(machine, static_cast<std::uint32_t>(found - plan.strands.begin()));
        const auto sides = plan.inputs[found->input].control.sides;
        std::vector<std::string> notes;
        for (const auto& note :
             feelNotes(tangle, strand, measure(chain, sides, found->gives.sides), others))
            notes.push_back(note.english());
        return notes;
    }

    Tangle tangle = smallTangle();
};

TEST_F(FeelTest, WhatAnAxisIsForStaysWithItWhenAnotherFeelIsGiven)
{
    roll().stages = {{DeadZone{}}, {Softness{0.4}}};
    pitch().stages = {{Blend{}}, {Curve{}}, {Invert{}}};
    giveFeel(pitch(), feelOf(roll()));
    EXPECT_THAT(namesOf(pitch()), ElementsAre("blend", "dead zone", "softness", "invert"));
    giveFeel(pitch(), {});
    EXPECT_THAT(namesOf(pitch()), ElementsAre("blend", "invert"));
    giveFeel(pitch(), feelOf(roll()));
    EXPECT_THAT(namesOf(pitch()), ElementsAre("blend", "invert", "dead zone", "softness"));
}

TEST_F(FeelTest, AStageThatWorksAtTimesOnlyIsNoFeel)
{
    roll().stages = {{.parameters = DeadZone{}, .when = When{{"stick", kToggle}}}, {Softness{}}};
    EXPECT_EQ(feelOf(roll()).size(), 1U);
}

TEST_F(FeelTest, AnEditOfOneSharedShapeIsOneOfAll)
{
    roll().stages = {{Softness{0.2}}};
    pitch().stages = {{Invert{}}};
    shareShape(tangle, {roll().id, pitch().id});
    EXPECT_THAT(namesOf(pitch()), ElementsAre("invert", "softness"));
    EXPECT_THAT(sharersOf(tangle, roll()), ElementsAre(pitch().name));
    edit([&] { pitch().stages[1] = {Softness{0.7}}; });
    EXPECT_EQ(roll().stages[0], Stage{Softness{0.7}});
    edit([&] { roll().stages.insert(roll().stages.begin(), {DeadZone{}}); });
    EXPECT_THAT(namesOf(pitch()), ElementsAre("invert", "dead zone", "softness"));
    edit([&] { power().stages = {{Softness{0.9}}}; });
    EXPECT_EQ(feelOf(roll()).size(), 2U) << "what shares nothing changes nothing";
}

TEST_F(FeelTest, AShapeOfItsOwnIsChangedAlone)
{
    roll().stages = {{Softness{0.2}}};
    shareShape(tangle, {roll().id, pitch().id});
    edit([&] { ownShape(tangle, pitch().id); });
    EXPECT_EQ(roll().shape, "") << "one alone shares nothing";
    edit([&] { roll().stages[0] = {Softness{0.7}}; });
    EXPECT_EQ(pitch().stages[0], Stage{Softness{0.2}});
}

TEST_F(FeelTest, AThirdJoinsTheShapeOfTwo)
{
    shareShape(tangle, {roll().id, pitch().id});
    shareShape(tangle, {pitch().id, power().id});
    EXPECT_EQ(sharersOf(tangle, roll()).size(), 2U);
}

TEST_F(FeelTest, AFeelIsKeptUnderItsNameOnce)
{
    roll().stages = {{Softness{0.2}}, {Invert{}}};
    keepFeel(tangle, roll(), "gentle");
    ASSERT_EQ(tangle.feels.size(), 1U);
    EXPECT_EQ(tangle.feels[0].stages, (std::vector<Stage>{{Softness{0.2}}}));
    roll().stages = {{Softness{0.5}}};
    keepFeel(tangle, roll(), "gentle");
    ASSERT_EQ(tangle.feels.size(), 1U);
    EXPECT_EQ(tangle.feels[0].stages, (std::vector<Stage>{{Softness{0.5}}}));
}

TEST_F(FeelTest, ASoundShapeNeedsNoWords)
{
    roll().stages = {{DeadZone{}}, {Curve{}}, {Invert{}}};
    EXPECT_THAT(notes(roll()), IsEmpty());
    EXPECT_THAT(notes(power()), IsEmpty());
}

TEST_F(FeelTest, DeadTravelShortEndsAndFallingCurvesAreSaid)
{
    roll().stages = {{DeadZone{.below = 0.3, .above = 0.3}}};
    EXPECT_THAT(notes(roll()), ElementsAre(HasSubstr("30.0 % of the travel changes nothing")));
    roll().stages = {{Scale{0.8, 0.0}}};
    EXPECT_THAT(notes(roll()), ElementsAre(HasSubstr("stays between -80.0 % and 80.0 %")));
    roll().stages = {{Scale{1.0, -0.2}}};
    EXPECT_THAT(notes(roll()), Contains(HasSubstr("never gets above 80.0 %")));
    roll().stages = {{Scale{1.0, 0.2}}};
    EXPECT_THAT(notes(roll()), Contains(HasSubstr("never gets below -80.0 %")));
    roll().stages = {{Curve{.points = {{0, 0}, {0.4, 0.6}, {0.6, 0.3}, {1, 1}}}}};
    EXPECT_THAT(notes(roll()), ElementsAre(HasSubstr("The curve falls on its way")));
    std::get<Curve>(roll().stages[0].parameters).keepsRising = true;
    EXPECT_THAT(notes(roll()), ElementsAre(HasSubstr("changes nothing")));
}

TEST_F(FeelTest, BeingBentTwiceIsSaid)
{
    roll().stages = {{Softness{0.4}}};
    EXPECT_THAT(notes(roll(), {.isKernelFiltering = true}), ElementsAre(HasSubstr("The kernel")));
    tangle.sheet = SimSheet{.name = "Fenland Flight", .bendsAxes = true};
    EXPECT_THAT(notes(roll()), ElementsAre(HasSubstr("Fenland Flight bends axes")));
    roll().stages.push_back({CounterCurve{}});
    EXPECT_THAT(notes(roll()), IsEmpty()) << "the sim's bend is undone";
    roll().stages.clear();
    EXPECT_THAT(notes(roll()), IsEmpty()) << "bent once only";
}

TEST_F(FeelTest, ACraftThatWantsItStraightIsHeard)
{
    tangle.craft[0].wantsStraight = true;
    roll().stages = {{Softness{0.4}}};
    EXPECT_THAT(notes(roll()), ElementsAre(HasSubstr("wants its axes straight")));
    roll().stages = {{DeadZone{}}};
    EXPECT_THAT(notes(roll()), IsEmpty());
}

TEST_F(FeelTest, TwoHalvesOfOneAxisCannotBeToldApartWhileBothAreMoved)
{
    roll().stages = {{Half{Side::Upper}}};
    auto& other = addStrand(tangle, kX, axis(3), {{Half{Side::Lower}}});
    EXPECT_THAT(notes(other), ElementsAre(HasSubstr("Two controls share this one axis")));
}

TEST_F(FeelTest, ARoundDeadZoneIsForAPairAndNeverGivenAsFeel)
{
    const RoundDeadZone zone{Source{"stick", kY}, 0.08};
    roll().stages = {{zone}, {Softness{0.4}}};
    pitch().stages = {{Invert{}}};
    giveFeel(pitch(), feelOf(roll()));
    EXPECT_THAT(namesOf(pitch()), ElementsAre("invert", "softness")) << "else it pairs with itself";
    ASSERT_EQ(partnerOf(tangle, roll(), zone), &pitch());
    const auto theirs = turnedRound(zone, roll());
    EXPECT_EQ(std::get<RoundDeadZone>(theirs).other, (Source{"stick", kX}));
    EXPECT_FALSE(hasStage(pitch(), theirs));
    giveTwin(pitch(), theirs);
    EXPECT_THAT(namesOf(pitch()), ElementsAre("round dead zone", "invert", "softness"));
    giveTwin(pitch(), turnedRound(RoundDeadZone{Source{"stick", kY}, 0.2}, roll()));
    EXPECT_EQ(std::get<RoundDeadZone>(pitch().stages[0].parameters).size, 0.2);
    EXPECT_EQ(pitch().stages.size(), 3U);
    pitch().craft = "glider";
    EXPECT_EQ(partnerOf(tangle, roll(), zone), nullptr) << "another craft's pitch is another axis";
}

TEST(Covering, ADeadZoneGrowsToCoverTheDriftAndNeverShrinks)
{
    const RestCover none{};
    EXPECT_EQ(covering(none, {}), none);
    EXPECT_EQ(covering(none, {-0.02, 0.012}), (RestCover{0.025, 0.015}));
    const RestCover wide{0.1, 0.01};
    EXPECT_EQ(covering(wide, {-0.02, 0.004}), wide);
    EXPECT_EQ(covering(wide, {-0.02, 0.02}), (RestCover{0.1, 0.025}));
}

TEST_F(FeelTest, SlopesAreMeasuredWhereTheOutputMoves)
{
    roll().stages = {{DeadZone{.below = 0.1, .above = 0.1, .lowEnd = 0.1, .highEnd = 0.1}},
                     {Softness{0.5}}};
    const Machine machine(compile(tangle));
    Chain chain(machine, 0);
    const auto travel = measure(chain, Sides::Two, Sides::Two);
    // Between the dead zones 0.8 become 1, and the dial's slope is 1 - s at rest, 1 + 2 s at an
    // end.
    EXPECT_NEAR(travel.slopeAtRest, 0.5 / 0.8, 0.01);
    EXPECT_NEAR(travel.slopeAtHigh, 2.0 / 0.8, 0.04);
    EXPECT_NEAR(travel.slopeAtLow, 2.0 / 0.8, 0.04);
    EXPECT_NEAR(travel.dead, 0.2, 0.003);
    EXPECT_FALSE(travel.isInverted);
}

}  // namespace
}  // namespace jolly
