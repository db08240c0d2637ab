// SPDX-License-Identifier: GPL-3.0-or-later
#include "window_story.h"

#include <QAction>
#include <QComboBox>
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

    void choose(const QWidget& in, const char* box, int way)
    {
        auto* found = in.findChild<QComboBox*>(QLatin1String(box));
        ASSERT_NE(found, nullptr);
        found->setCurrentIndex(way);
        Q_EMIT found->activated(way);
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
    EXPECT_THAT(along({0, 99, 101, 500, 949, 951, 941, 938, 70}),
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

TEST_F(Recipe, BothTriggersOfAPadThatShareOneAxis)
{
    move(kY, 600);
    click("axis 1");
    find<QAction>("add half")->trigger();
    settle();
    step();
    click("axis 2");
    const auto second = strands().back().id;
    ASSERT_NE(window.weavePage().cardOf(second), nullptr);
    window.weavePage().cardOf(second)->findChild<QAction*>("add half")->trigger();
    settle();
    choose(*window.weavePage().cardOf(second), "side", 1);
    const auto& device = *local.world.device("Jolly");
    const auto pulled = [&](int place) {
        move(kY, place);
        return std::pair(device.spec.values[0].x, device.spec.values[1].x);
    };
    const auto least = device.spec.slots[0].low;
    const auto most = device.spec.slots[0].high;
    EXPECT_EQ(pulled(0), std::pair(least, least));
    EXPECT_EQ(pulled(1000), std::pair(most, least));
    EXPECT_EQ(pulled(-1000), std::pair(least, most));
}

}  // namespace
}  // namespace jolly
