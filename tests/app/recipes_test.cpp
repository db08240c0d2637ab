// SPDX-License-Identifier: GPL-3.0-or-later
#include "window_story.h"

#include <QAction>
#include <QDoubleSpinBox>

/// Plays docs/recipes.md in the window, and looks at what a game gets.
namespace jolly
{
namespace
{

using namespace test;
using testing::ElementsAre;

class Recipe : public WindowStory
{
 protected:
    Recipe() { EXPECT_TRUE(goLive()); }

    void set(const char* box, double percent)
    {
        if (auto* found = find<QDoubleSpinBox>(box)) found->setValue(percent);
        settle();
        step();
    }

    /// Which of the first four buttons the game sees pressed, at each place of the lever.
    std::vector<std::string> along(std::initializer_list<int> places)
    {
        std::vector<std::string> seen;
        for (const int place : places) {
            move(kThrottle, place);
            const auto& device = *local.world.device("Jolly");
            std::string pressed;
            for (std::size_t slot = 0; slot < device.spec.slots.size(); ++slot) {
                const auto control = device.spec.slots[slot].control;
                if (control.kind == ControlKind::Button && device.spec.values[slot].x == 1)
                    pressed += std::to_string(control.number);
            }
            seen.push_back(pressed);
        }
        return seen;
    }
};

TEST_F(Recipe, ATriggerInTwoStages)
{
    move(kThrottle, 600);
    click("button 5");
    click("stage 0");
    set("from 1", 10.0);
    move(kThrottle, 950);
    click("add slice");
    step();
    EXPECT_THAT(along({0, 99, 101, 500, 949, 951, 936, 930, 70}),
                ElementsAre("", "", "5", "5", "5", "15", "15", "5", ""));
}

TEST_F(Recipe, TheLastPartOfALeverAsALatch)
{
    move(kThrottle, 600);
    click("button 3");
    click("stage 0");
    set("from 1", 94.0);
    set("let go below 1", 93.0);
    EXPECT_THAT(along({0, 939, 941, 1000, 931, 929}), ElementsAre("", "", "3", "3", "3", ""));
}

TEST_F(Recipe, ALeverAsFiveZones)
{
    move(kThrottle, 600);
    click("button 5");
    find<QAction>("add equal slices")->trigger();
    settle();
    step();
    EXPECT_THAT(along({0, 100, 300, 500, 700, 900, 1000}),
                ElementsAre("5", "5", "1", "2", "3", "4", "4"));
}

}  // namespace
}  // namespace jolly
