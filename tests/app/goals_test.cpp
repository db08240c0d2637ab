// SPDX-License-Identifier: GPL-3.0-or-later
#include "app/faceplate/control_view.h"
#include "app/listen/chord_field.h"
#include "app/listen/key_codes.h"
#include "app/listen/listen_field.h"
#include "app/strands/hat_rose.h"
#include "app/strands/press_line.h"
#include "app/strands/switch_lever.h"
#include "core/tangle/function_edit.h"
#include "core/tangle/signals.h"
#include "window_story.h"

#include <linux/input-event-codes.h>

#include <QAction>
#include <QDoubleSpinBox>
#include <QLineEdit>
#include <QMenu>
#include <QPushButton>

/// Where outlets lead, in the window: rows that are chosen, keys that are recorded, drawings.
namespace jolly
{
namespace
{

using namespace test;
using testing::ElementsAre;
using testing::HasSubstr;

class GoalsInWindow : public WindowStory
{
 protected:
    /// Weaves the switch to button 1, and puts a stage into that strand.
    void weave(const char* stage)
    {
        move(kToggle, 1);
        click("button 1");
        addStage(QLatin1String(stage), window.weavePage());
    }

    const End& end(std::size_t place) { return strands().back().ends.at(place); }
    const Chord* chord(std::size_t place) { return std::get_if<Chord>(&end(place).goal); }
    std::string said() { return textOf("said").toStdString(); }
};

TEST_F(GoalsInWindow, AChosenRowIsLedByAClickOnTheRight)
{
    weave("both ends");
    click("row off");
    EXPECT_THAT(textOf("where").toStdString(), HasSubstr("Click where off of"));
    click("button 7");
    EXPECT_EQ(targetOf(end(1))->control, button(7));
    EXPECT_EQ(strands().size(), 1U) << "no strand was woven";
    click("button 5");
    EXPECT_EQ(targetOf(end(1))->control, button(5)) << "it is still chosen";
    keys(&window.weavePage(), Qt::Key_Escape);
    click("button 6");
    EXPECT_EQ(strands().size(), 2U) << "now a click weaves again";
    document.history().undo();
    document.history().undo();
    document.history().undo();
    EXPECT_EQ(targetOf(end(1))->control, button(2)) << "each was a step of its own";
}

TEST_F(GoalsInWindow, AChosenRowLeadsToATakenControlToo)
{
    document.edit("another", [](Tangle& tangle) { addStrand(tangle, kThumb, button(4)); });
    settle();
    weave("both ends");
    click("row on");
    click("button 4");
    EXPECT_EQ(targetOf(end(0))->control, button(4));
}

TEST_F(GoalsInWindow, WhatDoesNotFitIsRefusedInWords)
{
    weave("both ends");
    click("row on");
    click("axis 1");
    EXPECT_EQ(targetOf(end(0))->control, button(1));
    EXPECT_THAT(said(), HasSubstr("is an axis"));
}

TEST_F(GoalsInWindow, TheNextTouchLetsGoOfTheChosenRow)
{
    weave("both ends");
    click("row off");
    move(kTrigger, 1);
    move(kTrigger, 0);
    click("button 8");
    EXPECT_EQ(strands().size(), 2U);
}

TEST_F(GoalsInWindow, AChordIsRecordedByPressingIt)
{
    weave("both ends");
    chooseGoal("goal on", "Keys: press them together…");
    record({Qt::Key_G, Qt::Key_Control});
    ASSERT_NE(chord(0), nullptr);
    EXPECT_THAT(chord(0)->keys, ElementsAre(KEY_G, KEY_LEFTCTRL)) << "as it was pressed";
    EXPECT_EQ(find<QPushButton>("goal on")->text(), "Ctrl + G");
    EXPECT_EQ(document.tangle().devices.back().kind, VirtualKind::Keyboard) << "it was added";
    EXPECT_THAT(said(), HasSubstr("now pulses the keys LEFTCTRL + G for 40 ms when it is pressed"))
        << "held, they would be down for as long as the switch stays there";
    document.history().undo();
    EXPECT_EQ(document.tangle().devices.size(), 1U) << "one step";
}

TEST_F(GoalsInWindow, OneKeyIsAVirtualControl)
{
    weave("both ends");
    chooseGoal("goal off", "Keys: press them together…");
    record({Qt::Key_F6});
    ASSERT_NE(targetOf(end(1)), nullptr);
    EXPECT_EQ(targetOf(end(1))->control, button(KEY_F6));
    EXPECT_EQ(find<QPushButton>("goal off")->text(), "F6");
}

TEST_F(GoalsInWindow, WhileItListensShortcutsAndTheFocusAreKeysLikeOthers)
{
    weave("both ends");
    chooseGoal("goal on", "Keys: press them together…");
    record({Qt::Key_Control, Qt::Key_Z});
    ASSERT_NE(chord(0), nullptr) << "nothing was undone";
    EXPECT_THAT(chord(0)->keys, ElementsAre(KEY_LEFTCTRL, KEY_Z));
    chooseGoal("goal off", "Keys: press them together…");
    record({Qt::Key_Tab});
    EXPECT_EQ(targetOf(end(1))->control, button(KEY_TAB));
    chooseGoal("goal off", "Keys: press them together…");
    record({Qt::Key_Escape});
    EXPECT_EQ(targetOf(end(1))->control, button(KEY_ESC));
}

TEST_F(GoalsInWindow, KeysThatAreNotAtHandAreChosenOnADrawnKeyboard)
{
    weave("both ends");
    chooseGoal("goal on", "Keys: press them together…");
    click("draw keys");
    EXPECT_FALSE(find<QPushButton>("take keys")->isEnabled());
    const auto clickKey = [this](std::uint16_t code) {
        click(("key " + std::to_string(code)).c_str());
    };
    clickKey(KEY_F13);
    for (auto* key : find("drawn keyboard")->findChildren<QPushButton*>())
        EXPECT_FALSE(key->text().startsWith("KEY_")) << key->text().toStdString();
    click("take keys");
    EXPECT_EQ(targetOf(end(0))->control, button(KEY_F13));
    chooseGoal("goal off", "Keys: press them together…");
    click("draw keys");
    for (const auto code : {KEY_LEFTCTRL, KEY_G, KEY_Q, KEY_Q})
        clickKey(static_cast<std::uint16_t>(code));
    click("take keys");
    ASSERT_NE(chord(1), nullptr) << "Q was taken away again";
    EXPECT_THAT(chord(1)->keys, ElementsAre(KEY_LEFTCTRL, KEY_G));
}

TEST_F(GoalsInWindow, GivingUpRecordsNothing)
{
    weave("both ends");
    chooseGoal("goal on", "Keys: press them together…");
    QTest::keyPress(find("chord field"), Qt::Key_G);
    click("give up keys");
    EXPECT_EQ(targetOf(end(0))->control, button(1));
    EXPECT_EQ(window.findChild<app::ChordField*>(), nullptr);
}

TEST_F(GoalsInWindow, AChordOfTheDeskIsAskedAboutOnce)
{
    weave("both ends");
    chooseGoal("goal on", "Keys: press them together…");
    record({Qt::Key_Control, Qt::Key_Alt, Qt::Key_F3});
    ASSERT_NE(chord(0), nullptr);
    EXPECT_FALSE(chord(0)->isMeant);
    const auto asked =
        std::ranges::find(studio.preflight().problems(), "mean-it", &Problem::remedy);
    ASSERT_NE(asked, studio.preflight().problems().end());
    EXPECT_THAT(asked->sentence, HasSubstr("switches to another console"));
    studio.weaver().cure(*asked);
    EXPECT_TRUE(chord(0)->isMeant);
    EXPECT_EQ(std::ranges::find(studio.preflight().problems(), "mean-it", &Problem::remedy),
              studio.preflight().problems().end());
}

TEST_F(GoalsInWindow, OrdersNothingOneMoreAndOneLess)
{
    weave("both ends");
    chooseGoal("goal on", "Stand down");
    EXPECT_EQ(end(0).goal, Goal(Command{Order::StandDown, {}}));
    EXPECT_EQ(find<QPushButton>("goal on")->text(), "stands down");
    chooseGoal("goal on", "Nothing: it is silent");
    EXPECT_EQ(end(0).goal, Goal(Nothing{}));
    chooseGoal("goal on", "One goal more");
    ASSERT_EQ(strands().back().ends.size(), 3U);
    EXPECT_EQ(end(2).outlet, "on");
    chooseGoal("goal off", "Take this goal away");
    EXPECT_EQ(strands().back().ends.size(), 2U);
    EXPECT_EQ(find<QPushButton>("goal off")->text(), "nowhere yet: next free");
    click("goal off");
    EXPECT_EQ(strands().back().ends.size(), 3U) << "at one touch";
}

TEST_F(GoalsInWindow, AnOutletEngagesALayerOrChoosesACraft)
{
    document.edit("layers", [](Tangle& tangle) {
        tangle.layers.push_back({.id = "water", .name = "On water"});
        tangle.craft.push_back({.id = "gannet", .name = "Gannet 12", .parent = "everywhere"});
    });
    weave("both ends");
    chooseGoal("goal on", "On water while it is held");
    EXPECT_EQ(end(0).goal, Goal(LayerGoal{"water", Engage::Hold}));
    EXPECT_EQ(find<QPushButton>("goal on")->text(), "layer On water, held");
    chooseGoal("goal off", "Gannet 12");
    EXPECT_EQ(end(1).goal, Goal(CraftGoal{"gannet", Choose::This}));
    EXPECT_THAT(said(), HasSubstr("chooses the craft Gannet 12"));
    document.edit("elsewhere", [](Tangle& tangle) {
        tangle.strands.back().layer = "water";
        tangle.strands.back().craft = "gannet";
    });
    settle();
    EXPECT_EQ(window.weavePage().findChild<QWidget*>("layer and craft"), nullptr)
        << "Everywhere does not have it";
    studio.stance().chooseCraft("gannet");
    settle();
    EXPECT_EQ(textOf("layer and craft"), "On water · Gannet 12");
}

TEST_F(GoalsInWindow, AnOrderAboutAnAxisNamesIt)
{
    move(kX, 900);
    click("axis 2");
    weave("both ends");
    chooseGoal("goal on", "Turn Jolly, Y round, and back");
    EXPECT_EQ(end(0).goal, Goal(Command{Order::Reverse, {"jolly", axis(2)}}));
}

TEST_F(GoalsInWindow, ASwitchIsALeverWithItsRows)
{
    weave("switch");
    EXPECT_THAT(outletsOf(strands().back()), ElementsAre("on", "off"));
    auto* lever = find<app::SwitchLever>("switch lever");
    ASSERT_NE(lever, nullptr);
    const auto row = find("row off")->geometry().center().y();
    QTest::mouseClick(lever, Qt::LeftButton, {}, {15, row});
    settle();
    click("button 6");
    EXPECT_EQ(targetOf(end(1))->control, button(6)) << "its position was chosen there";
}

TEST_F(GoalsInWindow, PositionsAreNamedAndTouched)
{
    weave("switch");
    find<app::ListenField>("add position")->listen();
    move(kTrigger, 1);
    move(kTrigger, 0);
    const auto& places = std::get<SwitchPositions>(strands().back().stages[0].parameters).places;
    ASSERT_EQ(places.size(), 3U);
    EXPECT_EQ(places[2].control, (Source{"stick", kTrigger}));
    auto* name = find<QLineEdit>("position 3");
    ASSERT_NE(name, nullptr);
    name->setText("taxi");
    Q_EMIT name->editingFinished();
    settle();
    EXPECT_THAT(outletsOf(strands().back()), ElementsAre("on", "off", "taxi"));
    ASSERT_EQ(strands().back().ends.size(), 3U);
    EXPECT_EQ(end(2).outlet, "taxi") << "its end goes with it";
}

TEST_F(GoalsInWindow, ASliceIsEnteredFromASideThatIsChosen)
{
    move(kThrottle, 900);
    click("button 1");
    click("stage 0");
    click("entered 1");
    const auto& slice = std::get<Slice>(strands().back().stages[0].parameters);
    EXPECT_EQ(slice.slices[0].entry, Entry::Below);
    click("entered 1");
    click("entered 1");
    EXPECT_EQ(std::get<Slice>(strands().back().stages[0].parameters).slices[0].entry,
              Entry::Either);
}

TEST_F(GoalsInWindow, TimesOfPressesAreDraggedAsOneStep)
{
    weave("press kinds");
    auto* line = find<app::PressLine>("press line");
    ASSERT_NE(line, nullptr);
    const auto before = std::get<PressKinds>(strands().back().stages[0].parameters);
    const auto grip = line->placeOf(app::PressLine::Grip::Long).toPoint();
    QTest::mousePress(line, Qt::LeftButton, {}, grip);
    QTest::mouseMove(line, grip + QPoint(10, 0));
    QTest::mouseMove(line, grip + QPoint(20, 0));
    QTest::mouseRelease(line, Qt::LeftButton, {}, grip + QPoint(20, 0));
    settle();
    const auto after = std::get<PressKinds>(strands().back().stages[0].parameters);
    EXPECT_GT(after.longAfter, before.longAfter + 50.0);
    EXPECT_EQ(after.twiceWithin, before.twiceWithin);
    document.history().undo();
    EXPECT_EQ(std::get<PressKinds>(strands().back().stages[0].parameters), before);
}

TEST_F(GoalsInWindow, AHatIsARoseWhosePetalsChooseRows)
{
    move(kHat, 1);
    move(kHat, 0);
    click("button 1");
    auto* rose = find<app::HatRose>("hat rose");
    ASSERT_NE(rose, nullptr);
    QTest::mouseClick(rose, Qt::LeftButton, {}, rose->petal(2).toPoint());
    settle();
    EXPECT_THAT(textOf("where").toStdString(), HasSubstr("down of"));
}

TEST_F(GoalsInWindow, KeysAreCapsThatAreLitWhileTheyAreDown)
{
    EXPECT_TRUE(goLive());
    weave("both ends");
    chooseGoal("goal on", "Keys: press them together…");
    record({Qt::Key_Control, Qt::Key_G});
    move(kToggle, 0);
    auto* cap = find<app::ControlView>("keys 29 34");
    ASSERT_NE(cap, nullptr);
    EXPECT_EQ(cap->drawing().words(0).number, "Ctrl + G");
    EXPECT_FALSE(cap->drawing().state(0).value.isPressed());
    move(kToggle, 1);
    EXPECT_TRUE(cap->drawing().state(0).value.isPressed());
}

TEST_F(GoalsInWindow, KeysAreWovenFromTheKeyboardsCard)
{
    document.edit("keyboard", [](Tangle& tangle) {
        tangle.devices.push_back(
            {.id = "keys", .name = "Keys", .kind = VirtualKind::Keyboard, .number = 2});
    });
    settle();
    move(kTrigger, 1);
    move(kTrigger, 0);
    auto* plate = window.findChild<QWidget*>("Keys");
    ASSERT_NE(plate, nullptr);
    QTest::mouseClick(plate->findChild<QPushButton*>("plate other"), Qt::LeftButton);
    settle();
    record({Qt::Key_Shift, Qt::Key_M});
    ASSERT_NE(chord(0), nullptr);
    EXPECT_EQ(chord(0)->device, "keys");
    EXPECT_EQ(strands().back().source.control, kTrigger);
}

TEST_F(GoalsInWindow, ButtonsAreAListWithWhatTheyAreFor)
{
    weave("both ends");
    document.edit("function", [](Tangle& tangle) {
        setFunction(tangle, {tangle.devices[0].id, button(5)}, "mail hatch");
    });
    settle();
    auto* plate = window.findChild<QWidget*>("Jolly");
    ASSERT_NE(plate, nullptr);
    auto* other = plate->findChild<QPushButton*>("plate other");
    EXPECT_EQ(other->text(), "as list");
    QTest::mouseClick(other, Qt::LeftButton);
    settle();
    ASSERT_EQ(other->text(), "as grid");
    auto* hatch = find<app::ControlView>("button 5");
    ASSERT_NE(hatch, nullptr);
    EXPECT_EQ(hatch->shape(), Shape::Named);
    EXPECT_EQ(hatch->drawing().words(0).label, "mail hatch");
    EXPECT_EQ(find<app::ControlView>("button 1")->drawing().words(0).from, "button 3");
    for (auto* view : plate->findChildren<app::ControlView*>("button 8"))
        EXPECT_FALSE(view->isVisible()) << "it has neither a function nor a strand";
}

TEST_F(GoalsInWindow, AnAxisIsHalved)
{
    move(kThrottle, 600);
    click("axis 1");
    for (auto* action : window.weavePage().findChildren<QAction*>()) {
        if (action->text() == "The lower half") action->trigger();
    }
    settle();
    EXPECT_EQ(end(0).part, Part::Lower);
    EXPECT_EQ(document.tangle().devices[0].settings.front().meeting, Meeting::Sum);
}

TEST(KeyNames, AreThoseOfTheLayout)
{
    EXPECT_EQ(app::keyName(KEY_G), "G");
    EXPECT_EQ(app::keyName(KEY_LEFTCTRL), "Ctrl");
    EXPECT_EQ(app::keyName(KEY_F6), "F6");
    EXPECT_EQ(app::keyName(KEY_SPACE), "Space");
    EXPECT_EQ(app::keyName(240), "UNKNOWN") << "the kernel's own where the layout has none";
    EXPECT_FALSE(app::hasKey(240));
}

}  // namespace
}  // namespace jolly
