// SPDX-License-Identifier: GPL-3.0-or-later
#include "core/tangle/signals.h"
#include "core/weave/weave.h"
#include "machine_story.h"

/// Axes that become buttons: tables of values by hand, against what docs/stages.md says.
namespace jolly
{
namespace
{

using namespace test;
using testing::Contains;
using testing::ElementsAre;
using testing::HasSubstr;
using testing::IsEmpty;

class Digital : public MachineStory
{
 protected:
    /// The one-sided lever through `stage`, outlet by outlet to button 1, 2 and so on.
    void weave(StageParameters stage, ControlCode from = kThrottle)
    {
        tangle = smallTangle();
        auto& strand = addStrand(tangle, from, button(1), {{stage}});
        strand.ends.clear();
        std::uint16_t number = 1;
        for (const auto& outlet : outletsOf(strand))
            strand.ends.push_back({outlet, Target{"jolly", button(number++)}});
        start();
    }

    /// Which buttons are pressed after a move to each place.
    std::vector<std::string> along(std::initializer_list<int> places)
    {
        std::vector<std::string> pressed;
        for (const int place : places) {
            move(kThrottle, place);
            std::string buttons;
            for (std::uint16_t n = 1; n <= 8; ++n)
                buttons += at(button(n)) == 1 ? std::to_string(n) : "";
            pressed.push_back(buttons);
        }
        return pressed;
    }

    /// What is pressed and let go until nothing moves any more, with the time in ms.
    std::vector<std::string> afterwards()
    {
        std::vector<std::string> lines;
        const auto tell = [&] {
            for (const auto& line : seen())
                lines.push_back(std::to_string(now / kMs) + ": " + line);
        };
        tell();
        while (machine->nextTick() != Time::max()) {
            now = machine->nextTick();
            machine->tick(now);
            tell();
        }
        return lines;
    }

