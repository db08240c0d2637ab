// SPDX-License-Identifier: GPL-3.0-or-later
#include "pretend/motion.h"
#include "rig_story.h"

#include <QDoubleSpinBox>
#include <QMenu>

namespace jolly
{
namespace
{

using namespace app;
using namespace test;

using testing::AllOf;

class CalibrationTest : public RigStory
{
};

TEST_F(CalibrationTest, EachAxisTicksItselfOffInTheWalk)
{
    click("calibrate");
    EXPECT_THAT(wordsOf("calibration step"), HasSubstr("Step 1 of 4"));
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
    EXPECT_THAT(wordsOf("calibration step"), HasSubstr("Step 1 of 4"));
}

TEST_F(CalibrationTest, TheVerdictIsInWordsAndSetInOneStep)
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

TEST_F(CalibrationTest, WhatIsNotTickedStaysAsItIs)
{
    const auto before = document.tangle();
    walk();
    find<QCheckBox>("set axis X")->setChecked(false);
    click("calibration next");
    EXPECT_EQ(x().calibration, findControl(before.rig[0], kX)->calibration);
    EXPECT_TRUE(strands()[0].stages.empty());
}

TEST_F(CalibrationTest, ACalibrationIsForgottenInOneStep)
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

TEST_F(CalibrationTest, AWalkThatWasLeftIsGoneOnWith)
{
    const auto before = document.tangle();
    click("calibrate");
    moveX(-950);
    moveX(980);
    keys(find("calibration next"), Qt::Key_Escape);
    EXPECT_EQ(document.tangle(), before) << "leaving sets nothing";
    ASSERT_TRUE(find("control facts")->isVisible());
    EXPECT_THAT(find<QPushButton>("calibrate")->text().toStdString(), HasSubstr("Go on"));
    moveX(0, 5.0);
    click("calibrate");
    wait(0.3);
    EXPECT_TRUE(find<QCheckBox>("set axis X")->isChecked()) << "its ends are known";
    click("calibration next");
    click("calibrate anew");
    EXPECT_THAT(wordsOf("calibration step"), HasSubstr("Step 1"));
    EXPECT_FALSE(find<QCheckBox>("set axis X")->isChecked());
}

TEST_F(CalibrationTest, UnpluggingLetsTheWalkWait)
{
    click("calibrate");
    moveX(-950);
    moveX(980, 0.3);
    local.world.unplug(stick);
    step();
    settle();
    EXPECT_TRUE(find("control facts")->isVisible());
    EXPECT_THAT(wordsOf("said"), HasSubstr("its controller went away. Go on when it is back."));
    EXPECT_FALSE(find("calibrate")->isEnabled());
    stick =
        local.world.plug(describe(smallStick()), std::vector<Counts>(smallStick().controls.size()));
    step();
    settle();
    click("calibrate");
    wait(0.3);
    EXPECT_TRUE(find<QCheckBox>("set axis X")->isChecked()) << "nothing of it was lost";
}

TEST_F(CalibrationTest, OneAxisAloneIsCalibratedAlone)
{
    click("calibrate one");
    EXPECT_FALSE(window.findChild<QCheckBox*>("set axis Y"));
    for (const int raw : {-900, 0, 1000, 0}) moveX(raw);
    click("calibration next");
    for (const int rest : {0, 0, 0}) throwAndLetGo(rest);
    EXPECT_THAT(wordsOf("calibration step"), HasSubstr("Step 2 of 3")) << "a stick has no notches";
    click("calibration next");
    click("calibration next");
    EXPECT_EQ(x().calibration.low, -900);
}

/// A worn stick: its rest wanders by kDrift counts to either side as in the pretend world, with a
/// noise of one count on everything.
class WornStickTest : public CalibrationTest
{
 protected:
    static constexpr double kDrift = 9.0;

    /// How far it is from where it should be, and time goes on.
    std::int32_t stray()
    {
        PretendControl worn;
        worn.code = kX;
        worn.low = -1000;
        worn.high = 1000;
        worn.jitter = 1.0;
        worn.drift = kDrift;
        m_played += std::chrono::milliseconds(20);
        local.world.setNow(local.world.now() + std::chrono::milliseconds(20));
        return positionAt(worn, m_played, 7, ++m_tick).x;
    }
    void hold(int at, double seconds)
    {
        for (double t = 0.0; t < seconds; t += 0.02)
            move(kX, std::clamp(at + stray(), -1000, 1000));
    }

