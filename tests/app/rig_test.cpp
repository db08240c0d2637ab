// SPDX-License-Identifier: GPL-3.0-or-later
#include "app/faceplate/faceplate.h"
#include "rig_story.h"

namespace jolly
{
namespace
{

using namespace app;
using namespace test;

class RigTest : public RigStory
{
};

TEST_F(RigTest, TheFactsTellWhatTheSelectedAxisDid)
{
    moveX(-500);
    moveX(4, 2.0);
    local.world.setNow(local.world.now() + std::chrono::milliseconds(300));
    move(kX, 900);
    local.world.setNow(local.world.now() + std::chrono::milliseconds(10));
    move(kX, 4);
    wait(1.0);
    EXPECT_EQ(valueOf("range"), "-500 … 4, 25.2 %") << "the spike is none of it";
    EXPECT_THAT(valueOf("rest"), HasSubstr("4, within 0.0 %"));
    EXPECT_EQ(valueOf("noise"), "0 counts");
    EXPECT_EQ(valueOf("spikes"), "1 in 3 s");
    EXPECT_EQ(valueOf("steps"), "steps of 500, 3 counts seen");
}

TEST_F(RigTest, AnotherControlBeginsAnew)
{
    moveX(-500);
    studio.selection().select(Source{"stick", kY});
    wait(0.3);
    EXPECT_EQ(valueOf("range"), "0 … 0, 0.0 %");
    studio.selection().select(Source{"stick", kTrigger});
    settle();
    EXPECT_EQ(window.findChild<QWidget*>("range")->isVisible(), false) << "a button has no range";
}

TEST_F(RigTest, AControllerIsNamedHeldAndTellsWhatItIs)
{
    EXPECT_EQ(wordsOf("has"), "3 axes, 3 buttons, 1 hat, 1 turner");
    EXPECT_THAT(wordsOf("port"), HasSubstr(document.tangle().rig[0].identity.phys));
    EXPECT_EQ(wordsOf("games"), "hear it");
    auto* alias = find<QLineEdit>("alias");
    alias->selectAll();
    QTest::keyClicks(alias, "My old stick");
    keys(alias, Qt::Key_Return);
    EXPECT_EQ(document.tangle().rig[0].alias, "My old stick");
    auto* hiding = find<QComboBox>("hiding");
    EXPECT_THAT(wordsOf("hiding meaning"), HasSubstr("list it, but do not hear it"));
    hiding->setFocus();
    keys(hiding, Qt::Key_Up);
    EXPECT_EQ(document.tangle().rig[0].hiding, Hiding::None);
    EXPECT_THAT(wordsOf("hiding meaning"), HasSubstr("hear it beside"));
    EXPECT_EQ(document.history().undoText(), "hide controller");
    document.history().undo();
    document.history().undo();
    EXPECT_EQ(find<QLineEdit>("alias")->text(), "Small stick");
    ASSERT_TRUE(goLive());
    step();
    settle();
    EXPECT_EQ(wordsOf("games"), "list it, but do not hear it");
}

TEST_F(RigTest, NamesAreNeitherEmptyNorTaken)
{
    auto twin = describe(smallStick());
    twin.identity.name = "Other stick";
    local.world.plug(twin, std::vector<Counts>(twin.controls.size()));
    step();
    settle();
    auto* alias = find<QLineEdit>("alias");
    for (const auto& [name, sentence] :
         {std::pair("Other stick", "Another controller is called Other stick already."),
          std::pair(" ", "A controller needs a name.")}) {
        alias->setText(name);
        keys(alias, Qt::Key_Return);
        EXPECT_EQ(wordsOf("said"), sentence);
        EXPECT_EQ(document.tangle().rig[0].alias, "Small stick");
    }
    alias->setText(QString(200, QChar(0x5d0)));  // two hundred letters, from right to left
    keys(alias, Qt::Key_Return);
    EXPECT_EQ(document.tangle().rig[0].alias.size(), 400U);
    EXPECT_LE(window.width(), 1280);
}

TEST_F(RigTest, ASwitchThatLooksLikeAnAxisIsNoticedWhenItIsMoved)
{
    for (const int raw : {-1000, 1000, -1000, 0}) moveX(raw, 0.4);
    EXPECT_EQ(valueOf("steps"), "only its ends: a switch");
}

TEST_F(RigTest, AnImpossibleRangeIsToldBeforeTheFlightAndMendedByCalibrating)
{
    local.world.unplug(stick);
    auto board = describe(smallStick());
    board.controls[0].low = board.controls[0].high = 5;
    document.edit("as adopted", [](Tangle& tangle) {
        findControl(tangle.rig[0], kX)->calibration = Calibration::ofRange(5, 5);
    });
    stick = local.world.plug(board, std::vector<Counts>(board.controls.size()));
    step();
    settle();
    ASSERT_EQ(studio.preflight().problems().size(), 1U);
    EXPECT_THAT(studio.preflight().problems()[0].sentence,
                HasSubstr("Small stick tells an impossible range for axis X (5 to 5)"));
    click("calibrate one");
    for (const int raw : {20, 400, 800, 400}) moveX(raw);
    click("calibration next");
    for (const int rest : {400, 402, 398}) throwAndLetGo(rest);
    click("calibration next");
    EXPECT_THAT(wordsOf("words axis X"), HasSubstr("Its device tells an impossible range"));
    click("calibration next");
    EXPECT_EQ(x().calibration.high, 800);
    EXPECT_TRUE(studio.preflight().problems().empty());
}

TEST_F(RigTest, PluggedInAgainElsewhereItIsTheSameAndLeavesNoTwin)
{
    document.edit("name", [](Tangle& tangle) { tangle.rig[0].alias = "My stick"; });
    for (const auto* port : {"usb-9/input0", "usb-3/input0", "usb-1/stick"}) {
        local.world.unplug(stick);
        step();
        settle();
        auto* away = find<Faceplate>("My stick");
        ASSERT_NE(away, nullptr) << "its place and its name stay";
        EXPECT_THAT(away->accessibleName().toStdString(), HasSubstr("away"));
        auto again = describe(smallStick());
        again.identity.phys = port;
        stick = local.world.plug(again, std::vector<Counts>(again.controls.size()));
        step();
        settle();
        EXPECT_EQ(studio.feed().desk().controllers.size(), 1U) << "no twin at " << port;
        EXPECT_TRUE(studio.feed().desk().controllers[0].isPresent);
        EXPECT_EQ(studio.stance().strandsFrom({"stick", kX}).size(), 1U);
    }
}

}  // namespace
}  // namespace jolly
