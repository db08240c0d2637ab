// SPDX-License-Identifier: GPL-3.0-or-later
#include "app/faceplate/faceplate.h"
#include "app/widgets/finder.h"
#include "app/window/reading_order.h"
#include "window_story.h"

#include <QLineEdit>
#include <QListWidget>
#include <QScrollArea>

/// Everything is reached from the keyboard, with few keys.
namespace jolly
{
namespace
{

using namespace test;
using namespace app;
using testing::HasSubstr;

class KeyboardTest : public WindowStory
{
 protected:
    QWidget* focus() { return QApplication::focusWidget(); }
    std::string focused() { return focus() ? focus()->objectName().toStdString() : "nothing"; }
    void press(Qt::Key key, Qt::KeyboardModifiers modifiers = {})
    {
        keys(focus() ? focus() : &window, key, modifiers);
        ++m_count;
    }
    void type(const QString& letters)
    {
        for (const auto letter : letters) {
            QTest::keyClicks(focus(), letter);
            ++m_count;
        }
    }
    /// Eleven more controllers on the desk.
    void crowd()
    {
        for (int i = 0; i < 11; ++i) {
            auto one = describe(smallStick());
            one.identity.name = "Box " + std::to_string(i);
            one.identity.phys = "usb-" + std::to_string(20 + i);
            local.world.plug(one);
        }
        step();
        settle();
    }
    int m_count = 0;
};

TEST_F(KeyboardTest, AnAxisIsMappedInTwelveKeysWithTwelveControllers)
{
    crowd();
    ASSERT_EQ(studio.feed().desk().controllers.size(), 12U);
    window.setFocus();
    press(Qt::Key_K, Qt::ControlModifier);
    type("sma thr");
    press(Qt::Key_Return);
    press(Qt::Key_Return, Qt::ControlModifier);
    ASSERT_EQ(strands().size(), 1U);
    EXPECT_EQ(strands()[0].source.control, kThrottle);
    EXPECT_LE(m_count, 12);
}

TEST_F(KeyboardTest, AFaceplateIsOneStopWithArrowsInside)
{
    crowd();
    const auto* left = find<QScrollArea>("weave left");
    EXPECT_EQ(stopsIn(*left).size(), 24U) << "each with what can be done with all of it";
    find("ABS_THROTTLE")->setFocus();
    const auto* plate = find<Faceplate>("Small stick");
    std::set<std::string> reached;
    press(Qt::Key_Home);
    for (int i = 0; i < 20; ++i) {
        EXPECT_TRUE(plate->isAncestorOf(focus())) << focused();
        reached.insert(focused());
        press(Qt::Key_Right);
    }
    for (const auto& control : plate->plate().controls)
        EXPECT_TRUE(reached.contains(
            plate->view(QString::fromStdString(control.id))->objectName().toStdString()))
            << control.id;
    press(Qt::Key_Tab);
    EXPECT_EQ(focused(), "lead all");
    press(Qt::Key_Tab);
    EXPECT_FALSE(plate->isAncestorOf(focus()));
    press(Qt::Key_Backtab, Qt::ShiftModifier);
    press(Qt::Key_Backtab, Qt::ShiftModifier);
    EXPECT_TRUE(plate->isAncestorOf(focus())) << "back where it was";
}

TEST_F(KeyboardTest, DownGoesToTheLineBelowAndLettersToAName)
{
    auto* first = find("button 1");
    first->setFocus();
    press(Qt::Key_Down);
    EXPECT_NE(focus(), first);
    EXPECT_GT(focus()->y(), first->y());
    first->setFocus();
    type("3");
    EXPECT_EQ(focused(), "button 3");
}

TEST_F(KeyboardTest, TabReadsThePageAndComesRound)
{
    move(kX, 600);
    click("axis 1");
    window.setFocus();
    for (int i = 0; i < 80; ++i) press(Qt::Key_Tab);  // the rail becomes one stop of its own
    const auto stops = stopsIn(window);
    ASSERT_GT(stops.size(), 10U);
    stops.back()->setFocus();
    std::vector<QWidget*> visited;
    for (std::size_t i = 0; i < stops.size(); ++i) {
        press(Qt::Key_Tab);
        visited.push_back(focus());
    }
    EXPECT_EQ(visited, stops);
    const auto placeOf = [&](const char* name) {
        return std::ranges::find(stops, find(name)) - stops.begin();
    };
    EXPECT_LT(placeOf("menu"), placeOf("add curve"));
    EXPECT_LT(placeOf("add curve"), placeOf("add device"));
}

TEST_F(KeyboardTest, F6GoesFromPartToPart)
{
    window.setFocus();
    std::set<std::string> parts;
    for (int i = 0; i < 8; ++i) {
        press(Qt::Key_F6);
        for (const auto* name : {"weave left", "weave right"})
            if (find(name)->isAncestorOf(focus())) parts.insert(name);
    }
    EXPECT_EQ(parts.size(), 2U);
}

TEST_F(KeyboardTest, EveryCommandIsInFindWithItsShortcut)
{
    press(Qt::Key_K, Qt::ControlModifier);
    auto* finder = window.findChild<Finder*>("finder");
    ASSERT_NE(finder, nullptr);
    auto* typed = finder->findChild<QLineEdit*>("find");
    auto* list = finder->findChild<QListWidget*>("found");
    std::size_t commands = 0;
    for (int menu = 0; menu < Commands::kMenus; ++menu) {
        for (const auto* action : window.commands().actions(static_cast<Commands::Menu>(menu))) {
            if (!action->isEnabled()) continue;
            ++commands;
            const auto words = action->text();
            typed->setText(words);
            ASSERT_GT(list->count(), 0) << words.toStdString();
            const auto row = list->item(0)->data(Qt::AccessibleTextRole).toString();
            EXPECT_THAT(row.toStdString(), HasSubstr(words.toStdString()));
            EXPECT_THAT(row.toStdString(), HasSubstr("command"));
            const auto shortcut = action->shortcut().toString().toStdString();
            EXPECT_THAT(row.toStdString(), HasSubstr(shortcut));
        }
    }
    EXPECT_GT(commands, 20U);
    typed->setText("qqqq");
    EXPECT_EQ(list->count(), 0);
    EXPECT_THAT(finder->findChild<QLabel*>("none found")->text().toStdString(),
                HasSubstr("Nothing here is called \"qqqq\""));
    finder->close();
}

TEST_F(KeyboardTest, AltOpensTheMenusAndALetterOneOfThem)
{
    QTest::keyPress(&window, Qt::Key_Alt, Qt::AltModifier);
    QTest::keyRelease(&window, Qt::Key_Alt);
    EXPECT_TRUE(window.commands().whole().isVisible());
    window.commands().of(Commands::File).close();
    window.commands().whole().close();
    keys(&window, Qt::Key_F, Qt::AltModifier);
    EXPECT_EQ(QApplication::activePopupWidget(), &window.commands().of(Commands::File));
    window.commands().of(Commands::File).close();
    QTest::keyPress(&window, Qt::Key_Alt, Qt::AltModifier);
    QTest::keyClick(&window, Qt::Key_X, Qt::AltModifier);
    QTest::keyRelease(&window, Qt::Key_Alt);
    EXPECT_EQ(QApplication::activePopupWidget(), nullptr) << "Alt was part of something else";
}

TEST_F(KeyboardTest, TheKeySheetAndThePageTellThemselves)
{
    keys(&window, Qt::Key_F1);
    auto* sheet = find("key sheet");
    ASSERT_NE(sheet, nullptr);
    QStringList texts;
    for (const auto* label : sheet->findChildren<QLabel*>()) texts << label->text();
    for (const auto* keys : {"Ctrl+K", "Ctrl+L", "Ctrl+1", "F6", "Shift+F1"})
        EXPECT_TRUE(texts.contains(keys)) << keys;
    click("Close the sheet");
    window.activateWindow();
    settle();
    keys(&window, Qt::Key_F1, Qt::ShiftModifier);
    const auto* panel = find("panel");
    EXPECT_EQ(panel->findChildren<QLabel*>("panel words").size(), 5);
    click("Go on");
}

TEST_F(KeyboardTest, TheMenuKeyOpensWhatCanBeDoneWithAControl)
{
    auto* control = find("ABS_THROTTLE");
    control->setFocus();
    QContextMenuEvent event(QContextMenuEvent::Keyboard, QPoint(), control->mapToGlobal(QPoint()));
    QCoreApplication::sendEvent(control, &event);
    auto* menu = window.findChild<QMenu*>("control menu");
    ASSERT_NE(menu, nullptr);
    EXPECT_EQ(studio.selection().selected()->control, kThrottle);
    menu->findChild<QAction*>("here lead on")->trigger();
    menu->close();
    settle();
    EXPECT_EQ(strands().size(), 1U);
    auto* device = find("button 2");
    QContextMenuEvent there(QContextMenuEvent::Mouse, QPoint(3, 3),
                            device->mapToGlobal(QPoint(3, 3)));
    QCoreApplication::sendEvent(device, &there);
    menu = window.findChild<QMenu*>("device menu");
    ASSERT_NE(menu, nullptr);
    menu->findChild<QAction*>("here size")->trigger();
    menu->close();
    settle();
    EXPECT_NE(find("device card"), nullptr);
}

}  // namespace
}  // namespace jolly
