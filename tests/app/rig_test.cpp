// SPDX-License-Identifier: GPL-3.0-or-later
#include "core/tangle/edit.h"
#include "core/tangle/lookup.h"
#include "window_story.h"

#include <QCheckBox>

namespace jolly
{
namespace
{

using namespace app;
using namespace test;
using testing::HasSubstr;

/// The Rig page, with the stick's X selected and woven to axis 1.
class RigTest : public WindowStory
{
 protected:
    RigTest()
    {
        studio.setClock([this] { return local.world.now(); });
        document.edit("weave", [](Tangle& tangle) {
            ASSERT_TRUE(connect(tangle, tangle.rig[0], kX, {"jolly", axis(1)}));
        });
        studio.setFollowing(false);
        window.showPage(Rail::Rig);
        studio.select(ControlRef{"stick", kX});
        wait(0.1);
    }

    void wait(double seconds)
    {
        local.world.setNow(local.world.now() + std::chrono::duration_cast<Time>(
                                                   std::chrono::duration<double>(seconds)));
        move(kThumb, 1);
        move(kThumb, 0);
    }
    void moveX(std::int32_t raw, double forSeconds = 0.1)
    {
        move(kX, raw);
        wait(forSeconds);
    }
    void throwAndLetGo(std::int32_t rest)
    {
        moveX(900);
        moveX(rest, 1.0);
    }
    /// Through both steps up to the verdict.
    void walk()
    {
        click("calibrate");
        for (const int raw : {-950, -400, 0, 500, 980, 0}) moveX(raw);
        click("calibration next");
        for (const int rest : {12, -6, 4}) throwAndLetGo(rest);
        click("calibration next");
    }
    std::string wordsOf(const char* name) { return textOf(name).toStdString(); }
    std::string factOf(const char* name)
    {
        auto* label = find<QWidget>(name);
        return label ? static_cast<ValueLabel*>(label)->text().toStdString() : "";
    }
    const RigControl& x() const { return *findControl(document.tangle().rig[0], kX); }
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
    EXPECT_EQ(factOf("range"), "-500 … 4") << "the spike is none of it";
    EXPECT_THAT(factOf("rest"), HasSubstr("4, within 0.0 %"));
    EXPECT_EQ(factOf("noise"), "0 counts");
    EXPECT_EQ(factOf("spikes"), "1 in 3 s");
}

TEST_F(RigTest, AnotherControlBeginsAnew)
{
    moveX(-500);
    studio.select(ControlRef{"stick", kY});
    wait(0.3);
    EXPECT_EQ(factOf("range"), "0 … 0");
    studio.select(ControlRef{"stick", kTrigger});
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
    find<QCheckBox>("hold")->click();
    settle();
    EXPECT_FALSE(document.tangle().rig[0].isHeld);
    EXPECT_EQ(document.history().undoText(), "let controller be heard");
    document.history().undo();
    document.history().undo();
    EXPECT_EQ(find<QLineEdit>("alias")->text(), "Small stick");
    ASSERT_TRUE(session.goLive());
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

TEST_F(RigTest, EachAxisTicksItselfOffInTheWalk)
{
    click("calibrate");
    EXPECT_THAT(wordsOf("calibration step"), HasSubstr("Step 1 of 3"));
    moveX(-950, 0.3);
    EXPECT_THAT(wordsOf("state axis X"), HasSubstr("47.5 % of its travel"));
    EXPECT_FALSE(find<QCheckBox>("set axis X")->isChecked());
    moveX(980, 0.3);
    EXPECT_TRUE(find<QCheckBox>("set axis X")->isChecked());
    EXPECT_FALSE(find<QCheckBox>("set axis Y")->isChecked());
    click("calibration next");
    throwAndLetGo(4);
    wait(0.3);
    EXPECT_EQ(wordsOf("state axis X"), "1 of 3");
    click("calibration back");
    EXPECT_THAT(wordsOf("calibration step"), HasSubstr("Step 1 of 3"));
}

TEST_F(RigTest, TheVerdictIsInWordsAndSetInOneStep)
{
    const auto before = document.tangle();
    walk();
    EXPECT_THAT(wordsOf("words axis X"), HasSubstr("Reaches 96.5 % of its travel"));
    EXPECT_THAT(wordsOf("words axis X"),
                HasSubstr("Rests within 1.0 %: a dead zone of 1.4 % covers it"));
    EXPECT_EQ(
        wordsOf("offer axis X"),
        "Sets ends -950 and 980 (were -1000 and 1000), rest 4 (was 0), dead zone 1.4 % on its "
        "strand.");
    EXPECT_FALSE(find<QCheckBox>("set axis THROTTLE")->isEnabled()) << "it was not moved";
    click("calibration next");
    EXPECT_EQ(x().calibration, (Calibration{-950, 4, 980, 0}));
    EXPECT_EQ(coverOfRest(strands()[0]), 0.014);
    EXPECT_EQ(textOf("said"), "Small stick is calibrated. Undo takes it back.");
    document.history().undo();
    EXPECT_EQ(document.tangle(), before);
}

TEST_F(RigTest, WhatIsNotTickedStaysAsItIs)
{
    const auto before = document.tangle();
    walk();
    find<QCheckBox>("set axis X")->setChecked(false);
    click("calibration next");
    EXPECT_EQ(x().calibration, findControl(before.rig[0], kX)->calibration);
    EXPECT_TRUE(strands()[0].stages.empty());
}

TEST_F(RigTest, ACalibrationIsForgottenInOneStep)
{
    walk();
    click("calibration next");
    click("calibrate");
    click("forget calibration");
    EXPECT_EQ(x().calibration, Calibration::ofRange(-1000, 1000));
    EXPECT_EQ(document.history().undoText(), "forget calibration");
    click("calibrate");
    EXPECT_FALSE(find<QPushButton>("forget calibration")->isEnabled()) << "there is none";
    click("leave calibration");
    document.history().undo();
    EXPECT_EQ(x().calibration.low, -950);
}

TEST_F(RigTest, LeavingTheWalkSetsNothing)
{
    const auto before = document.tangle();
    walk();
    click("leave calibration");
    EXPECT_EQ(document.tangle(), before);
    EXPECT_TRUE(find("control facts")->isVisible());
    click("calibrate");
    keys(find("calibration next"), Qt::Key_Escape);
    EXPECT_TRUE(find("control facts")->isVisible()) << "the keyboard leaves, too";
}

TEST_F(RigTest, UnpluggingEndsTheWalkInASentence)
{
    click("calibrate");
    local.world.unplug(stick);
    step();
    settle();
    EXPECT_TRUE(find("control facts")->isVisible());
    EXPECT_THAT(wordsOf("said"), HasSubstr("The calibration ended"));
}

}  // namespace
}  // namespace jolly