 private:
    Time m_played{};
    std::uint64_t m_tick = 0;
};

TEST_F(WornStickTest, TheProposedNumbersCoverItsTrueDrift)
{
    click("calibrate one");
    for (const int at : {-1000, -500, 0, 500, 1000, 0}) hold(at, 0.1);
    click("calibration next");
    for (const int side : {900, -900, 900, -900, 900, -900}) {
        hold(side, 0.1);
        hold(0, 7.0);
    }
    click("calibration next");
    click("calibration next");
    EXPECT_NEAR(x().calibration.centre, 0, kDrift + 1.0);
    const double covered = coverOfRest(strands()[0]);
    for (int i = 0; i < 3000; ++i) {
        const auto raw = stray();
        EXPECT_LE(std::abs(x().calibration.valueOf(raw, Sides::Two)), covered) << raw;
    }
    const double furthest = (kDrift + 1.0 + std::abs(x().calibration.centre)) / 1000.0;
    EXPECT_LE(covered, 1.25 * furthest + 0.002) << "a quarter above what it strays, not more";
}

/// The walk of the lever alone, up to its notches.
class LeverTest : public CalibrationTest
{
 protected:
    LeverTest()
    {
        studio.selection().select(Source{"stick", kThrottle});
        settle();
    }
    void lever(std::int32_t raw, double seconds = 1.2)
    {
        move(kThrottle, raw);
        wait(seconds);
    }
    const RigControl& throttle() const { return *findControl(document.tangle().rig[0], kThrottle); }
};

TEST_F(LeverTest, NotchesAreCapturedInTheWalkInAnyOrder)
{
    click("calibrate one");
    for (const int raw : {0, 1000, 0}) lever(raw);
    click("calibration next");
    for (const int raw : {500, 0, 500, 0}) lever(raw);
    click("calibration next");
    click("capture notch");
    EXPECT_THAT(wordsOf("said"), HasSubstr("No lever was moved in this step."));
    lever(700);
    click("capture notch");
    lever(240);
    click("capture notch");
    EXPECT_EQ(wordsOf("state axis THROTTLE"), "2 captured");
    auto* name = find<QLineEdit>("name of notch 1");
    name->setText("idle");
    keys(name, Qt::Key_Return);
    click("calibration next");
    EXPECT_THAT(wordsOf("offer axis THROTTLE"), HasSubstr("2 notches"));
    click("calibration next");
    ASSERT_EQ(throttle().notches.size(), 2U);
    EXPECT_EQ(throttle().notches[0].name, "idle");
    EXPECT_EQ(throttle().notches[0].at, 240);
    EXPECT_EQ(throttle().notches[1].at, 700);
}

TEST_F(LeverTest, NotchesAreCapturedWidenedAndRemovedWithoutAWalk)
{
    lever(300);
    click("capture here");
    click("notch by hand");
    ASSERT_EQ(throttle().notches.size(), 2U);
    EXPECT_EQ(throttle().notches[0].at, 300);
    EXPECT_EQ(throttle().notches[1].at, 654) << "the middle of the widest room";
    find<QDoubleSpinBox>("half width of notch 1")->setValue(40.0);
    settle();
    EXPECT_THAT(wordsOf("said"),
                AllOf(HasSubstr("notch 1"), HasSubstr("notch 2"), HasSubstr("overlap")));
    EXPECT_EQ(find<QDoubleSpinBox>("half width of notch 1")->value(), 0.8) << "as it was";
    click("remove notch 2");
    EXPECT_EQ(throttle().notches.size(), 1U);
    document.history().undo();
    EXPECT_EQ(throttle().notches.size(), 2U);
}

TEST_F(LeverTest, AMovingLeverIsNotCaptured)
{
    move(kThrottle, 300);
    wait(0.05);
    move(kThrottle, 400);
    click("capture here");
    EXPECT_THAT(wordsOf("said"), HasSubstr("The lever still moves."));
    EXPECT_TRUE(throttle().notches.empty());
}

TEST_F(LeverTest, ALeverThatRestsAtItsLowEndIsOneWhateverItWasTakenFor)
{
    document.edit("take for a stick", [](Tangle& tangle) {
        findControl(tangle.rig[0], kThrottle)->sides = Sides::Two;
        findControl(tangle.rig[0], kThrottle)->calibration = Calibration::ofRange(0, 1000);
    });
    settle();
    click("calibrate one");
    for (const int raw : {0, 300, 600, 1000, 0}) lever(raw, 0.2);
    click("calibration next");
    for (const int raw : {800, 2, 800, 0, 800, 1}) lever(raw);
    click("calibration next");
    click("calibration next");
    EXPECT_THAT(wordsOf("words axis THROTTLE"), HasSubstr("Rests at its low end, as a lever"));
    EXPECT_THAT(wordsOf("offer axis THROTTLE"),
                HasSubstr("rests at its low end (was: rests in the middle)"));
    click("calibration next");
    EXPECT_EQ(throttle().sides, Sides::One);
}

TEST_F(LeverTest, HowItRestsIsSuggestedWithoutAWalk)
{
    document.edit("take for a stick", [](Tangle& tangle) {
        findControl(tangle.rig[0], kThrottle)->sides = Sides::Two;
        findControl(tangle.rig[0], kThrottle)->calibration = Calibration::ofRange(0, 1000);
    });
    settle();
    for (const int raw : {800, 2, 800, 0}) lever(raw);
    EXPECT_EQ(wordsOf("guess words"), "Rests at its low end, as a lever or pedal does.");
    click("guess");
    EXPECT_EQ(throttle().sides, Sides::One);
    EXPECT_FALSE(window.findChild<QPushButton*>("guess")->isVisible());
}

TEST_F(LeverTest, TwoLeversOfAPairAreMatched)
{
    document.edit("second stick", [](Tangle& tangle) {
        tangle.rig.push_back(smallStick("other"));
        findControl(tangle.rig[0], kThrottle)->notches = {{.name = "idle", .at = 200, .half = 10}};
        findControl(tangle.rig[1], kThrottle)->notches = {{.name = "idle", .at = 300, .half = 10}};
    });
    settle();
    auto* menu = find<QPushButton>("match notches")->menu();
    Q_EMIT menu->aboutToShow();
    ASSERT_EQ(menu->actions().size(), 1);
    EXPECT_EQ(menu->actions()[0]->text(), "Small other · axis THROTTLE");
    menu->actions()[0]->trigger();
    settle();
    const auto& there = *findControl(document.tangle().rig[1], kThrottle);
    EXPECT_EQ(valueWithNotches(throttle().calibration, throttle().notches, 200, Sides::One), 0.25);
    EXPECT_EQ(valueWithNotches(there.calibration, there.notches, 300, Sides::One), 0.25);
    lever(200);
    EXPECT_EQ(valueOf("value"), "25.0 %") << "the engine gives it, too";
    EXPECT_EQ(document.history().undoText(), "match notches");
}

}  // namespace
}  // namespace jolly
