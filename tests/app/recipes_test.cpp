// SPDX-License-Identifier: GPL-3.0-or-later
#include "recipe_story.h"

#include <linux/input-event-codes.h>

#include <QMenu>
#include <QPushButton>

/// Plays docs/recipes.md in the window, and looks at what a game gets.
namespace jolly
{
namespace
{

using namespace test;
using testing::ElementsAre;

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
                ElementsAre("", "", "5", "5", "5", "56", "56", "5", ""));
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
    add("equal slices");
    EXPECT_THAT(along({0, 100, 300, 500, 700, 900, 1000}),
                ElementsAre("5", "5", "6", "7", "8", "1", "1"));
}

TEST_F(Recipe, BothTriggersOfAPadThatShareOneAxis)
{
    move(kY, 600);
    click("axis 1");
    add("half");
    click("axis 2");
    const auto second = strands().back().id;
    ASSERT_NE(window.weavePage().cardOf(second), nullptr);
    addStage("half", *window.weavePage().cardOf(second));
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
    add("both ends");
    EXPECT_THAT(along({0, 1, 0}, kToggle), ElementsAre("4", "3", "4"));
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
    add("set and clear");
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

TEST_F(Recipe, ARudderOfTwoPedals)
{
    const auto second = plug(describe(smallStick("pedals")));
    move(kThrottle, 600);
    move(kThrottle, 0);
    click("axis 2");
    turn(second, 2, 600);
    turn(second, 2, 1000);
    click("axis 2");
    click("lead the other way");
    step();
    const auto& device = *local.world.device("Jolly");
    const auto at = [&] { return device.spec.values[1].x; };
    EXPECT_EQ(at(), 32767) << "the second pedal is down";
    turn(second, 2, 0);
    EXPECT_EQ(at(), 0);
    move(kThrottle, 1000);
    EXPECT_EQ(at(), -32768);
}

TEST_F(Recipe, TwoKeysAsOneAxis)
{
    move(kTrigger, 1);
    move(kTrigger, 0);
    click("axis 2");
    move(kThumb, 1);
    move(kThumb, 0);
    click("axis 2");
    click("lead the other way");
    EXPECT_TRUE(studio.preflight().problems().empty()) << "they are meant to meet";
    EXPECT_EQ(strands()[0].ends[0].part, Part::Lower);
    EXPECT_EQ(strands()[1].ends[0].part, Part::Upper);
}

TEST_F(Recipe, AWholeControllerLikeForLike)
{
    EXPECT_EQ(find<QPushButton>("lead all")->accessibleName(), "Small stick: lead all of it…");
    click("lead all");
    click("like own");
    EXPECT_EQ(strands().size(), document.tangle().rig[0].controls.size());
    EXPECT_EQ(document.tangle().devices.size(), 2U);
    EXPECT_TRUE(textOf("said").startsWith("8 controls of Small stick lead on now."));
    document.history().undo();
    EXPECT_TRUE(strands().empty()) << "one step";
    EXPECT_EQ(document.tangle().devices.size(), 1U);
}

TEST_F(Recipe, AHatAsFourButtons)
{
    move(kHat, 1);
    move(kHat, 0);
    click("button 5");
    EXPECT_THAT(along({-1, 0, 1}, kHat), ElementsAre("8", "", "6"));
}

TEST_F(Recipe, ASwitchOfThreePositions)
{
    move(kToggle, 1);
    move(kToggle, 0);
    click("button 3");
    add("switch");
    listen("add position");
    move(kTrigger, 1);
    move(kTrigger, 0);
    EXPECT_THAT(along({1, 0}, kToggle), ElementsAre("3", "4"));
    EXPECT_THAT(along({1, 0}, kTrigger), ElementsAre("5", "4")) << "the other side, and back";
}

TEST_F(Recipe, AKeyboardAsAPad)
{
    const auto keyboard = plug(keyboardWith({KEY_W, KEY_A, KEY_S, KEY_D}));
    touch(keyboard, 0);
    click("hat 1");
    ASSERT_EQ(strands().size(), 1U);
    click("stage 0");
    for (const auto& [field, key] : {std::pair("right", 3), {"down", 2}, {"left", 1}}) {
        listen(field);
        touch(keyboard, key);
    }
    const auto& device = *local.world.device("Jolly");
    const auto hatNow = [&] { return device.spec.values.back(); };
    turn(keyboard, 0, 1);
    EXPECT_EQ(hatNow(), (Counts{0, -1}));
    turn(keyboard, 3, 1);
    EXPECT_EQ(hatNow(), (Counts{1, -1})) << "up and right";
    turn(keyboard, 0, 0);
    turn(keyboard, 3, 0);
    EXPECT_EQ(hatNow(), (Counts{0, 0}));
}

TEST_F(Recipe, ThePointerAsAStick)
{
    const auto pointer = plug({.identity = {3, 0x6a01, 7, 1, "Test Pointer", "", "usb-9"},
                               .kind = ControllerKind::Pointer,
                               .controls = {turner(REL_X), turner(REL_Y), turner(REL_WHEEL)}});
    for (const auto& [place, axis] : {std::pair(0, "axis 1"), {1, "axis 2"}, {2, "axis 4"}}) {
        turn(pointer, place, 30);
        turn(pointer, place, 30);
        click(axis);
    }
    ASSERT_EQ(strands().size(), 3U);
    const auto& values = local.world.device("Jolly")->spec.values;
    const auto before = values[0].x;
    turn(pointer, 0, -10);
    EXPECT_LT(values[0].x, before);
    turn(pointer, 1, 10);
    turn(pointer, 2, 10);
    EXPECT_GT(values[1].x, 0);
    EXPECT_GT(values[3].x, 0);
}

TEST_F(Recipe, TwoSticksAsOneJoystickWithKeysAndClicksBeside)
{
    const auto second = plug(describe(smallStick("second")));
    move(kX, 900);
    click("axis 1");
    turn(second, 1, 900);
    click("axis 2");
    move(kTrigger, 1);
    move(kTrigger, 0);
    click("button 1");
    chooseGoal("goal ", "Keys: press them together…");
    record({Qt::Key_Control, Qt::Key_G});
    move(kThumb, 1);
    move(kThumb, 0);
    for (auto* action : find<QPushButton>("add device")->menu()->actions()) {
        if (action->text() == "Pointer") action->trigger();
    }
    settle();
    const auto pointer = document.tangle().devices.back().id;
    auto* plate =
        window.findChild<QWidget*>(QString::fromStdString(document.tangle().devices.back().name));
    ASSERT_NE(plate, nullptr);
    QTest::mouseClick(plate->findChild<QWidget*>("button 1"), Qt::LeftButton);
    settle();
    step();
    pass(200);
    ASSERT_EQ(strands().size(), 4U);
    EXPECT_EQ(strands()[3].ends[0].goal, Goal(Target{pointer, button(1)}));
    const auto& values = local.world.device("Jolly")->spec.values;
    move(kX, -1000);
    turn(second, 1, 1000);
    EXPECT_EQ(values[0].x, -32768);
    EXPECT_EQ(values[1].x, 32767);
    move(kTrigger, 1);
    move(kThumb, 1);
    const auto isDown = [&](const char* name, std::uint16_t code) {
        const auto& device = *local.world.device(name);
        for (std::size_t i = 0; i < device.spec.slots.size(); ++i) {
            if (device.spec.slots[i].code == ControlCode{EventType::Key, code, 0})
                return device.spec.values[i].x == 1;
        }
        return false;
    };
    EXPECT_TRUE(isDown("Jolly Keys", KEY_LEFTCTRL));
    EXPECT_TRUE(isDown("Jolly Keys", KEY_G));
    EXPECT_TRUE(isDown("Jolly Pointer", BTN_LEFT));
}

TEST_F(Recipe, FourWaysOfAMiniStickAsViewKeys)
{
    move(kX, 900);
    click("button 1");
    click("stage 0");
    move(kX, -500);
    click("add slice");
    chooseGoal("goal slice 1", "Keys: press them together…");
    record({Qt::Key_Right});
    chooseGoal("goal slice 2", "Keys: press them together…");
    record({Qt::Key_Left});
    step();
    pass(200);
    const auto keysAt = [&](int place) {
        move(kX, place);
        const auto& device = *local.world.device("Jolly Keys");
        std::string down;
        for (std::size_t i = 0; i < device.spec.slots.size(); ++i) {
            if (device.spec.values[i].x == 1) down += toText(device.spec.slots[i].code);
        }
        return down;
    };
    EXPECT_EQ(keysAt(0), "");
    EXPECT_EQ(keysAt(900), "KEY_RIGHT");
    EXPECT_EQ(keysAt(0), "");
    EXPECT_EQ(keysAt(-900), "KEY_LEFT");
    EXPECT_EQ(keysAt(0), "");
}

}  // namespace
}  // namespace jolly
