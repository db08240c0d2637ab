// SPDX-License-Identifier: GPL-3.0-or-later
#include "button_story.h"

/// Ends that give pulses: tables of times by hand, against what docs/stages.md says.
namespace jolly
{
namespace
{

using namespace test;
using testing::ElementsAre;
using testing::IsEmpty;

using PulsingEnds = ButtonStory;

TEST_F(PulsingEnds, AnEndGivesAPulseAtEitherEdge)
{
    weaveEnd(How::Pulse, 60);
    until(1000);
    press(kTrigger);
    EXPECT_THAT(until(1500), ElementsAre("1000: button 1 = 1", "1060: button 1 = 0"));
    release(kTrigger);
    EXPECT_THAT(until(2000), IsEmpty());
    weaveEnd(How::PulseAtRelease);
    press(kTrigger);
    EXPECT_THAT(until(2500), IsEmpty());
    release(kTrigger);
    EXPECT_THAT(until(3000), ElementsAre("2500: button 1 = 1", "2540: button 1 = 0"));
    weaveEnd(How::PulseAtBoth);
    press(kTrigger);
    release(kTrigger);
    EXPECT_THAT(until(4000), ElementsAre("3000: button 1 = 1", "3040: button 1 = 0",
                                         "3080: button 1 = 1", "3120: button 1 = 0"))
        << "one after the other, with a gap";
}

TEST_F(PulsingEnds, ABurstOfAnEncoderLosesNothing)
{
    weaveEnd(How::Pulse, 20);
    until(1000);
    for (int i = 0; i < 200; ++i) {  // in a second
        press(kTrigger);
        now += kMs;
        release(kTrigger);
        now += 4 * kMs;
        machine->tick(now);
    }
    std::size_t presses = 0;
    while (machine->nextTick() != Time::max()) {
        now = machine->nextTick();
        machine->tick(now);
        for (const auto& line : seen()) presses += line == "button 1 = 1" ? 1 : 0;
    }
    EXPECT_GE(presses, 170U) << "those that were still to come";
}

TEST_F(PulsingEnds, ALostButtonLetsGoOfItsPulse)
{
    weaveEnd(How::Pulse);
    for (int i = 0; i < 6; ++i) move(kTrigger, i % 2 == 0 ? 1 : 0);
    EXPECT_THAT(seen(), ElementsAre("button 1 = 1"));
    lose(*machine, input(kTrigger), ++now);
    EXPECT_THAT(seen(), ElementsAre("button 1 = 0"));
    EXPECT_EQ(machine->nextTick(), Time::max()) << "and of those that waited";
}

TEST_F(PulsingEnds, AnEditInFlightDoesNotCutAPulse)
{
    weaveEnd(How::Pulse, 100);
    raws[kTrigger] = {1, 0};
    until(1000);
    press(kTrigger);
    until(1050);
    tangle.strands.front().note = "an edit";
    edit();
    static_cast<void>(seen());
    EXPECT_EQ(pressed(), "1");
    EXPECT_THAT(until(2000), ElementsAre("1100: button 1 = 0"));
}

}  // namespace
}  // namespace jolly
