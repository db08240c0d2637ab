// SPDX-License-Identifier: GPL-3.0-or-later
#include "app/shape/under_curves.h"
#include "shape_story.h"

#include <QComboBox>
#include <QTemporaryDir>

namespace jolly
{
namespace
{

using namespace test;

class ShapeFeelTest : public ShapeStory
{
};

TEST_F(ShapeFeelTest, TheOldOneIsFlownWhileItIsHeld)
{
    move(kX, 500);
    ASSERT_NEAR(sent(), 0.5, 0.001);
    EXPECT_FALSE(find<QPushButton>("try old")->isEnabled()) << "nothing has changed";
    shape({{Softness{0.8}}});
    ASSERT_NEAR(sent(), 0.2, 0.001);
    auto* hold = find<QPushButton>("try old");
    QTest::mousePress(hold, Qt::LeftButton);
    settle();
    EXPECT_NEAR(sent(), 0.5, 0.001);
    QTest::mouseRelease(hold, Qt::LeftButton);
    settle();
    EXPECT_NEAR(sent(), 0.2, 0.001);
    EXPECT_EQ(strands()[0].stages.size(), 1U) << "the tangle was not touched";
}

TEST_F(ShapeFeelTest, TheOldOneIsWhatWasSavedThroughAllEditsAfterIt)
{
    shape({{Softness{0.8}}});
    const QTemporaryDir folder;
    const auto file = folder.filePath(QStringLiteral("old.tangle"));
    ASSERT_TRUE(document.save(file));
    ASSERT_TRUE(document.open(file));
    settle();
    move(kX, 500);
    for (const double softness : {0.5, 0.3, 0.1}) {
        shape({{Softness{softness}}});
        auto* hold = find<QPushButton>("try old");
        ASSERT_TRUE(hold->isEnabled()) << softness;
        QTest::mousePress(hold, Qt::LeftButton);
        settle();
        EXPECT_NEAR(sent(), 0.2, 0.001) << softness;
        QTest::mouseRelease(hold, Qt::LeftButton);
        settle();
    }
    ASSERT_TRUE(document.save(file));
    settle();
    EXPECT_FALSE(find<QPushButton>("try old")->isEnabled()) << "it is saved as it is now";
}

TEST_F(ShapeFeelTest, AnAxisIsReversedForOneFlight)
{
    move(kX, 500);
    EXPECT_FALSE(find<QPushButton>("reversed")->isEnabled()) << "there is no flight yet";
    ASSERT_TRUE(goLive());
    step();
    settle();
    click("reversed");
    EXPECT_NEAR(sent(), -0.5, 0.001);
    EXPECT_TRUE(strands()[0].stages.empty()) << "the tangle stays as it is";
    session.standDown();
    step();
    settle();
    EXPECT_NEAR(sent(), 0.5, 0.001);
    EXPECT_FALSE(studio.flown().isReversed("strand-1"));
}

TEST_F(ShapeFeelTest, OneClickMakesItStraightButLeavesWhatItIsFor)
{
    shape({{DeadZone{}}, {Curve{}}, {Invert{}}});
    click("straight");
    ASSERT_EQ(strands()[0].stages.size(), 1U);
    EXPECT_TRUE(std::holds_alternative<Invert>(strands()[0].stages[0].parameters));
    document.history().undo();
    EXPECT_EQ(strands()[0].stages.size(), 3U);
}

TEST_F(ShapeFeelTest, AFeelIsCopiedSharedKeptAndGiven)
{
    shape({{Softness{0.4}}});
    choose("copy feel", "Pitch");
    EXPECT_EQ(stage<Softness>(0, 1).softness, 0.4);
    choose("share shape", "Pitch");
    shape({{Softness{0.6}}});
    EXPECT_EQ(stage<Softness>(0, 1).softness, 0.6) << "an edit of one is one of both";
    EXPECT_EQ(textOf("shared"), "one shape with Pitch");
    choose("share shape", "Pitch");
    EXPECT_EQ(strands()[1].shape, "");
    auto* menu = find<QPushButton>("feels")->menu();
    Q_EMIT menu->aboutToShow();
    auto* name = menu->findChild<QLineEdit*>("keep feel as");
    ASSERT_NE(name, nullptr);
    name->setText("gentle");
    QTest::keyClick(name, Qt::Key_Return);
    ASSERT_EQ(document.tangle().feels.size(), 1U);
    chooseAxis("strand-3");
    choose("feels", "gentle");
    EXPECT_EQ(stage<Softness>(0, 2).softness, 0.6);
}

TEST_F(ShapeFeelTest, TheSimsBendIsMeasuredStepByStepAndUndone)
{
    shape({{Softness{0.5}}});
    move(kX, 1);
    choose("the sim", "Undo its bend, step by step…");
    EXPECT_THAT(textOf("question").toStdString(), HasSubstr("just begins to react"));
    for (const int raw : {50, 500, 700, 650, 860, 1000}) {
        move(kX, raw);
        if (raw == 500) {
            EXPECT_NEAR(sent(), 0.5, 0.001) << "straight while it is measured";
        }
        click("here");
        if (raw == 650) {
            EXPECT_THAT(textOf("said").toStdString(), HasSubstr("not further"));
        }
    }
    ASSERT_EQ(strands()[0].stages.size(), 2U);
    const auto& points = stage<CounterCurve>(1).points;
    ASSERT_EQ(points.size(), 6U);
    EXPECT_NEAR(points[2].in, 0.5, 1e-3);
    EXPECT_EQ(points[2].out, 0.25);
    EXPECT_NEAR(points[4].in, 0.86, 1e-3);
    EXPECT_EQ(window.findChild<QWidget*>("counter walk"), nullptr);
    shape({strands()[0].stages[1]});
    move(kX, 250);
    EXPECT_NEAR(sent(), 0.5, 0.001) << "for a quarter the sim needs a half";
}

TEST_F(ShapeFeelTest, GivingUpTheMeasurementChangesNothing)
{
    shape({{Softness{0.5}}});
    move(kX, 500);
    choose("the sim", "Undo its bend, step by step…");
    EXPECT_NEAR(sent(), 0.5, 0.001);
    click("give up");
    EXPECT_NEAR(sent(), 0.3125, 0.001);
    EXPECT_EQ(strands()[0].stages.size(), 1U);
}

TEST_F(ShapeFeelTest, WhatNeedsAttentionIsSaidInWords)
{
    shape({{Blend{}}});
    EXPECT_THAT(plot().why().toStdString(), HasSubstr("without \"the other axis\""));
    EXPECT_EQ(plot().handleCount(), 0);
    EXPECT_EQ(valueOf("slopes"), "") << "nothing is said of what was before";
    shape({{Scale{0.5, 0.0}}});
    EXPECT_THAT(textOf("notes").toStdString(), HasSubstr("stays between -50.0 % and 50.0 %"));
    shape({});
    EXPECT_FALSE(window.findChild<QLabel*>("notes")->isVisible());
    EXPECT_THAT(valueOf("slopes"), HasSubstr("slope at rest 1.00 ×"));
}

TEST_F(ShapeFeelTest, WithNoAxisAtAllItSaysWhereToBegin)
{
    document.edit("nothing", [](Tangle& tangle) { tangle.strands.clear(); });
    settle();
    EXPECT_EQ(textOf("shape name"), "No axis yet");
    EXPECT_EQ(plot().handleCount(), 0);
    EXPECT_FALSE(find<QPushButton>("straight")->isEnabled());
}

TEST_F(ShapeFeelTest, AfterTheBendIsUndoneThePlotShowsWhatTheSimMakesOfIt)
{
    shape({{CounterCurve{}}});
    EXPECT_THAT(textOf("under").toStdString(), HasSubstr("what the sim makes of it"));
    const auto curves = app::underCurves(document.tangle(), strands()[0], strands()[0].stages, {});
    ASSERT_EQ(curves.size(), 1U);
    for (const auto& point : curves[0].line) EXPECT_NEAR(point.out, point.in, 1e-6);
}

TEST_F(ShapeFeelTest, BeingBentTwiceIsToldToUsAndSaid)
{
    shape({{Softness{0.4}}});
    EXPECT_FALSE(entry("the sim", "No sim is chosen yet: on Weave, \"Made for\"")->isEnabled());
    choose("the sim", "Everywhere wants its axes straight");
    EXPECT_THAT(textOf("notes").toStdString(),
                HasSubstr("Everywhere wants its axes straight, and"));
    choose("the sim", "Everywhere wants its axes straight");
    document.edit("sim", [](Tangle& tangle) { tangle.sheet = SimSheet{.name = "Fenland Flight"}; });
    settle();
    choose("the sim", "Fenland Flight bends axes itself");
    EXPECT_TRUE(document.tangle().sheet->bendsAxes);
    EXPECT_THAT(textOf("notes").toStdString(), HasSubstr("so this one is bent twice"));
    EXPECT_TRUE(entry("the sim", "Fenland Flight bends axes itself")->isChecked());
    window.showPage(Rail::Weave);
    const auto* sheets = window.findChild<QComboBox*>("sim sheet");
    EXPECT_EQ(sheets->currentText(), "Fenland Flight");
    EXPECT_EQ(sheets->findText("Fenland Flight"), sheets->currentIndex()) << "it is there once";
    for (int i = sheets->currentIndex() + 1; i < sheets->count(); ++i)
        EXPECT_NE(sheets->itemText(i), "Fenland Flight");
}

TEST_F(ShapeFeelTest, CurvesOfOtherCraftLieBeneathAndComeFirstInTheList)
{
    document.edit("another craft", [](Tangle& tangle) {
        tangle.craft.push_back({.id = "glider", .name = "Puffling 3", .parent = "everywhere"});
        auto& strand = addStrand(tangle, kX, axis(1), {{Softness{0.7}}});
        strand.name = "Roll";
        strand.craft = "glider";
    });
    settle();
    auto* menu = find<QPushButton>("compare")->menu();
    Q_EMIT menu->aboutToShow();
    EXPECT_EQ(menu->actions().front()->text(), "Roll · Puffling 3");
    menu->actions().front()->trigger();
    EXPECT_THAT(textOf("under").toStdString(), HasSubstr("Roll · Puffling 3"));
    const auto curves =
        app::underCurves(document.tangle(), strands()[0], strands()[0].stages, {"strand-4"});
    ASSERT_EQ(curves.size(), 1U);
    EXPECT_NEAR(curves[0].line[375].in, 0.5, 1e-9);
    EXPECT_NEAR(curves[0].line[375].out, 0.3 * 0.5 + 0.7 * 0.125, 1e-9);
}

TEST_F(ShapeFeelTest, MeasuredDriftIsCoveredAtOneClick)
{
    studio.selection().setFollowing(false);
    chooseAxis("strand-1");
    for (const int rest : {24, -12, 30}) {
        wait(0.1);
        move(kX, 900);
        wait(0.1);
        move(kX, rest);
        wait(1.0);
    }
    EXPECT_EQ(textOf("fact -1"), "rest drift measured 3.0 %, no dead zone covers it");
    click("offer -1");
    ASSERT_EQ(strands()[0].stages.size(), 1U);
    EXPECT_NEAR(stage<DeadZone>(0).above, 0.038, 1e-9) << "a quarter above what was measured";
    EXPECT_NEAR(stage<DeadZone>(0).below, 0.015, 1e-9);
    EXPECT_EQ(stage<DeadZone>(0).lowEnd, 0.0);
    EXPECT_EQ(textOf("fact 0"), "rest drift measured 3.0 %, covered with 0.3 % to spare");
    EXPECT_EQ(window.findChild<QPushButton*>("offer 0")->isVisible(), false);
    shape({{DeadZone{0.05, 0.01, 0.0, 0.0}}});
    EXPECT_EQ(textOf("fact 0"), "rest drift measured 3.0 %: 2.0 % more would cover it");
    click("offer 0");
    EXPECT_NEAR(stage<DeadZone>(0).above, 0.038, 1e-9);
    EXPECT_NEAR(stage<DeadZone>(0).below, 0.05, 1e-9) << "what covers already stays";
}

TEST_F(ShapeFeelTest, ARoundDeadZoneIsPutOnBothAxesOfAPair)
{
    shape({{RoundDeadZone{Source{"stick", kY}, 0.1}}});
    EXPECT_EQ(textOf("fact 0"), "Pitch has not the same yet");
    click("offer 0");
    EXPECT_EQ(stage<RoundDeadZone>(0, 1), (RoundDeadZone{Source{"stick", kX}, 0.1}));
    EXPECT_EQ(textOf("fact 0"), "Pitch has the same");
    move(kY, 800);
    move(kX, 50);
    EXPECT_GT(sent(), 0.0) << "far to the side small moves come through";
}

TEST_F(ShapeFeelTest, TheSmallestStepCountsTheNoise)
{
    EXPECT_THAT(valueOf("smallest step"), HasSubstr("smallest step: 0.100 % beside rest"));
    document.edit("noise", [](Tangle& t) { t.rig[0].controls[0].calibration.noise = 2; });
    settle();
    EXPECT_THAT(valueOf("smallest step"), HasSubstr("smallest step: 0.300 % beside rest"));
}

}  // namespace
}  // namespace jolly
