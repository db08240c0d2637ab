// SPDX-License-Identifier: GPL-3.0-or-later
#include "core/tangle/device_edit.h"
#include "core/tangle/edit.h"
#include "core/tangle/goal_edit.h"
#include "core/tangle/lookup.h"
#include "core/tangle/stage_complaint.h"
#include "core/tangle/stage_edit.h"
#include "core/tangle/stage_shape.h"
#include "core/tangle/virtual_layout.h"
#include "core/weave/reach_check.h"
#include "core/weave/remedies.h"
#include "machine_story.h"
#include "said_of_strands.h"

#include <gmock/gmock.h>

namespace jolly
{
namespace
{

using namespace test;
using testing::HasSubstr;
using testing::IsEmpty;

/// A small tangle with a gamepad, whose triggers rest at their low end.
class Rest : public MachineStory
{
 protected:
    Rest()
    {
        tangle.devices.push_back(
            {.id = "pad", .name = "Pad", .kind = VirtualKind::Gamepad, .number = 2});
    }

    std::string lead(ControlCode from, const Target& to)
    {
        return *connect(tangle, tangle.rig[0], from, to);
    }
    const Strand& strand(const std::string& id) const { return *findStrand(tangle, id); }
    Sides restsAt(std::uint16_t n) const { return sidesOf(tangle.devices[0], axis(n)); }

