// SPDX-License-Identifier: GPL-3.0-or-later
#include "button_story.h"
#include "core/tangle/stage_complaint.h"

/// Every timed stage at the least and the most that its times can be: when what happens, by hand.
namespace jolly
{
namespace
{

using namespace test;
using testing::ElementsAre;
using testing::HasSubstr;
using testing::IsEmpty;

using Lines = std::vector<std::string>;

class TimedLimits : public ButtonStory
{
 protected:
    /// A press at 1000 ms that is let go after `held` ms, and all that comes of it until `end` ms.
    Lines press(int held, int end)
    {
        now = 1000 * kMs - Time(1);
        ButtonStory::press(kTrigger);
        auto lines = until(1000 + held);
        release(kTrigger);
        const auto more = until(end);
        lines.insert(lines.end(), more.begin(), more.end());
        return lines;
    }

    template <class Stage>
    Lines through(Stage stage, int held, int end)
    {
        EXPECT_EQ(complaintOf(stage), "");
        weave(stage);
        prime(kTrigger, 0);
        static_cast<void>(seen());
        return press(held, end);
    }

    static std::string complaintAbout(const StageParameters& stage)
    {
        return complaintOf(stage).english();
    }
};

TEST_F(TimedLimits, Debounce)
{
    EXPECT_THAT(through(Debounce{1}, 1, 3000),
                ElementsAre("1000: button 1 = 1", "1001: button 1 = 0"));
    EXPECT_THAT(through(Debounce{500}, 10, 3000),
                ElementsAre("1000: button 1 = 1", "1500: button 1 = 0"));
    EXPECT_THAT(complaintAbout(Debounce{0}), HasSubstr("goes from 1 ms to 500 ms"));
    EXPECT_THAT(complaintAbout(Debounce{501}), HasSubstr("goes from 1 ms to 500 ms"));
}

TEST_F(TimedLimits, Delay)
{
    EXPECT_THAT(through(Delay{1}, 10, 3000),
                ElementsAre("1001: button 1 = 1", "1011: button 1 = 0"));
    EXPECT_THAT(through(Delay{60'000}, 10, 70'000),
                ElementsAre("61000: button 1 = 1", "61010: button 1 = 0"));
    EXPECT_THAT(complaintAbout(Delay{3'600'000}), HasSubstr("60000 ms"));
}

TEST_F(TimedLimits, Repeat)
{
    EXPECT_THAT(through(Repeat{20, 20}, 45, 3000),
                ElementsAre("1000: button 1 = 1", "1010: button 1 = 0", "1020: button 1 = 1",
                            "1030: button 1 = 0", "1040: button 1 = 1", "1050: button 1 = 0"));
    EXPECT_THAT(through(Repeat{10'000, 10'000}, 12'000, 30'000),
                ElementsAre("1000: button 1 = 1", "6000: button 1 = 0", "11000: button 1 = 1",
                            "16000: button 1 = 0"));
}

TEST_F(TimedLimits, PressKinds)
{
    EXPECT_THAT(through(PressKinds{50, 50, 10}, 49, 3000),
                ElementsAre("1099: button 1 = 1", "1109: button 1 = 0"));
    EXPECT_THAT(through(PressKinds{50, 50, 10}, 60, 3000),
                ElementsAre("1050: button 2 = 1", "1060: button 2 = 0"));
    EXPECT_THAT(through(PressKinds{5000, 2000, 1000}, 4999, 30'000),
                ElementsAre("7999: button 1 = 1", "8999: button 1 = 0"));
    EXPECT_THAT(through(PressKinds{5000, 2000, 1000}, 5001, 30'000),
                ElementsAre("6000: button 2 = 1", "6001: button 2 = 0"));
}

TEST_F(TimedLimits, Ramp)
{
    weave(Ramp{.to = 1.0, .rise = 0.0, .fall = 0.0});
    prime(kTrigger, 0);
    static_cast<void>(seen());
    EXPECT_THAT(press(10, 3000), ElementsAre("1000: axis 1 = 32767", "1010: axis 1 = 0"));
    weave(Ramp{.to = 1.0, .rise = 60'000.0, .fall = 60'000.0});
    prime(kTrigger, 0);
    ButtonStory::press(kTrigger);
    const auto began = now / kMs;
    static_cast<void>(until(static_cast<int>(began) + 30'000));
    EXPECT_NEAR(at(axis(1)), 16384, 10) << "half way after half of its minute";
    static_cast<void>(until(static_cast<int>(began) + 60'010));
    EXPECT_EQ(at(axis(1)), 32767);
}

TEST_F(TimedLimits, Nudge)
{
    const auto nudge = [](double after, double every) {
        return Nudge{.step = 0.5, .lowest = -1, .highest = 1, .after = after, .every = every};
    };
    EXPECT_THAT(through(nudge(50, 10), 55, 3000),
                ElementsAre("1000: axis 1 = 16384", "1050: axis 1 = 32767"));
    EXPECT_THAT(through(nudge(10'000, 10'000), 10'001, 30'000),
                ElementsAre("1000: axis 1 = 16384", "11000: axis 1 = 32767"));
}

TEST_F(TimedLimits, PulsesOfAnEnd)
{
    for (const auto& [pulse, over] :
         {std::pair(10.0, "1010: button 1 = 0"), {10'000.0, "11000: button 1 = 0"}}) {
        weaveEnd(How::Pulse, pulse);
        prime(kTrigger, 0);
        EXPECT_THAT(press(5, 20'000), ElementsAre("1000: button 1 = 1", over));
    }
}

TEST_F(TimedLimits, PulsesOfADial)
{
    for (const double pulse : {10.0, 1000.0}) {
        weave(TurnPulses{.pulse = pulse}, kDial);
        prime(kDial, 0);
        now = 1000 * kMs - Time(1);
        move(kDial, 2);
        const auto ms = static_cast<int>(pulse);
        const auto line = [&](int times, const char* words) {
            return std::to_string(1000 + times * ms) + words;
        };
        EXPECT_THAT(until(9000), ElementsAre(line(0, ": button 1 = 1"), line(1, ": button 1 = 0"),
                                             line(2, ": button 1 = 1"), line(3, ": button 1 = 0")));
    }
    EXPECT_THAT(complaintAbout(TurnPulses{.pulse = 0.0}), HasSubstr("10 ms to 1000 ms"));
}

TEST_F(TimedLimits, StepsOfASwitch)
{
    const SwitchPlaces places = {{"off", std::nullopt}, {"on", Source{"stick", kTrigger}}};
    EXPECT_THAT(through(SwitchSteps{places, 10}, 100, 3000),
                ElementsAre("1000: button 1 = 1", "1010: button 1 = 0", "1100: button 2 = 1",
                            "1110: button 2 = 0"));
    EXPECT_THAT(through(SwitchSteps{places, 1000}, 100, 9000),
                ElementsAre("1000: button 1 = 1", "2000: button 1 = 0", "3000: button 2 = 1",
                            "4000: button 2 = 0"))
        << "a gap as long lies between them";
}

TEST_F(TimedLimits, NothingIsLeftToHappenAfterwards)
{
    EXPECT_THAT(through(Delay{60'000}, 10, 70'000), testing::Not(IsEmpty()));
    EXPECT_EQ(machine->nextTick(), Time::max());
}

}  // namespace
}  // namespace jolly
