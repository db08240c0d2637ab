// SPDX-License-Identifier: GPL-3.0-or-later
#include "app/listen/listen_field.h"
#include "window_story.h"

#include <QAction>
#include <QComboBox>
#include <QDoubleSpinBox>
#include <QMenu>
#include <QPushButton>

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

    /// Which buttons the game sees pressed.
    std::string pressed()
    {
        const auto& device = *local.world.device("Jolly");
        std::string numbers;
        for (std::size_t slot = 0; slot < device.spec.slots.size(); ++slot) {
            const auto control = device.spec.slots[slot].control;
            if (control.kind == ControlKind::Button && device.spec.values[slot].x == 1)
                numbers += std::to_string(control.number);
        }
        return numbers;
    }

    /// Likewise at each place of a control.
    std::vector<std::string> along(std::initializer_list<int> places, ControlCode of = kThrottle)
    {
        std::vector<std::string> seen;
        for (const int place : places) {
            move(of, place);
            seen.push_back(pressed());
        }
        return seen;
    }

    void add(const char* stage)
    {
        if (auto* entry = find<QAction>(stage)) entry->trigger();
        settle();
        step();
    }

    /// Lets time pass, with all that moves by itself.
    void pass(int ms)
    {
        const auto end = local.world.now() + ms * std::chrono::milliseconds(1);
        for (auto now = local.world.now(); now < end; now += std::chrono::milliseconds(4)) {
            local.world.setNow(now);
            step();
        }
        local.world.setNow(end);
        step();
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
    add("add equal slices");
    EXPECT_THAT(along({0, 100, 300, 500, 700, 900, 1000}),
                ElementsAre("5", "5", "1", "2", "3", "4", "4"));
}

TEST_F(Recipe, BothTriggersOfAPadThatShareOneAxis)
{
    move(kY, 600);
    click("axis 1");
    add("add half");
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

TEST_F(Recipe, ATwoWaySwitchThatHasTwoPositions)
{
    move(kToggle, 1);
    move(kToggle, 0);
    click("button 3");
    add("add both ends");
    EXPECT_THAT(along({0, 1, 0}, kToggle), ElementsAre("1", "3", "1"));
    find<QPushButton>("how on")->menu()->actions()[1]->trigger();
    settle();
    step();
    EXPECT_THAT(along({1}, kToggle), ElementsAre("3"));
    pass(100);
    EXPECT_EQ(pressed(), "") << "a pulse is over by itself";
}

TEST_F(Recipe, APushThatStaysAndAnotherThatLetsGo)
{
    move(kTrigger, 1);
    move(kTrigger, 0);
    click("button 3");
    add("add set and clear");
    ASSERT_TRUE(find<app::ListenField>("clear"));
    find<app::ListenField>("clear")->listen();
    move(kThumb, 1);
    move(kThumb, 0);
    EXPECT_THAT(along({1, 0}, kTrigger), ElementsAre("3", "3"));
    EXPECT_THAT(along({1, 0}, kThumb), ElementsAre("", ""));
}

TEST_F(Recipe, KeysThatPressTwoPedals)
{
    move(kTrigger, 1);
    move(kTrigger, 0);
    click("axis 1");
    move(kThumb, 1);
    move(kThumb, 0);
    click("axis 2");
    const auto& device = *local.world.device("Jolly");
    move(kTrigger, 1);
    pass(250);
    EXPECT_GT(device.spec.values[0].x, 10'000);
    EXPECT_LT(device.spec.values[0].x, 24'000);
    pass(1000);
    EXPECT_EQ(device.spec.values[0].x, device.spec.slots[0].high);
    EXPECT_EQ(device.spec.values[1].x, 0);
    move(kTrigger, 0);
    move(kThumb, 1);
    pass(1000);
    EXPECT_EQ(device.spec.values[0].x, 0);
    EXPECT_EQ(device.spec.values[1].x, device.spec.slots[1].high);
}

TEST_F(Recipe, AHatAsFourButtons)
{
    move(kHat, 1);
    move(kHat, 0);
    click("button 5");
    EXPECT_THAT(along({-1, 0, 1}, kHat), ElementsAre("3", "", "1"));
}

}  // namespace
}  // namespace jolly
