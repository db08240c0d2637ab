// SPDX-License-Identifier: GPL-3.0-or-later
#include "app/models/touch_finder.h"

#include "support/small_tangle.h"

#include <gtest/gtest.h>

#include <cmath>

namespace jolly::app
{
namespace
{

using namespace test;

/// A desk with the small stick whose controls lie in slots 0, 1, 2 ... of the live block.
class TouchFinderTest : public testing::Test
{
 protected:
    TouchFinderTest()
    {
        DeskController stick;
        stick.rig = smallStick();
        stick.isPresent = true;
        for (std::size_t i = 0; i < stick.rig.controls.size(); ++i)
            stick.slotOf.push_back(static_cast<int>(i));
        values.slots.resize(stick.rig.controls.size());
        desk.controllers.push_back(stick);
        look();
    }

    /// The code of what is touched after some milliseconds; empty when nothing is.
    std::string look(int ms = 16)
    {
        now += std::chrono::milliseconds(ms);
        const auto touched = finder.look(desk, values, now);
        return touched ? toText(touched->control) : "";
    }

    void lever(std::size_t slot, double value)
    {
        values.slots[slot].value = value;
        ++values.slots[slot].moves;
    }
    void press(std::size_t slot, int raw)
    {
        values.slots[slot].raw.x = raw;
        ++values.slots[slot].moves;
    }

    Desk desk;
    LiveSnapshot values;
    TouchFinder finder;
    Time now{};
};

TEST_F(TouchFinderTest, TheLoudestMoverWins)
{
    lever(0, 0.3);
    lever(1, 0.9);
    EXPECT_EQ(look(), "ABS_Y");
}

TEST_F(TouchFinderTest, APressIsLouderThanASmallSweep)
{
    lever(0, 0.6);
    press(3, 1);
    EXPECT_EQ(look(), "BTN_TRIGGER");
}

TEST_F(TouchFinderTest, AReleaseIsNoTouch)
{
    press(3, 1);
    look();
    press(3, 0);
    EXPECT_EQ(look(), "");
}

TEST_F(TouchFinderTest, ASlowDriftNeverAddsUp)
{
    for (int i = 1; i <= 60; ++i) {
        lever(0, i * 0.01);
        EXPECT_EQ(look(100), "") << i;
    }
}

TEST_F(TouchFinderTest, ASlowHandIsStillATouch)
{
    std::string touched;
    for (int i = 1; i <= 12 && touched.empty(); ++i) {
        lever(0, i * 0.02);
        touched = look(20);
    }
    EXPECT_EQ(touched, "ABS_X");
}

TEST_F(TouchFinderTest, AfterTheDeskChangedItBeginsAnew)
{
    lever(0, 0.9);
    values.slots.resize(values.slots.size() + 1);
    EXPECT_EQ(look(), "");
}

TEST_F(TouchFinderTest, WhatOnlyShakesIsNotTouchedHoweverLoud)
{
    for (int i = 0; i < 60; ++i) {
        lever(0, i % 2 == 0 ? 0.15 : -0.15);
        EXPECT_EQ(look(), "") << "after " << i << " shakes";
    }
    lever(1, 0.2);
    EXPECT_EQ(look(), "ABS_Y") << "a touch beside it is heard";
}

TEST_F(TouchFinderTest, AHandThatWigglesIsHeard)
{
    std::string heard;
    for (int i = 0; i < 20 && heard.empty(); ++i) {
        lever(0, 0.4 * std::sin(i * 0.016 * 2 * 3.14159 * 3));  // three times a second
        heard = look();
    }
    EXPECT_EQ(heard, "ABS_X");
}

}  // namespace
}  // namespace jolly::app