    /// What a place holds before anything was touched, with the trigger held, and let go again.
    std::vector<int> played(const Target& place)
    {
        start();
        const auto& outputs = machine->plan().outputs;
        const auto at = std::ranges::find(outputs, place, &PlanOutput::place) - outputs.begin();
        std::vector<int> raw;
        const auto look = [&] {
            wait(2000);
            machine->dropChanges(now);
            raw.push_back(machine->meetings().raw(static_cast<std::uint32_t>(at)).x);
        };
        prime(kTrigger, 0);
        look();
        press(kTrigger);
        look();
        release(kTrigger);
        look();
        return raw;
    }
};

TEST_F(Rest, AButtonLedToAPadsTriggerLeavesItAtItsLowEnd)
{
    const Target trigger{"pad", axis(3)};
    lead(kTrigger, trigger);
    EXPECT_EQ(played(trigger), (std::vector{0, 255, 0}));
    EXPECT_THAT(saidOfStrands(tangle), IsEmpty());
}

TEST_F(Rest, AButtonLedToACentredAxisLeavesItInTheMiddle)
{
    const Target x{"jolly", axis(1)};
    lead(kTrigger, x);
    EXPECT_EQ(played(x), (std::vector{0, 32767, 0}));
}

TEST_F(Rest, WhatWasPutInFollowsItsGoal)
{
    const Target x{"jolly", axis(1)};
    const Target trigger{"pad", axis(3)};
    const auto id = lead(kTrigger, x);
    ASSERT_TRUE(leadOutlet(tangle, id, "", 0, trigger));
    EXPECT_EQ(played(trigger), (std::vector{0, 255, 0}));
    ASSERT_TRUE(moveEnd(tangle, id, 0, {"jolly", axis(2)}));
    EXPECT_EQ(played({"jolly", axis(2)}), (std::vector{0, 32767, 0}));
    setSides(tangle, {"jolly", axis(2)}, Sides::One);
    EXPECT_EQ(played({"jolly", axis(2)}), (std::vector{-32768, 32767, -32768}));
    setSides(tangle, {"jolly", axis(2)}, Sides::Two);
    ASSERT_TRUE(setPart(tangle, id, 0, Part::Lower));
    EXPECT_EQ(played({"jolly", axis(2)}), (std::vector{0, -32768, 0}));
    EXPECT_THAT(saidOfStrands(tangle), IsEmpty());
}

TEST_F(Rest, AnExchangeOfPlacesLetsBothRestWhereTheyEndNow)
{
    const Target x{"jolly", axis(1)};
    const Target trigger{"pad", axis(3)};
    const auto first = lead(kTrigger, x);
    lead(kThumb, trigger);
    ASSERT_TRUE(moveEnd(tangle, first, 0, trigger));
    EXPECT_EQ(played(trigger), (std::vector{0, 255, 0}));
    EXPECT_EQ(played(x).front(), 0);
    EXPECT_THAT(saidOfStrands(tangle), IsEmpty());
}

TEST_F(Rest, AStageThatRestsElsewhereIsSaidWhateverItIsMadeOf)
{
    const auto id = lead(kTrigger, {"pad", axis(3)});
    auto& stage = findStrand(tangle, id)->stages[0].parameters;
    std::get<Ramp>(stage).rests = Sides::Two;
    const auto problems = findSidesProblems(StrandFindings(tangle));
    ASSERT_EQ(problems.size(), 1U);
    EXPECT_THAT(problems[0].sentence, HasSubstr("makes an axis that rests in its middle"));
    EXPECT_TRUE(remedyFor(problems[0])->apply(tangle, problems[0]));
    EXPECT_EQ(played({"pad", axis(3)}), (std::vector{0, 255, 0}));
    EXPECT_THAT(saidOfStrands(tangle), IsEmpty());
}

TEST_F(Rest, InvertingAKeyTurnsTheAxisThatItMoves)
{
    const Target x{"jolly", axis(1)};
    const auto id = lead(kTrigger, x);
    addStage(tangle, id, Invert{});
    EXPECT_EQ(played(x), (std::vector{0, -32768, 0}));
}

TEST_F(Rest, OtherwiseMadeAxesTakeTheirLimitsAlong)
{
    const auto id = lead(kDial, {"jolly", axis(1)});
    auto glide = std::get<Glide>(strand(id).stages[0].parameters);
    ASSERT_EQ(glide.rests, Sides::Two);
    glide.rests = Sides::One;
    setStage(tangle, id, 0, glide);
    const auto& set = std::get<Glide>(strand(id).stages[0].parameters);
    EXPECT_EQ(set.lowest, 0.0);
    EXPECT_EQ(restsAt(1), Sides::One) << "the axis is its own";
    EXPECT_THAT(saidOfStrands(tangle), IsEmpty());
    glide = set;
    glide.rests = Sides::Two;
    setStage(tangle, id, 0, glide);
    EXPECT_EQ(std::get<Glide>(strand(id).stages[0].parameters).lowest, -1.0);
    EXPECT_EQ(restsAt(1), Sides::Two);
    for (const StageParameters& stage :
         {StageParameters(Ramp{.to = -1.0}), StageParameters(SetValue{-1.0, -0.5}),
          StageParameters(Nudge{.begins = -0.5})}) {
        auto fits = stage;
        fit(fits, Sides::One);
        EXPECT_TRUE(complaintOf(fits).empty());
    }
}

TEST_F(Rest, AStageThatChangesWhereAnAxisRestsTakesItsOwnVirtualAxisAlong)
{
    auto id = lead(kThrottle, {"jolly", axis(1)});
    EXPECT_EQ(restsAt(1), Sides::One);
    addStage(tangle, id, Blend{.other = Source{"stick", kX}});
    EXPECT_EQ(restsAt(1), Sides::Two) << "a difference goes both ways";
    removeStage(tangle, id, 0);
    EXPECT_EQ(restsAt(1), Sides::One);
    lead(kX, {"jolly", axis(1)});
    addStage(tangle, id, Blend{.other = Source{"stick", kX}});
    EXPECT_EQ(restsAt(1), Sides::One) << "another strand rests on it";
}

TEST_F(Rest, AHalfOfALeversAxisLetsItRestInTheMiddle)
{
    const auto id = lead(kThrottle, {"jolly", axis(1)});
    ASSERT_TRUE(setPart(tangle, id, 0, Part::Upper));
    EXPECT_EQ(restsAt(1), Sides::Two);
    EXPECT_THAT(saidOfStrands(tangle), IsEmpty());
    const auto other = lead(kThrottle, {"pad", axis(3)});
    const auto before = tangle;
    const auto done = setPart(tangle, other, 0, Part::Upper);
    ASSERT_FALSE(done);
    EXPECT_THAT(done.error().sentence, HasSubstr("left trigger rests at its low end"));
    EXPECT_EQ(tangle, before);
}

TEST_F(Rest, TwoPedalsAsOneReachAllOfTheirAxis)
{
    auto& pedal = addStrand(tangle, kThrottle, axis(1), {{Blend{.other = Source{"stick", kX}}}});
    EXPECT_THAT(findHalfReaches(StrandFindings(tangle)), IsEmpty());
    std::get<Blend>(pedal.stages[0].parameters).how = Blending::Smaller;
    EXPECT_THAT(findHalfReaches(StrandFindings(tangle)), IsEmpty());
}

}  // namespace
}  // namespace jolly
