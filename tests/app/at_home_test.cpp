// SPDX-License-Identifier: GPL-3.0-or-later
#include "app/services/autostart.h"
#include "app/services/language.h"
#include "app/window/settings_page.h"
#include "app/window/tray.h"
#include "format/save.h"
#include "format/tangle_text.h"
#include "support/golden.h"
#include "window_story.h"

#include <QComboBox>
#include <QMimeData>
#include <QPlainTextEdit>
#include <QSpinBox>

/// The window opens where one left, and says what is wrong with what it remembers.
namespace jolly
{
namespace
{

using namespace test;
using namespace app;
using testing::HasSubstr;
using testing::StartsWith;

class AtHomeTest : public WindowStory
{
 protected:
    QString saved(const char* name)
    {
        const auto path = home.filePath(name);
        EXPECT_TRUE(format::saveText(path.toStdString(), format::writeTangle(smallTangle())));
        return path;
    }
    std::string said() { return textOf("said").toStdString(); }
};

TEST_F(AtHomeTest, ItOpensWhereOneLeft)
{
    ASSERT_TRUE(window.openFile(saved("a.tangle")));
    window.showPage(Rail::Shape);
    window.resize(1100, 640);
    move(kY, 700);
    studio.selection().setFollowing(false);
    window.findChild<QAction*>("strip shown")->setChecked(true);
    EXPECT_TRUE(window.close());

    Document document2;
    EngineSession session2({.connect = [this]() -> Result<std::unique_ptr<EngineLink>> {
        return std::make_unique<LocalLink>(local);
    }});
    Studio studio2(document2, session2);
    Settings settings2(home.filePath("window.conf"));
    MainWindow again(studio2, dialogs, settings2);
    again.restore();
    ASSERT_TRUE(again.openLast());
    again.show();
    session2.begin();
    session2.poll();
    QCoreApplication::processEvents();
    EXPECT_EQ(document2.path(), home.filePath("a.tangle"));
    EXPECT_EQ(again.page(), Rail::Shape);
    EXPECT_EQ(again.height(), 640);
    EXPECT_FALSE(studio2.selection().isFollowing());
    EXPECT_TRUE(again.strip().isVisible());
    ASSERT_TRUE(studio2.selection().selected());
    EXPECT_EQ(studio2.selection().selected()->control, kY);
}

TEST_F(AtHomeTest, TheRecentTanglesAreInTheMenuTheLastFirst)
{
    ASSERT_TRUE(window.openFile(saved("a.tangle")));
    ASSERT_TRUE(window.openFile(saved("b.tangle")));
    auto* menu = window.findChild<QMenu*>("recent tangles");
    ASSERT_NE(menu, nullptr);
    Q_EMIT menu->aboutToShow();
    ASSERT_EQ(menu->actions().size(), 2);
    EXPECT_EQ(menu->actions()[0]->text(), "b");
    menu->actions()[1]->trigger();
    EXPECT_EQ(document.path(), home.filePath("a.tangle"));
    document.begin({}, {});
    local.world.unplug(stick);
    step();
    window.showPage(Rail::Rig);
    settle();
    click("go on with b.tangle");
    EXPECT_EQ(document.path(), home.filePath("b.tangle")) << "offered on the empty desk, too";
}

TEST_F(AtHomeTest, ALastTangleThatIsGoneIsSaidAndForgotten)
{
    settings.rememberTangle(home.filePath("gone.tangle"));
    EXPECT_FALSE(window.openLast());
    EXPECT_THAT(said(), HasSubstr("gone.tangle is not there any more."));
    EXPECT_TRUE(settings.get(settings::kRecentTangles).isEmpty());
    EXPECT_EQ(document.path(), "");
}

TEST_F(AtHomeTest, WhatFliesIsShownRatherThanTheLastTangle)
{
    auto other = smallTangle();
    other.name = "What flies";
    local.flown = format::writeTangle(other);
    ASSERT_TRUE(format::saveText(home.filePath("mine.tangle").toStdString(),
                                 format::writeTangle(smallTangle())));
    settings.rememberTangle(home.filePath("mine.tangle"));
    Document document2;
    EngineSession session2({.connect = [this]() -> Result<std::unique_ptr<EngineLink>> {
        return std::make_unique<LocalLink>(local);
    }});
    Studio studio2(document2, session2);
    MainWindow again(studio2, dialogs, settings);
    ASSERT_TRUE(again.openLast());
    session2.begin();
    session2.poll();
    QCoreApplication::processEvents();
    EXPECT_EQ(document2.tangle().name, "What flies");
}

TEST_F(AtHomeTest, SettingsOfANewerVersionAreUsedAndKept)
{
    const auto file = home.filePath("newer.conf");
    ASSERT_TRUE(format::replaceText(file.toStdString(),
                                    "[General]\nversion=7\npage=bench\nfuture thing=13\n"));
    Settings newer(file);
    EXPECT_THAT(newer.trouble().toStdString(), HasSubstr("of a newer Jolly Tangle"));
    EXPECT_EQ(newer.get(settings::kPage), "bench");
    newer.set(settings::kPage, QString("rig"));
    const auto text = test::textOf(std::filesystem::path(file.toStdString()));
    EXPECT_THAT(text, HasSubstr("version=7"));
    EXPECT_THAT(text, HasSubstr("future%20thing=13"));
}

TEST_F(AtHomeTest, SettingsThatMakeNoSenseAreAsAtFirst)
{
    const auto file = home.filePath("odd.conf");
    ASSERT_TRUE(format::replaceText(
        file.toStdString(),
        "[General]\nrecorder%20minutes=many\npage=nowhere\nselected=a b c\nwindow%20place=1\n"));
    Settings odd(file);
    EXPECT_EQ(odd.recorderMinutes(), 15);
    odd.set(settings::kRecorderMinutes, 100000);
    EXPECT_EQ(odd.recorderMinutes(), Settings::kMostMinutes);
    MainWindow other(studio, dialogs, odd);
    other.restore();
    EXPECT_EQ(other.page(), Rail::Rig);
}

TEST_F(AtHomeTest, SettingsThatCannotBeSavedAreSaidOnceAndHold)
{
    Settings full("/proc/no/such/place/window.conf");
    QStringList warned;
    QObject::connect(&full, &Settings::warned, [&](const QString& words) { warned << words; });
    full.set(settings::kPage, QString("bench"));
    full.set(settings::kPage, QString("shape"));
    ASSERT_EQ(warned.size(), 1);
    EXPECT_THAT(warned[0].toStdString(), StartsWith("The settings cannot be saved"));
    EXPECT_EQ(full.get(settings::kPage), "shape");
}

TEST_F(AtHomeTest, AWindowWhoseScreenIsGoneComesToOneThatIsThere)
{
    window.move(90000, 90000);
    settings.set(settings::kWindow, window.saveGeometry());
    MainWindow other(studio, dialogs, settings);
    other.restore();
    EXPECT_TRUE(other.screen()->availableGeometry().contains(other.geometry().center()));
}

TEST_F(AtHomeTest, ALanguageThatIsNotThereIsSaid)
{
    EXPECT_THAT(speak(*qApp, "tlh").toStdString(), HasSubstr("no texts in the language \"tlh\""));
    EXPECT_EQ(speak(*qApp, "en"), "");
    EXPECT_EQ(speak(*qApp, ""), "");
}

TEST_F(AtHomeTest, TheSettingsPageSetsWhatMatters)
{
    keys(&window, Qt::Key_Comma, Qt::ControlModifier);
    find<QSpinBox>("recorder setting")->setValue(30);
    EXPECT_EQ(settings.recorderMinutes(), 30);
    auto* touch = find<QComboBox>("touch setting");
    touch->setCurrentIndex(2);
    Q_EMIT touch->activated(2);
    EXPECT_EQ(settings.get(settings::kTouch), "firm");
    move(kX, 150);  // some 7 percent of the travel
    EXPECT_FALSE(studio.selection().selected());
    bool isLight = false;
    QObject::connect(&window, &MainWindow::themeWanted, [&](bool chosen) { isLight = chosen; });
    auto* colours = find<QComboBox>("colours setting");
    colours->setCurrentIndex(1);
    Q_EMIT colours->activated(1);
    EXPECT_TRUE(isLight);
    EXPECT_EQ(settings.get(settings::kColours), "light");
    click("settings done");
    EXPECT_TRUE(find("weave")->isVisible());
}

TEST_F(AtHomeTest, StartingWithTheSessionIsAnEntryOfTheDesktops)
{
    const Autostart autostart(home.filePath("autostart"), "/opt/jolly \"x\"/jolly-tangle");
    EXPECT_FALSE(autostart.isOn());
    ASSERT_TRUE(autostart.set(true));
    EXPECT_TRUE(autostart.isOn());
    const auto text = test::textOf(std::filesystem::path(
        home.filePath("autostart/org.jollytangle.JollyTangle.desktop").toStdString()));
    EXPECT_THAT(text, HasSubstr("Exec=\"/opt/jolly \\\\\"x\\\\\"/jolly-tangle\" --background\n"));
    ASSERT_TRUE(autostart.set(false));
    EXPECT_FALSE(autostart.isOn());
    EXPECT_TRUE(autostart.set(false)) << "it is off already";
    const Autostart nowhere("/proc/nowhere", "x");
    EXPECT_FALSE(nowhere.set(true));
}

TEST_F(AtHomeTest, ADroppedFileIsOpenedAndAnotherKindIsSaid)
{
    const auto drop = [this](const QString& path) {
        QMimeData data;
        data.setUrls({QUrl::fromLocalFile(path)});
        QDragEnterEvent enter(QPoint(300, 300), Qt::CopyAction, &data, Qt::LeftButton, {});
        QCoreApplication::sendEvent(&window, &enter);
        EXPECT_TRUE(enter.isAccepted());
        QDropEvent event(QPointF(300, 300), Qt::CopyAction, &data, Qt::LeftButton, {});
        QCoreApplication::sendEvent(&window, &event);
        settle();
    };
    drop(saved("dropped.tangle"));
    EXPECT_EQ(document.path(), home.filePath("dropped.tangle"));
    drop(home.filePath("letter.odt"));
    EXPECT_THAT(said(), HasSubstr("letter.odt is neither a tangle"));
}

TEST_F(AtHomeTest, ABrokenFileOffersItsEarlierCopies)
{
    const auto path = saved("a.tangle");
    ASSERT_TRUE(format::saveText(path.toStdString(), "rubbish"));
    dialogs.copy = 0;
    ASSERT_TRUE(window.openFile(path));
    ASSERT_EQ(dialogs.copies.size(), 1U);
    EXPECT_THAT(dialogs.copies[0].path.toStdString(), testing::EndsWith("a.tangle.1~"));
    EXPECT_EQ(document.path(), path);
    EXPECT_TRUE(document.hasChanges());
    EXPECT_EQ(document.tangle().rig.size(), 1U);
    EXPECT_EQ(test::textOf(std::filesystem::path(path.toStdString())), "rubbish");
    keys(&window, Qt::Key_S, Qt::ControlModifier);
    Document again;
    EXPECT_TRUE(again.open(path));
}

TEST_F(AtHomeTest, UndoNamesItsStep)
{
    move(kX, 600);
    click("axis 1");
    click("add invert");
    keys(&window, Qt::Key_Z, Qt::ControlModifier);
    EXPECT_THAT(said(), StartsWith("Undone: add invert"));
    keys(&window, Qt::Key_Y, Qt::ControlModifier);
    EXPECT_THAT(said(), StartsWith("Done again: add invert"));
}

TEST_F(AtHomeTest, TheFirstStepsLeadFromATouchToTheFlightAndEnd)
{
    window.beginFirstSteps();
    settle();
    EXPECT_EQ(window.page(), Rail::Rig);
    const auto words = [this] { return textOf("notice sentence").toStdString(); };
    EXPECT_THAT(words(), HasSubstr("1 of 3"));
    move(kX, 600);
    EXPECT_EQ(window.page(), Rail::Weave);
    EXPECT_THAT(words(), HasSubstr("2 of 3"));
    click("axis 1");
    EXPECT_THAT(words(), HasSubstr("3 of 3"));
    click("Go live");
    EXPECT_TRUE(local.engine.isLive());
    settle();
    EXPECT_THAT(words(), HasSubstr("You are live"));
    click("Well done");
    EXPECT_TRUE(studio.messages().notices().empty());
    EXPECT_FALSE(settings.get(settings::kFirstSteps));
}

TEST_F(AtHomeTest, TroubleIsToldOnTheDesktopWhileThePilotLooksElsewhere)
{
    QStringList told;
    Tray tray(studio, window, [&](const QString&, const QString& words) { told << words; });
    window.hide();
    studio.messages().say("Kept.");
    studio.messages().refuse("The engine stopped.");
    EXPECT_EQ(told, QStringList{"The engine stopped."});
    studio.messages().show({"engine", "There is no engine.", {}, true});
    studio.messages().show({"engine", "There is no engine still.", {}, true});
    studio.messages().show({"draft", "Edits are kept.", {}});
    EXPECT_EQ(told, (QStringList{"The engine stopped.", "There is no engine."}));
}

TEST_F(AtHomeTest, TheTrayGoesLiveAndStandsDown)
{
    Tray tray(studio, window, [](const QString&, const QString&) {});
    EXPECT_EQ(tray.words(), "Jolly Tangle: idle");
    const auto entry = [&](const char* name) {
        Q_EMIT tray.menu().aboutToShow();
        return tray.menu().findChild<QAction*>(name);
    };
    entry("tray live")->trigger();
    settle();
    EXPECT_TRUE(local.engine.isLive());
    EXPECT_THAT(tray.words().toStdString(), StartsWith("Jolly Tangle: live"));
    EXPECT_EQ(entry("tray live")->text(), "Stand down");
    entry("tray live")->trigger();
    EXPECT_FALSE(local.engine.isLive());
    window.hide();
    entry("tray show")->trigger();
    EXPECT_TRUE(window.isVisible());
}

/// The window in a program whose data files are gone.
class WithoutData : public testing::Test
{
 protected:
    WithoutData() { qputenv("JOLLY_TANGLE_DATA", m_nothing.path().toUtf8()); }
    ~WithoutData() override { qunsetenv("JOLLY_TANGLE_DATA"); }
    QTemporaryDir m_nothing;
};

TEST_F(WithoutData, WhatIsMissingIsSaidAndNoBoxIsEmpty)
{
    LocalEngine local;
    Document document;
    EngineSession session({.connect = [&]() -> Result<std::unique_ptr<EngineLink>> {
        return std::make_unique<LocalLink>(local);
    }});
    Studio studio(document, session);
    ScriptedDialogs dialogs;
    Settings settings(m_nothing.filePath("window.conf"));
    MainWindow window(studio, dialogs, settings);
    window.showPage(Rail::Weave);
    window.show();
    const auto* sheets = window.findChild<QLabel*>("sheets missing");
    ASSERT_NE(sheets, nullptr);
    EXPECT_TRUE(sheets->isVisible());
    EXPECT_THAT(sheets->text().toStdString(), HasSubstr("No sim sheet"));
    const auto* text = window.findChild<QPlainTextEdit*>("permission text");
    EXPECT_THAT(text->toPlainText().toStdString(), HasSubstr("70-jolly-tangle.rules is missing"));
    EXPECT_EQ(languages(), QStringList("de")) << "texts are part of the program";
}

}  // namespace
}  // namespace jolly
