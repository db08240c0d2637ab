// SPDX-License-Identifier: GPL-3.0-or-later
#include "format/files.h"
#include "format/save.h"
#include "support/golden.h"
#include "window_story.h"

#include <QAbstractButton>
#include <QDir>
#include <QLineEdit>
#include <QPlainTextEdit>
#include <QPointer>
#include <QTemporaryDir>

namespace jolly
{
namespace
{

using namespace test;
using testing::HasSubstr;

class FrameTest : public WindowStory
{
 protected:
    /// Two alike sticks in place of the known one, at ports it never had; `stick` is the second.
    void plugTwins()
    {
        local.world.unplug(stick);
        auto twin = describe(smallStick());
        twin.identity.phys = "usb-8";
        local.world.plug(twin);
        twin.identity.phys = "usb-9";
        stick = local.world.plug(twin);
        step();
        settle();
    }
};

TEST_F(FrameTest, TheLiveSwitchGoesLiveAndStandsDown)
{
    move(kX, 600);
    click("axis 1");
    click("live switch");
    EXPECT_TRUE(local.engine.isLive());
    EXPECT_TRUE(find<QAbstractButton>("live switch")->text().startsWith("LIVE since"));
    EXPECT_EQ(textOf("held"), "1 of 1 controller held");
    keys(&window, Qt::Key_L, Qt::ControlModifier);
    EXPECT_FALSE(local.engine.isLive());
}

TEST_F(FrameTest, ARefusalToGoLiveIsSaidWithItsCure)
{
    local.world.faults.create =
        Failure{Failure::Code::NotAllowed, words("You may not."), words("Ask."), 13};
    click("live switch");
    EXPECT_FALSE(local.engine.isLive());
    EXPECT_EQ(textOf("said"), "You may not. Ask.");
}

TEST_F(FrameTest, SavingOpeningAndTheirMarks)
{
    const QTemporaryDir folder;
    dialogs.file = folder.filePath("a.tangle");
    move(kX, 600);
    click("axis 1");
    EXPECT_EQ(textOf("file state"), "not saved yet");
    keys(&window, Qt::Key_S, Qt::ControlModifier);
    EXPECT_EQ(textOf("file state"), "a.tangle · saved");
    click("add invert");
    EXPECT_EQ(textOf("file state"), "a.tangle · changed, not saved");
    keys(&window, Qt::Key_S, Qt::ControlModifier);
    keys(&window, Qt::Key_N, Qt::ControlModifier);
    EXPECT_TRUE(strands().empty());
    keys(&window, Qt::Key_O, Qt::ControlModifier);
    ASSERT_EQ(strands().size(), 1U);
    EXPECT_EQ(strands()[0].stages.size(), 1U);
    EXPECT_TRUE(QDir(folder.path()).exists("a.tangle.1~"));
}

TEST_F(FrameTest, ABrokenFileIsNamedAndNeverOverwritten)
{
    const auto broken = testData() / "defects" / "unknown-stage.tangle";
    const auto before = test::textOf(broken);
    move(kX, 600);
    click("axis 1");
    window.openFile(QString::fromStdString(broken.string()));
    EXPECT_THAT(dialogs.told.toStdString(), testing::StartsWith("Line 16: The stage \"wobble\""));
    EXPECT_FALSE(dialogs.told.contains("/strands/"));
    EXPECT_EQ(strands().size(), 1U) << "what was open stays open";
    EXPECT_TRUE(document.path().isEmpty()) << "so that saving cannot hit the broken file";
    EXPECT_EQ(test::textOf(broken), before);
}

TEST_F(FrameTest, ClosingAsksOnceForUnsavedChangesAndForTheFlight)
{
    move(kX, 600);
    click("axis 1");
    click("live switch");
    dialogs.leave.reset();
    EXPECT_FALSE(window.close());
    EXPECT_EQ(dialogs.asked, 1);
    EXPECT_TRUE(dialogs.parting.hasChanges);
    EXPECT_TRUE(dialogs.parting.isLive);
    dialogs.leave = app::Dialogs::Leave{.keepsFlying = true};
    EXPECT_TRUE(window.close());
    EXPECT_EQ(dialogs.asked, 2);
    EXPECT_TRUE(local.engine.isLive());
}

TEST_F(FrameTest, SavingOnTheWayOutAsksNothingMoreAndLosesNothing)
{
    const QTemporaryDir folder;
    dialogs.file = folder.filePath("a.tangle");
    move(kX, 600);
    click("axis 1");
    keys(&window, Qt::Key_S, Qt::ControlModifier);
    click("add invert");
    const auto theirs = format::replaceText(folder.filePath("a.tangle").toStdString(), "theirs");
    ASSERT_TRUE(theirs);
    dialogs.leave = app::Dialogs::Leave{.saves = true};
    EXPECT_TRUE(window.close());
    EXPECT_EQ(dialogs.asked, 1);
    EXPECT_EQ(test::textOf(folder.filePath("a (others).tangle").toStdString()), "theirs");
    app::Document again;
    ASSERT_TRUE(again.open(folder.filePath("a.tangle")));
    EXPECT_EQ(again.tangle().strands.at(0).stages.size(), 1U);
}

TEST_F(FrameTest, ATangleWithoutAFileGetsOneOnTheWayOut)
{
    move(kX, 600);
    click("axis 1");
    dialogs.leave = app::Dialogs::Leave{.saves = true};
    EXPECT_TRUE(window.close());
    const auto file = dialogs.parting.file;
    EXPECT_TRUE(QFile::exists(file)) << file.toStdString();
    EXPECT_EQ(settings.get(app::settings::kRecentTangles).value(0), file);
    QFile::remove(file);
}

TEST_F(FrameTest, ClosingCanStandDown)
{
    click("live switch");
    dialogs.leave = app::Dialogs::Leave{};
    EXPECT_TRUE(window.close());
    EXPECT_FALSE(local.engine.isLive());
}

TEST_F(FrameTest, TheFinderFindsControlsAndCommandsByAFewLetters)
{
    const auto search = [this](const QString& letters) {
        keys(&window, Qt::Key_K, Qt::ControlModifier);
        auto* typed = find<QLineEdit>("find");
        QTest::keyClicks(typed, letters);
        keys(typed, Qt::Key_Return);
    };
    search("sma thro");
    ASSERT_TRUE(studio.selection().selected());
    EXPECT_EQ(studio.selection().selected()->control, kThrottle);
    search("stand down");
    EXPECT_TRUE(local.engine.isLive());
    search("nothing is called like this");
    EXPECT_EQ(studio.selection().selected()->control, kThrottle);
}

TEST_F(FrameTest, UnplugAndPlugShowOnTheFaceplate)
{
    const auto words = [this] {
        return find<app::Faceplate>("Small stick")->accessibleName().toStdString();
    };
    EXPECT_EQ(words(), "Small stick, present");
    local.world.unplug(stick);
    step();
    settle();
    EXPECT_EQ(words(), "Small stick, away");
    EXPECT_THAT(find<QAbstractButton>("preflight")->text().toStdString(),
                HasSubstr("1 thing to look at"));
    stick = local.world.plug(describe(smallStick()));
    step();
    settle();
    EXPECT_EQ(words(), "Small stick, present");
}

TEST_F(FrameTest, TheRigPageTellsAndSetsWhatAControlIs)
{
    window.showPage(app::Rail::Rig);
    move(kY, 700);
    auto* label = find<QLineEdit>("label");
    QTest::keyClicks(label, "Pitch");
    keys(label, Qt::Key_Return);
    EXPECT_EQ(document.tangle().rig[0].controls[1].label, "Pitch");
    EXPECT_EQ(find<app::ValueLabel>("raw")->text(), "700");
    EXPECT_EQ(document.history().undoText(), "rename control");
}

TEST_F(FrameTest, AlikeControllersAreAskedForOnceAndTheAnswerIsKept)
{
    plugTwins();
    window.showPage(app::Rail::Rig);
    settle();
    auto* doubt = find("doubt");
    ASSERT_NE(doubt, nullptr);
    for (auto* button : doubt->findChildren<QAbstractButton*>()) {
        if (button->text().contains("usb-9")) QTest::mouseClick(button, Qt::LeftButton);
    }
    settle();
    EXPECT_EQ(document.tangle().rig[0].identity.phys, "usb-9");
    EXPECT_TRUE(session.status().doubts.empty());
}

TEST_F(FrameTest, MovingTheRightOneOfAlikeControllersAnswersToo)
{
    plugTwins();
    move(kX, 900);
    EXPECT_EQ(session.status().doubts.size(), 1U) << "nobody was asked yet";
    window.showPage(app::Rail::Rig);
    settle();
    move(kX, -900);
    EXPECT_EQ(document.tangle().rig[0].identity.phys, "usb-9");
    EXPECT_TRUE(session.status().doubts.empty());
    document.history().undo();
    EXPECT_EQ(document.tangle().rig[0].identity.phys, "usb-1/stick");
}

TEST_F(FrameTest, WithNothingPluggedInTheRigPageOffersThePretendRig)
{
    document.begin({}, {});
    local.world.unplug(stick);
    step();
    settle();
    window.showPage(app::Rail::Rig);
    settle();
    bool isWanted = false;
    QObject::connect(&window, &app::MainWindow::pretendRigWanted, [&] { isWanted = true; });
    click("pretend rig");
    EXPECT_TRUE(isWanted);
}

TEST_F(FrameTest, AMissingPermissionHasAPageThatGoesWhenItIsGiven)
{
    const Problem missing{.path = "/system/uinput",
                          .sentence = words("You may not write to /dev/uinput."),
                          .meaning = words("No game gets anything.")};
    local.world.say(missing);
    step();
    settle();
    EXPECT_EQ(textOf("permission what"),
              "You may not write to /dev/uinput. No game gets anything.");
    EXPECT_THAT(find<QPlainTextEdit>("permission text")->toPlainText().toStdString(),
                HasSubstr("KERNEL==\"uinput\", SUBSYSTEM==\"misc\", TAG+=\"uaccess\""));
    click("give permission");
    EXPECT_THAT(textOf("permission outcome").toStdString(), HasSubstr("Nothing was permitted"));
    click("dismiss permission");
    EXPECT_TRUE(find("weave")->isVisible());
    local.world.say({.path = "/system/uinput", .sentence = {}});
    step();
    settle();
    EXPECT_EQ(find<QPushButton>("preflight")->text(), "preflight clear");
}

TEST_F(FrameTest, TheOpenPreflightListFollowsAndTellsWhatGamesSee)
{
    move(kX, 600);
    click("axis 1");
    click("preflight");
    const QPointer<QWidget> list = QApplication::activePopupWidget();
    ASSERT_FALSE(list.isNull());
    const auto sight = [&] {
        auto* label = list->findChild<QLabel*>("sight Small Stick");
        return label ? label->text().toStdString() : std::string();
    };
    EXPECT_THAT(sight(), HasSubstr("Games hear it until you go live."));
    document.edit("hear", [](Tangle& tangle) { tangle.rig[0].hiding = Hiding::None; });
    ASSERT_TRUE(local.engine.goLive());
    settle();
    settle();
    EXPECT_THAT(sight(), HasSubstr("Games hear it twice"));
    QTest::mouseClick(list->findChild<QPushButton*>("hold Small Stick"), Qt::LeftButton);
    settle();
    settle();
    EXPECT_THAT(sight(), HasSubstr("Games list it, but do not hear it"));
    EXPECT_EQ(document.tangle().rig[0].hiding, Hiding::Held);
    list->close();
}

TEST_F(FrameTest, ASayingIsWhereTheEyeIsAndInsideTheWindow)
{
    const auto* toast = window.findChild<QWidget*>("toast");
    const auto place = [&] { return QRect(toast->mapTo(&window, QPoint()), toast->size()); };
    move(kX, 600);
    auto* clicked = find("axis 1");
    click("axis 1");
    const auto at = clicked->mapTo(&window, clicked->rect().center());
    EXPECT_LT(std::abs(place().center().y() - at.y()), 120);
    EXPECT_LT(std::abs(place().center().x() - at.x()), 300);
    EXPECT_FALSE(place().contains(at)) << "what was clicked is not covered";
    window.hide();
    studio.messages().refuse(
        "The settings in a place with a long name may not be read; all is as at first.");
    window.resize(1000, 700);
    window.show();
    settle();
    EXPECT_TRUE(window.rect().contains(place())) << "also when it was said before it was shown";
    const auto* words = window.findChild<QLabel*>("said");
    EXPECT_GE(words->height(), words->heightForWidth(words->width()));
}

}  // namespace
}  // namespace jolly
