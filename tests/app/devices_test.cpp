// SPDX-License-Identifier: GPL-3.0-or-later
#include "app/devices/place_map.h"
#include "core/tangle/device_edit.h"
#include "core/tangle/lookup.h"
#include "window_story.h"

#include <QComboBox>
#include <QLineEdit>
#include <QListWidget>
#include <QMenu>
#include <QMouseEvent>
#include <QPointer>
#include <QPushButton>
#include <QSpinBox>
#include <QTemporaryDir>
#include <fstream>

namespace jolly
{
namespace
{

using namespace test;
using testing::HasSubstr;

/// Virtual devices made, shaped and removed in the real window.
class DevicesTest : public WindowStory
{
 protected:
    const std::vector<VirtualDevice>& devices() const { return document.tangle().devices; }

    void add(const char* kind)
    {
        auto* menu = find<QPushButton>("add device")->menu();
        for (auto* action : menu->actions()) {
            if (action->text() == QLatin1String(kind)) action->trigger();
        }
        settle();
    }

    void shape(int place)
    {
        auto buttons = window.findChildren<QPushButton*>("plate deed");
        std::ranges::sort(buttons, {}, [this](auto* b) { return b->mapTo(&window, QPoint()).y(); });
        QTest::mouseClick(buttons[place], Qt::LeftButton);
        settle();
    }

    void type(const char* field, const QString& text)
    {
        auto* edit = find<QLineEdit>(field);
        edit->setFocus();
        edit->selectAll();
        QTest::keyClicks(edit, text);
        keys(edit, Qt::Key_Return);
    }

    void weave(ControlCode code, const char* target)
    {
        move(code, code == kX ? 900 : 1);
        click(target);
    }

    QTreeWidgetItem* row(const char* control)
    {
        for (auto* item : find<app::PlaceMap>("place map")->findItems(control, Qt::MatchExactly))
            return item;
        ADD_FAILURE() << "no row " << control;
        return nullptr;
    }

