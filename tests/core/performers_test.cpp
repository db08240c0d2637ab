// SPDX-License-Identifier: GPL-3.0-or-later
#include "button_story.h"

#include <linux/input-event-codes.h>

/// What presses began goes on to its end, whatever becomes of their strands meanwhile.
namespace jolly
{
namespace
{

using namespace test;
using testing::ElementsAre;
using testing::IsEmpty;

class Performing : public ButtonStory
{
 protected:
    Performing()
    {
        tangle.devices.push_back(
            {.id = "keys", .name = "Keys", .kind = VirtualKind::Keyboard, .number = 2});
        tangle.layers.push_back({.id = "water", .name = "On water"});
        addStrand(tangle, kThumb, button(1)).ends[0].goal = LayerGoal{"water", Engage::Hold};
    }

    /// The trigger gives pulses of 100 ms to these keys, in a layer.
    Strand& pulse(const std::string& layer, std::vector<std::uint16_t> codes)
    {
        auto& strand = addStrand(tangle, kTrigger, button(1));
        strand.layer = layer;
        strand.ends[0] = {{}, Chord{"keys", std::move(codes)}, How::Pulse, 100.0};
        return strand;
    }
    /// Holds the layer from the next frame on.
    void hold()
    {
        press(kThumb);
        static_cast<void>(seen());
    }
    /// A new machine tells all anew.
    void editAndSee()
    {
        edit();
        static_cast<void>(seen());
    }
    void tap(ControlCode code)
    {
        press(code);
        release(code);
    }
};

TEST_F(Performing, PulsesOfALayerThatWentGoOnKeyByKey)
{
    pulse("water", {KEY_LEFTCTRL, KEY_G});
    start();
    hold();
    tap(kTrigger);
    tap(kTrigger);
    release(kThumb);
    EXPECT_THAT(until(1000),
                ElementsAre("0: button 29 = 1", "0: button 34 = 1", "100: button 34 = 0",
                            "100: button 29 = 0", "200: button 29 = 1", "200: button 34 = 1",
                            "300: button 34 = 0", "300: button 29 = 0"));
    EXPECT_EQ(machine->nextTick(), Time::max());
}

TEST_F(Performing, APulseThatGoesOnAndANewPressAreTwoPulses)
{
    pulse("water", {KEY_G});
    start();
    hold();
    tap(kTrigger);
    release(kThumb);
    EXPECT_THAT(until(50), ElementsAre("0: button 34 = 1"));
    hold();
    tap(kTrigger);
    EXPECT_THAT(until(1000),
                ElementsAre("100: button 34 = 0", "200: button 34 = 1", "300: button 34 = 0"));
}

TEST_F(Performing, AnEditOfAnythingElseLeavesItsPulsesAlone)
{
    pulse("", {KEY_LEFTCTRL, KEY_G}).layer = kBase;
    start();
    tap(kTrigger);
    tap(kTrigger);
    EXPECT_THAT(until(50), ElementsAre("0: button 29 = 1", "0: button 34 = 1"));
    tangle.strands.front().note = "an edit";
    editAndSee();
    EXPECT_THAT(until(1000),
                ElementsAre("100: button 34 = 0", "100: button 29 = 0", "200: button 29 = 1",
                            "200: button 34 = 1", "300: button 34 = 0", "300: button 29 = 0"));
}

TEST_F(Performing, AnEditOfItsKeysOrOfHowItPressesLetsGoOfAll)
{
    const auto before = pulse("", {KEY_LEFTCTRL, KEY_G}).ends[0];
    tangle.strands.back().layer = kBase;
    for (const bool areKeys : {true, false}) {
        tangle.strands.back().ends[0] = before;
        start();
        tap(kTrigger);
        tap(kTrigger);
        static_cast<void>(until(50));
        auto& end = tangle.strands.back().ends[0];
        if (areKeys) end.goal = Chord{"keys", {KEY_LEFTCTRL, KEY_H}};
        if (!areKeys) end.how = How::PulseAtRelease;
        edit();
        EXPECT_EQ(at(button(KEY_LEFTCTRL)), 0) << areKeys;
        EXPECT_EQ(at(button(KEY_G)), 0) << areKeys;
        EXPECT_EQ(machine->nextTick(), Time::max()) << areKeys;
    }
}

TEST_F(Performing, APulseEndsAlthoughItsStrandWaitsForTheRelease)
{
    pulse("", {KEY_G}).layer = kBase;
    pulse("water", {KEY_H}).ends[0].how = How::Held;
    start();
    tap(kTrigger);
    EXPECT_THAT(seen(), ElementsAre("button 34 = 1"));
    hold();
    press(kTrigger);  // is the other strand's
    EXPECT_THAT(until(50), ElementsAre("0: button 35 = 1"));
    tangle.strands.pop_back();
    raws[kTrigger] = raws[kThumb] = {1, 0};
    editAndSee();
    EXPECT_THAT(until(1000), ElementsAre("100: button 34 = 0"))
        << "and the press that it has not seen is none";
    release(kTrigger);
    EXPECT_THAT(until(2000), IsEmpty());
}

TEST_F(Performing, ALostControllerEndsWhatGoesOn)
{
    pulse("water", {KEY_LEFTCTRL, KEY_G});
    start();
    hold();
    tap(kTrigger);
    tap(kTrigger);
    release(kThumb);
    static_cast<void>(seen());
    lose(*machine, input(kTrigger), ++now);
    EXPECT_THAT(seen(), ElementsAre("button 34 = 0", "button 29 = 0"));
    EXPECT_EQ(machine->nextTick(), Time::max());
}

}  // namespace
}  // namespace jolly
