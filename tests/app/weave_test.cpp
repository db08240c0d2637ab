// SPDX-License-Identifier: GPL-3.0-or-later
#include "app/strands/curve_plot.h"
#include "app/strands/slice_bar.h"
#include "app/strands/slice_edges.h"
#include "core/tangle/device_edit.h"
#include "core/tangle/function_edit.h"
#include "window_story.h"

#include <QEnterEvent>
#include <QMenu>
#include <QPushButton>
#include <QSlider>
#include <QSpinBox>

namespace jolly
{
namespace
{

using namespace test;
using testing::ElementsAre;
using testing::HasSubstr;

using WeaveTest = WindowStory;

TEST_F(WeaveTest, TouchingALeverAndClickingAVirtualAxisWeavesAStrand)
{
    move(kX, 600);
    EXPECT_EQ(textOf("selected name"), "axis X");
    click("axis 2");
    ASSERT_EQ(strands().size(), 1U);
    EXPECT_EQ(strands()[0].source.control, kX);
    EXPECT_EQ(targetOf(strands()[0].ends[0])->control, axis(2));
    EXPECT_NE(window.weavePage().cardOf(strands()[0].id), nullptr);
}

TEST_F(WeaveTest, PressingAButtonAndClickingAVirtualButtonWeavesAStrand)
{
    move(kTrigger, 1);
    click("button 5");
    ASSERT_EQ(strands().size(), 1U);
    EXPECT_EQ(targetOf(strands()[0].ends[0])->control, button(5));
}

TEST_F(WeaveTest, AHatLikewise)
{
    move(kHat, 1);
    click("hat 1");
    ASSERT_EQ(strands().size(), 1U);
    EXPECT_EQ(targetOf(strands()[0].ends[0])->control, hat(1));
}

TEST_F(WeaveTest, DraggingFromOneToTheOtherWeavesAStrand)
{
    auto* from = find("ABS_THROTTLE");
    auto* to = find("axis 3");
    ASSERT_TRUE(from && to);
    const auto end = from->mapFromGlobal(to->mapToGlobal(to->rect().center()));
    QTest::mousePress(from, Qt::LeftButton, {}, from->rect().center());
    QTest::mouseMove(from, from->rect().center() + QPoint(40, 0));
    QTest::mouseMove(from, end);
    EXPECT_FALSE(window.findChild<QWidget*>("threads")->isHidden());
    QTest::mouseRelease(from, Qt::LeftButton, {}, end);
    settle();
    ASSERT_EQ(strands().size(), 1U);
    EXPECT_EQ(strands()[0].source.control, kThrottle);
    EXPECT_EQ(targetOf(strands()[0].ends[0])->control, axis(3));
}

TEST_F(WeaveTest, WhatDoesNotFitIsRefusedInASentence)
{
    studio.selection().select(Source{"stick", kDial});
    settle();
    click("hat 1");
    EXPECT_TRUE(strands().empty());
    EXPECT_TRUE(
        textOf("said").endsWith("is a turner, hat 1 is a hat. "
                                "Choose an axis or a button on the right."))
        << textOf("said").toStdString();
}

TEST_F(WeaveTest, AnEndIsHeldOrGivesAPulse)
{
    move(kTrigger, 1);
    move(kTrigger, 0);
    click("button 2");
    EXPECT_EQ(valueOf("outlet "), "○  ");
    auto* how = find<QPushButton>("how ");
    EXPECT_EQ(how->text(), "held");
    const auto choose = [&](int entry) {
        how->menu()->actions()[entry]->trigger();
        settle();
    };
    choose(1);
    EXPECT_EQ(strands()[0].ends[0].how, How::Pulse);
    EXPECT_EQ(find<QPushButton>("how ")->text(), "pulse 40 ms");
    auto* length = how->menu()->findChild<QSpinBox*>("pulse length");
    ASSERT_TRUE(length);
    length->setValue(60);
    settle();
    EXPECT_EQ(strands()[0].ends[0].pulse, 60.0);
    choose(2);
    EXPECT_EQ(find<QPushButton>("how ")->text(), "let go: pulse 60 ms");
    document.history().undo();
    settle();
    EXPECT_EQ(strands()[0].ends[0].how, How::Held) << "one step: it was one gesture";
}

TEST_F(WeaveTest, AHatThatIsLedToAButtonIsSplitAndItsRowsLeadOn)
{
    move(kHat, 1);
    move(kHat, 0);
    click("button 1");
    ASSERT_EQ(strands().size(), 1U);
    ASSERT_EQ(strands()[0].ends.size(), 4U);
    move(kHat, 1);
    EXPECT_EQ(valueOf("outlet right"), "●  right");
    EXPECT_EQ(valueOf("outlet up"), "○  up");
    document.edit("take one out", [](Tangle& tangle) {
        tangle.strands[0].ends.erase(tangle.strands[0].ends.begin() + 2);
    });
    settle();
    auto* goal = find<QPushButton>("goal down");
    EXPECT_EQ(goal->text(), "nowhere yet: next free");
    goal->click();
    settle();
    ASSERT_EQ(strands()[0].ends.size(), 4U);
    EXPECT_EQ(strands()[0].ends[3].outlet, "down");
    EXPECT_TRUE(studio.preflight().problems().empty());
}

TEST_F(WeaveTest, AnAxisThatIsLedToAButtonIsSlicedAndASecondSliceLeadsToTheNextFreeOne)
{
    move(kThrottle, 600);
    click("button 2");
    ASSERT_EQ(strands().size(), 1U);
    EXPECT_EQ(valueOf("outlet slice 1"), "●  slice 1");
    move(kThrottle, 300);
    EXPECT_EQ(valueOf("outlet slice 1"), "○  slice 1");
    click("stage 0");
    move(kThrottle, 900);
    find<QAbstractButton>("add slice")->click();
    settle();
    EXPECT_EQ(valueOf("outlet slice 2"), "●  slice 2");
    EXPECT_TRUE(studio.preflight().problems().empty());
    EXPECT_NEAR(std::get<Slice>(strands()[0].stages[0].parameters).slices[1].from, 0.9, 1e-9);
    document.history().undo();
    settle();
    EXPECT_EQ(strands()[0].ends.size(), 1U);
}

TEST_F(WeaveTest, AClickOnATakenControlOnlyLooks)
{
    move(kX, 600);
    click("axis 2");
    move(kY, 600);
    click("axis 2");
    EXPECT_EQ(strands().size(), 1U) << "nothing was woven";
    click("look at strand-1");
    EXPECT_EQ(textOf("selected name"), "axis X");
    EXPECT_EQ(window.findChild<QWidget*>("taken card"), nullptr) << "it has done its work";
}

TEST_F(WeaveTest, ATakenControlCanBeSharedOrGivenAway)
{
    move(kX, 600);
    click("axis 2");
    move(kY, 600);
    click("axis 2");
    move(kX, -600);
    EXPECT_EQ(find<QPushButton>("lead here too")->text(), "Lead axis Y here too")
        << "whatever is touched meanwhile";
    click("lead here too");
    EXPECT_EQ(takersOf(document.tangle(), {"jolly", axis(2)}).size(), 2U);
    EXPECT_EQ(textOf("selected name"), "axis Y");
    move(kThrottle, 600);
    click("axis 2");
    click("lead here instead");
    ASSERT_EQ(strands().size(), 1U) << "the others led nowhere else";
    EXPECT_EQ(strands()[0].source.control, kThrottle);
    document.history().undo();
    EXPECT_EQ(strands().size(), 2U) << "one step";
}

TEST_F(WeaveTest, ABumpedLeverDoesNotDecideWhatAClickDoes)
{
    move(kX, 600);
    auto* target = find("axis 2");
    auto* plate = target->parentWidget();
    QEnterEvent came(QPointF(5, 5), QPointF(5, 5), QPointF(5, 5));
    QApplication::sendEvent(plate, &came);
    QApplication::sendEvent(target, &came);
    EXPECT_EQ(textOf("where").toStdString(), "A click leads axis X to Jolly, Y.");
    move(kThrottle, 900);
    EXPECT_EQ(textOf("selected name"), "axis THROTTLE");
    click("axis 2");
    ASSERT_EQ(strands().size(), 1U);
    EXPECT_EQ(strands()[0].source.control, kX);
    EXPECT_EQ(textOf("where").toStdString(), "axis X leads to Jolly, Y. A click shows it.");
    QEvent went(QEvent::Leave);
    QApplication::sendEvent(plate, &went);
    move(kThrottle, 100);
    click("axis 3");
    ASSERT_EQ(strands().size(), 2U);
    EXPECT_EQ(strands()[1].source.control, kThrottle);
}

TEST_F(WeaveTest, EdgesOfSlicesAreDraggedAndPutWhereTheHandIs)
{
    move(kThrottle, 600);
    click("button 2");
    click("stage 0");
    auto* bar = find<app::SliceBar>("slice bar");
    ASSERT_NE(bar, nullptr);
    const auto at = bar->placeOf(0, app::kFrom).toPoint();
    const auto steps = document.history().count();
    QTest::mousePress(bar, Qt::LeftButton, {}, at);
    QTest::mouseMove(bar, at - QPoint(20, 0));
    QTest::mouseMove(bar, at - QPoint(40, 0));
    QTest::mouseRelease(bar, Qt::LeftButton, {}, at - QPoint(40, 0));
    settle();
    const auto part = [&] {
        return std::get<Slice>(strands()[0].stages[0].parameters).slices.front();
    };
    EXPECT_LT(part().from, 0.48);
    EXPECT_NEAR(part().from - part().letGoBelow, 0.01, 1e-9) << "it comes along";
    EXPECT_EQ(document.history().count(), steps + 1) << "one step of the history";
    move(kThrottle, 250);
    keys(find("from 1"), Qt::Key_Space);
    EXPECT_NEAR(part().from, 0.25, 0.001);
}

TEST_F(WeaveTest, ASliceIsLetGoFurtherAwayWhereTheAxisJitters)
{
    document.edit("jitter", [](Tangle& tangle) {
        tangle.rig[0].controls[2].calibration.noise = 8;  // of 1000 counts
    });
    move(kThrottle, 600);
    click("button 2");
    const auto& part = std::get<Slice>(strands()[0].stages[0].parameters).slices.front();
    EXPECT_NEAR(part.from - part.letGoBelow, 0.024, 1e-9);
}

TEST_F(WeaveTest, TheNextFreeControlCanBePicked)
{
    move(kX, 600);
    click("next free");
    click("BTN_TRIGGER");
    click("next free");
    ASSERT_EQ(strands().size(), 2U);
    EXPECT_EQ(targetOf(strands()[0].ends[0])->control, axis(1));
    EXPECT_EQ(targetOf(strands()[1].ends[0])->control, button(1));
}

TEST_F(WeaveTest, StagesAreAddedChangedAndRemovedAndTheEffectIsSeenAtOnce)
{
    move(kX, 500);
    click("axis 1");
    EXPECT_EQ(local.live.block().slots[0].raw, 16384);
    click("add invert");
    EXPECT_EQ(local.live.block().slots[0].raw, -16384);
    click("add dead zone");
    ASSERT_EQ(strands()[0].stages.size(), 2U);
    auto* slider = find<QSlider>("below slider");
    ASSERT_NE(slider, nullptr);
    slider->setValue(500);
    settle();
    EXPECT_DOUBLE_EQ(std::get<DeadZone>(strands()[0].stages[1].parameters).below, 0.5);
    EXPECT_EQ(local.live.block().slots[0].raw, 0);
    click("stage remove");
    click("stage 0");
    click("stage remove");
    EXPECT_TRUE(strands()[0].stages.empty());
    EXPECT_EQ(local.live.block().slots[0].raw, 16384);
}

TEST_F(WeaveTest, CurvePointsAreDraggedAddedAndRemoved)
{
    move(kX, 500);
    click("axis 1");
    click("add curve");
    auto* plot = find<app::CurvePlot>("curve");
    ASSERT_NE(plot, nullptr);
    const auto at = plot->placeOfPoint(1).toPoint();
    QTest::mousePress(plot, Qt::LeftButton, {}, at);
    QTest::mouseMove(plot, at + QPoint(0, -20));
    QTest::mouseMove(plot, at + QPoint(0, -40));
    QTest::mouseRelease(plot, Qt::LeftButton, {}, at + QPoint(0, -40));
    settle();
    const auto points = [this] {
        return std::get<Curve>(strands()[0].stages[0].parameters).points;
    };
    EXPECT_GT(points()[1].out, 0.5);
    EXPECT_EQ(document.history().count(), 3) << "one drag is one step";
    keys(plot, Qt::Key_Insert);
    EXPECT_EQ(points().size(), 4U);
    keys(plot, Qt::Key_Delete);
    EXPECT_EQ(points().size(), 3U);
    keys(plot, Qt::Key_Up);
    EXPECT_EQ(points().size(), 3U);
    click("mirrored");
    EXPECT_FALSE(std::get<Curve>(strands()[0].stages[0].parameters).isMirrored);
    EXPECT_TRUE(studio.preflight().problems().empty()) << studio.preflight().problems()[0].sentence;
}

TEST_F(WeaveTest, EverythingCanBeUndoneAndRedone)
{
    move(kX, 600);
    click("axis 1");
    click("add invert");
    keys(&window, Qt::Key_Z, Qt::ControlModifier);
    EXPECT_TRUE(strands()[0].stages.empty());
    EXPECT_TRUE(document.history().redoText().startsWith("add invert of "));
    keys(&window, Qt::Key_Z, Qt::ControlModifier);
    EXPECT_TRUE(strands().empty());
    keys(&window, Qt::Key_Z, Qt::ControlModifier | Qt::ShiftModifier);
    keys(&window, Qt::Key_Z, Qt::ControlModifier | Qt::ShiftModifier);
    EXPECT_EQ(strands()[0].stages.size(), 1U);
}

TEST_F(WeaveTest, AStrandIsCopiedToAnotherControlWithItsStages)
{
    move(kX, 600);
    click("axis 1");
    click("add invert");
    keys(&window, Qt::Key_C, Qt::ControlModifier);
    move(kY, 600);
    keys(&window, Qt::Key_V, Qt::ControlModifier);
    ASSERT_EQ(strands().size(), 2U);
    EXPECT_EQ(strands()[1].source.control, kY);
    EXPECT_EQ(strands()[1].stages, strands()[0].stages);
    move(kTrigger, 1);
    keys(&window, Qt::Key_V, Qt::ControlModifier);
    EXPECT_EQ(strands().size(), 2U) << "a button takes no axis strand";
    EXPECT_TRUE(textOf("said").contains("Choose a control of the same kind"));
}

TEST_F(WeaveTest, AStrandIsMovedToAnotherControlByTouchingIt)
{
    move(kX, 600);
    click("axis 2");
    const auto id = strands()[0].id;
    auto* menu = window.weavePage().cardOf(id)->findChild<QMenu*>("strand menu");
    const auto actions = menu->actions();
    const auto begin = std::ranges::find(actions, "Begin at another control…", &QAction::text);
    ASSERT_NE(begin, actions.end());
    (*begin)->trigger();
    settle();
    EXPECT_THAT(find<QPushButton>("listen")->text().toStdString(), HasSubstr("Touch it"));
    move(kTrigger, 1);
    EXPECT_THAT(textOf("said").toStdString(), HasSubstr("does not fit here"));
    move(kThrottle, 700);
    EXPECT_EQ(strands()[0].source.control, kThrottle);
    EXPECT_EQ(studio.selection().selected(), (Source{"stick", kThrottle}))
        << "the card comes along";
    EXPECT_NE(window.weavePage().cardOf(id), nullptr);
    document.history().undo();
    EXPECT_EQ(strands()[0].source.control, kX);
}

TEST_F(WeaveTest, WithFollowingOffATouchOnlyShowsInTheStatusBar)
{
    move(kX, 600);
    keys(&window, Qt::Key_T, Qt::ControlModifier);
    move(kTrigger, 1);
    EXPECT_EQ(textOf("selected name"), "axis X");
    EXPECT_TRUE(textOf("touched").contains("button 1"));
}

TEST_F(WeaveTest, NoiseAndDriftAreNoTouch)
{
    move(kY, 30);
    move(kY, 60);
    move(kY, 20);
    EXPECT_FALSE(studio.selection().selected());
}

TEST_F(WeaveTest, TheWholeWayIsOpenToTheKeyboard)
{
    document.edit("name", [](Tangle& t) { setFunction(t, {"jolly", axis(3)}, "power"); });
    settle();
    auto* from = find("ABS_THROTTLE");
    from->setFocus();
    keys(from, Qt::Key_Return);
    auto* to = find("axis 3");
    keys(to, Qt::Key_Return);
    ASSERT_EQ(strands().size(), 1U);
    EXPECT_FALSE(from->accessibleName().isEmpty());
    EXPECT_EQ(to->accessibleName(), "power (axis 3)");
}

TEST_F(WeaveTest, AControllerTheTangleDoesNotKnowIsTakenIntoTheRig)
{
    document.begin(smallTangle(), {});
    document.edit("forget", [](Tangle& tangle) { tangle.rig.clear(); });
    settle();
    EXPECT_EQ(studio.feed().desk().controllers.size(), 1U);
    move(kX, 600);
    click("axis 1");
    ASSERT_EQ(document.tangle().rig.size(), 1U);
    EXPECT_EQ(document.tangle().rig[0].alias, "Small Stick");
    move(kX, 1000);
    EXPECT_EQ(local.live.block().slots[0].raw, 32767);
}

}  // namespace
}  // namespace jolly