    /// Chooses in the list that is open.
    void choose(const QString& typed)
    {
        auto* field = qobject_cast<QLineEdit*>(QApplication::focusWidget());
        ASSERT_NE(field, nullptr);
        QTest::keyClicks(field, typed);
        keys(field, Qt::Key_Return);
    }
};

TEST_F(DevicesTest, EachKindIsAddedWithItsCardOpenAndUndoTakesItBack)
{
    for (const auto* kind : {"Joystick", "Gamepad", "Keyboard", "Pointer"}) add(kind);
    ASSERT_EQ(devices().size(), 5U);
    EXPECT_EQ(devices()[1].name, "Jolly 1");
    EXPECT_EQ(devices()[4].kind, VirtualKind::Pointer);
    EXPECT_EQ(find<QLineEdit>("device name")->text(), "Jolly Pointer");
    document.history().undo();
    settle();
    EXPECT_EQ(devices().size(), 4U);
    EXPECT_EQ(window.findChild<QWidget*>("device card"), nullptr) << "the card goes with it";
}

TEST_F(DevicesTest, AddingWhileLiveMakesItAtOnceAndTheOtherStays)
{
    weave(kX, "axis 1");
    click("live switch");
    const auto before = local.world.device("Jolly")->handle;
    add("Joystick");
    EXPECT_EQ(local.world.deviceCount(), 2U);
    EXPECT_EQ(local.world.device("Jolly")->handle, before);
}

TEST_F(DevicesTest, NamesThatCannotBeAreRefusedInASentence)
{
    add("Joystick");
    type("device name", "Mail desk");
    EXPECT_EQ(devices()[1].name, "Mail desk");
    type("device name", "Jolly");
    EXPECT_EQ(devices()[1].name, "Mail desk");
    EXPECT_THAT(textOf("said").toStdString(), HasSubstr("Another virtual device is called Jolly"));
    find<QLineEdit>("device name")->clear();
    keys(find<QLineEdit>("device name"), Qt::Key_Return);
    EXPECT_EQ(find<QLineEdit>("device name")->text(), "Mail desk");
    EXPECT_THAT(textOf("said").toStdString(), HasSubstr("needs a name"));
}

TEST_F(DevicesTest, ResizingIsLiveAndATrapIsSaidWithAButtonThatMendsIt)
{
    shape(0);
    auto* axes = find<QSpinBox>("device axes");
    axes->setValue(6);
    find<QSpinBox>("device buttons")->setValue(20);
    settle();
    EXPECT_EQ(devices()[0].buttons, 20);
    click("remedy eight-axes");
    EXPECT_EQ(devices()[0].axes, 8);
    EXPECT_EQ(window.findChild<QWidget*>("remedy eight-axes"), nullptr);
    axes->setValue(0);
    settle();
    click("remedy two-axes");
    EXPECT_EQ(devices()[0].axes, 2);
}

TEST_F(DevicesTest, ADeviceThatSizesItselfFollowsItsStrands)
{
    shape(0);
    auto* sizing = find<QComboBox>("device sizing");
    sizing->setFocus();
    keys(sizing, Qt::Key_Down);
    EXPECT_EQ(devices()[0].sizing, Sizing::AsNeeded);
    EXPECT_EQ(devices()[0].axes, 8);
    EXPECT_FALSE(find<QSpinBox>("device axes")->isEnabled());
}

TEST_F(DevicesTest, IdsCanBeThePilotsOwn)
{
    shape(0);
    type("device ids", "12AB:0003");
    EXPECT_EQ(idsOf(devices()[0]).vendor, 0x12ab);
    type("device ids", "nonsense");
    EXPECT_THAT(textOf("said").toStdString(), HasSubstr("two hexadecimal numbers"));
    EXPECT_EQ(idsOf(devices()[0]).product, 3);
    find<QLineEdit>("device ids")->setFocus();
    find<QLineEdit>("device ids")->clear();
    keys(find<QLineEdit>("device ids"), Qt::Key_Return);
    EXPECT_FALSE(devices()[0].ids);
}

TEST_F(DevicesTest, TheMapTellsWhatTakesAPlaceAndMovesItElsewhere)
{
    weave(kTrigger, "button 1");
    shape(0);
    EXPECT_EQ(row("button 1")->text(3).toStdString(), strands()[0].name);
    EXPECT_EQ(row("button 2")->text(3), "free");
    EXPECT_EQ(row("button 2")->text(1), "1 · 1 · 2");
    auto* map = find<app::PlaceMap>("place map");
    map->setCurrentItem(row("button 1"));
    map->setFocus();
    keys(map, Qt::Key_Return);
    choose("next free");
    EXPECT_EQ(targetOf(strands()[0].ends[0])->control, button(2));
    EXPECT_EQ(row("button 1")->text(3), "free") << "nothing stays behind";
    EXPECT_THAT(textOf("said").toStdString(), HasSubstr("It ends at Jolly, button 2 now."));
}

TEST_F(DevicesTest, AFunctionIsNamedInTheMap)
{
    shape(0);
    row("button 3")->setText(2, "mail hatch");
    settle();
    EXPECT_EQ(functionAt(document.tangle(), {devices()[0].id, button(3)}), "mail hatch");
    EXPECT_EQ(document.history().undoText(), "name function");
}

TEST_F(DevicesTest, RemovingAsksWhatBecomesOfStrandsAndIsUndone)
{
    weave(kTrigger, "button 1");
    shape(0);
    const auto before = document.tangle();
    dialogs.ends = std::nullopt;
    click("remove device");
    EXPECT_EQ(dialogs.strandsAsked, 1U);
    EXPECT_EQ(document.tangle(), before) << "given up";
    add("Joystick");
    shape(0);
    dialogs.ends = Ends::Moved;
    click("remove device");
    ASSERT_EQ(devices().size(), 1U);
    EXPECT_EQ(placeName(document.tangle(), *targetOf(strands()[0].ends[0])), "Jolly 1, button 1");
    document.history().undo();
    EXPECT_EQ(targetOf(strands()[0].ends[0])->device, "jolly");
}

TEST_F(DevicesTest, AStrandPastTheEndOfItsDeviceHasAButtonThatGrowsIt)
{
    weave(kTrigger, "button 8");
    shape(0);
    find<QSpinBox>("device buttons")->setValue(4);
    settle();
    EXPECT_EQ(devices()[0].buttons, 4);
    click("preflight");
    QPointer<QWidget> grow;
    for (auto* each : QApplication::topLevelWidgets()) {
        if (auto* found = each->findChild<QPushButton*>("remedy grow")) grow = found;
    }
    ASSERT_FALSE(grow.isNull());
    QTest::mouseClick(grow, Qt::LeftButton);
    settle();
    EXPECT_EQ(devices()[0].buttons, 32);
}

TEST_F(DevicesTest, ASimSheetIsMeasuredAgainstAndPlannedFor)
{
    weave(kTrigger, "button 8");
    document.edit("small sim", [](Tangle& tangle) {
        tangle.sheet = SimSheet{.name = "Tiny sim", .buttons = 4};
    });
    settle();
    EXPECT_THAT(textOf("sheet verdict").toStdString(), HasSubstr("Tiny sim takes 4 buttons"));
    EXPECT_EQ(find<QComboBox>("sim sheet")->currentText(), "Tiny sim");
    click("plan");
    EXPECT_THAT(textOf("difference").toStdString(), HasSubstr("Jolly, button 8 → Jolly, button 1"));
    EXPECT_EQ(targetOf(strands()[0].ends[0])->control, button(8)) << "only shown so far";
    click("apply plan");
    EXPECT_EQ(targetOf(strands()[0].ends[0])->control, button(1));
    EXPECT_EQ(document.history().undoText(), "plan for the sim");
    auto* choice = find<QComboBox>("sim sheet");
    choice->setFocus();
    keys(choice, Qt::Key_Home);
    EXPECT_FALSE(document.tangle().sheet);
}

TEST_F(DevicesTest, ASheetComesFromAFileAndABrokenOneChangesNothing)
{
    const QTemporaryDir folder;
    const auto put = [&](const char* text) {
        dialogs.file = folder.filePath("own.simsheet");
        std::ofstream(dialogs.file.toStdString()) << text;
        auto* choice = find<QComboBox>("sim sheet");
        choice->setFocus();
        keys(choice, Qt::Key_End);
    };
    put(R"({"simsheet": 1, "name": "Mine", "note": "Bind the levers first.", "buttons": 6})");
    ASSERT_TRUE(document.tangle().sheet);
    EXPECT_EQ(document.tangle().sheet->name, "Mine");
    EXPECT_EQ(textOf("sheet note"), "Bind the levers first.");
    put(R"({"simsheet": 1, "name": "Odd", "devices": 0})");
    EXPECT_THAT(dialogs.told.toStdString(), HasSubstr("says that the sim sees no device"));
    EXPECT_EQ(document.tangle().sheet->name, "Mine");
}

TEST_F(DevicesTest, AnEndIsDraggedToAnotherVirtualControl)
{
    weave(kTrigger, "button 1");
    auto* from = find("button 1");
    const auto* to = find("button 3");
    const auto target = to->mapToGlobal(to->rect().center());
    const auto send = [&](QEvent::Type type, QPoint at) {
        QMouseEvent event(type, from->mapFromGlobal(at), at, Qt::LeftButton,
                          type == QEvent::MouseButtonRelease ? Qt::NoButton : Qt::LeftButton, {});
        QCoreApplication::sendEvent(from, &event);
    };
    send(QEvent::MouseButtonPress, from->mapToGlobal(from->rect().center()));
    send(QEvent::MouseMove, target - QPoint(30, 0));
    send(QEvent::MouseMove, target);
    send(QEvent::MouseButtonRelease, target);
    settle();
    ASSERT_EQ(strands().size(), 1U);
    EXPECT_EQ(targetOf(strands()[0].ends[0])->control, button(3));
    EXPECT_EQ(document.history().undoText(), "move end");
}

}  // namespace
}  // namespace jolly