    std::vector<std::string> complaints()
    {
        std::vector<std::string> texts;
        for (const auto& problem : findProblems(tangle)) {
            if (problem.path.starts_with("/strands"))
                texts.push_back(problem.path +
                                oneAfterOther(problem.sentence, problem.cure).english());
        }
        return texts;
    }
};

const SlicePart kGuard{"guard", 0.1, 1.0, 0.085, 1.0};
const SlicePart kDrop{"drop", 0.95, 1.0, 0.935, 1.0};

TEST_F(Digital, ATriggerInTwoStagesPilesUpWithEdgesOfItsOwn)
{
    weave(Slice{{kGuard, kDrop}});
    EXPECT_THAT(along({0, 99, 100, 90, 84, 500, 949, 950, 936, 934, 1000, 0}),
                ElementsAre("", "", "1", "1", "", "1", "1", "12", "12", "1", "12", ""));
}

TEST_F(Digital, ExcludingSlicesPressTheLastThatHolds)
{
    weave(Slice{{kGuard, kDrop}, Overlap::Exclude});
    EXPECT_THAT(along({50, 500, 950, 940, 900, 0}), ElementsAre("", "1", "2", "2", "1", ""));
}

TEST_F(Digital, AFastMoveThroughASliceIsOneFrame)
{
    weave(Slice{{kGuard, kDrop}});
    move(kThrottle, 0);
    move(kThrottle, 1000);
    EXPECT_THAT(seen(), ElementsAre("button 1 = 1", "button 2 = 1"));
    move(kThrottle, 0);
    EXPECT_THAT(seen(), ElementsAre("button 1 = 0", "button 2 = 0"));
}

TEST_F(Digital, EqualSlicesPressExactlyOne)
{
    weave(EqualSlices{.count = 5, .edge = 0.01});
    EXPECT_THAT(along({0, 199, 205, 211, 195, 189, 400, 1000, 800, 789}),
                ElementsAre("1", "1", "1", "2", "2", "1", "3", "5", "5", "4"));
}

TEST_F(Digital, ARatchetGivesPulsesThatAGameCanSee)
{
    weave(Ratchet{.step = 0.1, .pulse = 40});
    move(kThrottle, 500);
    EXPECT_THAT(afterwards(), IsEmpty()) << "where it begins counts nothing";
    now = 100 * kMs - Time(1);
    move(kThrottle, 700);
    EXPECT_THAT(afterwards(), ElementsAre("100: button 1 = 1", "140: button 1 = 0",
                                          "180: button 1 = 1", "220: button 1 = 0"));
    now = 1000 * kMs - Time(1);
    move(kThrottle, 601);
    EXPECT_THAT(afterwards(), IsEmpty()) << "not a whole step";
    now = 2000 * kMs - Time(1);
    move(kThrottle, 600);
    EXPECT_THAT(afterwards(), ElementsAre("2000: button 2 = 1", "2040: button 2 = 0"));
}

TEST_F(Digital, StepsThereAndBackCancelAndTheOnesThatWaitAreBounded)
{
    weave(Ratchet{.step = 0.01, .pulse = 10});
    move(kThrottle, 0);
    for (int i = 0; i < 5; ++i) {
        move(kThrottle, 1000);
        move(kThrottle, 0);
    }
    EXPECT_LE(afterwards().size(), 4U);
    for (int i = 0; i < 10; ++i) move(kThrottle, i % 2 == 0 ? 1000 : 0);
    EXPECT_LE(afterwards().size(), 2U * Pulses::kMost + 2);
}

TEST_F(Digital, ALostLeverLetsGoOfEverything)
{
    weave(Slice{{kGuard, kDrop}});
    move(kThrottle, 1000);
    static_cast<void>(seen());
    lose(*machine, input(kThrottle), now);
    EXPECT_THAT(seen(), ElementsAre("button 2 = 0", "button 1 = 0"));
    EXPECT_EQ(machine->nextTick(), Time::max());
}

TEST_F(Digital, AnEditInFlightLeavesHeldWhatIsHeld)
{
    weave(Slice{{kGuard, kDrop}});
    move(kThrottle, 940);
    raws[kThrottle] = {940, 0};
    move(kThrottle, 1000);
    move(kThrottle, 940);
    static_cast<void>(seen());
    std::get<Slice>(tangle.strands[0].stages[0].parameters).slices[0].from = 0.2;
    edit();
    EXPECT_EQ(at(button(2)), 1) << "within the let-go edge, as before the edit";
}

TEST_F(Digital, AnEndThatLeadsToNothingIsSilent)
{
    weave(Slice{{kGuard, kDrop}});
    tangle.strands[0].ends[0].goal = Nothing{};
    EXPECT_THAT(complaints(), IsEmpty());
    start();
    move(kThrottle, 1000);
    EXPECT_THAT(seen(), ElementsAre("button 2 = 1"));
}

TEST_F(Digital, TheSignalsAndOutletsOfAStrandAreTold)
{
    weave(Slice{{kGuard, kDrop}});
    const auto signals = signalsOf(tangle, tangle.strands[0]);
    EXPECT_EQ(signals.front().kind, ControlKind::Axis);
    EXPECT_EQ(signals.front().sides, Sides::One);
    EXPECT_EQ(signals.back().kind, ControlKind::Button);
    EXPECT_THAT(outletsOf(tangle.strands[0]), ElementsAre("guard", "drop"));
}

TEST_F(Digital, WhatDoesNotFitIsToldWithPlaceAndCure)
{
    const auto says = [&](StageParameters stage, const char* text) {
        weave(std::move(stage));
        EXPECT_THAT(complaints(), Contains(HasSubstr(text)));
    };
    says(Slice{{{"a", 0.5, 0.4, 0.3, 0.6}}}, "ends at 40.0 %, before it begins at 50.0 %");
    says(Slice{{{"a", 0.5, 0.6, 0.55, 0.7}}}, "is let go below 55.0 %");
    says(Slice{{{"a", 0.5, 0.6, 0.4, 0.5}}}, "is let go above 50.0 %");
    says(Slice{{kGuard, kGuard}}, "two slices are called \"guard\"");
    says(Slice{SliceParts{}}, "it has no slice");
    says(Slice{SliceParts(300, kGuard)}, "it has 300 slices; at most 32 are allowed");
    says(EqualSlices{.count = 2.5}, "must be whole");
    says(EqualSlices{.count = 10, .edge = 0.08}, "narrower");
    weave(Slice{{kGuard}});
    tangle.strands[0].ends[0].outlet = "gone";
    EXPECT_THAT(complaints(), Contains(HasSubstr("/strands/0/ends/0/outlet")));
    EXPECT_THAT(complaints(), Contains(HasSubstr("Name one of: guard.")));
    weave(Slice{{kGuard}});
    tangle.strands[0].ends.clear();
    EXPECT_THAT(complaints(), Contains(HasSubstr("ends nowhere")));
    weave(Slice{{kGuard, kDrop}});
    tangle.strands[0].stages.push_back({Invert{}});
    EXPECT_THAT(complaints(), Contains(HasSubstr("which has several outlets. Make it the last")));
    weave(Slice{{kGuard}});
    tangle.strands[0].stages.push_back({Curve{}});
    EXPECT_THAT(complaints(), Contains(HasSubstr("does nothing for a button, as which it leaves "
                                                 "the stage before. Put it in front")));
    weave(Slice{{kGuard}}, kTrigger);
    EXPECT_THAT(complaints(), Contains(HasSubstr("does nothing for a button")));
}

}  // namespace
}  // namespace jolly
